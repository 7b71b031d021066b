import type { CourseModel } from './types';

/** All that tells a course from another, but its name and those of its warnings. */
const likeness = ({ id: _, warnings, ...rest }: CourseModel): string => JSON.stringify([rest, warnings.map((w) => [w.from, w.to])]);

/**
 * Courses that could change places and nothing would be different: for each the first one that is like it.
 * @param gap days between a round of one and one of the other, by their places
 */
export function alikeOf(courses: readonly CourseModel[], gap: (a: number, b: number) => number): number[] {
  const like = courses.map(likeness);
  const places = courses.map((_, i) => i);
  return places.map(
    (i) =>
      places.find(
        (j) =>
          like[i] === like[j] && gap(i, j) === gap(j, i) && places.every((k) => k === i || k === j || (gap(i, k) === gap(j, k) && gap(k, i) === gap(k, j))),
      ) ?? i,
  );
}
