import { inSentence } from '../measure';
import { findSign, findTrouble, type Sign, type Trouble } from '../catalogue';
import { heeded, type Answer } from './answer';
import type { KeyContext } from './context';
import { explains, strangeTo } from './explains';
import { hypotheses } from './hypotheses';
import { ENTRIES, type Entry } from './likelihood';
import { rankSuspects, type Suspect } from './rank';
import { tellsHere } from './telling';

/** Below this the name is not settled. Lower bounds were worse calibrated on the simulated cases. */
export const SURE_ENOUGH = 0.95;
/** Where something was seen that is none of its doing. */
const SURE_BESIDE = 0.983;
/** Any of several that are treated as one: to be mistaken in which is no harm. */
const EITHER_SURE = 0.93;
/** One sign that nothing else on this plant shows, seen plainly: enough is enough. */
const TOLD_SURE = 0.85;
/** The same of a friend, or of what is no trouble: it is left where it is. */
const TOLD_LEFT = 0.6;
/** Less likely than this no name is worth the fright. */
export const WORTH_NAMING = 0.05;
const LIKELIER_THAN_NOT = 0.5;
const NEARLY_SURE = 0.9;
/** Two at once are named when that is likelier than every other account of it together, and each has signs of its own. */
const PAIR_SURE = 0.55;
/** A second one that a single sign speaks for must be surer. */
const PAIR_BY_ONE = 0.9;
/** While a second one is as likely as this, one alone is not settled: the two are asked about first. */
const PAIR_OPEN = 0.2;
/** After so many questions a second one that stays open is "and something else". */
const ASKED_ABOUT = 3;
/** One sign does not name a thing, unless nothing else shows it; so many answers do. */
const FEWEST_SEEN = 2;
const FEWEST_ANSWERS = 4;
/** A friend shows one thing only as a rule, and is left where it is: less will do, while no trouble is likely. */
const FRIEND_SURE = 0.9;
const NO_TROUBLE = 0.05;
/** What must be reported is shown from here on, or when it would explain anything that was seen. */
const WORTH_A_WORD = 0.02;
const MOST_REPORTED = 5;

/** Whether two are the same two, or one of them is what is treated as one of those. */
function asGoodAs(of: readonly Entry[], best: readonly Entry[]): boolean {
  const [other] = of.filter((e) => !best.includes(e));
  const [missing] = best.filter((e) => !of.includes(e));
  return !other || !missing || (of.some((e) => best.includes(e)) && treatedAlike(other, missing));
}

/** Whether each of two has more than one sign of its own that the other does not explain. */
const firm = (of: readonly Entry[], seen: readonly string[]) =>
  of.every((e, i) => seen.filter((id) => explains(e, id) && !explains(of[1 - i] as Entry, id)).length >= FEWEST_SEEN);

interface Found {
  /** What must be reported, or asked about, if it is that; never below the fold. */
  readonly report: readonly Suspect[];
}

export type Finding =
  /** Nothing has been looked for yet. */
  | { readonly state: 'no-signs' }
  | (Found & {
      readonly state: 'settled';
      readonly leader: Suspect;
      /** Seen, and none of its doing. */
      readonly besides: readonly Sign[];
      /** It may be this as well as the leader; what is done for either is the same. */
      readonly alike: Suspect | null;
    })
  /** Two at once explain what one can not; `leader` is the surer. */
  | (Found & { readonly state: 'two'; readonly leader: Suspect; readonly second: Suspect; readonly why: string })
  | (Found & { readonly state: 'not-settled'; readonly leader: Suspect; readonly why: string });

const ENTRY = new Map(ENTRIES.map((e) => [e.id, e]));

/**
 * Whether the ranking is good enough to act on. With no sign seen nothing is ever settled, however
 * much was ruled out; nor by one sign that many things show.
 */
