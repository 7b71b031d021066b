import { randomFrom, simulateCase, type Outcome } from './simulate';

export interface KeyFigures {
  readonly cases: number;
  readonly top1: number;
  readonly top3: number;
  /** Mean answers asked for, passed-over ones included. */
  readonly asked: number;
  /** Largest distance between stated confidence and hit rate over the tenths that hold at least 100 cases: in fewer, chance alone is over 5 points. */
  readonly worstDecileGap: number;
  readonly deciles: readonly { readonly said: number; readonly right: number; readonly cases: number }[];
  readonly pairs: readonly { readonly truth: string; readonly taken: string; readonly times: number }[];
}

const FEWEST = 100;
const round = (x: number) => Math.round(x * 1000) / 1000;

/** Simulates cases and measures how often, and how honestly, the key is right. */
export function measureKey(cases: number, seed: number): KeyFigures {
  const random = randomFrom(seed);
  const outcomes = Array.from({ length: cases }, () => simulateCase(random));
  const share = (test: (o: Outcome) => boolean) => round(outcomes.filter(test).length / cases);
  const deciles = calibration(outcomes);
  return {
    cases,
    top1: share((o) => o.top[0] === o.truth),
    top3: share((o) => o.top.includes(o.truth)),
    asked: round(outcomes.reduce((s, o) => s + o.asked, 0) / cases),
    worstDecileGap: round(Math.max(...deciles.filter((d) => d.cases >= FEWEST).map((d) => Math.abs(d.said - d.right)))),
    deciles,
    pairs: confused(outcomes),
  };
}

function calibration(outcomes: readonly Outcome[]) {
  return Array.from({ length: 10 }, (_, i) => outcomes.filter((o) => Math.min(9, Math.floor(o.confidence * 10)) === i))
    .filter((bin) => bin.length > 0)
    .map((bin) => ({
      said: round(bin.reduce((s, o) => s + o.confidence, 0) / bin.length),
      right: round(bin.filter((o) => o.top[0] === o.truth).length / bin.length),
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
