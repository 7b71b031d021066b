import { ownSheetSchema, type OwnSheet } from '@sleetbrook/core/api';
import {
  FORMULATIONS,
  forRooms,
  levelDensityOf,
  METHOD_WORDS,
  methodOf,
  methodsFor,
  rateFrom,
  rateOf,
  readWater,
  sayPer,
  teaspoonMl,
  waterText,
  weighedG,
  type Formulation,
  type LabelLine,
  type LabelSheet,
  type Method,
} from '@sleetbrook/core/label';
import { checkSheet } from '@sleetbrook/core/label-files';
import { celsiusOf, degreesOf, parseNumber, trim, type UnitSystem } from '@sleetbrook/core/measure';

/** One line of the rate table as it is typed. */
export interface LineForm {
  readonly crops: readonly string[];
  readonly pests: readonly string[];
  /** As it is printed: "1½ to 2 tbsp/gal". */
  readonly rate: string;
  /** As it is printed: "1 gal per 100 sq ft"; empty where the label names none. */
  readonly water: string;
  /** How it goes on; one that the kind of product can not do gives way to its usual one. */
  readonly method: Method;
  /** Days; empty: not for food. */
  readonly phi: string;
  readonly interval: string;
  readonly most: string;
  /** Times in a row; empty: not said. */
  readonly running: string;
  /** Rain's measure of water over it once it is out; empty: none. */
  readonly waterIn: string;
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
  /** Whose spoons and gallons are typed. */
  readonly system: UnitSystem;
  readonly formulation: Formulation;
  readonly name: string;
  readonly registration: string;
  readonly actives: readonly { readonly name: string; readonly percent: string; readonly metallic: string; readonly moa: string }[];
  readonly signalWord: LabelSheet['signalWord'];
  readonly restricted: boolean;
  readonly organicListed: boolean;
  readonly outdoors: boolean;
  readonly indoors: boolean;
  readonly rooms: boolean;
  readonly protection: LabelSheet['protection'];
  readonly bees: LabelSheet['bees'];
  readonly fish: boolean;
  /** Metres to water, or feet; empty: not said. */
  readonly waterBuffer: string;
  readonly keepOff: boolean;
  readonly lines: readonly LineForm[];
  readonly forbidden: readonly string[];
  /** Days apart by material; empty: nothing said. */
  readonly gaps: Readonly<Record<GapGroup, string>>;
  readonly notMixedWith: NonNullable<LabelSheet['notMixedWith']>;
  /** Of a powder, what ten level teaspoons weigh, g; empty: not weighed. */
  readonly spoonsG: string;
  /** In the grower's degrees. */
  readonly minTemp: string;
  /** Empty: until dry. */
  readonly reEntryHours: string;
  readonly maxTemp: string;
  readonly rainfastHours: string;
  /** As the label has it; empty where it says nothing. */
  readonly lastsDays: string;
  readonly washedOff: string;
  readonly mixLifeHours: string;
  readonly shelfLifeMonths: string;
  readonly disposal: string;
  /** In the label's own words; empty: not typed. */
  readonly firstAid: string;
  readonly hazards: string;
  readonly physician: string;
}

/** Metres in what distances are typed in: a foot is 0.3048 m (NIST Handbook 44, Appendix C). */
const metreOf = (system: UnitSystem) => (system === 'us' || system === 'imperial' ? 0.3048 : 1);
/** Millimetres in what rain is typed in. */
export const rainMmOf = (system: UnitSystem) => (system === 'us' ? 25.4 : 1);
const say = (n: number | undefined | null) => (n === undefined || n === null ? '' : String(Number(n.toPrecision(6))));
/** The rate as it was typed; of a sheet from before rates were kept as printed, its exact figures. */
const rateText = ({ rate }: LabelLine) =>
  rate.printed?.text ?? `${rate.min === rate.max ? '' : rate.min === 0 ? 'up to ' : `${rate.min} to `}${rate.max} ${rate.unit} ${sayPer(rate.form)}`;

export const lineFormOf = (l: LabelLine, formulation: Formulation, system: UnitSystem): LineForm => ({
  crops: l.crops,
  pests: l.pests,
  rate: rateText(l),
  water: waterText(l, l.rate.form),
  method: methodOf({ formulation }, l),
  phi: say(l.phiDays),
  interval: say(l.intervalDays),
  most: say(l.maxPerSeason),
  running: say(l.mostRunning),
  waterIn: l.waterInMm === undefined ? '' : say(l.waterInMm / rainMmOf(system)),
  bloom: l.inBloom ?? 'any',
  before: l,
});

/** A line to begin with, when one is added. */
export const freshLine = (): LineForm => ({
  crops: [],
  pests: [],
  rate: '',
  water: '',
  method: 'fine-spray',
  phi: '',
  interval: '',
  most: '',
  running: '',
  waterIn: '',
  bloom: 'any',
  before: null,
});

