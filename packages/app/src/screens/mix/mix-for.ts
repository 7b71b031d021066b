import type { Garden, Planting, Sprayer } from '@sleetbrook/core/api';
import type { LabelLine, LabelSheet } from '@sleetbrook/core/label';
import { done, millilitres, parseBounded, squareMetres, type Outcome } from '@sleetbrook/core/measure';
import { planMix, type MixPlan } from '@sleetbrook/core/mix';
import type { MixDraft } from '../../state/drafts';

/** Half way between the label's bounds: what the mix starts from. */
export const middleRate = (line: LabelLine) => Number(((line.rate.min + line.rate.max) / 2).toPrecision(3));

/** The sprayer meant by a draft: the chosen one, else the largest that never held weed-killer. */
export function sprayerFor(draft: MixDraft, sprayers: readonly Sprayer[]): Sprayer | undefined {
  const clean = sprayers.filter((s) => !s.forWeedkiller);
  return clean.find((s) => s.id === draft.sprayerId) ?? [...clean].sort((a, b) => b.capacityMl - a.capacityMl)[0];
}

type Sized = Pick<Planting, 'areaM2' | 'trunkCm' | 'heightM'>;
const AREA = { of: 'areaM2', min: 0.01, max: 10_000, unit: 'm²', what: 'The area', label: 'Area' } as const;

/** What a label's rate is counted by, as a field to fill in. */
export const SIZES = {
  'per-litre': AREA,
  'per-m2': AREA,
  'per-cm-trunk': { of: 'trunkCm', min: 1, max: 2000, unit: 'cm', what: 'The tape round the trunk', label: 'Round the trunk' },
  'per-m-height': { of: 'heightM', min: 0.1, max: 60, unit: 'm', what: 'The height', label: 'Height' },
} as const;

/** What was typed, read and planned. A refusal names the field: rate, area, water, sprayer or kit. */
export function mixFor(
  draft: MixDraft,
  sheet: LabelSheet,
  line: LabelLine,
  planting: Sized | null,
  sprayers: readonly Sprayer[],
  garden: Pick<Garden, 'measures'>,
): Outcome<MixPlan> {
  const rate =
    draft.rate.trim() === '' ? done(middleRate(line)) : parseBounded(draft.rate, { min: 1e-6, max: 1e6, unit: line.rate.unit, what: 'The rate' }, 'rate');
  if (!rate.ok) return rate;
  const by = SIZES[line.rate.form];
  const known = planting?.[by.of] ?? null;
  const size = draft.area.trim() === '' && known !== null ? done(known) : parseBounded(draft.area, by, 'area');
  if (!size.ok) return size;
  const litres = draft.water.trim() === '' ? done(null) : parseBounded(draft.water, { min: 0.01, max: 400, unit: 'l', what: 'The water' }, 'water');
  if (!litres.ok) return litres;
  const sprayer = sprayerFor(draft, sprayers);
  return planMix({
    sheet,
    line,
    rate: rate.value,
    area: squareMetres(by.of === 'areaM2' ? size.value : (planting?.areaM2 ?? 1)),
    trunkCm: by.of === 'trunkCm' ? size.value : null,
    heightM: by.of === 'heightM' ? size.value : null,
    water: litres.value === null ? null : millilitres(litres.value * 1000),
    sprayer: sprayer ? { name: sprayer.name, capacity: millilitres(sprayer.capacityMl) } : null,
    kit: garden.measures,
  });
}

/** Product that the measured loads really put in, in the plan's unit. */
export const madeBy = (plan: MixPlan): number =>
  plan.loads.reduce((sum, l) => sum + (l.measured.by === 'scale' ? l.measured.reading : l.measured.out.total * (l.measured.density?.gPerMl ?? 1)), 0);
