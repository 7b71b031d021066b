import { findHost } from '../catalogue/hosts';
import { closedAt, judge, openAmong, type Situation } from '../decide';
import { hazardScore } from '../decide/ladder';
import { MOMENT_WORDS, nextMoment } from '../decide/moments';
import { instant } from '../measure';
import type { Apart, CourseModel, ProgrammeModel, Quarters, Total } from '../programme';
import { addDays, dayEnd, dayOf, dayStart, waitUntil, type LocalDay } from '../schedule';
import { sameProduct } from '../decide/same-product';
import { whereOf } from '../decide/where';
import { SLOT_MS, wateredAt, withWatering, type Conditions, type Span } from '../weather';
import { roundsAllowed, type Allowed } from './allowed';
import { apartOf } from './apart';
import { runningOf, type Running } from './course';
import { mixesOf } from './mixes';
import { daysHeld } from './holds';
import { conditionsBySite, situationOf } from './situation';
import type { ClosedDay, SeasonFacts, Sure } from './types';
import { usualHours } from './windows';

/** Days that are planned by the quarter hour. */
export const HORIZON_DAYS = 14;
const DAY = 86_400_000;
/** In quarter hours. */
const NOON = 48;

/** A course with everything the programme needs of it. */
export interface Planned {
  readonly running: Running;
  readonly situation: Situation;
  readonly model: CourseModel;
  /** By day: how sure its hours are. */
  readonly sure: readonly Sure[];
  readonly closed: readonly ClosedDay[];
  readonly dueOn: LocalDay;
  readonly dueWhy: string;
  /** What label, ledger and the change of modes of action leave of its rounds. */
  readonly allowed: Allowed;
}

export interface Built {
  readonly model: ProgrammeModel;
  readonly planned: readonly Planned[];
  readonly running: readonly Running[];
}

const dayNumber = (from: LocalDay, day: LocalDay): number => Math.round((Date.parse(`${day}T00:00:00Z`) - Date.parse(`${from}T00:00:00Z`)) / DAY);

/** Quarter hours that a round takes (from memory): getting ready and rinsing out, and the walk along the plants. */
function quartersOf({ sheet, facts }: Running): number {
  const { areaM2 } = facts.planting;
  return sheet ? 2 + Math.min(4, Math.floor(areaM2 / 25)) : 1 + Math.min(7, Math.ceil(areaM2 / 15));
}

/** 1 the mildest … 9 the harshest: the rung, and within it what its label warns of. */
const harmOf = ({ control, sheet }: Running): number => Math.min(9, 1 + control.rung + Math.min(1, Math.floor(hazardScore(control, sheet) / 12)));

/** Open stretches by day, and how sure each day's are. */
function openDays(r: Running, s: Situation, conditions: readonly Conditions[], today: LocalDay): { readonly open: Quarters[][]; readonly sure: Sure[] } {
  const { zone } = s.place;
  const open: Quarters[][] = Array.from({ length: HORIZON_DAYS }, () => []);
  const sure: Sure[] = Array.from({ length: HORIZON_DAYS }, () => 'unknown');
  const put = (span: Span) => {
    for (let day = dayOf(span.from, zone); day <= dayOf(instant(span.to - 1), zone); day = addDays(day, 1)) {
      const n = dayNumber(today, day);
      if (n < 0 || n >= HORIZON_DAYS) continue;
      const start = dayStart(day, zone);
      const [from, to] = [Math.max(span.from, start), Math.min(span.to, dayEnd(day, zone))];
      open[n]?.push({ from: Math.ceil((from - start) / SLOT_MS), to: Math.floor((to - start) / SLOT_MS) });
    }
  };
  const known = conditions.findLast((c) => c.knownHours > 0)?.at ?? null;
  if (known !== null) judge(r.control, s, r.sheet).openSpans.forEach(put);
  for (let n = 0; n < HORIZON_DAYS; n++) {
    const day = addDays(today, n);
    const usual = usualHours(r.control, r.sheet, day, s.place);
    if (known !== null && usual.to <= known) {
      sure[n] = conditions.find((c) => c.at >= usual.from)?.certainty ?? 'forecast';
      continue;
    }
    // a day of which a part is told already keeps what was found open in it
    if ((open[n]?.length ?? 0) > 0) {
      sure[n] = 'forecast';
      continue;
    }
    // only what nobody has told of: an hour that is known to be closed stays closed
    const from = instant(Math.max(usual.from, Math.ceil(s.now / SLOT_MS) * SLOT_MS, known === null ? 0 : known + SLOT_MS));
    if (usual.to - from >= 2 * SLOT_MS) openAmong(r.control, s, r.sheet, [{ from, to: usual.to }]).forEach(put);
  }
  // one time out a day: what has an open evening is not done in the morning of that day
  return { open: open.map((spans) => (spans.some((q) => q.to > NOON + 2) ? spans.filter((q) => q.to > NOON + 2) : spans)), sure };
}

