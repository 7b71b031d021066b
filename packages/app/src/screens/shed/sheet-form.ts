import { ownSheetSchema, type OwnSheet } from '@sleetbrook/core/api';
import type { LabelLine, LabelSheet, RateForm } from '@sleetbrook/core/label';
import { checkSheet } from '@sleetbrook/core/label-files';
import { convert, parseNumber } from '@sleetbrook/core/measure';

/**
 * Units that labels print a rate in, each with what one of it is in the units kept inside.
 */
const gallon = convert<'volume'>(1, 'gal-us', 'l');
const fluidOunce = convert<'volume'>(1, 'floz-us', 'ml');
const ounce = convert<'mass'>(1, 'oz', 'g');
const squareFoot = convert<'area'>(1, 'ft2', 'm2');
const CM_IN_INCH = 2.54;
const M_IN_FOOT = 0.3048;
export const RATE_UNITS = [
  { id: 'ml-l', label: 'ml per litre', form: 'per-litre', unit: 'ml', times: 1 },
  { id: 'g-l', label: 'g per litre', form: 'per-litre', unit: 'g', times: 1 },
  { id: 'percent', label: '% of the mix', form: 'per-litre', unit: 'ml', times: 10 },
  { id: 'floz-gal', label: 'fl oz per US gallon', form: 'per-litre', unit: 'ml', times: fluidOunce / gallon },
  { id: 'tbsp-gal', label: 'tablespoons per US gallon', form: 'per-litre', unit: 'ml', times: fluidOunce / 2 / gallon },
  { id: 'tsp-gal', label: 'teaspoons per US gallon', form: 'per-litre', unit: 'ml', times: fluidOunce / 6 / gallon },
  { id: 'oz-gal', label: 'oz (weight) per US gallon', form: 'per-litre', unit: 'g', times: ounce / gallon },
  { id: 'pt-100gal', label: 'pints per 100 US gallons', form: 'per-litre', unit: 'ml', times: (fluidOunce * 16) / (100 * gallon) },
  { id: 'lb-100gal', label: 'lb per 100 US gallons', form: 'per-litre', unit: 'g', times: (ounce * 16) / (100 * gallon) },
  { id: 'ml-m2', label: 'ml per m²', form: 'per-m2', unit: 'ml', times: 1 },
  { id: 'g-m2', label: 'g per m²', form: 'per-m2', unit: 'g', times: 1 },
  { id: 'oz-1000', label: 'oz (weight) per 1,000 sq ft', form: 'per-m2', unit: 'g', times: ounce / (1000 * squareFoot) },
  { id: 'ml-cm', label: 'ml per cm round the trunk', form: 'per-cm-trunk', unit: 'ml', times: 1 },
  { id: 'g-cm', label: 'g per cm round the trunk', form: 'per-cm-trunk', unit: 'g', times: 1 },
  { id: 'floz-in', label: 'fl oz per inch round the trunk', form: 'per-cm-trunk', unit: 'ml', times: fluidOunce / CM_IN_INCH },
  { id: 'ml-m', label: 'ml per m of height', form: 'per-m-height', unit: 'ml', times: 1 },
  { id: 'floz-ft', label: 'fl oz per foot of height', form: 'per-m-height', unit: 'ml', times: fluidOunce / M_IN_FOOT },
] as const satisfies readonly { id: string; label: string; form: RateForm; unit: 'ml' | 'g'; times: number }[];
export type RateUnit = (typeof RATE_UNITS)[number]['id'];

/** One line of the rate table as it is typed. */
export interface LineForm {
  readonly crops: readonly string[];
  readonly pests: readonly string[];
  readonly min: string;
  readonly max: string;
  readonly rateUnit: RateUnit;
  /** Litres for a square metre, or ml for a centimetre or metre. */
  readonly water: string;
  readonly coverage: LabelLine['coverage'];
  /** Days; empty: not for food. */
  readonly phi: string;
  readonly interval: string;
  readonly most: string;
  readonly bloom: 'any' | 'only' | 'never';
  /** As it stood before, for what the form does not ask. */
  readonly before: LabelLine | null;
}

type GapGroup = LabelSheet['gaps'][number]['group'];
/** Materials that labels name for days apart. */
export const GAP_GROUPS = ['oil', 'sulfur', 'copper', 'captan', 'broad-insecticide'] as const satisfies readonly GapGroup[];

