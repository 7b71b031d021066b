import { inSentence } from '../measure';
import { whenOn } from '../catalogue/used-on';
import { conflictsAmong } from './combine';
import { dutyToReport, meanwhileOf } from './duty';
import { actsOnWhatIsThere, WORTH_TRYING } from './gentler';
import { CARE_RUNG, guards, isCare } from './guard-plan';
import { hazardScore } from './ladder';
import { needed, type Needed } from './needed';
import type { Situation, Verdict } from './types';

export interface Advice {
  /** The first step, and the only one where `steps` holds no more. */
  readonly verdict: Verdict;
  /** All of it, in the order of the ladder. */
  readonly steps: readonly Verdict[];
  readonly why: string;
  /** What has to be stopped; null where that decides nothing. */
  readonly needed: Needed | null;
  /** Share that the steps are expected to stop together. */
  readonly expected: number;
  /** Whether that is enough. */
  readonly enough: boolean;
  /** What keeps more from coming, for the rest and for next time: never instead of a step. */
  readonly prevents: readonly Verdict[];
}

/** The rung of the licensed person. */
const LICENSED = 7;
/** From this rung on it is sprayed. */
const SPRAYED = 4;
/** A gentler way that opens within this time is worth waiting for. */
const WORTH_WAITING_MS = 3 * 86_400_000;
/** What opens later than this is no advice for today: then it is left, and watched. */
const WORTH_NAMING_MS = 45 * 86_400_000;
/** Lifting a plant waits while something lesser stops at least this share (from memory). */
const TRY_FIRST = 0.5;
/** A shrub or tree is given up only where that stops at least this share (from memory). */
const FELL = 0.6;
/** A step that adds less is not worth an evening. */
const LEAST_STEP = 0.15;
/** More at once nobody does in an evening. */
const MOST_STEPS = 3;
const ASK_A_CLINIC = 'What can be done at home was done: a plant clinic or extension office can look at a sample.';
/** Closed for good by size or reach or law: what a licensed person can do all the same. */
const BEYOND_HOME = new Set(['too-large', 'too-tall', 'restricted', 'not-at-home']);

/** Nothing but its size, its reach or the law is against it: the time is right, and it is on a label. */
const onlyBeyondHome = (v: Verdict): boolean => {
  const against = v.reasons.filter((r) => r.weight !== 'note' && !r.code.startsWith('hour-'));
  return against.length > 0 && against.every((r) => BEYOND_HOME.has(r.code));
};

const inPercent = (x: number) => String(Math.round(x * 100));

/** What several do together, each on what the others left. Independent of each other, from memory. */
export const together = (steps: readonly Pick<Verdict, 'effect'>[]): number => 1 - steps.reduce((left, v) => left * (1 - v.effect), 1);

const isMixed = (v: Verdict) => v.sheet !== null || v.control.homeMade === true;

/** Gentlest first: what keeps the plant, the lower top rung, fewer steps, less harm, then what does more. */
function cost(steps: readonly Verdict[]): readonly number[] {
  return [
    steps.some((v) => v.control.destroys) ? 1 : 0,
    Math.max(...steps.map((v) => v.control.rung)),
    steps.length,
    steps.reduce((sum, v) => sum + hazardScore(v.control, v.sheet), 0),
    -together(steps),
  ];
}
function gentler(a: readonly number[], b: readonly number[]): boolean {
  const i = a.findIndex((x, k) => Math.abs(x - (b[k] as number)) > 1e-9);
  return i >= 0 && (a[i] as number) < (b[i] as number);
}

/** Every set of one to three steps that may stand together: one acts on what is there, at most one is mixed, none undoes another. */
export function* plans(able: readonly Verdict[]): Generator<readonly Verdict[]> {
  const clash = new Map<string, boolean>();
  const clashes = (a: Verdict, b: Verdict) => {
    const key = `${a.key} ${b.key}`;
    let known = clash.get(key);
    if (known === undefined) clash.set(key, (known = a.control.id === b.control.id || conflictsAmong([a, b]).some((t) => t.kind === 'conflict')));
    return known;
  };
  function* from(start: number, steps: readonly Verdict[]): Generator<readonly Verdict[]> {
    for (let i = start; i < able.length; i++) {
      const v = able[i] as Verdict;
      if (steps.some((x) => clashes(x, v)) || (isMixed(v) && steps.some(isMixed))) continue;
      const more = [...steps, v];
      if (more.some(actsOnWhatIsThere)) yield more;
      if (more.length < MOST_STEPS) yield* from(i + 1, more);
    }
  }
  yield* from(0, []);
}

