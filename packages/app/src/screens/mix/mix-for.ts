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

/** What was typed, read and planned. A refusal names the field: rate, area, water, sprayer or kit. */
export function mixFor(
  draft: MixDraft,
  sheet: LabelSheet,
  line: LabelLine,
  planting: Pick<Planting, 'areaM2'> | null,
  sprayers: readonly Sprayer[],
  garden: Pick<Garden, 'measures'>,
): Outcome<MixPlan> {
  const rate =
    draft.rate.trim() === '' ? done(middleRate(line)) : parseBounded(draft.rate, { min: 1e-6, max: 1e6, unit: line.rate.unit, what: 'The rate' }, 'rate');
  if (!rate.ok) return rate;
  const area =
    draft.area.trim() === '' && planting
      ? done(planting.areaM2 as number)
      : parseBounded(draft.area, { min: 0.01, max: 10_000, unit: 'm²', what: 'The area' }, 'area');
  if (!area.ok) return area;
  const litres = draft.water.trim() === '' ? done(null) : parseBounded(draft.water, { min: 0.01, max: 400, unit: 'l', what: 'The water' }, 'water');
  if (!litres.ok) return litres;
  const sprayer = sprayerFor(draft, sprayers);
  return planMix({
    sheet,
    line,
    rate: rate.value,
    area: squareMetres(area.value),
    water: litres.value === null ? null : millilitres(litres.value * 1000),
    sprayer: sprayer ? { name: sprayer.name, capacity: millilitres(sprayer.capacityMl) } : null,
    kit: garden.measures,
  });
}

/** Product that the measured loads really put in, in the plan's unit. */
export const madeBy = (plan: MixPlan): number =>
  plan.loads.reduce((sum, l) => sum + (l.measured.by === 'scale' ? l.measured.reading : l.measured.out.total * (l.measured.density?.gPerMl ?? 1)), 0);
