import { SITE_WORDS, type Site } from '../catalogue/sites';
import type { Host, Trouble } from '../catalogue';
import type { PastTreatment, PlantingFacts } from '../decide';
import { copperWord } from '../decide/copper';
import { sameProduct } from '../decide/same-product';
import { copperShare, forRooms, lineFor, mustBeChecked, sayPer, sayRate, strictSheet, type LabelLine, type LabelSheet, type RateForm } from '../label';
import { strongEnough, atMost, instant, sayDay, type Instant } from '../measure';
import { sayRateIn } from '../mix';
import { clocksFor, inTwelveMonths, waitUntil, type Clocks } from '../schedule';

/** What was done with a product, as it was done. */
export interface Deed {
  readonly sheet: LabelSheet;
  readonly host: Host;
  /** What it was against; null for upkeep, or what was never named. */
  readonly trouble: Pick<Trouble, 'labelAs'> | null;
  /** Product used, in the rate's unit; null when not known. */
  readonly amount: number | null;
  /** Mix it was in, ml; null for what goes on dry. */
  readonly waterMl: number | null;
  /** What the label's rate is counted by: m², plants, m of row, cm of trunk, m of height; by the form, where more than one is known. */
  readonly size: number | null | ((form: RateForm) => number | null);
  /** Fills of the sprayer as they went, where they were noted. */
  readonly loads?: readonly {
    readonly product: number;
    readonly waterMl: number;
    readonly madeAt: Instant | null;
    readonly outAt: Instant | null;
    readonly waste: boolean;
  }[];
  /** When product first met water; null when not known. */
  readonly madeAt: Instant | null;
  readonly finishedAt: Instant;
  /** The air then; null when nobody knows. */
  readonly air: { readonly temperatureC: number; readonly humidityPct: number; readonly windMs: number } | null;
  readonly zone: string;
  /** Whose law counts the copper; the strictest where none is named. */
  readonly country?: string | null;
  readonly planting: { readonly site: Site; readonly stage: PlantingFacts['stage']; readonly edible: boolean };
  /** Made at home: no label covers its strength, and none was compared. */
  readonly made?: boolean;
  /** The figures were compared with the label in the hand. */
  readonly confirmed: boolean;
  /** Earlier treatments of this planting, oldest first. */
  readonly before: readonly PastTreatment[];
}

/** What the record says of it: nothing is refused, and nothing is hidden. */
export interface Truth {
  readonly line: LabelLine | null;
  readonly clocks: Clocks;
  /** What it broke, a sentence each. */
  readonly broke: readonly string[];
  /** No safe picking date can be named. */
  readonly pickUnknown: boolean;
}

/** Air that nobody measured is taken for damp, short of dew. */
const NOBODY_MEASURED = { temperatureC: 10, humidityPct: 88 };
/** More wind than a fine spray bears, m/s (from memory). */
const WINDY_MS = 5.5;
const HOUR = 3_600_000;
/** Keep-out hours by signal word, where the label no longer covers what was done. Source: 40 CFR 156.208. */
const STERN_HOURS = { none: 12, caution: 12, warning: 24, danger: 48 } as const;

/**
 * What was done, beside the label: which line it falls under, the strictest clocks that follow, and what it broke. A
 * record of what was done is always taken; so this never refuses.
 * @example truthOf({ …twice the label's rate on lettuces }) // broke: ['Above the label: …'], pickUnknown: true
 */
export function truthOf(done: Deed): Truth {
  const d = { ...done, sheet: strictSheet(done.sheet) };
  const broke: string[] = [];
  const { line, covered } = lineOf(d, broke);
  const above = !d.made && rates(d, line, covered, broke);
  if (d.made) broke.push('Made at home: no label covers it. The waits are those of our specimen.');
  if (d.amount === null && !d.made) broke.push('How much was used was not written down.');
  limits(d, line, broke);
  const strict = line ?? strictest(d.sheet.lines);
  const clocks = clocksFor(d.sheet, strict, d.finishedAt, d.air ?? NOBODY_MEASURED, d.zone);
  const pickUnknown = d.planting.edible && (!covered || above || strict.phiDays === null);
  // outside the label its own keep-out is the least
  const stern = !covered || above ? instant(d.finishedAt + STERN_HOURS[d.sheet.signalWord] * HOUR) : clocks.keepOutUntil;
  const keepOutUntil = instant(Math.max(clocks.keepOutUntil, stern));
  return { line, broke, pickUnknown, clocks: { ...clocks, keepOutUntil, pickFrom: pickUnknown || !d.planting.edible ? null : clocks.pickFrom } };
}

/** The line it falls under; without one for this pest the strictest for this crop, so that the longest wait runs. */
function lineOf({ sheet, host, trouble, planting }: Deed, broke: string[]): { line: LabelLine | null; covered: boolean } {
  if (trouble) {
    const found = lineFor(sheet, host, trouble, planting.stage);
    if (found.ok) return { line: found.value, covered: true };
    broke.push(found.reasons[0]?.sentence ?? 'Not on this label.');
  }
  const barred = sheet.forbidden.some((f) => host.crops.includes(f.crop));
  const onCrop = barred ? [] : sheet.lines.filter((l) => l.crops.some((c) => host.crops.includes(c)));
  if (onCrop.length > 0) return { line: strictest(onCrop), covered: true };
  if (!trouble) broke.push(`${host.name} are not on this label.`);
  return { line: null, covered: false };
}

/** The line with the longest wait before picking; "not for food" is longest of all. */
const strictest = (lines: readonly LabelLine[]): LabelLine => lines.reduce((a, b) => ((b.phiDays ?? Infinity) > (a.phiDays ?? Infinity) ? b : a));