/** The gentlest plan that stops enough; null when none does. */
export function gentlestOf(able: readonly Verdict[], stop: number): readonly Verdict[] | null {
  let best: readonly Verdict[] | null = null;
  let least: readonly number[] = [];
  for (const steps of plans(able)) {
    if (together(steps) < stop - 1e-9) continue;
    const c = cost(steps);
    if (best === null || gentler(c, least)) [best, least] = [steps, c];
  }
  return best;
}

const sayShare = (n: Needed): string => {
  const grows = inPercent(n.then) === inPercent(n.share) ? '' : `, about ${inPercent(n.then)} in ${n.days} days if left`;
  return n.counted
    ? `${inPercent(n.share)} in 100 affected${grows}; ${inPercent(n.bearable)} is bearable here.`
    : `Not counted: taken for ${inPercent(n.share)} in 100, twice what is bearable${grows}. Count to know.`;
};

/** The sum behind the advice, in words. */
function saySum(n: Needed, steps: readonly Verdict[], enough: boolean, more: string): string {
  const does = together(steps);
  const named = steps.length > 1 ? `Together about ${inPercent(does)} in 100.` : `It is expected to stop about ${inPercent(does)} in 100.`;
  return `${sayShare(n)} About ${inPercent(n.stop)} in 100 must be stopped. ${named}${enough ? '' : ` ${more}`}`;
}

/**
 * What to do: leave it while it is bearable; report it where that comes first; else the gentlest that will do, one step
 * or up to three that go together, from what may be used now or within three days. What only prevents is named beside
 * it and never instead. A licensed person only where the trouble, its size or everything done at home leaves nothing else.
 * @param share share affected at the last count, or null when none was made
 * @param failed controls that were carried out as meant and did not do: only these are left behind
 */
