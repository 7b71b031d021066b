import { atMost, done, grams, measureOut, millilitres, refused, trim, type Measure, type Outcome } from '../measure';
import type { Measured } from './types';

/**
 * How to get `amount` of a product with what the grower owns: a scale for a dry product when it is fine
 * enough, else level spoons; for a dry product through its bulk density, held so low that even a
 * heavy spoonful stays under the ceiling.
 * @param amount in `unit` @param ceiling never to be exceeded, in `unit`: the label maximum for this load
 * @param density of a dry product by the level spoon; undefined when not known
 * @returns what to measure, and the amount it makes at the usual density
 */
export function measureProduct(
  amount: number,
  ceiling: number,
  density: { readonly gPerMl: number; readonly spread: number } | undefined,
  unit: 'ml' | 'g',
  kit: readonly Measure[],
): Outcome<{ measured: Measured; made: number }> {
  if (unit === 'ml') {
    const out = measureOut(millilitres(amount), kit, millilitres(ceiling));
    return out.ok ? done({ measured: { by: 'volume', out: out.value, density: null }, made: out.value.total }) : out;
  }
  const scale = kit
    .filter((m): m is Extract<Measure, { kind: 'scale' }> => m.kind === 'scale' && m.resolutionG <= amount * 0.1 && m.capacityG >= amount)
    .sort((a, b) => a.resolutionG - b.resolutionG)[0];
  if (scale) {
    const nearest = Math.round(amount / scale.resolutionG) * scale.resolutionG;
    const reading = !atMost(nearest, ceiling) ? Math.floor(ceiling / scale.resolutionG + 1e-6) * scale.resolutionG : nearest;
    return done({ measured: { by: 'scale', reading: grams(reading), scale, error: (reading - amount) / amount }, made: reading });
  }
  if (!density) {
    return refused(
      'no-density',
      `A spoonful of this powder has no known weight. Weigh ${trim(amount, 1)} g on a scale, or put on its label sheet what ten level teaspoons weigh.`,
      'kit',
    );
  }
  const heaviest = density.gPerMl * (1 + density.spread);
  const out = measureOut(millilitres(amount / density.gPerMl), kit, millilitres(ceiling / heaviest));
  if (!out.ok) return out;
  return done({
    measured: { by: 'volume', out: out.value, density: { gPerMl: density.gPerMl, spread: density.spread } },
    made: out.value.total * density.gPerMl,
  });
}
