import type { Look } from '@sleetbrook/core/api';
import { Suspense } from 'react';
import { T } from '../../ui/text';
import { CountsBars } from '../lazy-charts';

/** The counts of a case over time; the chart is only loaded where there are two. */
export function CountsChart({ looks, unit, zone }: { readonly looks: readonly Look[]; readonly unit: string; readonly zone: string }) {
  const counted = looks.filter((l) => l.count);
  if (counted.length < 2) return null;
  return (
    <Suspense fallback={<T kind="muted">Drawing the counts</T>}>
      <CountsBars looks={counted} unit={unit} zone={zone} />
    </Suspense>
  );
}
