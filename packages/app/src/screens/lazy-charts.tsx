import { lazy } from 'react';

// one door to all of them: a part that two lazy chunks share is moved into the first load by the bundler
const charts = () => import('./charts');

export const CountsBars = lazy(() => charts().then((c) => ({ default: c.CountsBars })));
export const DayCharts = lazy(() => charts().then((c) => ({ default: c.DayCharts })));
export const SameWeeksPart = lazy(() => charts().then((c) => ({ default: c.SameWeeksPart })));
