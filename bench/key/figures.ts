import { randomFrom, simulateCase, type Outcome, type Statement } from './simulate';

export interface KeyFigures {
  readonly cases: number;
  readonly top1: number;
  readonly top3: number;
  /** Mean answers asked for, passed-over ones included. */
  readonly asked: number;
  /**
   * Largest distance between stated confidence and hit rate when the looking ends, over the tenths that hold at
   * least one case in fifty: in fewer, chance alone is over 5 points.
   */
  readonly worstDecileGap: number;
  /** The same over everything that was said on the way: after the first signs and after each answer. */
  readonly worstGapOnTheWay: number;
  readonly deciles: readonly { readonly said: number; readonly right: number; readonly cases: number }[];
  readonly pairs: readonly { readonly truth: string; readonly taken: string; readonly times: number }[];
}

const FEWEST = 0.02;
const round = (x: number) => Math.round(x * 1000) / 1000;

/** Simulates cases and measures how often, and how honestly, the key is right. */
export function measureKey(cases: number, seed: number): KeyFigures {
  const random = randomFrom(seed);
  const outcomes = Array.from({ length: cases }, () => simulateCase(random));
  const share = (test: (o: Outcome) => boolean) => round(outcomes.filter(test).length / cases);
  const deciles = calibration(outcomes.map((o) => ({ ...o, name: o.top[0] ?? '' })));
  const onTheWay = calibration(outcomes.flatMap((o) => o.along.map((a) => ({ ...a, truth: o.truth }))));
  return {
    cases,
    top1: share((o) => o.top[0] === o.truth),
    top3: share((o) => o.top.includes(o.truth)),
    asked: round(outcomes.reduce((s, o) => s + o.asked, 0) / cases),
    worstDecileGap: worst(deciles),
    worstGapOnTheWay: worst(onTheWay),
    deciles,
    pairs: confused(outcomes),
  };
}

type Tenth = KeyFigures['deciles'][number];

function worst(tenths: readonly Tenth[]): number {
  const all = tenths.reduce((s, t) => s + t.cases, 0);
  return round(Math.max(...tenths.filter((t) => t.cases >= FEWEST * all).map((t) => Math.abs(t.said - t.right))));
}

function calibration(said: readonly (Statement & { readonly truth: string })[]): Tenth[] {
  return Array.from({ length: 10 }, (_, i) => said.filter((o) => Math.min(9, Math.floor(o.confidence * 10)) === i))
    .filter((bin) => bin.length > 0)
    .map((bin) => ({
      said: round(bin.reduce((s, o) => s + o.confidence, 0) / bin.length),
      right: round(bin.filter((o) => o.name === o.truth).length / bin.length),
      cases: bin.length,
    }));
}

function confused(outcomes: readonly Outcome[]) {
  const times = new Map<string, number>();
  for (const o of outcomes) {
    const taken = o.top[0] ?? '';
    if (taken !== o.truth) times.set(`${o.truth} ${taken}`, (times.get(`${o.truth} ${taken}`) ?? 0) + 1);
  }
  return [...times]
    .sort((a, b) => b[1] - a[1])
    .slice(0, 10)
    .map(([pair, n]) => {
      const [truth = '', taken = ''] = pair.split(' ');
      return { truth, taken, times: n };
    });
}