/** A label sheet as it is typed. */
export interface SheetForm {
  readonly base: LabelSheet;
  readonly name: string;
  readonly registration: string;
  readonly actives: readonly { readonly name: string; readonly percent: string; readonly moa: string }[];
  readonly signalWord: LabelSheet['signalWord'];
  readonly restricted: boolean;
  readonly organicListed: boolean;
  readonly outdoors: boolean;
  readonly indoors: boolean;
  readonly protection: LabelSheet['protection'];
  readonly bees: LabelSheet['bees'];
  readonly fish: boolean;
  readonly keepOff: boolean;
  readonly lines: readonly LineForm[];
  readonly forbidden: readonly string[];
  /** Days apart by material; empty: nothing said. */
  readonly gaps: Readonly<Record<GapGroup, string>>;
  readonly notMixedWith: NonNullable<LabelSheet['notMixedWith']>;
  readonly minTempC: string;
  /** Empty: until dry. */
  readonly reEntryHours: string;
  readonly maxTempC: string;
  readonly rainfastHours: string;
  readonly mixLifeHours: string;
  readonly shelfLifeMonths: string;
  readonly disposal: string;
}

const say = (n: number | undefined | null) => (n === undefined || n === null ? '' : String(Number(n.toPrecision(6))));
const unitOf = (l: LabelLine): RateUnit => RATE_UNITS.find((u) => u.form === l.rate.form && u.unit === l.rate.unit)?.id ?? 'ml-l';

export const lineFormOf = (l: LabelLine): LineForm => ({
  crops: l.crops,
  pests: l.pests,
  min: say(l.rate.min),
  max: say(l.rate.max),
  rateUnit: unitOf(l),
  water: say(byArea(l.rate.form) ? l.waterMlPerM2 / 1000 : l.waterMlPerM2),
  coverage: l.coverage,
  phi: say(l.phiDays),
  interval: say(l.intervalDays),
  most: say(l.maxPerSeason),
  bloom: l.inBloom ?? 'any',
  before: l,
});

/** A line to begin with, when one is added. */
export const freshLine = (dry: boolean): LineForm => ({
  crops: [],
  pests: [],
  min: '',
  max: '',
  rateUnit: dry ? 'g-l' : 'ml-l',
  water: '0.1',
  coverage: 'wetted',
  phi: '',
  interval: '',
  most: '',
  bloom: 'any',
  before: null,
});

export const sheetFormOf = (s: LabelSheet): SheetForm => ({
  base: s,
  name: s.specimen ? '' : s.name,
  registration: s.registration ?? '',
  actives: s.actives.map((a) => ({ name: a.name, percent: say(a.percent), moa: a.moa })),
  signalWord: s.signalWord,
  restricted: s.restricted,
  organicListed: s.organicListed,
  outdoors: s.outdoors,
  indoors: s.indoors,
  protection: s.protection,
  bees: s.bees,
  fish: s.fish,
  keepOff: s.keepOff ?? false,
  lines: s.lines.map(lineFormOf),
  forbidden: s.forbidden.map((f) => f.crop),
  gaps: Object.fromEntries(GAP_GROUPS.map((g) => [g, say(s.gaps.find((x) => x.group === g)?.days)])) as SheetForm['gaps'],
  notMixedWith: s.notMixedWith ?? [],
  minTempC: say(s.minTempC),
  reEntryHours: s.reEntry.kind === 'hours' ? say(s.reEntry.hours) : '',
  maxTempC: say(s.maxTempC),
  rainfastHours: say(s.rainfastHours),
  mixLifeHours: say(s.mixLifeHours),
  shelfLifeMonths: say(s.shelfLifeMonths),
  disposal: s.disposal,
});

const OWN = { mark: 'PUB', source: 'the grower’s own label' } as const;
const byArea = (form: RateForm) => form === 'per-litre' || form === 'per-m2';

/** Message by field: `name`, `lines.0.phi`, `actives.1.percent` … */
export type SheetErrors = Readonly<Record<string, string>>;

/** Which form field shows what is wrong at a path of the sheet. */
const FIELD: readonly [RegExp, string][] = [
  [/^(lines\.\d+)\.rate\.min$/, '$1.min'],
  [/^(lines\.\d+)\.rate\.max$/, '$1.max'],
  [/^(lines\.\d+)\.rate.*$/, '$1.rateUnit'],
  [/^(lines\.\d+)\.waterMlPerM2$/, '$1.water'],
  [/^(lines\.\d+)\.phiDays$/, '$1.phi'],
  [/^(lines\.\d+)\.intervalDays$/, '$1.interval'],
  [/^(lines\.\d+)\.maxPerSeason$/, '$1.most'],
  [/^(lines\.\d+)\.inBloom$/, '$1.bloom'],
  [/^(lines\.\d+\.(?:crops|pests)).*$/, '$1'],
  [/^reEntry.*$/, 'reEntryHours'],
  [/^forbidden.*$/, 'forbidden'],
  [/^gaps\.(\d+).*$/, 'gaps'],
];
const fieldAt = (path: string) => FIELD.reduce((f, [from, to]) => f.replace(from, to), path);

/**
 * The typed text as a sheet of the grower's own, or a message for each field that can not be.
 * @param id of the sheet, `own-…` @param version the one this save makes
 */
