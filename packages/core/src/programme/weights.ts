import type { Pattern } from './patterns';
import type { Aims, CourseModel, ProgrammeModel } from './types';

/** One number for all aims: each weighs more than all that come after it together, so sums are compared at once. */
export type Weights = Readonly<Record<keyof Aims, number>>;

/** Whole numbers up to here are exact. */
const EXACT = 2 ** 53;

/** @returns null where the garden is too large for one number to hold all aims exactly */
export function weightsFor(model: ProgrammeModel, patterns: readonly (readonly Pattern[])[]): Weights | null {
  const most = (of: (p: Pattern, c: CourseModel) => number): number =>
    model.courses.reduce((sum, c, i) => sum + (patterns[i] ?? []).reduce((m, p) => Math.max(m, of(p, c)), 0), 0);
  const later = 1;
  const early = later * (most((p) => p.days.reduce((a, b) => a + b, 0)) + 1);
  const mixes = early * (most((p) => p.early) + 1);
  const evenings = mixes * (most((p, c) => (c.mix === null ? 0 : p.days.length)) + 1);
  const harm = evenings * (model.days + 1);
  const lapsed = harm * (most((p, c) => c.harm * p.days.length) + 1);
  const bareDays = lapsed * (most((p) => p.lapsed) + 1);
  const unanswered = bareDays * (most((p) => p.bareDays) + 1);
  const all = unanswered * (most((p) => p.unanswered) + 1);
  return all < EXACT ? { unanswered, bareDays, lapsed, harm, evenings, mixes, early, later } : null;
}

/** What a pattern costs by itself: all aims but those that courses share. */
export const ownCost = (w: Weights, c: CourseModel, p: Pattern): number =>
  p.unanswered * w.unanswered +
  p.bareDays * w.bareDays +
  p.lapsed * w.lapsed +
  c.harm * p.days.length * w.harm +
  p.early * w.early +
  p.days.reduce((a, b) => a + b, 0) * w.later;
