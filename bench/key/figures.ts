import { FRIENDS, HOSTS, SIGNS, TROUBLES } from '../../packages/core/src/catalogue';
import { rankSuspects, settle, treatedAlike, type Answer, type KeyContext } from '../../packages/core/src/diagnose';
import { hostWeight, usualness } from '../../packages/core/src/scout';
import { CASE_KINDS, randomFrom, type CaseKind, type Outcome, type Statement } from './simulate';

export interface KeyFigures {
  readonly cases: number;
  /** Over all cases of something that the book knows; of two at once, one of them. */
  readonly top1: number;
  readonly top3: number;
  /** Mean answers asked for, passed-over ones included. */
  readonly asked: number;
  /**
   * Largest distance between stated confidence and hit rate when the looking ends, over all kinds of cases and the
   * tenths that hold at least one case in fifty: in fewer, chance alone is over 5 points.
   */
  readonly worstDecile: number;
  /** The same over everything that was said on the way: after the first signs and after each answer. */
  readonly worstOnTheWay: number;
  /** Of pairs of troubles that live on a plant, two signs told that are usual with each and not with the other: both named at once. */
  readonly pairsNamed: number;
  /** Settled on one of them, with no word of anything else; in the noise of life, too. */
  readonly pairsSwallowed: number;
  /** Two named, and not those. */
  readonly pairsWrong: number;
  /** Two at once as life makes them: two signs of each, however rare, one in ten mistaken, and questions answered as badly. */
  readonly pairsNamedInNoise: number;
  /** Of the pairs of which one must be reported: settled on the other, and it is not shown. */
  readonly reportableHidden: number;
  /** Of troubles that the book does not know: settled on what is treated otherwise, or two were named. */
  readonly leftOutSettledWrong: number;
  /** Settled on any neighbour: an aphid for another one, a friend for a friend among them. */
  readonly leftOutSettled: number;
  /** Of all single signs on all plants: settled at once. */
  readonly genericSettled: number;
  readonly standInTop3: number;
  /** Mean number of others shown as to be reported beside a settled name, where there was one trouble. */
  readonly reportsBesideOne: number;
  /** Of cases of one trouble: taken for two. */
  readonly oneTakenForTwo: number;
  readonly byKind: Readonly<Record<CaseKind, { readonly cases: number; readonly top1: number; readonly top3: number; readonly settled: number }>>;
  readonly deciles: readonly { readonly said: number; readonly right: number; readonly cases: number }[];
  readonly pairs: readonly { readonly truth: string; readonly taken: string; readonly times: number }[];
}

const FEWEST = 0.02;
const round = (x: number) => Math.round(x * 1000) / 1000;
const shareOf = <T>(list: readonly T[], test: (x: T) => boolean) => (list.length === 0 ? 0 : round(list.filter(test).length / list.length));

const REPORTABLE = new Set(TROUBLES.filter((t) => t.report).map((t) => t.id));

/** How often, and how honestly, the key is right over cases that were gone through. */
export function figuresOf(outcomes: readonly Outcome[]): KeyFigures {
  const cases = outcomes.length;
  const known = outcomes.filter((o) => o.kind !== 'left-out');
  const two = outcomes.filter((o) => o.kind === 'two' && o.truths.length === 2);
  const leftOut = outcomes.filter((o) => o.kind === 'left-out');
  const notTwo = outcomes.filter((o) => o.kind !== 'two' && o.kind !== 'left-out');
  const told = pairsTold();
  const deciles = calibration(outcomes.map((o) => ({ name: nameOf(o), confidence: o.confidence, truths: o.truths })));
  const onTheWay = calibration(outcomes.flatMap((o) => o.along.map((a) => ({ ...a, truths: o.truths }))));
  return {
    cases,
    top1: shareOf(known, (o) => o.truths.includes(o.top[0] ?? '')),
    top3: shareOf(known, (o) => o.top.some((t) => o.truths.includes(t))),
    asked: round(outcomes.reduce((s, o) => s + o.asked, 0) / cases),
    worstDecile: worst(deciles),
    worstOnTheWay: worst(onTheWay),
    pairsNamed: round(told.named / told.pairs),
    pairsSwallowed: Math.max(round(told.swallowed / told.pairs), shareOf(two, swallowed)),
    pairsWrong: round(told.wrong / told.pairs),
    pairsNamedInNoise: shareOf(two, bothNamed),
    reportableHidden: shareOf(
      two.filter((o) => o.truths.some((t) => REPORTABLE.has(t))),
      (o) => o.truths.some((t) => REPORTABLE.has(t) && !shownBy(o, t)),
    ),
    leftOutSettledWrong: shareOf(leftOut, (o) => isNamed(o) && !asGood(o)),
    leftOutSettled: shareOf(leftOut, isNamed),
    genericSettled: singleSigns(),
    standInTop3: shareOf(
      outcomes.filter((o) => o.kind === 'stand-in'),
      (o) => o.top.some((t) => o.truths.includes(t)),
    ),
    reportsBesideOne: round(
      notTwo.reduce((n, o) => n + (o.finding.state === 'settled' ? o.finding.report.length : 0), 0) /
        notTwo.filter((o) => o.finding.state === 'settled').length,
    ),
    oneTakenForTwo: shareOf(notTwo, (o) => o.finding.state === 'two'),
    byKind: Object.fromEntries(
      (Object.keys(CASE_KINDS) as CaseKind[]).map((kind) => {
        const of = outcomes.filter((o) => o.kind === kind);
        return [
          kind,
          {
            cases: of.length,
            top1: shareOf(of, (o) => o.truths.includes(o.top[0] ?? '')),
            top3: shareOf(of, (o) => o.top.some((t) => o.truths.includes(t))),
            settled: shareOf(of, (o) => o.finding.state === 'settled' || o.finding.state === 'two'),
          },
        ];
      }),
    ) as KeyFigures['byKind'],
    deciles,
    pairs: confused(known),
  };
}

