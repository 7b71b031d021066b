import type { Pattern } from './patterns';
import type { Aims, CourseModel, ProgrammeModel } from './types';

/** One number for all aims: each weighs more than all that come after it together, so sums are compared at once. */
export type Weights = Readonly<Record<keyof Aims, number>>;

/** Whole numbers up to here are exact. */
const EXACT = 2 ** 53;
/** What goes unweighed first where a garden is too large for one number to hold all aims. */
const LEAST: readonly (keyof Aims)[] = ['later', 'early'];

/**
 * @returns `whole` false where the last aims had to be left out; null where the garden is too large even so
 */
export function weightsFor(model: ProgrammeModel, patterns: readonly (readonly Pattern[])[]): { readonly weights: Weights; readonly whole: boolean } | null {
  for (let without = 0; without <= LEAST.length; without++) {
    const weights = weighed(model, patterns, new Set(LEAST.slice(0, without)));
    if (weights) return { weights, whole: without === 0 };
  }
  return null;
}

function weighed(model: ProgrammeModel, patterns: readonly (readonly Pattern[])[], without: ReadonlySet<keyof Aims>): Weights | null {
  const most = (of: (p: Pattern, c: CourseModel) => number): number =>
    model.courses.reduce((sum, c, i) => sum + (patterns[i] ?? []).reduce((m, p) => Math.max(m, of(p, c)), 0), 0);
  const ranges: readonly (readonly [keyof Aims, () => number])[] = [
    ['later', () => most((p) => p.days.reduce((a, b) => a + b, 0))],
    ['early', () => most((p) => p.early)],
    ['mixes', () => most((p, c) => (c.mix === null ? 0 : p.days.length))],
    ['evenings', () => model.days],
    ['harm', () => most((p, c) => c.harm * p.days.length)],
    ['bareSoon', () => most((p) => p.bareSoon)],
    ['bareDays', () => most((p) => p.bareDays)],
    ['unanswered', () => most((p) => p.unanswered)],
  ];
  const out: Partial<Record<keyof Aims, number>> = {};
  let weight = 1;
  for (const [aim, range] of ranges) {
    out[aim] = without.has(aim) ? 0 : weight;
    if (!without.has(aim)) weight *= range() + 1;
  }
  return weight < EXACT ? (out as Weights) : null;
}

/** What a pattern costs by itself: all aims but those that courses share. */
export const ownCost = (w: Weights, c: CourseModel, p: Pattern): number =>
  p.unanswered * w.unanswered +
  p.bareDays * w.bareDays +
  p.bareSoon * w.bareSoon +
  c.harm * p.days.length * w.harm +
  p.early * w.early +
  p.days.reduce((a, b) => a + b, 0) * w.later;
