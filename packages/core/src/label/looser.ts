import { findActive } from './actives';
import { productPerM2 } from './copper';
import { sayPer } from './rate';
import { forRooms } from './rooms';
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
  say(
    specimen.waterBufferM !== undefined && (own.waterBufferM ?? 0) < specimen.waterBufferM,
    `${own.waterBufferM === undefined ? 'No distance' : `Only ${own.waterBufferM} m`} to water, the specimen has ${specimen.waterBufferM} m.`,
  );
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
  say(own.indoors && !specimen.indoors, 'For under cover, the specimen is for outdoors only.');
  say(forRooms(own) && !forRooms(specimen), 'For rooms that are lived in, the specimen is not.');
  say(own.outdoors && !specimen.outdoors, 'For outdoors, the specimen is for under cover only.');
  say(
    specimen.minTempC !== undefined && (own.minTempC === undefined || own.minTempC < specimen.minTempC),
    `Allowed in more cold than the specimen’s ${specimen.minTempC} °C.`,
  );
  say(own.mixLifeHours > specimen.mixLifeHours, `The mix keeps ${own.mixLifeHours} h, the specimen’s ${specimen.mixLifeHours} h.`);
  const unsaid = (specimen.harms ?? []).filter((h) => !own.harms?.some((o) => o.what === h.what)).map((h) => h.what.replaceAll('-', ' '));
  say(unsaid.length > 0, `Says nothing of ${unsaid.join(', ')}, which the specimen harms.`);
  const barred = own.notMixedWith ?? [];
  const mixed = barred.includes('anything') ? [] : (specimen.notMixedWith ?? []).filter((m) => !barred.includes(m));
  say(mixed.length > 0, `May be mixed with ${mixed.join(', ').replaceAll('-', ' ')}, the specimen not.`);
  for (const gap of specimen.gaps) {
    const mine = own.gaps.find((g) => g.group === gap.group)?.days ?? 0;
    say(mine < gap.days, `${mine === 0 ? 'No days' : `Only ${days(mine)}`} apart from ${gap.group}, the specimen has ${days(gap.days)}.`);
  }
  return out;
}

/** How much stronger the own product is, by the active that grew most; by the first ones where none is the same. */
function strongerBy(own: LabelSheet, specimen: LabelSheet): number {
  const idOf = (name: string) => findActive(name)?.id ?? name.toLowerCase();
  const grown = own.actives.flatMap((a) => specimen.actives.filter((s) => idOf(s.name) === idOf(a.name)).map((s) => a.percent / s.percent));
  return grown.length > 0 ? Math.max(...grown) : (own.actives[0]?.percent ?? 1) / (specimen.actives[0]?.percent ?? 1);
}

function looserLine(line: LabelLine, i: number, own: LabelSheet, specimen: LabelSheet): string[] {
  const out: string[] = [];
  const at = `Line ${i + 1}`;
  const alike = specimen.lines.filter((l) => l.crops.some((c) => line.crops.includes(c)));
  // where crops are lumped, or the specimen carries none of them, the strictest it has counts
  const beside = alike.length > 0 ? alike : specimen.lines;
  const strength = strongerBy(own, specimen);
  const rates = beside.filter((l) => l.rate.form === line.rate.form && l.rate.unit === line.rate.unit).map((l) => l.rate.max);
  const most = Math.min(...rates) / strength;
  const stronger = rates.length > 0 && line.rate.max > most * ROUNDING;
  if (stronger) {
    out.push(
      `${at}: up to ${Number(line.rate.max.toPrecision(3))} ${line.rate.unit} ${sayPer(line.rate.form)}, the specimen has ${Number(most.toPrecision(3))} at this strength.`,
    );
  }
  const doses = beside.flatMap((l) => (l.rate.unit === line.rate.unit ? (productPerM2(l, l.rate.max) ?? []) : []));
  const [dose, mostDose] = [productPerM2(line, line.rate.max), Math.max(...doses) / strength];
  if (!stronger && dose !== null && doses.length > 0 && dose > mostDose * ROUNDING) {
    out.push(`${at}: up to ${Number(dose.toPrecision(3))} ${line.rate.unit} a m² with its water, the specimen has ${Number(mostDose.toPrecision(3))}.`);
  }
  if (beside.every((l) => l.stages !== undefined)) {
    const held = new Set(beside.flatMap((l) => l.stages ?? []));
    const more = line.stages?.filter((stage) => !held.has(stage));
    if (more === undefined) out.push(`${at}: at any stage of the plants, the specimen only ${[...held].join(', ')}.`);
    else if (more.length > 0) out.push(`${at}: while ${more.join(', ')} too, the specimen only ${[...held].join(', ')}.`);
  }
  const running = beside.flatMap((l) => l.mostRunning ?? []);
  if (running.length > 0 && (line.mostRunning ?? Infinity) > Math.min(...running)) {
    out.push(`${at}: ${line.mostRunning === undefined ? 'any number of' : line.mostRunning} times in a row, the specimen has ${Math.min(...running)}.`);
  }
  const yearly = beside.flatMap((l) => l.mostPerM2Year ?? []);
  if (yearly.length > 0 && (line.mostPerM2Year === undefined || line.mostPerM2Year > Math.min(...yearly) / strength)) {
    out.push(
      `${at}: ${line.mostPerM2Year === undefined ? 'no most' : `at most ${line.mostPerM2Year}`} a m² in a year, the specimen has ${Math.min(...yearly)}.`,
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