export function recommend(verdicts: readonly Verdict[], s: Situation, share: number | null, failed: readonly string[] = []): Advice | null {
  const leave = verdicts.find((v) => v.control.rung === 0);
  const licensed = verdicts.find((v) => v.control.rung === LICENSED && v.status === 'usable');
  const soon = (v: Verdict) => v.status === 'usable' || (v.status === 'not-now' && v.opens?.kind === 'at' && v.opens.at - s.now <= WORTH_WAITING_MS);
  const home = verdicts.filter(
    (v) => v.control.rung > 0 && v.control.rung < LICENSED && v.control.id !== 'report-it' && !v.inherited && !failed.includes(v.control.id),
  );
  if (s.preventing) return guard(s, verdicts, home, soon, leave);

  const report = verdicts.find((v) => v.control.id === 'report-it');
  const prevents = home.filter((v) => (v.does === 'prevents' || v.does === 'next-year') && v.effect >= WORTH_TRYING && soon(v));
  const one = (verdict: Verdict, why: string, n: Needed | null = null): Advice => ({
    verdict,
    steps: [verdict],
    why,
    needed: n,
    expected: verdict.effect,
    enough: true,
    prevents,
  });
  if (report && dutyToReport(s) === 'open') {
    const meanwhile = meanwhileOf(s);
    return { ...one(report, meanwhile ? `${report.effectWhy} ${meanwhile.say}` : report.effectWhy), prevents: [] };
  }
  if (s.trouble.notAtHome && licensed) return { ...one(licensed, s.trouble.notAtHome.text), prevents: [] };

  const need = needed(s.trouble, share, s.planting.tolerance);
  if (failed.length === 0 && leave && share !== null && share < need.bearable) {
    return one(leave, `${inPercent(share)} in 100 affected, under the ${inPercent(need.bearable)} at which acting is worth it.`, need);
  }
  const at = share ?? need.share;
  const lead = leading(verdicts, failed, at, soon);
  if (lead && (lead.control.rung === 0 || lead.control.rung === LICENSED)) return one(lead, lead.effectWhy, need);
  const woody = s.host.parts.includes('trunk');
  const acting = home.filter((v) => v.effect >= (v.control.destroys && woody ? FELL : LEAST_STEP) && (actsOnWhatIsThere(v) || v.does === 'aids'));
  const open = acting.filter(soon);
  // what opens later at home still goes before a licensed person
  const able = open.some((v) => actsOnWhatIsThere(v) && v.effect >= WORTH_TRYING)
    ? open
    : acting.filter((v) => soon(v) || (v.status === 'not-now' && v.opens?.kind === 'at' && v.opens.at - s.now <= WORTH_NAMING_MS));
  if (lead) return led(lead, able, need, prevents);
  const steps = gentlestOf(able, need.stop);
  const kept = able.filter((v) => !v.control.destroys);
  const most = gentlestOf(kept, TRY_FIRST) ?? gentlestOf(kept, WORTH_TRYING) ?? gentlestOf(able, WORTH_TRYING);
  const lesser = steps?.some((v) => v.control.destroys) && most?.every((v) => !v.control.destroys) && together(most) >= TRY_FIRST;
  if (steps && !lesser) return planned(steps, need, true, prevents);
  if (most && together(most) >= WORTH_TRYING) return planned(most, need, false, prevents);
  const beyond = verdicts.some((v) => v.status === 'never' && actsOnWhatIsThere(v) && v.effect >= WORTH_TRYING && onlyBeyondHome(v));
  // nobody sprays a virus or a shortage away: what a licensed person does little against is not theirs
  if (licensed && licensed.effect >= WORTH_TRYING && (beyond || failed.length > 0)) return one(licensed, licensed.effectWhy, need);
  return leave ? one(leave, failed.length > 0 ? `${nothingNow(s, verdicts)} ${ASK_A_CLINIC}` : nothingNow(s, verdicts), need) : null;
}

/** What the trade does before all else against this trouble, where it may be done now; the gentlest of several. */
function leading(verdicts: readonly Verdict[], failed: readonly string[], share: number, soon: (v: Verdict) => boolean): Verdict | null {
  const leads = verdicts.filter((v) => v.first !== null && share >= v.first.from && !v.inherited && !failed.includes(v.control.id) && soon(v));
  return [...leads].sort((a, b) => gentleFirst(cost([a]), cost([b])))[0] ?? null;
}
const gentleFirst = (a: readonly number[], b: readonly number[]) => (gentler(a, b) ? -1 : gentler(b, a) ? 1 : 0);

/** What the trade does first, with what goes along where it is not enough by itself. */
function led(lead: Verdict, able: readonly Verdict[], need: Needed, prevents: readonly Verdict[]): Advice {
  const alone = [lead];
  if (together(alone) >= need.stop - 1e-9) return planned(alone, need, true, prevents, lead);
  const others = able.filter((v) => v.control.rung <= lead.control.rung && v.control.destroys !== true);
  const from = others.includes(lead) ? others : [lead, ...others];
  let found: readonly Verdict[] | null = null;
  for (const steps of plans(from)) {
    if (!steps.includes(lead) || together(steps) < need.stop - 1e-9) continue;
    if (!found || gentler(cost(steps), cost(found))) found = steps;
  }
  // the trade does it first all the same; whether something stronger would be enough is said as it is
  const stronger = found === null && gentlestOf(able.includes(lead) ? able : [lead, ...able], need.stop) !== null;
  return planned(found ?? alone, need, found !== null, prevents, lead, stronger ? STRONGER : NOTHING_ENOUGH);
}

const NOTHING_ENOUGH = 'Nothing gentler or stronger at home is expected to be enough: look again soon.';
const STRONGER = 'That is what comes first. Look again soon: where it is not enough, the ladder has what is stronger.';

