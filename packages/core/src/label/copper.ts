import { findActive } from './actives';
import { proposedWater } from './water';
import type { LabelLine, LabelSheet } from './schema';

/** What a ml of a flowable copper weighs where its label does not say, g: the heaviest usual (from memory). */
const HEAVY_G_PER_ML = 1.5;

/**
 * Metallic copper in one g or ml of product, g. Where a pack prints a compound and no metallic equivalent, all of the
 * figure counts as copper: the stricter of the two readings.
 */
export function copperShare(s: Pick<LabelSheet, 'actives' | 'state' | 'gPerMl' | 'formulation'>): number {
  const percent = s.actives.reduce((sum, a) => sum + (findActive(a.name)?.groups.includes('copper') ? (a.metallic ?? a.percent) : 0), 0);
  const weight = s.state === 'dry' ? 1 : (s.gPerMl ?? (s.formulation === 'SC' ? HEAVY_G_PER_ML : 1));
  return (percent / 100) * weight;
}

/** Product on a square metre at a rate of the line, in the rate's unit; null where the rate goes by something else. */
export function productPerM2(line: LabelLine, rate: number): number | null {
  if (line.rate.form === 'per-litre') return (rate * proposedWater(line).ml) / 1000;
  return line.rate.form === 'per-m2' ? rate : null;
}
