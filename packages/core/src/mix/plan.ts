import { quoteLine, sayPer, sayRate, type LabelLine } from '../label';
import {
  done,
  millilitres,
  refused,
  sayIn,
  sayProvenance,
  sayVolume,
  trim,
  type Millilitres,
  type Outcome,
  type Refusal,
  type UnitSystem,
  type Working,
} from '../measure';
import { measureProduct } from './measure-product';
import { sayRateIn } from './rates/say-rate';
import type { Load, MixPlan, MixRequest } from './types';
import { waysToMeasure, WORTH_SAYING, type Way } from './ways';

const EPS = 1e-9;
/** More mix than this is not a home gardener's job. */
const MOST_WATER_ML = 400_000;

/**
 * Exact amounts of product and water for the area, split into sprayer loads, each in what the grower
 * can measure. Never above the label: the rate asked for, and what the spoons really make, stay at or
 * below the label maximum.
 * @returns refused `above-label` or `below-label` with the label's line; `no-sprayer`,
 *   `weedkiller-sprayer`, `too-much`, or what measuring refuses
 * @example planMix({ rate: 15, area: 20 m², sprayer: 5 l, … }) // 8 l: 75 ml in 5 l, then 45 ml in 3 l
 */
export function planMix(request: MixRequest): Outcome<MixPlan> {
  const { sheet, line, rate, area, sprayer, units = 'metric' } = request;
  const unit = line.rate.unit;
  if (!(area > 0) || !Number.isFinite(area)) return refused('bad-area', 'The area must be more than 0.', 'area');
  if (!(rate > 0) || !Number.isFinite(rate)) return refused('bad-rate', 'The rate must be more than 0.', 'rate');
  if (rate > line.rate.max + EPS) {
    return refused('above-label', `${trim(rate)} is above the label. ${quoteLine(sheet, line)}.`, 'rate');
  }
  if (rate < line.rate.min - EPS) {
    return refused('below-label', `${trim(rate)} is weaker than the label. ${quoteLine(sheet, line)}.`, 'rate');
  }
  const perLitre = line.rate.form === 'per-litre';
  const size = sizeOf(request);
  if (!(size > 0) || !Number.isFinite(size)) {
    return line.rate.form === 'per-cm-trunk'
      ? refused('bad-trunk', 'This label goes by the trunk: measure round it.', 'trunkCm')
      : refused('bad-height', 'This label goes by the height: say how tall the plant is.', 'heightM');
  }
  const labelWater = line.waterMlPerM2 * size;
  const water = millilitres(request.water ?? labelWater);
  if (!Number.isFinite(water) || water < 0) return refused('bad-water', 'The water must be more than 0.', 'water');
  if (water > MOST_WATER_ML) return refused('too-much', `${said(water, units)} is work for a licensed applicator.`, 'water');
  if (perLitre && water === 0) return refused('bad-water', 'The water must be more than 0.', 'water');
  if (perLitre && water > labelWater * 1.5 + EPS) {
    return refused(
      'above-label',
      `${said(water, units)} on ${sayIn(area, 'area', units)} puts on more than the label’s ${trim(line.waterMlPerM2 / 1000, 2)} l a m² can carry. At most ${said(labelWater * 1.5, units)}.`,
      'water',
    );
  }
  if (water > 0 && !sprayer) return refused('no-sprayer', 'Choose a sprayer. Add one in the Shed.', 'sprayer');
  if (sprayer && !(sprayer.capacity > 0)) return refused('bad-sprayer', 'The sprayer must hold more than 0 l.', 'sprayer');

  const total = perLitre ? (rate * water) / 1000 : rate * size;
  const loads: Load[] = [];
  for (const [i, share] of split(water, sprayer?.capacity ?? null).entries()) {
    const part = share.part;
    const product = total * part;
    const ceiling = perLitre ? (line.rate.max * share.water) / 1000 : line.rate.max * size * part;
    const measured = measureProduct(product, ceiling, sheet.levelDensity, unit, request.kit);
    const ways = () => waysFor(request, product, ceiling, share.water, perLitre ? labelWater * 1.5 * part : share.water);
    if (!measured.ok) return { ok: false, reasons: [...measured.reasons, ...ways().map(asReason)] };
    const m = measured.value.measured;
    const off = m.by === 'scale' ? m.error : m.out.error;
    const made = measured.value.made;
    loads.push({
      number: i + 1,
      water: share.water,
      product,
      measured: measured.value.measured,
      rateMade: perLitre ? (made / share.water) * 1000 : made / (size * part),
      full: share.full,
      ways: Math.abs(off) > WORTH_SAYING ? ways() : [],
    });
  }
  const plan: MixPlan = {
    sheet,
    line,
    unit,
    rate,
    area,
    size,
    water,
    product: total,
    units,
    loads,
    warnings: warningsFor(loads, line),
    working: workingFor(request, water, total),
  };
  return done(plan);
}

const said = (ml: number, units: UnitSystem) => (units === 'us' || units === 'imperial' ? sayIn(ml, 'volume', units) : sayVolume(millilitres(ml)));
const asReason = (w: Way): Refusal => ({ code: 'way', sentence: w.sentence, field: 'kit' });

