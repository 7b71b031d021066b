import { done, refused, UNITS, type Millilitres, type Outcome, type UnitSystem } from '../measure';
import type { LabelSheet } from './schema';

/** How many level spoons are weighed together, so that a kitchen scale can tell. */
export const SPOONS_WEIGHED = 10;
/** How evenly a knife levels a spoon, ± share (from memory); the scale's own half gram comes on top. */
const LEVELLED = 0.05;
const SCALE_HALF_STEP_G = 0.5;
/** The lightest and the heaviest powders in a shed, g a ml: diatomaceous earth is near 0.2, sulfur prills near 1.3 (from memory). */
const LIGHTEST = 0.1;
const HEAVIEST = 2.5;

const WEIGHED = { mark: 'PUB', source: 'ten level spoons, weighed by the grower' } as const;

/** The grower's own level teaspoon. */
export const teaspoonMl = (system: UnitSystem): Millilitres => (system === 'us' ? UNITS['tsp-us'].si : 5) as Millilitres;

/**
 * What a level spoonful of a powder weighs, from ten of them on the scale.
 * @param g of all ten @param spoonMl of one
 * @returns refused `bad-weight` where no powder weighs so much or so little: a slip
 * @example levelDensityOf(25, 5) // { gPerMl: 0.5, spread: 0.07 }
 */
export function levelDensityOf(g: number, spoonMl: number, field = 'spoonsG'): Outcome<NonNullable<LabelSheet['levelDensity']>> {
  const gPerMl = g / (spoonMl * SPOONS_WEIGHED);
  if (!(gPerMl >= LIGHTEST && gPerMl <= HEAVIEST))
    return refused(
      'bad-weight',
      `Ten level teaspoons of a powder weigh ${LIGHTEST * spoonMl * SPOONS_WEIGHED} to ${HEAVIEST * spoonMl * SPOONS_WEIGHED} g.`,
      field,
    );
  return done({ gPerMl, spread: LEVELLED + SCALE_HALF_STEP_G / g, prov: WEIGHED });
}

/** What ten spoons weighed, g, where the density came of it; null where it is another's figure. */
export const weighedG = (density: LabelSheet['levelDensity'], spoonMl: number): number | null =>
  density?.prov.mark === 'PUB' && density.prov.source === WEIGHED.source ? density.gPerMl * spoonMl * SPOONS_WEIGHED : null;