function planned(steps: readonly Verdict[], need: Needed, enough: boolean, prevents: readonly Verdict[], lead?: Verdict, more = NOTHING_ENOUGH): Advice {
  // what is mixed has a station of its own; the others go along
  const main =
    lead ??
    ([...steps].sort(
      (a, b) => Number(actsOnWhatIsThere(b)) - Number(actsOnWhatIsThere(a)) || Number(isMixed(b)) - Number(isMixed(a)) || b.effect - a.effect,
    )[0] as Verdict);
  const inPlan = new Set(steps.map((v) => v.key));
  return {
    verdict: main,
    steps: [main, ...steps.filter((v) => v !== main)],
    why: `${main.effectWhy} ${saySum(need, steps, enough, more)}`,
    needed: need,
    expected: together(steps),
    enough,
    prevents: prevents.filter((v) => !inPlan.has(v.key)),
  };
}

/** Why nothing is advised: it waits for a stage or an event, or nothing does anything to it. */
function nothingNow(s: Situation, verdicts: readonly Verdict[]): string {
  const waits = verdicts.filter((v) => v.status === 'not-now' && actsOnWhatIsThere(v) && v.effect >= WORTH_TRYING);
  const stage = waits.flatMap((v) => v.reasons.filter((r) => r.code === 'pest-stage'))[0];
  if (stage) return `Nothing reaches the stage that is about now: watch it. ${s.trouble.vulnerable.text}`;
  const event = waits.find((v) => v.opens?.kind === 'event');
  if (event?.opens?.kind === 'event') return `Nothing may be done just now: ${inSentence(event.control.name)} opens ${event.opens.event}.`;
  return `Nothing does much to what is there. ${s.trouble.vulnerable.text}`;
}

/** Against what is not there yet: care first, then the lowest rung that is worth trying and whose time it is, for this crop before the next. */
function guard(s: Situation, verdicts: readonly Verdict[], home: readonly Verdict[], soon: (v: Verdict) => boolean, leave: Verdict | undefined): Advice | null {
  const able = home.filter((v) => guards(v) && (isCare(v) || v.alsoPrevents || v.effect >= WORTH_TRYING));
  // what waits for a look at the sky alone is as near as that look
  const looked = (v: Verdict) => v.reasons.every((r) => r.weight === 'note' || r.code === 'hour-unknown');
  const now = able.filter((v) => soon(v) || looked(v));
  const dated = able.filter((v) => v.opens?.kind === 'at');
  // care of this crop first, then what is gentle, then the ground for next year, then what is sprayed; a kind or a day of
  // sowing to choose helps no plant that stands
  const chosen = (v: Verdict) => whenOn(v.control, s.trouble)?.phases.every((p) => p === 'before-planting') ?? false;
  const here = (list: readonly Verdict[]) => list.filter((v) => v.does !== 'next-year' && !chosen(v));
  const gentle = (list: readonly Verdict[]) => list.filter((v) => v.control.rung < SPRAYED);
  // its time is not now: then it is said when
  const waits = here(able).filter((v) => v.status === 'not-now' && v.reasons.some((r) => r.code === 'not-its-time'));
  const [from = []] = [
    here(now).filter(isCare),
    gentle(here(now)),
    now.filter((v) => isCare(v) && !chosen(v)),
    gentle(waits),
    now.filter(isCare),
    here(now),
    here(dated),
    waits,
    now,
    dated,
  ].filter((list) => list.length > 0);
  const rung = Math.min(...from.map((v) => v.control.rung));
  const onRung = from.filter((v) => v.control.rung === rung);
  const most = (list: readonly Verdict[]) => list.reduce<Verdict | undefined>((a, b) => (a && a.effect >= b.effect ? a : b), undefined);
  const usable = onRung.filter((v) => v.status === 'usable');
  const verdict = (rung === CARE_RUNG ? most(usable) : usable[0]) ?? onRung[0] ?? leave ?? verdicts[0];
  if (!verdict) return null;
  const time = verdict.reasons.find((r) => r.code === 'its-time')?.sentence;
  const why = time ? `${verdict.effectWhy} ${time}` : verdict.effectWhy;
  return { verdict, steps: [verdict], why, needed: null, expected: verdict.effect, enough: true, prevents: [] };
}