export function readSheet(f: SheetForm, id: string, version: number): { readonly sheet: OwnSheet } | { readonly errors: SheetErrors } {
  const errors: Record<string, string> = {};
  const figure = (text: string, field: string, what: string): number => {
    const n = parseNumber(text);
    if (!n.ok) errors[field] ??= text.trim() === '' ? `${what} is missing.` : (n.reasons[0]?.sentence ?? 'Type a figure.');
    return n.ok ? n.value : Number.NaN;
  };
  const optional = (text: string, field: string, what: string) => (text.trim() === '' ? undefined : figure(text, field, what));
  const { base } = f;
  const lines = f.lines.map((l, i): unknown => {
    const at = (k: string) => `lines.${i}.${k}`;
    const unit = RATE_UNITS.find((u) => u.id === l.rateUnit) ?? RATE_UNITS[0];
    const rate = (text: string, field: string) => Number((figure(text, field, 'The rate') * unit.times).toPrecision(6));
    const { before } = l;
    const [min, max] = [rate(l.min.trim() === '' ? l.max : l.min, at('min')), rate(l.max, at('max'))];
    return {
      id: before?.id ?? `line-${i + 1}`,
      crops: l.crops,
      pests: l.pests,
      rate: { form: unit.form, unit: unit.unit, min, max },
      waterMlPerM2: l.water.trim() === '' ? 0 : figure(l.water, at('water'), 'The water') * (byArea(unit.form) ? 1000 : 1),
      coverage: l.coverage,
      phiDays: optional(l.phi, at('phi'), 'The picking wait') ?? null,
      intervalDays: figure(l.interval, at('interval'), 'The days between'),
      maxPerSeason: optional(l.most, at('most'), 'The most a year') ?? null,
      ...(l.bloom === 'any' ? {} : { inBloom: l.bloom }),
      ...(before?.stages ? { stages: before.stages } : {}),
      ...(unit.times === 1 ? {} : { asPrinted: `${l.min && l.min !== l.max ? `${l.min} to ` : ''}${l.max} ${unit.label}` }),
      prov: OWN,
    };
  });
  const maxTempC = optional(f.maxTempC, 'maxTempC', 'The highest temperature');
  const minTempC = optional(f.minTempC, 'minTempC', 'The lowest temperature');
  const gaps = GAP_GROUPS.flatMap((group) => {
    const days = optional(f.gaps[group], `gaps.${group}`, 'The days apart');
    const prov = base.gaps.find((g) => g.group === group && g.days === days)?.prov ?? OWN;
    return days === undefined ? [] : [{ group, days, prov }];
  });
  const shelf = optional(f.shelfLifeMonths, 'shelfLifeMonths', 'The shelf life');
  const { maxTempC: _t, minTempC: _m, shelfLifeMonths: _s, registration: _r, notMixedWith: _n, ...rest } = base;
  const raw = {
    ...rest,
    id,
    version,
    specimen: false,
    basedOn: base.specimen ? base.id : base.basedOn,
    name: f.name.trim(),
    ...(f.registration.trim() ? { registration: f.registration.trim() } : {}),
    actives: f.actives.map((a, i) => ({ name: a.name.trim(), percent: figure(a.percent, `actives.${i}.percent`, 'The strength'), moa: a.moa.trim() })),
    signalWord: f.signalWord,
    restricted: f.restricted,
    organicListed: f.organicListed,
    outdoors: f.outdoors,
    indoors: f.indoors,
    protection: f.protection,
    bees: f.bees,
    fish: f.fish,
    keepOff: f.keepOff,
    lines,
    reEntry: f.reEntryHours.trim() === '' ? { kind: 'until-dry' } : { kind: 'hours', hours: figure(f.reEntryHours, 'reEntryHours', 'The keep-out time') },
    forbidden: f.forbidden.map((crop) => base.forbidden.find((x) => x.crop === crop) ?? { crop, why: 'Your label forbids it there.' }),
    gaps,
    ...(f.notMixedWith.length > 0 ? { notMixedWith: f.notMixedWith } : {}),
    ...(maxTempC === undefined ? {} : { maxTempC }),
    ...(minTempC === undefined ? {} : { minTempC }),
    rainfastHours: figure(f.rainfastHours, 'rainfastHours', 'The hours without rain'),
    mixLifeHours: figure(f.mixLifeHours, 'mixLifeHours', 'The life of the mix'),
    ...(shelf === undefined ? {} : { shelfLifeMonths: shelf }),
    disposal: f.disposal.trim(),
  };
  const parsed = ownSheetSchema.safeParse(raw);
  for (const issue of parsed.error?.issues ?? []) errors[fieldAt(issue.path.join('.'))] ??= issue.message;
  if (parsed.success) for (const fault of checkSheet(parsed.data)) errors[fieldAt(fault.field)] ??= fault.message;
  return parsed.success && Object.keys(errors).length === 0 ? { sheet: parsed.data } : { errors };
}
