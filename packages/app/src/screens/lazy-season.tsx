import { lazy, Suspense } from 'react';
import { Loading } from '../ui/states';

const Season = lazy(() => import('./season/season-screen').then((m) => ({ default: m.SeasonScreen })));

export const SeasonScreen = () => (
  <Suspense fallback={<Loading />}>
    <Season />
  </Suspense>
);