export const sheetFormOf = (s: LabelSheet, system: UnitSystem): SheetForm => ({
  base: s,
  system,
  formulation: s.formulation,
  name: s.specimen ? '' : s.name,
  registration: s.registration ?? '',
  actives: s.actives.map((a) => ({ name: a.name, percent: say(a.percent), metallic: say(a.metallic), moa: a.moa })),
  signalWord: s.signalWord,
  restricted: s.restricted,
  organicListed: s.organicListed,
  outdoors: s.outdoors,
  indoors: s.indoors,
  rooms: forRooms(s),
  protection: s.protection,
  bees: s.bees,
  fish: s.fish,
  waterBuffer: s.waterBufferM === undefined ? '' : trim(s.waterBufferM / metreOf(system), 1),
  keepOff: s.keepOff ?? false,
  lines: s.lines.map((l) => lineFormOf(l, s.formulation, system)),
  forbidden: s.forbidden.map((f) => f.crop),
  gaps: Object.fromEntries(GAP_GROUPS.map((g) => [g, say(s.gaps.find((x) => x.group === g)?.days)])) as SheetForm['gaps'],
  notMixedWith: s.notMixedWith ?? [],
  spoonsG: say(weighedG(s.levelDensity, teaspoonMl(system))),
  minTemp: s.minTempC === undefined ? '' : say(degreesOf(s.minTempC, system)),
  reEntryHours: s.reEntry.kind === 'hours' ? say(s.reEntry.hours) : '',
  maxTemp: s.maxTempC === undefined ? '' : say(degreesOf(s.maxTempC, system)),
  rainfastHours: say(s.rainfastHours),
  lastsDays: say(s.lastsDays),
  washedOff: s.washedOffMm === undefined ? '' : trim(s.washedOffMm / rainMmOf(system), 2),
  mixLifeHours: say(s.mixLifeHours),
  shelfLifeMonths: say(s.shelfLifeMonths),
  disposal: s.disposal,
  // a specimen's words are ours, not this pack's
  firstAid: s.specimen ? '' : (s.firstAid ?? ''),
  hazards: s.specimen ? '' : (s.hazards ?? ''),
  physician: s.specimen ? '' : (s.physician ?? ''),
});

const OWN = { mark: 'PUB', source: 'the grower’s own label' } as const;

/** The way as chosen, or the usual one of a kind of product that can not do it. */
export const methodIn = (method: Method, formulation: Formulation): Method => {
  const can = methodsFor(formulation);
  return can.includes(method) ? method : (can[0] ?? method);
};

/** Message by field: `name`, `lines.0.phi`, `actives.1.percent` … */
export type SheetErrors = Readonly<Record<string, string>>;