/** Nearer ways to an amount; a dry product goes by what its spoonful weighs. */
function waysFor({ sheet, line, kit }: MixRequest, product: number, ceiling: number, water: Millilitres, mostWater: number): Way[] {
  const perMl =
    line.rate.unit === 'ml'
      ? { usual: 1, heavy: 1 }
      : sheet.levelDensity && { usual: sheet.levelDensity.gPerMl, heavy: sheet.levelDensity.gPerMl * (1 + sheet.levelDensity.spread) };
  if (!perMl) return [];
  return waysToMeasure({
    wantedMl: product / perMl.usual,
    ceilingMl: ceiling / perMl.heavy,
    kit,
    waterMl: water > 0 ? water : null,
    mostWaterMl: mostWater,
    thins: sheet.state === 'liquid' && sheet.into === 'shake-in',
  });
}

/** What the label's rate is counted by, for this request: square metres, centimetres of trunk, metres of height. */
function sizeOf({ line, area, trunkCm, heightM }: MixRequest): number {
  if (line.rate.form === 'per-cm-trunk') return trunkCm ?? Number.NaN;
  if (line.rate.form === 'per-m-height') return heightM ?? Number.NaN;
  return area;
}

/** A rest smaller than this share of a tank can not be measured well as a load of its own. */
const SMALL_REST = 0.05;

/**
 * Full tanks, then a part tank; without water, one go. Where only a splash would be left over, the last
 * tank and the splash are shared between two part loads, so that both can be measured.
 */
function split(water: Millilitres, capacity: Millilitres | null): { water: Millilitres; part: number; full: boolean }[] {
  if (water === 0 || capacity === null) return [{ water, part: 1, full: false }];
  const tanks = Math.floor(water / capacity + EPS);
  const rest = water - tanks * capacity;
  const load = (ml: number) => ({ water: millilitres(ml), part: ml / water, full: ml === capacity });
  const full = (n: number) => Array.from({ length: n }, () => load(capacity));
  if (rest <= capacity * EPS) return full(tanks);
  if (tanks > 0 && rest < capacity * SMALL_REST) return [...full(tanks - 1), load((capacity + rest) / 2), load((capacity + rest) / 2)];
  return [...full(tanks), load(rest)];
}

function warningsFor(loads: readonly Load[], line: LabelLine): string[] {
  const { min, unit } = line.rate;
  const out = new Set<string>();
  for (const load of loads) {
    const error = load.measured.by === 'scale' ? load.measured.error : load.measured.out.error;
    if (Math.abs(error) > WORTH_SAYING) {
      out.add(
        `Load ${load.number}: your measures come to ${trim(Math.abs(error) * 100, 0)} % ${error < 0 ? 'under' : 'over'}. A smaller spoon or a syringe would be nearer.`,
      );
    }
    if (load.rateMade < min - EPS) {
      out.add(`Load ${load.number} comes out at ${trim(load.rateMade, 1)} ${unit} ${sayPer(line.rate.form)}, weaker than the label’s ${trim(min)}.`);
    }
  }
  return [...out];
}

function workingFor(r: MixRequest, water: Millilitres, total: number): Working[] {
  const { line, sheet, rate, units = 'metric' } = r;
  const unit = line.rate.unit;
  const byArea = line.rate.form === 'per-litre' || line.rate.form === 'per-m2';
  const sized = byArea
    ? { name: 'Area', value: sayIn(r.area, 'area', units) }
    : {
        name: line.rate.form === 'per-cm-trunk' ? 'Round the trunk' : 'Height',
        value: sayIn(line.rate.form === 'per-cm-trunk' ? sizeOf(r) / 100 : sizeOf(r), 'length', units),
      };
  const out: Working[] = [];
  if (water > 0) {
    out.push({
      title: 'Water',
      result: said(water, units),
      inputs: [sized, { name: 'Label’s water', value: `${trim(line.waterMlPerM2, 1)} ml ${sayPer(byArea ? 'per-m2' : line.rate.form)}, ${line.coverage}` }],
      formula: r.water === null ? `${sized.name.toLowerCase()} × water` : 'as you asked',
      source: { mark: 'MEM' },
    });
  }
  out.push({
    title: sheet.name,
    result: `${trim(total, 2)} ${unit}`,
    inputs: [
      {
        name: 'Rate',
        value: `${trim(rate)} ${unit} ${sayPer(line.rate.form)}${units === 'us' || units === 'imperial' ? `, ${sayRateIn(rate, unit, line.rate.form, units)}` : ''}`,
      },
      line.rate.form === 'per-litre' ? { name: 'Water', value: said(water, units) } : sized,
      { name: 'Label', value: `${sayRate(line.rate)} (${sayProvenance(line.prov)})` },
    ],
    formula: line.rate.form === 'per-litre' ? 'rate × litres of water' : `rate × ${sized.name.toLowerCase()}`,
    source: line.prov,
  });
  return out;
}
