import { ofRounds } from '../decide/again';
import { instant, sayDay, type Instant } from '../measure';
import { bestProgramme, type CourseModel, type PlannedRound, type Programme, type ProgrammeModel } from '../programme';
import { addDays, dayOf, dayStart, type LocalDay } from '../schedule';
import { SLOT_MS } from '../weather';
import { sayAllowed } from './allowed';
import { build, HORIZON_DAYS, overOn, type Built, type Planned } from './build';
import { CLEAN_COUNTS, type Running } from './course';
import { whyThen } from './say-why';
import type { CourseAhead, Evening, RoundAhead, Season, SeasonFacts, Sure } from './types';

const SURENESS: readonly Sure[] = ['known', 'reckoned', 'forecast', 'guess', 'unknown'];
/** Further on nobody plans (from memory). */
const SEASON_DAYS = 120;

/** A mix is put on within so long (common practice: what is mixed is used at once). */
const MIX_MS = 3 * 3_600_000;

interface Solved {
  readonly programme: Programme;
  readonly stuck: { readonly caseId: string; readonly day: number; readonly why: string }[];
}

/** Solves it with all days that were set by hand; those that can not be kept are let go, and said. */
function solve(model: ProgrammeModel, planned: readonly Planned[]): Solved {
  const stuck: Solved['stuck'] = [];
  const why = (id: string, day: number) =>
    planned.find((p) => p.model.id === id)?.closed.find((c) => dayNumberOf(planned, c.day) === day)?.why ??
    'It is too near to another round, or there is no time left that evening.';
  let courses = model.courses.map((c): CourseModel => {
    const can = c.fixed.filter((d) => (c.open[d]?.length ?? 0) > 0);
    c.fixed.filter((d) => !can.includes(d)).forEach((day) => stuck.push({ caseId: c.id, day, why: why(c.id, day) }));
    return { ...c, fixed: can };
  });
  for (;;) {
    const found = bestProgramme({ ...model, courses });
    if (!('stuck' in found)) return { programme: found, stuck };
    const id = found.stuck[0] as string;
    const c = courses.find((x) => x.id === id) as CourseModel;
    const day = c.fixed.at(-1);
    if (day !== undefined) stuck.push({ caseId: id, day, why: why(id, day) });
    courses = courses.map((x) => (x.id === id ? { ...x, fixed: x.fixed.slice(0, -1) } : x));
  }
}

const dayNumberOf = (planned: readonly Planned[], day: LocalDay): number => {
  const first = planned[0];
  return first
    ? Math.round((Date.parse(`${day}T00:00:00Z`) - Date.parse(`${dayOf(first.situation.now, first.situation.place.zone)}T00:00:00Z`)) / 86_400_000)
    : -1;
};

/** The season as it goes on from here: the coming fortnight by the quarter hour, after that by the day. */
export function seasonOf(facts: SeasonFacts): Season {
  const built = build(facts);
  const { programme, stuck } = solve(built.model, built.planned);
  const { zone } = facts.garden;
  const today = dayOf(facts.now, zone);
  const at = (day: number, quarter: number): Instant => instant(dayStart(addDays(today, day), zone) + quarter * SLOT_MS);
  const courses = built.running.map((r) => aheadOf(r, built, programme.rounds, facts, today, at));
  const season: Season = {
    now: facts.now,
    today,
    days: HORIZON_DAYS,
    courses,
    evenings: eveningsOf(programme.rounds, built, courses, today, at),
    aims: programme.aims,
    proven: programme.proven,
    stuck: stuck.map((s) => ({ ...s, day: addDays(today, s.day) })),
    model: built.model,
  };
  return {
    ...season,
    courses: season.courses.map((c) => ({ ...c, rounds: c.rounds.map((r) => ({ ...r, why: whyThen(season, c.caseId, r.day, zone) })) })),
  };
}

function aheadOf(
  r: Running,
  built: Built,
  all: readonly PlannedRound[],
  season: SeasonFacts,
  today: LocalDay,
  at: (day: number, quarter: number) => Instant,
): CourseAhead {
  const id = r.facts.case.id;
  const p = built.planned.find((x) => x.model.id === id);
  const rounds = all
    .filter((x) => x.course === id)
    .map((x, i): RoundAhead => ({
      number: r.done.length + i + 1,
      day: addDays(today, x.day),
      from: at(x.day, x.start),
      to: at(x.day, x.end),
      sure: p?.sure[x.day] ?? 'unknown',
      fixed: p?.model.fixed.includes(x.day) ?? false,
      why: '',
    }));
  const clean = r.facts.cleanCounts >= CLEAN_COUNTS;
  const chosen = r.facts.case.course.state;
  const through = r.wanted === 0 || r.left === 0;
  const neverOpen = p !== undefined && p.model.open.every((o) => o.length === 0);
  const state: CourseAhead['state'] = chosen !== 'on' ? chosen : clean || through ? 'over' : neverOpen ? 'waits' : 'on';
  return {
    caseId: id,
    plantingId: r.facts.planting.id,
    plantingName: r.facts.planting.name,
    troubleId: r.trouble.id,
    troubleName: r.trouble.name,
    controlId: r.control.id,
    controlName: r.control.name,
    state,
    why: whyOf(state, r, p, clean, season),
    words: r.course.words,
    done: r.done,
    of: ofRounds(r.course.rounds, r.done.length, p ? p.allowed.rounds : null),
    dueOn: p?.dueOn ?? null,
    dueWhy: p?.dueWhy ?? '',
    rounds,
    later: p ? laterOf(r, p, rounds, today) : [],
    closed: p?.closed ?? [],
    lookOn: r.facts.case.laps.at(-1)?.lookAgainOn ?? null,
    ends:
      r.wanted === null
        ? `Two counts running that find none end it${overOn(r, today) ? ', and the picking does' : ''}.`
        : 'Then it is looked at, and decided anew.',
    nearer: r.nearer,
    lacks: lacksOf(r, rounds.length, season),
  };
}