/** Why a day has no hours for it. */
function closedDay(r: Running, s: Situation, day: LocalDay): ClosedDay {
  const usual = usualHours(r.control, r.sheet, day, s.place);
  const first = closedAt(r.control, s, r.sheet, usual.from)[0];
  if (!first) return { day, why: 'No hour of that day is fit for it: wind, rain, heat or bees.', frees: 'Another day, or a look at the sky on the day.' };
  const frees = first.opens?.kind === 'event' ? `It opens ${first.opens.event}.` : (first.orElse?.label ?? null);
  return { day, why: first.sentence, frees };
}

/** The hours as the leaves of a planting have them. */
const leafHours = (s: Situation, season: SeasonFacts) => withWatering(season.hours, wateredAt(s.planting.about), s.place);

/** When the next round is due, and what makes it so. */
function dueOf(r: Running, s: Situation, season: SeasonFacts, today: LocalDay): { readonly on: LocalDay; readonly why: string } {
  const last = r.done.at(-1);
  const { zone } = s.place;
  if (!last) return { on: today, why: 'It was decided and not begun.' };
  const lastDay = dayOf(last.at, zone);
  const soonest = [addDays(lastDay, r.least), dayOf(waitUntil(last.at, r.line?.intervalDays ?? 0, zone), zone)].sort().at(-1) as LocalDay;
  if (r.course.at) {
    const next = nextMoment(r.course.at, lastDay, whereOf(s));
    return { on: next.on > soonest ? next.on : soonest, why: `Its next round is ${MOMENT_WORDS[next.moment]}.` };
  }
  if (r.wanted !== null) return { on: soonest, why: r.course.words };
  const held = daysHeld({
    sheet: r.sheet,
    line: r.line,
    finishedAt: last.at,
    most: r.most,
    place: s.place,
    outdoors: s.planting.site === 'outdoors',
    growing: s.planting.stage === 'growing' || s.planting.stage === 'flowering',
    hours: leafHours(s, season),
  });
  const worn = addDays(lastDay, held);
  if (held >= r.most) return { on: worn > soonest ? worn : soonest, why: `Its days are over then: ${String(r.most)} at the most.` };
  return worn >= soonest
    ? { on: worn, why: 'Rain, sun or new growth will have taken it by then.' }
    : { on: soonest, why: `It has worn off; not sooner than ${String(r.least)} days after the last.` };
}

/** What warmth brings (eggs that hatch, moths that fly) is met from the day before to so many days after (from memory). */
const FLIGHT = { before: 1, after: 3 } as const;

/** Days on which a round answers a warning: so that it is on before, or while it still reaches back; of a flight, about its day. */
function askedOf(r: Running, season: SeasonFacts, zone: string, today: LocalDay): CourseModel['warnings'] {
  return season.warnings.flatMap((w) => {
    const mine = w.plantingId === r.facts.planting.id && w.troubleId === r.trouble.id;
    if (!mine || w.is === 'came' || w.hushed || w.guardedUntil !== null) return [];
    if (w.is === 'due') {
      const day = dayNumber(today, dayOf(instant(Date.parse(w.at)), zone));
      const [from, to] = [day - FLIGHT.before, Math.min(HORIZON_DAYS - 1, day + FLIGHT.after)];
      // what leaves nothing behind guards nothing, and has met it all the same
      const met = r.done.some((d) => dayNumber(today, dayOf(d.at, zone)) >= from);
      return met || to < Math.max(0, from) ? [] : [{ id: w.key, from: Math.max(0, from), to }];
    }
    const to = dayNumber(today, dayOf(instant(Date.parse(w.by ?? w.at)), zone));
    if (to < 0 || to >= HORIZON_DAYS) return [];
    const from = Math.max(0, dayNumber(today, dayOf(instant(Date.parse(w.at)), zone)) - Math.max(1, r.course.every.min));
    return [{ id: w.key, from: Math.min(from, to), to }];
  });
}

/** The day of the picking that ends a course: the first for what must not be on what is picked, else the last; null: none. */
export function overOn({ sheet, line, facts }: Running, today: LocalDay): LocalDay | null {
  const { pickFrom, pickUntil } = facts.planting;
  if (!sheet || pickFrom === null) return null;
  if (!line?.phiDays) return pickUntil !== null && pickUntil >= today ? pickUntil : null;
  return pickFrom >= today ? pickFrom : null;
}

/** From which day on nothing more of a course is wanted. */
function untilOf(r: Running, today: LocalDay): number {
  const over = overOn(r, today);
  return over === null ? HORIZON_DAYS : Math.min(HORIZON_DAYS, Math.max(0, dayNumber(today, over)));
}

