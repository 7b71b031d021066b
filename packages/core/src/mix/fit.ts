import type { LabelSheet } from '../label';
import { atMost, same, type Measure } from '../measure';
import { measureProduct } from './measure-product';

/** One fill: what the tank holds and the product in it. */
export interface Fill {
  readonly water: number;
  readonly product: number;
}

interface FitRequest {
  readonly unit: 'ml' | 'g';
  /** Asked for, and the label's most and least, in a litre of mix. */
  readonly rate: number;
  readonly most: number;
  readonly least: number;
  readonly density: LabelSheet['levelDensity'];
  readonly kit: readonly Measure[];
}

/** An amount off by no more than this is near enough to leave the water as it is: where there is one rate, and in a range. */
const NEAR = 0.02;
const NEAR_IN_RANGE = 0.05;
/** So many steps of the smallest measure are tried. */
const STEPS = 60;

/** The steps in which product can be measured, in its unit: the smallest spoon or mark, or what the scale shows. */
function stepOf({ unit, kit, density }: FitRequest): number | null {
  const volumes = kit.flatMap((m) => (m.kind === 'spoon' ? [m.capacityMl] : m.kind === 'jug' ? [m.stepMl] : []));
  const smallest = volumes.length > 0 ? Math.min(...volumes) : null;
  if (unit === 'ml') return smallest;
  const scales = kit.flatMap((m) => (m.kind === 'scale' ? [m.resolutionG] : []));
  if (scales.length > 0) return Math.min(...scales);
  return smallest !== null && density ? smallest * density.gPerMl : null;
}

/** How far off the measures are at a fill, as a share; null when they can not do it. */
function off(f: FitRequest, water: number, product: number): number | null {
  const out = measureProduct(product, (f.most * water) / 1000, f.density, f.unit, f.kit);
  if (!out.ok) return null;
  const made = (out.value.made / water) * 1000;
  // a figure of the label that is met is exact, however coarse the measure
  return made < f.least && !same(made, f.least) ? Infinity : Math.abs(out.value.made - product) / product;
}

/**
 * Water for a fill so that the product comes out in the grower's own measures, at the rate asked for: as wanted
 * where the measures are near, else a little more, or less where the tank is full. The label's concentration holds
 * either way; only the amount of mix moves.
 * @param wanted mix wanted, ml @param capacity of the tank, ml
 * @returns the mix to make, ml; null when nothing near comes out
 * @example fitWater(2 tsp a gallon, wanted 2000 ml, tank 10 l) // 2366 ml: 1¼ tsp exactly
 */
export function fitWater(f: FitRequest, wanted: number, capacity: number): number | null {
  const perMl = f.rate / 1000;
  const near = same(f.least, f.most) ? NEAR : NEAR_IN_RANGE;
  const asked = off(f, wanted, wanted * perMl);
  if (asked !== null && asked <= near) return wanted;
  const step = stepOf(f);
  if (step === null) return null;
  const product = wanted * perMl;
  const first = Math.max(1, Math.ceil(product / step - 1e-6));
  const tries: number[] = [];
  for (let k = 0; k < STEPS; k++) if (atMost(((first + k) * step) / perMl, capacity)) tries.push((first + k) * step);
  for (let k = 1; k < STEPS && (first - k) * step > 0; k++) if (tries.length === 0 || k < 3) tries.push((first - k) * step);
  let best: { water: number; off: number } | null = asked === null || asked === Infinity ? null : { water: wanted, off: asked };
  for (const amount of tries) {
    const water = Math.min(amount / perMl, capacity);
    const miss = off(f, water, water * perMl);
    if (miss === null || miss === Infinity) continue;
    if (miss <= near) return water;
    if (best === null || miss < best.off) best = { water, off: miss };
  }
  return best?.water ?? null;
}
