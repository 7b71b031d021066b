import type { Look } from '@sleetbrook/core/api';
import { lazy, Suspense } from 'react';
import { T } from '../../ui/text';

const Bars = lazy(() => import('./counts-bars'));

/** The counts of a case over time; the chart is only loaded where there are two. */
export function CountsChart({ looks, unit, zone }: { readonly looks: readonly Look[]; readonly unit: string; readonly zone: string }) {
  const counted = looks.filter((l) => l.count);
  if (counted.length < 2) return null;
  return (
    <Suspense fallback={<T kind="muted">Drawing the counts</T>}>
      <Bars looks={counted} unit={unit} zone={zone} />
    </Suspense>
  );
}