function whyOf(state: CourseAhead['state'], r: Running, p: Planned | undefined, clean: boolean, season: SeasonFacts): string | null {
  if (state === 'paused') return 'Paused: nothing of it is planned until it is taken up.';
  if (state === 'ended') return 'Ended by you.';
  if (state === 'over')
    return clean ? 'Two counts running found none.' : r.wanted === 0 ? 'Its rounds are done: look what came of it.' : 'All rounds that make sense are done.';
  if (!p) return null;
  const allowed = p.allowed.rounds < r.left ? sayAllowed(p.allowed) : null;
  // what is used up opens on no day, whatever stands against the first of them
  if (p.model.rounds === 0) return allowed && `${allowed} Decide again for what else will do.`;
  const first = p.closed[0];
  if (state === 'waits' && first) return first.frees ? `${first.why} ${first.frees}` : first.why;
  const over = overOn(r, dayOf(season.now, season.garden.zone));
  const stops =
    over !== null && over === r.facts.planting.pickFrom && p.model.until < HORIZON_DAYS
      ? `It stops in time for the picking on ${sayDay(dayStart(over, season.garden.zone), season.garden.zone)}.`
      : null;
  return [allowed, stops].filter(Boolean).join(' ') || null;
}

/** About when the rounds after the fortnight come, to the end of the course or of the season. */
function laterOf(r: Running, p: Planned, rounds: readonly RoundAhead[], today: LocalDay): LocalDay[] {
  if (r.wanted !== null || p.model.rounds <= rounds.length) return [];
  const out: LocalDay[] = [];
  const over = overOn(r, today);
  const end = addDays(today, SEASON_DAYS);
  const behind = addDays(today, HORIZON_DAYS);
  const held = p.model.holds.at(-1) ?? r.most;
  let day = addDays(rounds.at(-1)?.day ?? p.dueOn, rounds.length > 0 ? Math.max(p.model.least, held) : 0);
  for (let left = p.model.rounds - rounds.length; left > 0 && day < end; left--) {
    if (day < behind) day = behind;
    // what must not be on what is picked stops its days before the first
    if (over !== null && addDays(day, r.line?.phiDays ?? 0) > over) break;
    out.push(day);
    day = addDays(day, Math.max(p.model.least, held));
  }
  return out;
}

/** What stands in the shed against what the rounds take, as the last one took. */
function lacksOf(r: Running, rounds: number, season: SeasonFacts): string | null {
  const last = r.facts.treatments.findLast((t) => t.caseId === r.facts.case.id && t.controlId === r.control.id && t.struck === null && t.amount !== null);
  const unit = r.line?.rate.unit;
  if (!r.sheet || !last?.amount || !unit || rounds === 0) return null;
  const there = season.shed.filter((i) => i.sheetId === r.sheet?.id && i.unit === unit);
  if (there.length === 0) return null;
  const amount = there.reduce((sum, i) => sum + i.amount, 0);
  const enough = Math.floor(amount / last.amount + 1e-9);
  return enough >= rounds ? null : `The shed holds enough for ${enough === 0 ? 'none' : String(enough)} of the next ${String(rounds)}.`;
}

function eveningsOf(
  rounds: readonly PlannedRound[],
  built: Built,
  courses: readonly CourseAhead[],
  today: LocalDay,
  at: (day: number, quarter: number) => Instant,
): Evening[] {
  const days = [...new Set(rounds.map((r) => r.day))].sort((a, b) => a - b);
  return days.map((day) => {
    const own = rounds.filter((r) => r.day === day).sort((a, b) => a.start - b.start);
    const mixes = new Map<string, { name: string; caseIds: string[]; from: number; to: number; lifeMs: number }>();
    for (const r of own) {
      const running = built.running.find((x) => x.facts.case.id === r.course);
      const mix = built.planned.find((x) => x.model.id === r.course)?.model.mix ?? null;
      if (!running || mix === null) continue;
      const known = mixes.get(mix) ?? {
        name: running.sheet?.name ?? running.control.name,
        caseIds: [],
        from: at(day, r.start),
        to: 0,
        lifeMs: (running.sheet?.mixLifeHours ?? 0) * 3_600_000,
      };
      known.caseIds.push(r.course);
      known.to = at(day, r.end);
      mixes.set(mix, known);
    }
    const sure = own.map((r) => built.planned.find((p) => p.model.id === r.course)?.sure[day] ?? 'unknown');
    return {
      day: addDays(today, day),
      from: at(day, own[0]?.start ?? 0),
      to: at(day, own.at(-1)?.end ?? 0),
      sure: SURENESS[Math.max(...sure.map((s) => SURENESS.indexOf(s)))] ?? 'unknown',
      rounds: own.map((r) => ({
        caseId: r.course,
        number: courses.find((c) => c.caseId === r.course)?.rounds.find((x) => x.day === addDays(today, day))?.number ?? 0,
        from: at(day, r.start),
      })),
      // a mix that would stand for hours is made twice
      mixes: [...mixes.values()].flatMap(({ name, caseIds, from, to, lifeMs }) =>
        to - from <= Math.min(MIX_MS, lifeMs) ? [{ name, caseIds }] : caseIds.map((id) => ({ name, caseIds: [id] })),
      ),
    };
  });
}
