import type { Trouble } from '../catalogue';
import { thresholdFor, type Tolerance } from '../scout/count';
import { WORTH_TRYING } from './gentler';

/** What has to be stopped, and how that was reckoned. Shares are 0 … 1. */
export interface Needed {
  /** Share affected now: counted, or taken for it. */
  readonly share: number;
  readonly counted: boolean;
  /** Share expected at the next look, when nothing is done. */
  readonly then: number;
  /** The share that is bearable here. */
  readonly bearable: number;
  readonly days: number;
  /** Share that has to be stopped. */
  readonly stop: number;
}

/** How many times the odds of being affected go up in a week of fair weather, by label word, then by kind. From memory. */
const WEEKLY_BY_WORD: Readonly<Record<string, number>> = {
  aphids: 2,
  mites: 2,
  whiteflies: 1.8,
  thrips: 1.8,
  'fungus-gnats': 1.5,
  psyllids: 1.5,
  mealybugs: 1.3,
  scales: 1.2,
  blights: 3,
};
const WEEKLY_BY_KIND: Readonly<Record<Trouble['kind'], number>> = {
  insect: 1.2,
  mite: 2,
  mollusc: 1.1,
  animal: 1.2,
  worm: 1.1,
  fungus: 1.5,
  bacterium: 1.4,
  virus: 1.1,
  disorder: 1,
};

/** Growth of the odds in a week, left alone. */
export const weeklyGrowth = (t: Pick<Trouble, 'kind' | 'labelAs'>): number =>
  t.labelAs.map((w) => WEEKLY_BY_WORD[w]).find((x) => x !== undefined) ?? WEEKLY_BY_KIND[t.kind];

/** Without a count it is taken to stand at so many times what is bearable (from memory). */
const GUESS = 2;
/** Nobody is asked for more than this: nothing in a garden is surer. */
const MOST = 0.95;

/**
 * How much of it has to be stopped, so that what is left at the next look is bearable. It grows as a share does,
 * fast at first and never above all of them: odds go up by the week.
 * @param share counted at the last look, 0 … 1, or null when none was made
 * @example needed(blackBeanAphid, 0.4, 'usual') // { share: 0.4, then: 0.55, bearable: 0.1, stop: 0.82, … }
 */
export function needed(trouble: Pick<Trouble, 'kind' | 'labelAs' | 'threshold' | 'lookAgainDays'>, share: number | null, tolerance: Tolerance): Needed {
  const bearable = thresholdFor(trouble.threshold.share, tolerance);
  const now = share ?? Math.min(0.9, bearable * GUESS);
  const odds = now * weeklyGrowth(trouble) ** (trouble.lookAgainDays / 7);
  const then = now >= 1 ? 1 : odds / (1 - now + odds);
  const stop = then <= 0 ? 0 : 1 - bearable / then;
  return { share: now, counted: share !== null, then, bearable, days: trouble.lookAgainDays, stop: Math.min(MOST, Math.max(WORTH_TRYING, stop)) };
}