const nameOf = (o: Outcome) => (o.finding.state === 'two' ? o.finding.leader.id : (o.top[0] ?? ''));
const isNamed = ({ finding }: Outcome) => finding.state === 'settled' || finding.state === 'two';
const isFriend = (id: string) => FRIENDS.some((f) => f.id === id);
/** The name is another one, and it makes no odds: both are left where they are, or both are treated as one. */
const asGood = ({ finding, leftOut }: Outcome) =>
  finding.state === 'settled' && leftOut !== null && ((isFriend(leftOut) && isFriend(finding.leader.id)) || treatedAlike({ id: leftOut }, finding.leader));
const bothNamed = ({ finding, truths }: Outcome) => finding.state === 'two' && truths.includes(finding.leader.id) && truths.includes(finding.second.id);
const swallowed = ({ finding }: Outcome) => finding.state === 'settled' && finding.besides.length === 0;
const shownBy = ({ finding }: Outcome, id: string) => finding.state !== 'settled' || finding.leader.id === id || finding.report.some((s) => s.id === id);

const ENTRIES_OF = new Map(SIGNS.map((s) => [s.id, [...TROUBLES, ...FRIENDS].filter((e) => (e.signs[s.id] ?? 'never') !== 'never')]));

/** Each sign alone, that more than one thing on a plant shows, on each plant that can show it: the share that is settled by it. */
function singleSigns(): number {
  let all = 0;
  let settled = 0;
  for (const host of HOSTS) {
    const context: KeyContext = { host, month: 7, recent: [] };
    for (const sign of SIGNS) {
      if (!sign.parts.some((p) => host.parts.includes(p))) continue;
      const answers: Answer[] = [{ signId: sign.id, seen: true }];
      const suspects = rankSuspects(context, answers);
      // what one thing alone on this plant shows may settle it
      if (ENTRIES_OF.get(sign.id)?.filter((e) => usualness(e, context) >= 0.01).length === 1) continue;
      all++;
      if (settle(context, suspects, answers).state === 'settled') settled++;
    }
  }
  return round(settled / all);
}

const MOST_PAIRS = 1000;
/** Signs that stand for others, seen more closely: two troubles are told by what is their own. */
const BROAD = new Set(SIGNS.filter((s) => s.covers.length > 0).map((s) => s.id));

function pairsTold(): { pairs: number; named: number; wrong: number; swallowed: number } {
  const random = randomFrom(5);
  const pairs = HOSTS.filter((h) => !h.stands).flatMap((host) => {
    const on = TROUBLES.filter((t) => hostWeight(t, host) >= 0.5 && (t.months.includes(7) || t.months.length > 9));
    return on.flatMap((a, i) => on.slice(i + 1).map((b) => ({ host, a, b })));
  });
  const some = pairs.sort(() => random() - 0.5).slice(0, MOST_PAIRS);
  const of = { pairs: 0, named: 0, wrong: 0, swallowed: 0 };
  for (const { host, a, b } of some) {
    const can = new Set(SIGNS.filter((s) => s.parts.some((p) => host.parts.includes(p))).map((s) => s.id));
    const typical = (t: typeof a, other: typeof a) =>
      Object.entries(t.signs).flatMap(([id, how]) => (can.has(id) && !BROAD.has(id) && !other.signs[id] && (how === 'always' || how === 'often') ? [id] : []));
    const answers: Answer[] = [...typical(a, b).slice(0, 2), ...typical(b, a).slice(0, 2)].map((signId) => ({ signId, seen: true }));
    if (typical(a, b).length < 2 || typical(b, a).length < 2) continue;
    const context: KeyContext = { host, month: 7, recent: [] };
    const finding = settle(context, rankSuspects(context, answers), answers);
    of.pairs++;
    if (finding.state === 'two') {
      const said = [finding.leader.id, finding.second.id];
      if (said.includes(a.id) && said.includes(b.id)) of.named++;
      else of.wrong++;
    } else if (finding.state === 'settled' && finding.besides.length === 0) of.swallowed++;
  }
  return of;
}

type Tenth = KeyFigures['deciles'][number];

function worst(tenths: readonly Tenth[]): number {
  const all = tenths.reduce((s, t) => s + t.cases, 0);
  return round(Math.max(...tenths.filter((t) => t.cases >= FEWEST * all).map((t) => Math.abs(t.said - t.right))));
}

function calibration(said: readonly (Statement & { readonly truths: readonly string[] })[]): Tenth[] {
  return Array.from({ length: 10 }, (_, i) => said.filter((o) => Math.min(9, Math.floor(o.confidence * 10)) === i))
    .filter((bin) => bin.length > 0)
    .map((bin) => ({
      said: round(bin.reduce((s, o) => s + o.confidence, 0) / bin.length),
      right: shareOf(bin, (o) => o.truths.includes(o.name)),
      cases: bin.length,
    }));
}

function confused(outcomes: readonly Outcome[]) {
  const times = new Map<string, number>();
  for (const o of outcomes) {
    const taken = o.top[0] ?? '';
    const key = `${o.truths.join('+')} ${taken}`;
    if (!o.truths.includes(taken)) times.set(key, (times.get(key) ?? 0) + 1);
  }
  return [...times]
    .sort((a, b) => b[1] - a[1])
    .slice(0, 10)
    .map(([pair, n]) => {
      const [truth = '', taken = ''] = pair.split(' ');
      return { truth, taken, times: n };
    });
}
