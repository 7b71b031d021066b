import { measureOut, millilitres, trim, type Measure, type MeasuredOut } from '../measure';

/** A way to an amount that the grower's measures can not make closely. */
export type Way =
  | { readonly by: 'syringe'; readonly sentence: string; readonly error: number }
  /** Several loads' product thinned in a measured jug, and a part of that per load. */
  | {
      readonly by: 'stock';
      readonly sentence: string;
      readonly error: number;
      readonly stir: MeasuredOut;
      readonly toMl: number;
      readonly takeMl: number;
      readonly take: MeasuredOut;
    }
  | { readonly by: 'larger-batch'; readonly sentence: string; readonly error: number; readonly waterMl: number; readonly measured: MeasuredOut };

/** From here on measures are said to be off, and a better way is offered. */
export const WORTH_SAYING = 0.05;

/** A fine syringe as every chemist's shop has it. */
const SYRINGE = { kind: 'jug', id: 'syringe-10', name: '10 ml syringe', capacityMl: 10, stepMl: 0.2 } as const satisfies Measure;
/** Volumes that kitchen jugs have marks for. */
const STOCK_ML = [100, 200, 250, 500, 1000] as const;

export interface WaysRequest {
  /** Product wanted, ml of it by volume. */
  readonly wantedMl: number;
  /** Never to be exceeded, ml. */
  readonly ceilingMl: number;
  readonly kit: readonly Measure[];
  /** Water of the load and the most mix that the plants can take, ml; null for what goes on dry. */
  readonly waterMl: number | null;
  readonly mostWaterMl: number;
  /** Whether it can be thinned ahead: not what foams, settles or is bait. */
  readonly thins: boolean;
}

/**
 * Ways to measure an amount that the grower's spoons can not: a syringe, a larger batch, a stock solution made
 * for the day. Each is within 5 % and never over the ceiling; the nearest is first.
 * @returns none when what the grower owns is good enough
 */
export function waysToMeasure(r: WaysRequest): Way[] {
  const usual = measureOut(millilitres(r.wantedMl), r.kit, millilitres(r.ceilingMl));
  if (usual.ok && Math.abs(usual.value.error) <= WORTH_SAYING) return [];
  const ways = [syringe(r), largerBatch(r), stock(r)].filter((w): w is Way => w !== null);
  return ways.sort((a, b) => Math.abs(a.error) - Math.abs(b.error));
}

function syringe(r: WaysRequest): Way | null {
  const out = measureOut(millilitres(r.wantedMl), [...r.kit, SYRINGE], millilitres(r.ceilingMl));
  if (!out.ok || Math.abs(out.value.error) > WORTH_SAYING) return null;
  if (r.wantedMl > SYRINGE.capacityMl * 3) return null;
  return {
    by: 'syringe',
    error: out.value.error,
    sentence: `A 10 ml syringe with marks every 0.2 ml measures ${trim(r.wantedMl, 1)} ml. Keep it for this only.`,
  };
}

function largerBatch(r: WaysRequest): Way | null {
  if (r.waterMl === null || r.waterMl <= 0) return null;
  const steps = 40;
  for (let i = 1; i <= steps; i++) {
    const water = r.waterMl + ((r.mostWaterMl - r.waterMl) * i) / steps;
    if (!(water > r.waterMl)) return null;
    const out = measureOut(millilitres((r.wantedMl * water) / r.waterMl), r.kit, millilitres((r.ceilingMl * water) / r.waterMl));
    if (out.ok && Math.abs(out.value.error) <= WORTH_SAYING) {
      return {
        by: 'larger-batch',
        error: out.value.error,
        waterMl: water,
        measured: out.value,
        sentence: `Make ${trim(water / 1000, 2)} l instead: the product then comes out in your spoons. The same plants still take it.`,
      };
    }
  }
  return null;
}

function stock(r: WaysRequest): Way | null {
  if (!r.thins) return null;
  let best: Extract<Way, { by: 'stock' }> | null = null;
  const spoons = r.kit.filter((m): m is Extract<Measure, { kind: 'spoon' }> => m.kind === 'spoon');
  for (const spoon of spoons) {
    // as much as one spoonful, thinned, and the part of it that the load needs; never thinner than needed
    if (spoon.capacityMl < r.wantedMl) continue;
    for (const toMl of STOCK_ML) {
      if (toMl < spoon.capacityMl * 4) continue;
      const takeMl = (r.wantedMl / spoon.capacityMl) * toMl;
      if (r.waterMl !== null && takeMl > r.waterMl * 0.5) continue;
      const take = measureOut(millilitres(takeMl), r.kit, millilitres((r.ceilingMl / spoon.capacityMl) * toMl));
      if (!take.ok || Math.abs(take.value.error) > WORTH_SAYING) continue;
      if (best && Math.abs(best.error) <= Math.abs(take.value.error)) continue;
      const stir = measureOut(millilitres(spoon.capacityMl), [spoon]);
      if (!stir.ok) continue;
      best = {
        by: 'stock',
        error: take.value.error,
        stir: stir.value,
        toMl,
        takeMl,
        take: take.value,
        sentence: `Stir 1 level ${spoon.name} into water and fill to ${toMl} ml; take ${trim(takeMl, 1)} ml of that for this load. Use it today, marked, out of reach; what is left of it is product and counts as such.`,
      };
    }
  }
  return best;
}
