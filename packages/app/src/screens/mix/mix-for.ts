import type { Garden, Planting, Sprayer } from '@sleetbrook/core/api';
import { sayPer, type LabelLine, type LabelSheet } from '@sleetbrook/core/label';
import { done, millilitres, parseNumber, readSize, refused, squareMetres, type Kind, type Outcome, type UnitSystem } from '@sleetbrook/core/measure';
import { planMix, readRate, type MixPlan } from '@sleetbrook/core/mix';
import type { MixDraft } from '../../state/drafts';

/** Half way between the label's bounds: what the mix starts from. */
export const middleRate = (line: LabelLine) => Number(((line.rate.min + line.rate.max) / 2).toPrecision(3));

/** The sprayer meant by a draft: the chosen one, else the largest that never held weed-killer. */
export function sprayerFor(draft: MixDraft, sprayers: readonly Sprayer[]): Sprayer | undefined {
  const clean = sprayers.filter((s) => !s.forWeedkiller);
  return clean.find((s) => s.id === draft.sprayerId) ?? [...clean].sort((a, b) => b.capacityMl - a.capacityMl)[0];
}

type Sized = Pick<Planting, 'areaM2' | 'trunkCm' | 'heightM'>;
const AREA = { of: 'areaM2', kind: 'area', min: 0.01, max: 10_000, si: 1, what: 'The area', label: 'Area' } as const;

/** What a label's rate is counted by, as a field to fill in; `si` is what the planting's own figure has of the field's unit. */
export const SIZES: Readonly<
  Record<LabelLine['rate']['form'], { of: keyof Sized; kind: Kind; min: number; max: number; si: number; what: string; label: string }>
> = {
  'per-litre': AREA,
  'per-m2': AREA,
  'per-cm-trunk': { of: 'trunkCm', kind: 'trunk', min: 0.01, max: 20, si: 0.01, what: 'The tape round the trunk', label: 'Round the trunk' },
  'per-m-height': { of: 'heightM', kind: 'height', min: 0.1, max: 60, si: 1, what: 'The height', label: 'Height' },
};

/** What was typed, read and planned. A refusal names the field: rate, area, water, sprayer or kit. */
export function mixFor(
  draft: MixDraft,
  sheet: LabelSheet,
  line: LabelLine,
  planting: Sized | null,
  sprayers: readonly Sprayer[],
  garden: Pick<Garden, 'measures' | 'units'>,
): Outcome<MixPlan> {
  const { units } = garden;
  const rate = draft.rate.trim() === '' ? done(middleRate(line)) : readLineRate(draft.rate, line, units);
  if (!rate.ok) return rate;
  const by = SIZES[line.rate.form];
  const known = planting?.[by.of] ?? null;
  const read = draft.area.trim() === '' && known !== null ? done(known * by.si) : readSize(draft.area, by.kind, units, by, 'area');
  if (!read.ok) return read;
  const size = read.value / by.si;
  const water = draft.water.trim() === '' ? done(null) : readSize(draft.water, 'mix', units, { min: 10, max: 400_000, what: 'The water' }, 'water');
  if (!water.ok) return water;
  const sprayer = sprayerFor(draft, sprayers);
  return planMix({
    sheet,
    line,
    rate: rate.value,
    area: squareMetres(by.of === 'areaM2' ? size : (planting?.areaM2 ?? 1)),
    trunkCm: by.of === 'trunkCm' ? size : null,
    heightM: by.of === 'heightM' ? size : null,
    water: water.value === null ? null : millilitres(water.value),
    sprayer: sprayer ? { name: sprayer.name, capacity: millilitres(sprayer.capacityMl) } : null,
    kit: garden.measures,
    units,
  });
}

/** A bare number is in the label's own unit; "2 tbsp/gal" is read as it stands and must go by the same thing. */
function readLineRate(text: string, line: LabelLine, units: UnitSystem): Outcome<number> {
  const bare = parseNumber(text, 'rate');
  if (bare.ok) return bare.value > 0 ? bare : refused('too-small', 'The rate must be more than 0.', 'rate');
  if (bare.reasons[0]?.code === 'ambiguous') return bare;
  if (!/\d/.test(text)) return bare;
  const read = readRate(text, units);
  if (!read.ok) return read;
  const { form, unit, value } = read.value;
  if (form !== line.rate.form) return refused('wrong-form', `This label goes ${sayPer(line.rate.form)}.`, 'rate');
  return unit === line.rate.unit ? done(value) : refused('wrong-unit', `This label goes by ${line.rate.unit}.`, 'rate');
}

/** Product that the measured loads really put in, in the plan's unit. */
export const madeBy = (plan: MixPlan): number =>
  plan.loads.reduce((sum, l) => sum + (l.measured.by === 'scale' ? l.measured.reading : l.measured.out.total * (l.measured.density?.gPerMl ?? 1)), 0);
