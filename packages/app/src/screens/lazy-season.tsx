import { lazy, Suspense } from 'react';
import type { Case, Garden } from '@sleetbrook/core/api';
import type { Instant } from '@sleetbrook/core/measure';
import { Loading } from '../ui/states';

const Season = lazy(() => import('./season/season-screen').then((m) => ({ default: m.SeasonScreen })));

// out of reach, and never on this device: what they belong to stands without them
const nothing = { default: () => null };
const Due = lazy(() => import('./season/due-rounds').then((m) => ({ default: m.DueRounds })).catch(() => nothing));
const Course = lazy(() => import('./season/course-ahead').then((m) => ({ default: m.CourseAheadOf })).catch(() => nothing));

export const SeasonScreen = () => (
  <Suspense fallback={<Loading />}>
    <Season />
  </Suspense>
);

/** What of the programme stands on Today: not there before the rest of it. */
export const DueRounds = (props: { readonly garden: Garden; readonly now: Instant }) => (
  <Suspense fallback={null}>
    <Due {...props} />
  </Suspense>
);

/** The rounds that are still to come of one case. */
export const CourseAheadOf = (props: { readonly found: Case; readonly garden: Garden; readonly now: Instant }) => (
  <Suspense fallback={null}>
    <Course {...props} />
  </Suspense>
);