export function settle(context: KeyContext, suspects: readonly Suspect[], answers: readonly Answer[]): Finding {
  const [leader, next] = suspects;
  const duties = (named: readonly Suspect[]) =>
    reportBeside(
      named,
      [...suspects, ...refusedDuties(context, answers)].sort((x, y) => y.probability - x.probability),
      seen,
    );
  const known = heeded(answers);
  if (known.length === 0 || !leader) return { state: 'no-signs' };
  const seen = known.filter((a) => a.seen).map((a) => a.signId);
  if (seen.length === 0) return { state: 'not-settled', leader, report: [], why: 'Nothing was seen yet, so nothing can be named.' };

  const accounts = hypotheses(context, answers);
  const pairs = accounts.filter((h) => h.of.length === 2);
  const inTwo = pairs.reduce((s, h) => s + h.p, 0);
  const [best] = pairs;
  const sure = best ? pairs.filter((h) => asGoodAs(h.of, best.of)).reduce((s, h) => s + h.p, 0) : 0;
  const [a, b] = best && sure >= (firm(best.of, seen) ? PAIR_SURE : PAIR_BY_ONE) ? suspects.filter((s) => best.of.some((e) => e.id === s.id)) : [];
  if (a && b) {
    const why = `Two at once: ${inSentence(a.name)} explains one part of this, ${inSentence(b.name)} the rest.`;
    return { state: 'two', leader: a, second: b, why, report: duties([a, b]) };
  }
  const report = duties([leader]);
  const strange = next?.kind === 'other' && next.probability > leader.probability;
  const stinger = stingsBeside(leader, suspects, seen);
  if (stinger) return { state: 'not-settled', leader, report, why: sayStings(leader, stinger, strange) };
  const entry = ENTRY.get(leader.id);
  const askedAbout = inTwo < PAIR_OPEN || known.filter((a) => a.asked).length >= ASKED_ABOUT;
  if (entry && askedAbout && enough(context, entry, known)) {
    const besides = seen.filter((id) => strangeTo(entry, id)).flatMap((id) => findSign(id) ?? []);
    const friendly = leader.kind === 'helper' && besides.length === 0 && known.length > 1;
    const bound = friendly && !suspects.some((x) => x.kind === 'trouble' && x.probability >= NO_TROUBLE) ? FRIEND_SURE : SURE_ENOUGH;
    // one part that is none of its doing: then it must be surer
    const whole = besides.length === 0;
    const plainly = known.filter((x) => x.seen && (!x.asked || x.chosen)).map((x) => x.signId);
    const told = whole && !leader.notifiable && plainly.some((id) => tellsHere(context, entry, id));
    const sure = told ? Math.min(isLeft(leader) ? TOLD_LEFT : TOLD_SURE, bound) : whole ? bound : Math.max(bound, SURE_BESIDE);
    if (leader.probability >= sure) return { state: 'settled', leader, besides, alike: null, report };
    const alike = suspects.filter((s) => s !== leader && sameToTreat(leader, s));
    const either = alike.reduce((sum, s) => sum + s.probability, leader.probability);
    if (alike[0] && leader.probability >= LIKELIER_THAN_NOT && either >= (whole ? Math.min(bound, EITHER_SURE) : SURE_BESIDE))
      return { state: 'settled', leader, besides, alike: alike[0], report };
  }
  if (leader.kind === 'other') {
    return { state: 'not-settled', leader, report, why: 'This fits nothing known here well. Take a sample to your local extension or plant-health office.' };
  }
  const rival = suspects.find((s) => s !== leader && s.kind !== 'other' && s.probability >= WORTH_NAMING);
  const why = inTwo >= PAIR_OPEN && best ? sayOpenPair(best.of) : sayOpen(leader, rival, strange);
  return { state: 'not-settled', leader, report, why };
}

/** What hurts whoever touches it, still likely enough, and known for something that was seen: it is ruled out before anything is named. */
function stingsBeside(leader: Suspect, suspects: readonly Suspect[], seen: readonly string[]): Suspect | undefined {
  if (findTrouble(leader.id)?.stings) return undefined;
  return suspects.find((s) => {
    const entry = findTrouble(s.id)?.stings && s.probability >= WORTH_A_WORD ? ENTRY.get(s.id) : undefined;
    return entry !== undefined && seen.some((id) => explains(entry, id));
  });
}
const STRANGE = ' It may be something that is not in the book.';
const sayHowLikely = (p: number) => (p >= NEARLY_SURE ? 'Very likely' : p >= LIKELIER_THAN_NOT ? 'Probably' : 'Perhaps');
const sayStings = (leader: Suspect, stinger: Suspect, strange: boolean) =>
  `${sayHowLikely(leader.probability)} ${inSentence(leader.name)}. Hands off until ${inSentence(stinger.name)} is ruled out: its hairs hurt skin, eyes and lungs.${strange ? STRANGE : ''}`;