/** Whether more was used than the label bears; what was too little is said too. */
function rates(d: Deed, line: LabelLine | null, covered: boolean, broke: string[]): boolean {
  if (!line || !covered || d.amount === null) return false;
  const { rate } = line;
  const over = rate.form === 'per-litre' ? (d.waterMl ?? 0) / 1000 : ((typeof d.size === 'function' ? d.size(rate.form) : d.size) ?? 0);
  if (!(over > 0)) {
    broke.push(`The label goes ${sayPer(rate.form)}, and how much of that there was is not written down: whether it was within is not known.`);
    return false;
  }
  const made = d.amount / over;
  const said = sayRateIn(made, rate.unit, rate.form, rate.printed?.system ?? 'metric');
  const strongest = rate.form === 'per-litre' ? Math.max(0, ...putOut(d).map((l) => (l.waterMl > 0 ? l.product / (l.waterMl / 1000) : 0))) : 0;
  if (!atMost(made, rate.max)) {
    broke.push(`Above the label: ${said}, the label has ${sayRate(rate)}.`);
    return true;
  }
  if (!atMost(strongest, rate.max)) {
    broke.push(
      `One load was above the label: ${sayRateIn(strongest, rate.unit, rate.form, rate.printed?.system ?? 'metric')}, the label has ${sayRate(rate)}.`,
    );
    return true;
  }
  if (!strongEnough(made, rate.min)) broke.push(`Weaker than the label: ${said}, the label has ${sayRate(rate)}.`);
  return false;
}

const putOut = ({ loads = [] }: Deed) => loads.filter((l) => !l.waste);

function limits(d: Deed, line: LabelLine | null, broke: string[]): void {
  const { sheet, planting, air } = d;
  const say = (yes: boolean, sentence: string) => {
    if (yes) broke.push(sentence);
  };
  say(mustBeChecked(sheet) && !d.confirmed && !d.made, `The figures of ${sheet.name} were not compared with the label in the hand.`);
  say(sheet.restricted, 'It is for licensed applicators only.');
  say(planting.site === 'outdoors' ? !sheet.outdoors : !sheet.indoors, `The label does not carry it ${SITE_WORDS[planting.site]}.`);
  say(planting.site === 'indoors' && sheet.indoors && !forRooms(sheet), 'The label names no room that is lived in.');
  const flowering = planting.stage === 'flowering';
  say(flowering && line?.inBloom === 'never', 'The label bars it on open flowers.');
  say(flowering && line?.inBloom !== 'never' && sheet.bees === 'toxic', 'It harms bees, and the plants were in flower.');
  say(line?.stages !== undefined && !line.stages.some((s) => s === planting.stage), `The label holds only while ${line?.stages?.join(' or ')}.`);
  const ages = putOut(d).flatMap((l) => (l.madeAt === null ? [] : [(l.outAt ?? d.finishedAt) - l.madeAt]));
  const oldest = ages.length > 0 ? Math.max(...ages) : d.madeAt === null ? null : d.finishedAt - d.madeAt;
  if (oldest !== null) {
    const hours = oldest / HOUR;
    say(!atMost(hours, sheet.mixLifeHours), `The mix was ${Math.ceil(hours)} h old; it keeps ${sheet.mixLifeHours} h.`);
  }
  if (air && planting.site === 'outdoors') {
    say(
      sheet.maxTempC !== undefined && air.temperatureC > sheet.maxTempC,
      `It was ${Math.round(air.temperatureC)} °C; the label has ${sheet.maxTempC} °C at most.`,
    );
    say(
      sheet.minTempC !== undefined && air.temperatureC < sheet.minTempC,
      `It was ${Math.round(air.temperatureC)} °C; the label has ${sheet.minTempC} °C at least.`,
    );
    const sprayed = line?.coverage === 'wetted' || line?.coverage === 'run-off';
    say(sprayed && air.windMs > WINDY_MS, `The wind was ${Math.round(air.windMs * 3.6)} km/h: a fine spray drifts.`);
  }
  earlier(d, line, say);
  const ground = typeof d.size === 'function' ? d.size('per-m2') : line?.rate.form === 'per-m2' || line?.rate.form === 'per-litre' ? d.size : null;
  const copper =
    d.amount === null || ground === null ? null : copperWord((d.amount * copperShare(sheet)) / ground, 'This treatment', d.before, d.finishedAt, d.country);
  say(copper?.over === true, copper?.sentence ?? '');
}

/** What stands against it in the records: too soon, too often, too near to another material. */
function earlier({ sheet, before, finishedAt, zone }: Deed, line: LabelLine | null, say: (yes: boolean, sentence: string) => void): void {
  const mine = before.filter((r) => r.at < finishedAt && sameProduct(r.sheet, sheet));
  const last = mine.at(-1);
  if (line && last && line.intervalDays > 0) {
    say(
      finishedAt < waitUntil(last.at, line.intervalDays, zone),
      `Used on ${sayDay(last.at, zone)} already: the label has ${line.intervalDays} ${line.intervalDays === 1 ? 'day' : 'days'} between.`,
    );
  }
  if (line && line.maxPerSeason !== null) {
    const times = inTwelveMonths(mine, finishedAt, zone).length + 1;
    say(times > line.maxPerSeason, `It is the ${times}. time in twelve months; the label has at most ${line.maxPerSeason}.`);
  }
  for (const gap of sheet.gaps) {
    const near = before.filter((r) => r.at < finishedAt && r.sheet && strictSheet(r.sheet).groups.includes(gap.group)).at(-1);
    say(
      near !== undefined && finishedAt < waitUntil(near.at, gap.days, zone),
      `${near?.sheet?.name ?? ''} went on within the ${gap.days} days that must lie between.`,
    );
  }
}