/** Which form field shows what is wrong at a path of the sheet. */
const FIELD: readonly [RegExp, string][] = [
  [/^(lines\.\d+)\.rate.*$/, '$1.rate'],
  [/^(lines\.\d+)\.water(?:Most)?MlPerM2$/, '$1.water'],
  [/^(lines\.\d+)\.phiDays$/, '$1.phi'],
  [/^(lines\.\d+)\.intervalDays$/, '$1.interval'],
  [/^(lines\.\d+)\.maxPerSeason$/, '$1.most'],
  [/^(lines\.\d+)\.mostRunning$/, '$1.running'],
  [/^(lines\.\d+)\.waterInMm$/, '$1.waterIn'],
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
  const kind = FORMULATIONS[f.formulation];
  const dry = kind.into === 'not-mixed';
  const percent = parseNumber(f.actives[0]?.percent ?? '');
  const of = rateOf({ state: kind.state, actives: percent.ok ? [{ name: '', percent: percent.value, moa: '' }] : [] });
  const lines = f.lines.map((l, i): unknown => {
    const at = (k: string) => `lines.${i}.${k}`;
    const { before } = l;
    // what was not touched stays what it was, whoever's spoons the reader has
    const read = before && l.rate === rateText(before) ? { ok: true as const, value: before.rate } : rateFrom(l.rate, f.system, of);
    if (!read.ok) errors[at('rate')] ??= l.rate.trim() === '' ? 'The rate is missing.' : (read.reasons[0]?.sentence ?? '');
    const form = read.ok ? read.value.form : 'per-litre';
    const method = methodIn(l.method, f.formulation);
    // water that stood there for another kind of rate is nobody's figure any more
    const untouched = before !== null && before.rate.form !== form && l.water === waterText(before, before.rate.form);
    const printedWater = untouched ? '' : l.water.trim();
    const water = readWater(printedWater === '' && dry ? '0' : printedWater, f.system, form);
    if (!water.ok) errors[at('water')] ??= water.reasons[0]?.sentence ?? '';
    // a line for bare wood is for the dormant season
    const running = optional(l.running, at('running'), 'The most in a row');
    const waterIn = optional(l.waterIn, at('waterIn'), 'The water over it');
    const stages = method === 'bark' ? (['dormant'] as const) : before && methodOf(base, before) === 'bark' ? undefined : before?.stages;
    return {
      id: before?.id ?? `line-${i + 1}`,
      crops: l.crops,
      pests: l.pests,
      rate: read.ok ? read.value : { form, unit: 'ml', min: 1, max: 1 },
      ...(water.ok ? water.value : { waterMlPerM2: null }),
      coverage: METHOD_WORDS[method].coverage,
      method,
      phiDays: optional(l.phi, at('phi'), 'The picking wait') ?? null,
      intervalDays: figure(l.interval, at('interval'), 'The days between'),
      maxPerSeason: optional(l.most, at('most'), 'The most a year') ?? null,
      ...(running === undefined ? {} : { mostRunning: running }),
      ...(waterIn === undefined ? {} : { waterInMm: Number((waterIn * rainMmOf(f.system)).toPrecision(6)) }),
      ...(l.bloom === 'any' ? {} : { inBloom: l.bloom }),
      ...(stages ? { stages } : {}),
      prov: OWN,
    };
  });
  const degrees = (text: string, field: string, what: string) => {
    const n = optional(text, field, what);
    return n === undefined ? undefined : celsiusOf(n, f.system);
  };
  const maxTempC = degrees(f.maxTemp, 'maxTempC', 'The highest temperature');
  const minTempC = degrees(f.minTemp, 'minTempC', 'The lowest temperature');
  const gaps = GAP_GROUPS.flatMap((group) => {
    const days = optional(f.gaps[group], `gaps.${group}`, 'The days apart');
    const prov = base.gaps.find((g) => g.group === group && g.days === days)?.prov ?? OWN;
    return days === undefined ? [] : [{ group, days, prov }];
  });
  const waterBuffer = optional(f.waterBuffer, 'waterBufferM', 'The distance to water');
  const lastsDays = optional(f.lastsDays, 'lastsDays', 'How long it lasts');
  const washedOff = optional(f.washedOff, 'washedOffMm', 'The rain');
  const shelf = optional(f.shelfLifeMonths, 'shelfLifeMonths', 'The shelf life');
  const powder = kind.state === 'dry';
  const spoons = powder ? optional(f.spoonsG, 'spoonsG', 'The weight of ten spoons') : undefined;
  const weighed = spoons === undefined ? null : levelDensityOf(spoons, teaspoonMl(f.system));
  if (weighed && !weighed.ok && !errors['spoonsG']) errors['spoonsG'] = weighed.reasons[0]?.sentence ?? '';
  const {
    levelDensity,
    firstAid: _f,
    hazards: _h,
    physician: _p,
    maxTempC: _t,
    waterBufferM: _w,
    minTempC: _m,
    shelfLifeMonths: _s,
    lastsDays: _l,
    washedOffMm: _o,
    registration: _r,
    notMixedWith: _n,
    ...rest
  } = base;
  const raw = {
    ...rest,
    ...(weighed?.ok ? { levelDensity: weighed.value } : levelDensity && powder && weighedG(levelDensity, 1) === null ? { levelDensity } : {}),
    id,
    version,
    specimen: false,
    basedOn: base.specimen ? base.id : base.basedOn,
    name: f.name.trim(),
    ...(f.registration.trim() ? { registration: f.registration.trim() } : {}),
    actives: f.actives.map((a, i) => {
      const metallic = optional(a.metallic, `actives.${i}.metallic`, 'The metallic copper');
      return {
        name: a.name.trim(),
        percent: figure(a.percent, `actives.${i}.percent`, 'The strength'),
        ...(metallic === undefined ? {} : { metallic }),
        moa: a.moa.trim(),
      };
    }),
    // another kind of product goes into the water in its own way; the same kind as the specimen says
    formulation: f.formulation,
    ...(f.formulation === base.formulation ? {} : { state: kind.state, into: kind.into }),
    signalWord: f.signalWord,
    restricted: f.restricted,
    organicListed: f.organicListed,
    outdoors: f.outdoors,
    indoors: f.indoors,
    rooms: f.indoors && f.rooms,
    protection: f.protection,
    bees: f.bees,
    fish: f.fish,
    ...(waterBuffer === undefined ? {} : { waterBufferM: waterBuffer * metreOf(f.system) }),
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
    ...(lastsDays === undefined ? {} : { lastsDays }),
    ...(washedOff === undefined ? {} : { washedOffMm: washedOff * rainMmOf(f.system) }),
    ...(shelf === undefined ? {} : { shelfLifeMonths: shelf }),
    disposal: f.disposal.trim(),
    ...(f.firstAid.trim() ? { firstAid: f.firstAid.trim() } : {}),
    ...(f.hazards.trim() ? { hazards: f.hazards.trim() } : {}),
    ...(f.physician.trim() ? { physician: f.physician.trim() } : {}),
  };
  const parsed = ownSheetSchema.safeParse(raw);
  for (const issue of parsed.error?.issues ?? []) errors[fieldAt(issue.path.join('.'))] ??= issue.message;
  if (parsed.success) for (const fault of checkSheet(parsed.data)) errors[fieldAt(fault.field)] ??= fault.message;
  return parsed.success && Object.keys(errors).length === 0 ? { sheet: parsed.data } : { errors };
}
