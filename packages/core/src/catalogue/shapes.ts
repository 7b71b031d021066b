import { PARTS, type PartId } from './schema';

const without = (...parts: PartId[]): readonly PartId[] => PARTS.filter((p) => !parts.includes(p));

/** Which parts a grower can look at. */
export const SHAPES = {
  /** Grown for leaf or root: no bud, flower or fruit of interest. */
  leafy: without('bud', 'flower', 'fruit', 'trunk'),
  /** Flowers and sets fruit, no wood. */
  fruiting: without('trunk'),
  flowering: without('fruit', 'trunk'),
  woody: without(),
  /** Woody, grown for leaf or flower. */
  evergreen: without('fruit'),
  /** Leaves and stem only. */
  foliage: without('bud', 'flower', 'fruit', 'trunk'),
} as const;