function plan(r: Running, s: Situation, season: SeasonFacts, today: LocalDay): Planned {
  const { zone } = s.place;
  const { open, sure } = openDays(r, s, s.conditions, today);
  for (const away of season.garden.away) {
    for (let n = 0; n < HORIZON_DAYS; n++) if (addDays(today, n) >= away.from && addDays(today, n) <= away.to) open[n] = [];
  }
  const due = dueOf(r, s, season, today);
  const longest = Math.max(2, ...open.flat().map((q) => q.to - q.from));
  const growing = s.planting.stage === 'growing' || s.planting.stage === 'flowering';
  const leaves = leafHours(s, season);
  const holds = Array.from({ length: HORIZON_DAYS }, (_, n) =>
    r.wanted !== null
      ? r.most
      : daysHeld({
          sheet: r.sheet,
          line: r.line,
          finishedAt: usualHours(r.control, r.sheet, addDays(today, n), s.place).to,
          most: r.most,
          place: s.place,
          outdoors: s.planting.site === 'outdoors',
          growing,
          hours: leaves,
        }),
  );
  const dueDay = dayNumber(today, due.on);
  const isAway = (day: LocalDay) => season.garden.away.some((a) => day >= a.from && day <= a.to);
  const closed = open.flatMap((spans, n): ClosedDay[] => {
    if (spans.length > 0) return [];
    const day = addDays(today, n);
    return [isAway(day) ? { day, why: 'You are away.', frees: 'Another pair of hands.' } : closedDay(r, s, day)];
  });
  const allowed = roundsAllowed(r, s, instant(Math.max(s.now, dayStart(due.on, zone))));
  const fixed = r.facts.case.course.fixed.map((d) => dayNumber(today, d)).filter((n) => n >= 0 && n < HORIZON_DAYS);
  return {
    running: r,
    situation: s,
    sure,
    closed,
    dueOn: due.on,
    dueWhy: due.why,
    allowed,
    model: {
      id: r.facts.case.id,
      open,
      quarters: Math.min(quartersOf(r), longest),
      least: Math.max(r.least, r.line ? dayNumber(dayOf(s.now, zone), dayOf(waitUntil(s.now, r.line.intervalDays, zone), zone)) : 1),
      holds,
      rounds: Math.min(r.left, allowed.rounds),
      wanted: r.wanted,
      due: dueDay,
      until: untilOf(r, today),
      harm: harmOf(r),
      mix: null,
      takes: [],
      warnings: askedOf(r, season, zone, today),
      fixed,
    },
  };
}

/** What several courses on one planting use up together: one product, or one ledger of copper. */
function shareTotals(planned: readonly Planned[]): { readonly planned: Planned[]; readonly totals: Total[] } {
  const totals: Total[] = [];
  const takes = new Map<string, { total: string; amount: number }[]>();
  planned.forEach((a, i) => {
    const { sheet } = a.running;
    if (!sheet) return;
    const group = planned.filter((b) => b.running.facts.planting.id === a.running.facts.planting.id && b.running.sheet && sameProduct(b.running.sheet, sheet));
    if (group.length < 2 || planned.findIndex((b) => group.includes(b)) !== i) return;
    const id = `${a.running.facts.planting.id} ${sheet.id}`;
    totals.push({ id, left: Math.min(...group.map((b) => b.model.rounds)) });
    for (const b of group) takes.set(b.model.id, [...(takes.get(b.model.id) ?? []), { total: id, amount: 1 }]);
  });
  return { totals, planned: planned.map((p) => ({ ...p, model: { ...p.model, takes: takes.get(p.model.id) ?? [] } })) };
}

/** Whether a case takes part: it runs, it has rounds to come, and nothing has ended it. */
const takesPart = (r: Running): boolean => r.facts.case.course.state === 'on' && r.facts.cleanCounts < 2 && r.left > 0 && r.wanted !== 0;

/** The garden's courses as a programme to be solved. Days count from today. */
export function build(season: SeasonFacts): Built {
  const today = dayOf(season.now, season.garden.zone);
  const conditions = conditionsBySite(season);
  const running: Running[] = [];
  const situations = new Map<string, Situation>();
  // a plant of a newer catalogue, or one that left it, takes nothing from the other courses
  for (const facts of season.courses.filter((c) => findHost(c.planting.hostId))) {
    const of = situationOf(facts, season, conditions(facts.planting.site));
    const r = runningOf(facts, of);
    if (!r) continue;
    running.push(r);
    situations.set(facts.case.id, of(r.trouble));
  }
  const taking = running.filter(takesPart);
  const { planned, totals } = shareTotals(taking.map((r) => plan(r, situations.get(r.facts.case.id) as Situation, season, today)));
  const mixes = mixesOf(taking);
  const mixOf = (r: Running) => mixes.get(r.facts.case.id) ?? null;
  const mixed = planned.map((p) => ({ ...p, model: { ...p.model, mix: mixOf(p.running) } }));
  const apart: Apart[] = apartOf(taking, mixOf);
  return { model: { days: HORIZON_DAYS, courses: mixed.map((p) => p.model), apart, totals }, planned: mixed, running };
}
