import { measureOut, millilitres, sayIn, trim, UNITS, type Measure, type MeasuredOut, type UnitSystem } from '../measure';
import { fitWater } from './fit';
import type { Way } from './way';

/** From here on measures are said to be off, and a better way is offered. */
export const WORTH_SAYING = 0.05;

/** A fine syringe as every chemist's shop has it. */
const SYRINGE = { kind: 'jug', id: 'syringe-10', name: '10 ml syringe', capacityMl: 10, stepMl: 0.2 } as const satisfies Measure;
/** A set of small spoons goes down to these, ml. */
const SMALL_SPOONS: readonly (readonly [name: string, ml: number])[] = [
  ['⅛ teaspoon', 4.92892159375 / 8],
  ['1/16 teaspoon', 4.92892159375 / 16],
  ['1/32 teaspoon', 4.92892159375 / 32],
];
/** What small scales show, g. */
const SCALES_G = [1, 0.1, 0.01] as const;
/** Volumes that kitchen jugs have marks for, ml. */
const METRIC_JUG = [100, 200, 250, 500, 1000] as const;
const STOCK_ML: Readonly<Record<UnitSystem, readonly number[]>> = {
  metric: METRIC_JUG,
  australian: METRIC_JUG,
  us: [4, 8, 16, 32].map((n) => n * UNITS['floz-us'].si),
  imperial: [4, 8, 10, 20].map((n) => n * UNITS['floz-imp'].si),
};

export interface WaysRequest {
  /** Product wanted, ml of it by volume, and what is never to be exceeded; null for a powder whose spoonful has no known weight. */
  readonly wantedMl: number | null;
  readonly ceilingMl: number | null;
  /** Of a dry product: by weight, g. */
  readonly wantedG: number | null;
  readonly kit: readonly Measure[];
  readonly units: UnitSystem;
  /** Where the label goes by concentration: how the mix may be made larger. */
  readonly batch: { readonly fit: Parameters<typeof fitWater>[0]; readonly waterMl: number; readonly capacityMl: number } | null;
  readonly liquid: boolean;
  /** Whether it can be thinned ahead: not what foams, settles or is bait. */
  readonly thins: boolean;
  /** Water of the load, ml; null for what goes on dry. */
  readonly waterMl: number | null;
}

/**
 * Ways to an amount that the grower's measures can not make: a larger mix, a smaller spoon, a scale for what is dry,
 * a syringe or a stock solution for what is liquid. Each was tried and is within 5 % and never over the ceiling.
 * @returns in the order in which they cost least; none when what the grower owns is good enough
 */
export function waysToMeasure(r: WaysRequest): Way[] {
  if (r.wantedMl !== null && r.ceilingMl !== null) {
    const usual = measureOut(millilitres(r.wantedMl), r.kit, millilitres(r.ceilingMl));
    if (usual.ok && Math.abs(usual.value.error) <= WORTH_SAYING) return [];
  }
  return [largerBatch(r), smallSpoon(r), weigh(r), syringe(r), stock(r)].filter((w): w is Way => w !== null);
}

function largerBatch({ batch, units }: WaysRequest): Way | null {
  if (!batch) return null;
  const { fit, waterMl, capacityMl } = batch;
  const water = fitWater(fit, waterMl, Math.max(capacityMl, waterMl));
  if (water === null || water <= waterMl * 1.001) return null;
  return {
    by: 'larger-batch',
    error: 0,
    waterMl: water,
    sentence: `Make ${sayIn(water, 'volume', units)} instead: the product then comes out in your measures. Have a use for the rest: more plants on the label, or it is left over and counts as such.`,
  };
}

function smallSpoon(r: WaysRequest): Way | null {
  if (r.wantedMl === null || r.ceilingMl === null) return null;
  for (const [name, capacityMl] of SMALL_SPOONS) {
    const out = measureOut(millilitres(r.wantedMl), [...r.kit, { kind: 'spoon', id: 'small', name, capacityMl }], millilitres(r.ceilingMl));
    if (out.ok && Math.abs(out.value.error) <= WORTH_SAYING) {
      return {
        by: 'small-spoon',
        error: out.value.error,
        sentence: `A ${name} (${trim(capacityMl, 2)} ml) would do it. Add it in the Shed, and keep it for this only.`,
      };
    }
  }
  return null;
}

function weigh({ wantedG }: WaysRequest): Way | null {
  if (wantedG === null) return null;
  const resolution = SCALES_G.find((g) => g <= wantedG * WORTH_SAYING * 2);
  if (resolution === undefined) return null;
  return {
    by: 'scale',
    error: resolution / 2 / wantedG,
    sentence: `Weigh ${trim(wantedG, resolution === 0.01 ? 2 : 1)} g on a scale that shows ${resolution} g. Add it in the Shed.`,
  };
}

function syringe(r: WaysRequest): Way | null {
  if (!r.liquid || r.wantedMl === null || r.ceilingMl === null) return null;
  const out = measureOut(millilitres(r.wantedMl), [...r.kit, SYRINGE], millilitres(r.ceilingMl));
  if (!out.ok || Math.abs(out.value.error) > WORTH_SAYING) return null;
  return {
    by: 'syringe',
    error: out.value.error,
    sentence: `A 10 ml syringe with marks every 0.2 ml measures ${trim(r.wantedMl, 1)} ml. Add it in the Shed, and keep it for this only.`,
  };
}

/** As the measures show it: "2 level tablespoons", not a figure between marks. */
const sayTaken = (take: MeasuredOut, units: UnitSystem): string =>
  take.scoops.every((s) => s.measure.kind === 'spoon')
    ? take.scoops.map((s) => `${s.count} level ${s.measure.name}${s.count === 1 ? '' : 's'}`).join(' and ')
    : sayIn(take.total, 'volume', units);

function stock(r: WaysRequest): Way | null {
  if (!r.thins || r.wantedMl === null || r.ceilingMl === null) return null;
  let best: Extract<Way, { by: 'stock' }> | null = null;
  const spoons = r.kit.filter((m): m is Extract<Measure, { kind: 'spoon' }> => m.kind === 'spoon');
  for (const spoon of spoons) {
    // as much as one spoonful, thinned, and the part of it that the load needs; never thinner than needed
    if (spoon.capacityMl < r.wantedMl) continue;
    for (const toMl of STOCK_ML[r.units]) {
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
        sentence: `Stir 1 level ${spoon.name} into water and fill to ${sayIn(toMl, 'volume', r.units)}; take ${sayTaken(take.value, r.units)} of that for this load. Use it today, marked, out of reach; what is left of it is product and counts as such.`,
      };
    }
  }
  return best;
}