const sayOpenPair = (of: readonly Entry[]) => `It may be two at once: ${of.map((e) => inSentence(e.name)).join(', and ')}.`;

function sayOpen(likeliest: Suspect, rival: Suspect | undefined, strange: boolean): string {
  const also = strange ? STRANGE : rival ? ` It could also be ${inSentence(rival.name)}.` : '';
  // "98 in 100, and not sure enough" would be no sense: so near, one more look is all that is wanted
  const then = likeliest.probability >= NEARLY_SURE ? 'and not quite sure: look once more before you act.' : 'but not sure enough to treat.';
  return `${sayHowLikely(likeliest.probability)} ${inSentence(likeliest.name)}, ${then}${also}`;
}

/** More than one sign that speaks for it, or one that speaks for nothing else, or one that stood while others were ruled out. */
function enough(context: KeyContext, entry: Entry, known: readonly Answer[]): boolean {
  const mine = known.filter((a) => a.seen && explains(entry, a.signId));
  const friend = entry.kind === 'helper' || entry.kind === 'look-alike';
  return (
    mine.length >= FEWEST_SEEN || (mine.length === 1 && known.length >= (friend ? 2 : FEWEST_ANSWERS)) || mine.some((a) => tellsHere(context, entry, a.signId))
  );
}

/** What the grower said it is not, and must be reported if it is: a duty is not refused away, as likely as it would be. */
function refusedDuties(context: KeyContext, answers: readonly Answer[]): Suspect[] {
  const refused = new Set(context.refused);
  if (![...refused].some((id) => ENTRY.get(id) && 'report' in (ENTRY.get(id) as Entry))) return [];
  const { refused: _, ...open } = context;
  return rankSuspects(open, answers).filter((s) => refused.has(s.id) && s.notifiable);
}

/**
 * What must be reported and may be it: likely enough, or known for anything that was seen, however well something else
 * explains that. About one settled name in ten has a word of it beside it, and no pair of two lost one.
 */
function reportBeside(named: readonly Suspect[], suspects: readonly Suspect[], seen: readonly string[]): Suspect[] {
  return suspects
    .filter((s) => s.notifiable && !named.some((n) => n.id === s.id))
    .filter((s) => {
      const entry = ENTRY.get(s.id);
      return s.probability >= WORTH_A_WORD || (entry !== undefined && seen.some((id) => explains(entry, id)));
    })
    .slice(0, MOST_REPORTED);
}

/** How much of what is done for either of two is done for both. */
const SAME_MEANS = 0.7;
const NEAR_THRESHOLD = 0.051;
function shared(a: Trouble, b: Trouble): number {
  const mine = a.controls.map((c) => c.control);
  const theirs = b.controls.map((c) => c.control);
  const both = mine.filter((c) => theirs.includes(c)).length;
  return both / (mine.length + theirs.length - both);
}

const isLeft = (s: Suspect) => s.kind === 'helper' || s.kind === 'look-alike';

/** Whether it makes no odds which of two it is, with nothing to report. */
const sameToTreat = (a: Suspect, b: Suspect) =>
  // friends and what is no trouble are left where they are
  (isLeft(a) && isLeft(b)) || (!a.notifiable && !b.notifiable && treatedAlike(a, b));

/** Whether two troubles are treated as one: one kind, one word on labels, nearly the same means. */
export function treatedAlike(a: { readonly id: string }, b: { readonly id: string }): boolean {
  const [x, y] = [findTrouble(a.id), findTrouble(b.id)];
  return (
    x !== undefined &&
    y !== undefined &&
    x.kind === y.kind &&
    x.labelAs.some((w) => w !== x.id && y.labelAs.includes(w)) &&
    Math.abs(x.threshold.share - y.threshold.share) < NEAR_THRESHOLD &&
    x.inside === y.inside &&
    x.waterMould === y.waterMould &&
    shared(x, y) >= SAME_MEANS
  );
}
