import { sayIn, type UnitSystem } from '../measure';

/**
 * An amount of product as the grower measures it.
 * @param n in `unit`
 * @example sayProduct(9.86, 'ml', 'us') // '2 tsp'
 */
export const sayProduct = (n: number, unit: 'ml' | 'g', units: UnitSystem): string => sayIn(n, unit === 'ml' ? 'volume' : 'mass', units);
