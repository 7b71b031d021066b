import { findHost, findTroubleCard } from '../../packages/core/src/catalogue/light';
import { rateFrom, rateOf, startRate, type LabelSheet } from '../../packages/core/src/label';
import { findSheet } from '../../packages/core/src/label/sheets';
import { atMost, instant, millilitres, squareMetres, STARTER_KITS, strongEnough, type Measure } from '../../packages/core/src/measure';
import { planMix } from '../../packages/core/src/mix';
import { truthOf } from '../../packages/core/src/record';
import type { Printed } from './rates';

/** Beside the spoons of the country: what the ways out name, for the very small and the very large. */
const OWNED: readonly Measure[] = [
  { kind: 'scale', id: 'scale', name: 'kitchen scale', resolutionG: 0.1, capacityG: 5000 },
  { kind: 'scale', id: 'fine', name: 'fine scale', resolutionG: 0.01, capacityG: 200 },
  { kind: 'jug', id: 'jug', name: 'jug', capacityMl: 5000, stepMl: 50 },
  { kind: 'jug', id: 'syringe', name: '10 ml syringe', capacityMl: 10, stepMl: 0.1 },
];
const SIZE = { 'per-litre': 20, 'per-m2': 20, 'per-plant': 6, 'per-m-row': 9, 'per-litre-soil': 40, 'per-cm-trunk': 40, 'per-m-height': 2 } as const;

/** What became of one printed rate on its way from the label to the record. */
export interface Walked {
  readonly text: string;
  readonly mixed: boolean;
  readonly recorded: boolean;
  readonly why: string;
}

/** An own label with one printed rate: the default mix, what the spoons make of it, and the record of exactly that. */
export function walkRate({ text, system, dry }: Printed): Walked {
  const lost = (why: string, mixed = false): Walked => ({ text, mixed, recorded: false, why });
  const base = findSheet(dry ? 'wettable-sulfur' : 'malathion-50-ec') as LabelSheet;
  const host = findHost('broad-bean');
  const trouble = findTroubleCard('black-bean-aphid');
  const line = base.lines[0];
  if (!host || !trouble || !line) return lost('catalogue');
  const { levelDensity: _unknown, ...rest } = base;
  const rate = rateFrom(text, system, rateOf(base));
  if (!rate.ok) return lost(rate.reasons[0]?.sentence ?? '');
  const own = { ...line, crops: ['vegetables'], pests: trouble.labelAs.slice(0, 1), rate: rate.value, waterMlPerM2: null };
  const sheet: LabelSheet = { ...rest, id: 'own-1', specimen: false, lines: [own], forbidden: [], indoors: true };
  const { form } = rate.value;
  const plan = planMix({
    sheet,
    line: own,
    rate: startRate(rate.value),
    area: squareMetres(20),
    trunkCm: SIZE['per-cm-trunk'],
    heightM: SIZE['per-m-height'],
    count: SIZE[form],
    water: null,
    sprayer: { name: 'sprayer', capacity: millilitres(system === 'us' ? 7570.823568 : 8000) },
    kit: [...STARTER_KITS[system], ...OWNED],
    units: system,
  });
  if (!plan.ok) return lost(plan.reasons.map((r) => r.sentence).join(' '));
  for (const l of plan.value.loads) {
    if (!atMost(l.rateMade, rate.value.max)) return lost(`spoons make ${l.rateMade}, above ${rate.value.max}`);
    // one rate and no water to move: the nearest measure below it; its roundness stands on the card, what is worth a word is warned of
    if (!strongEnough(l.rateMade, rate.value.min) && plan.value.warnings.length === 0)
      return lost(`spoons make ${l.rateMade}, below ${rate.value.min}, unsaid`);
  }
  const at = instant(Date.UTC(2026, 4, 24, 20));
  const truth = truthOf({
    sheet,
    host,
    trouble,
    amount: plan.value.loads.reduce((sum, l) => sum + l.made, 0),
    waterMl: plan.value.water,
    size: plan.value.size,
    madeAt: at,
    finishedAt: at,
    air: { temperatureC: 15, humidityPct: 60, windMs: 2 },
    zone: 'America/New_York',
    planting: { site: 'outdoors', stage: 'growing', edible: true },
    confirmed: true,
    before: [],
  });
  const above = truth.broke.filter((b) => /above/i.test(b));
  return above.length === 0 ? { text, mixed: true, recorded: true, why: '' } : lost(above.join(' '), true);
}
