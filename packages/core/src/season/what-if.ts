import type { Aims } from '../programme';
import { AIMS } from '../programme';
import { addDays } from '../schedule';
import type { Season, SeasonFacts, WhatIf } from './types';

/** The facts as they would be. */
export function withWhatIf(facts: SeasonFacts, what: WhatIf | null): SeasonFacts {
  if (!what) return facts;
  switch (what.kind) {
    case 'away':
      return { ...facts, garden: { ...facts.garden, away: [...facts.garden.away, { from: what.from, to: what.to }] } };
    case 'picking-later':
      return {
        ...facts,
        courses: facts.courses.map((c) =>
          c.planting.id === what.plantingId
            ? {
                ...c,
                planting: {
                  ...c.planting,
                  pickFrom: c.planting.pickFrom && addDays(c.planting.pickFrom, what.days),
                  pickUntil: c.planting.pickUntil && addDays(c.planting.pickUntil, what.days),
                },
              }
            : c,
        ),
      };
    case 'without':
      return {
        ...facts,
        courses: facts.courses.map((c) =>
          c.case.laps.at(-1)?.controlId === what.controlId ? { ...c, case: { ...c.case, course: { ...c.case.course, state: 'ended' as const } } } : c,
        ),
      };
    case 'fixed':
      return {
        ...facts,
        courses: facts.courses.map((c) => (c.case.id === what.caseId ? { ...c, case: { ...c.case, course: { ...c.case.course, fixed: [...what.days] } } } : c)),
      };
  }
}

const count = (n: number, one: string, many: string) => (n === 1 ? one : `${String(n)} ${many}`);
const MORE: Readonly<Record<keyof Aims, (n: number) => string>> = {
  unanswered: (n) => `${count(n, 'a warning', 'warnings')} would go unanswered`,
  bareDays: (n) => count(n, 'a day without protection', 'days without protection'),
  bareSoon: () => 'the days without protection come sooner',
  harm: () => 'more or harsher rounds',
  evenings: (n) => `${count(n, 'an evening', 'evenings')} out more`,
  mixes: (n) => `${count(n, 'a mix', 'mixes')} more`,
  early: (n) => `${count(n, 'a day', 'days')} of what is still there thrown away`,
  later: () => 'a little later',
};
const LESS: Readonly<Record<keyof Aims, (n: number) => string>> = {
  unanswered: (n) => `${count(n, 'a warning', 'warnings')} more answered in time`,
  bareDays: (n) => `${count(n, 'a day', 'days')} less without protection`,
  bareSoon: () => 'the days without protection come later',
  harm: () => 'fewer or milder rounds',
  evenings: (n) => `${count(n, 'an evening', 'evenings')} out less`,
  mixes: (n) => `${count(n, 'a mix', 'mixes')} less`,
  early: (n) => `${count(n, 'a day', 'days')} less thrown away`,
  later: () => 'a little sooner',
};

/** What one programme costs against another, what weighs most first; empty where they are as good. */
export const costAgainst = (now: Aims, then: Aims): string[] =>
  // more days without protection count sooner or later by themselves
  AIMS.filter((a) => then[a] !== now[a] && (a !== 'bareSoon' || then.bareDays === now.bareDays)).map((a) =>
    then[a] > now[a] ? MORE[a](then[a] - now[a]) : LESS[a](now[a] - then[a]),
  );

/** What would be otherwise, course by course, and what it costs in all. */
export interface Otherwise {
  readonly costs: readonly string[];
  readonly moved: readonly { readonly caseId: string; readonly before: readonly string[]; readonly then: readonly string[] }[];
}

/** Lays one season beside another. */
export function beside(now: Season, then: Season): Otherwise {
  const days = (s: Season, id: string) => s.courses.find((c) => c.caseId === id)?.rounds.map((r) => r.day) ?? [];
  return {
    costs: costAgainst(now.aims, then.aims),
    moved: now.courses
      .map((c) => ({ caseId: c.caseId, before: days(now, c.caseId), then: days(then, c.caseId) }))
      .filter((m) => m.before.join() !== m.then.join()),
  };
}
