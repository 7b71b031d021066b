import { sayPer } from './rate';
import type { LabelLine, LabelSheet } from './schema';

const SIGNALS = ['none', 'caution', 'warning', 'danger'] as const;
const BEES = ['none', 'wet', 'toxic'] as const;
/** Rates are compared at the same strength; rounding on labels goes this far. */
const ROUNDING = 1.05;

const days = (n: number) => `${n} ${n === 1 ? 'day' : 'days'}`;
const hours = (s: LabelSheet) => (s.reEntry.kind === 'hours' ? s.reEntry.hours : 0);

/**
 * Where a sheet allows more, or minds less, than another of the same active ingredient: a slip of the pen shows
 * here before it is acted on. Empty when it is as strict throughout.
 * @param own the sheet as typed @param specimen the one it was made from
 */
export function looserThan(own: LabelSheet, specimen: LabelSheet): string[] {
  const out: string[] = [];
  const say = (yes: boolean, sentence: string) => {
    if (yes) out.push(sentence);
  };
  own.lines.forEach((line, i) => out.push(...looserLine(line, i, own, specimen)));
  say(SIGNALS.indexOf(own.signalWord) < SIGNALS.indexOf(specimen.signalWord), `Signal word ${own.signalWord}, the specimen has ${specimen.signalWord}.`);
  say(BEES.indexOf(own.bees) < BEES.indexOf(specimen.bees), 'It minds bees less than the specimen.');
  say(specimen.fish && !own.fish, 'The specimen is harmful to fish, this is not.');
  say((specimen.keepOff ?? false) && !own.keepOff, 'The specimen keeps children and pets off, this does not.');
  say(specimen.restricted && !own.restricted, 'The specimen is for licensed applicators, this is not.');
  say(hours(own) < hours(specimen), `Keep out ${own.reEntry.kind === 'hours' ? `${hours(own)} h` : 'until dry'}, the specimen has ${hours(specimen)} h.`);
  const bare = specimen.protection.filter((p) => !own.protection.includes(p));
  say(bare.length > 0, `Without ${bare.join(', ')}, which the specimen asks for.`);
  say(
    specimen.maxTempC !== undefined && (own.maxTempC === undefined || own.maxTempC > specimen.maxTempC),
    `Allowed in more heat than the specimen’s ${specimen.maxTempC} °C.`,
  );
  say(own.rainfastHours < specimen.rainfastHours, `No rain for ${own.rainfastHours} h, the specimen has ${specimen.rainfastHours} h.`);
  const open = specimen.forbidden.filter((f) => !own.forbidden.some((o) => o.crop === f.crop)).map((f) => f.crop.replaceAll('-', ' '));
  say(open.length > 0, `Not forbidden on ${open.join(', ')}, as on the specimen.`);
  for (const gap of specimen.gaps) {
    const mine = own.gaps.find((g) => g.group === gap.group)?.days ?? 0;
    say(mine < gap.days, `${mine === 0 ? 'No days' : `Only ${days(mine)}`} apart from ${gap.group}, the specimen has ${days(gap.days)}.`);
  }
  return out;
}

function looserLine(line: LabelLine, i: number, own: LabelSheet, specimen: LabelSheet): string[] {
  const out: string[] = [];
  const at = `Line ${i + 1}`;
  const alike = specimen.lines.filter((l) => l.crops.some((c) => line.crops.includes(c)));
  // where crops are lumped, or the specimen carries none of them, the strictest it has counts
  const beside = alike.length > 0 ? alike : specimen.lines;
  const strength = (own.actives[0]?.percent ?? 1) / (specimen.actives[0]?.percent ?? 1);
  const rates = beside.filter((l) => l.rate.form === line.rate.form && l.rate.unit === line.rate.unit).map((l) => l.rate.max);
  const most = Math.min(...rates) / strength;
  if (rates.length > 0 && line.rate.max > most * ROUNDING) {
    out.push(
      `${at}: up to ${Number(line.rate.max.toPrecision(3))} ${line.rate.unit} ${sayPer(line.rate.form)}, the specimen has ${Number(most.toPrecision(3))} at this strength.`,
    );
  }
  const waits = beside.flatMap((l) => (l.phiDays === null ? [] : [l.phiDays]));
  if (line.phiDays !== null && waits.length === 0) out.push(`${at}: for food, the specimen is not.`);
  else if (line.phiDays !== null && line.phiDays < Math.max(...waits)) {
    out.push(`${at}: ${days(line.phiDays)} to wait before picking, the specimen has ${days(Math.max(...waits))}.`);
  }
  const between = Math.max(...beside.map((l) => l.intervalDays));
  if (line.intervalDays < between) out.push(`${at}: ${days(line.intervalDays)} between, the specimen has ${days(between)}.`);
  const times = beside.map((l) => l.maxPerSeason ?? Infinity);
  if ((line.maxPerSeason ?? Infinity) > Math.min(...times)) {
    out.push(`${at}: ${line.maxPerSeason === null ? 'no limit' : `${line.maxPerSeason} times`} a year, the specimen has ${Math.min(...times)}.`);
  }
  if (line.inBloom !== 'never' && beside.some((l) => l.inBloom === 'never')) out.push(`${at}: the specimen is never for open flowers.`);
  return out;
}
