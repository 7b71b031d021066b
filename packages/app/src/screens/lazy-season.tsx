import { lazy, Suspense } from 'react';
import { Loading } from '../ui/states';
import type { DueProps } from './season/due-rounds';
import { FortnightRoom } from './season/fortnight-room';
import { LookOnly, type OnBrook } from './season/look-only';

export type { LookAhead } from './season/look-only';

const Season = lazy(() => import('./season/season-screen').then((m) => ({ default: m.SeasonScreen })));

// out of reach, and never on this device: what they belong to stands without them
const nothing = { default: () => null };
const Due = lazy(() => import('./season/due-rounds').then((m) => ({ default: m.DueRounds })).catch(() => nothing));
const Course = lazy(() => import('./season/course-on-brook').then((m) => ({ default: m.CourseOnBrook })).catch(() => ({ default: LookOnly })));

export const SeasonScreen = () => (
  <Suspense fallback={<Loading />}>
    <Season />
  </Suspense>
);

/** What of the programme stands on Today: not there before the rest of it. */
export const DueRounds = (props: DueProps) => (
  <Suspense fallback={props.begun ? <FortnightRoom /> : null}>
    <Due {...props} />
  </Suspense>
);

/** How a case goes on; the look that it waits for stands there before the rest of it. */
export const CourseOnBrook = (props: OnBrook) => (
  <Suspense fallback={<LookOnly from={props.from} look={props.look} />}>
    <Course {...props} />
  </Suspense>
);
