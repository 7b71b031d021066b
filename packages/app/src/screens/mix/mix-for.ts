import type { Garden, Planting, Sprayer } from '@sleetbrook/core/api';
import { rateOf, readRate, sayPer, startRate, type LabelLine, type LabelSheet } from '@sleetbrook/core/label';
import {
  done,
  millilitres,
  parseBounded,
  parseNumber,
  readSize,
  refused,
  squareMetres,
  type Kind,
  type Outcome,
  type UnitSystem,
} from '@sleetbrook/core/measure';
import { planMix, type MixPlan } from '@sleetbrook/core/mix';
import type { MixDraft } from '../../state/drafts';

/** The sprayer meant by a draft: the chosen one, else the largest that never held weed-killer. */
export function sprayerFor(draft: MixDraft, sprayers: readonly Sprayer[]): Sprayer | undefined {
  const clean = sprayers.filter((s) => !s.forWeedkiller);
  return clean.find((s) => s.id === draft.sprayerId) ?? [...clean].sort((a, b) => b.capacityMl - a.capacityMl)[0];
}

export type Sized = Pick<Planting, 'areaM2' | 'trunkCm' | 'heightM'>;
const AREA = { of: 'areaM2', kind: 'area', min: 0.01, max: 10_000, si: 1, what: 'The area', label: 'Area' } as const;

/** What a label's rate is counted by, as a field to fill in; `si` is what the planting's own figure has of the field's unit. */
export const SIZES: Readonly<
  Record<LabelLine['rate']['form'], { of: keyof Sized | null; kind: Kind | null; min: number; max: number; si: number; what: string; label: string }>
> = {
  'per-litre': AREA,
  'per-m2': AREA,
  'per-plant': { of: null, kind: null, min: 0.01, max: 10_000, si: 1, what: 'The number of plants', label: 'Plants' },
  'per-m-row': { of: null, kind: 'row', min: 0.05, max: 10_000, si: 1, what: 'The row', label: 'Row' },
  'per-litre-soil': { of: null, kind: 'soil', min: 50, max: 1e6, si: 1000, what: 'The potting mix', label: 'Potting mix' },
  'per-cm-trunk': { of: 'trunkCm', kind: 'trunk', min: 0.01, max: 20, si: 0.01, what: 'The tape round the trunk', label: 'Round the trunk' },
  'per-m-height': { of: 'heightM', kind: 'height', min: 0.1, max: 60, si: 1, what: 'The height', label: 'Height' },
};

/** A planting that shares a mix: its own figures, and what was typed in their place. */
export interface Sharer {
  readonly planting: Sized;
  readonly typed: string;
}

/** What a line's rate is counted by on one planting, in its own count. @returns refused at `area` or where it was typed */
export function sizeOn(line: LabelLine, planting: Sized | null, typed: string, units: UnitSystem, field = 'area'): Outcome<number> {
  const by = SIZES[line.rate.form];
  const known = by.of === null ? null : (planting?.[by.of] ?? null);
  if (typed.trim() === '' && known !== null) return done(known);
  const read = by.kind === null ? parseBounded(typed, { ...by, unit: '' }, field) : readSize(typed, by.kind, units, by, field);
  return read.ok ? done(read.value / by.si) : read;
}

/** What was typed, read and planned. A refusal names the field: rate, area, water, sprayer, kit or also. */
export function mixFor(
  draft: MixDraft,
  sheet: LabelSheet,
  line: LabelLine,
  planting: Sized | null,
  sprayers: readonly Sprayer[],
  garden: Pick<Garden, 'measures' | 'units'>,
  others: readonly Sharer[] = [],
): Outcome<MixPlan> {
  const { units } = garden;
  const rate = draft.rate.trim() === '' ? done(startRate(line.rate)) : readLineRate(draft.rate, sheet, line, units);
  if (!rate.ok) return rate;
  const by = SIZES[line.rate.form];
  const own = sizeOn(line, planting, draft.area, units);
  if (!own.ok) return own;
  let size = own.value;
  for (const o of others) {
    const more = sizeOn(line, o.planting, o.typed, units, 'also');
    if (!more.ok) return more;
    size += more.value;
  }
  const ground = [planting, ...others.map((o) => o.planting)].reduce((sum, p) => sum + (p?.areaM2 ?? 0), 0) || 1;
  const water = draft.water.trim() === '' ? done(null) : readSize(draft.water, 'mix', units, { min: 10, max: 400_000, what: 'The water' }, 'water');
  if (!water.ok) return water;
  const sprayer = sprayerFor(draft, sprayers);
  return planMix({
    sheet,
    line,
    rate: rate.value,
    area: squareMetres(by.of === 'areaM2' ? size : ground),
    trunkCm: by.of === 'trunkCm' ? size : null,
    heightM: by.of === 'heightM' ? size : null,
    count: by.of === null ? size : null,
    water: water.value === null ? null : millilitres(water.value),
    sprayer: sprayer ? { name: sprayer.name, capacity: millilitres(sprayer.capacityMl) } : null,
    kit: garden.measures,
    units,
  });
}

/**
 * The unit that a bare number in the rate's field is in: the label's printed one, else ml or g as kept inside.
 * @returns how many of the kept unit one of it is, and its words
 */
export function rateUnit(sheet: LabelSheet, line: LabelLine): { readonly si: number; readonly words: string } {
  const { printed, unit, form } = line.rate;
  const read = printed ? readRate(printed.text, printed.system, rateOf(sheet)) : null;
  return (read?.ok && read.value.one) || { si: 1, words: `${unit} ${sayPer(form)}` };
}

/** A bare number is in the label's own unit; "2 tbsp/gal" is read as it stands and must go by the same thing. */
function readLineRate(text: string, sheet: LabelSheet, line: LabelLine, units: UnitSystem): Outcome<number> {
  const system = line.rate.printed?.system ?? units;
  const bare = parseNumber(text, 'rate', system);
  if (bare.ok) return bare.value > 0 ? done(bare.value * rateUnit(sheet, line).si) : refused('too-small', 'The rate must be more than 0.', 'rate');
  if (bare.reasons[0]?.code === 'ambiguous') return bare;
  if (!/\d/.test(text)) return bare;
  const read = readRate(text, system, rateOf(sheet));
  if (!read.ok) return read;
  const { form, unit, min, max } = read.value;
  if (form !== line.rate.form) return refused('wrong-form', `This label goes ${sayPer(line.rate.form)}.`, 'rate');
  if (unit !== line.rate.unit) return refused('wrong-unit', `This label goes by ${line.rate.unit}.`, 'rate');
  return done(min > 0 ? (min + max) / 2 : max);
}
