import { MEM, pub, type Provenance } from './provenance';

export type Dimension = 'volume' | 'mass' | 'length' | 'area';

export interface Unit {
  readonly id: string;
  /** As written after a number. */
  readonly label: string;
  readonly dimension: Dimension;
  /** How many ml, g, m or m² one of it is. */
  readonly si: number;
  readonly source: Provenance;
}

const NIST = pub('NIST Handbook 44, Appendix C');
const WMA = pub('Weights and Measures Act 1985 (UK), Schedule 1');
const SI = pub('BIPM SI Brochure, 9th edition');

const u = (id: string, label: string, dimension: Dimension, si: number, source: Provenance) => [id, { id, label, dimension, si, source }] as const;

/** Every unit that Sleetbrook knows, by id. A spoon is level. */
export const UNITS = Object.fromEntries([
  u('ml', 'ml', 'volume', 1, SI),
  u('l', 'l', 'volume', 1000, SI),
  u('hl', 'hl', 'volume', 100_000, SI),
  u('m3', 'm³', 'volume', 1_000_000, SI),
  u('tsp-metric', 'tsp', 'volume', 5, MEM),
  u('tbsp-metric', 'tbsp', 'volume', 15, MEM),
  u('tbsp-au', 'tbsp', 'volume', 20, MEM),
  u('tsp-us', 'tsp', 'volume', 4.92892159375, NIST),
  u('tbsp-us', 'tbsp', 'volume', 14.78676478125, NIST),
  u('floz-us', 'fl oz', 'volume', 29.5735295625, NIST),
  u('cup-us', 'cup', 'volume', 236.5882365, NIST),
  u('pt-us', 'pt', 'volume', 473.176473, NIST),
  u('qt-us', 'qt', 'volume', 946.352946, NIST),
  u('gal-us', 'gal', 'volume', 3785.411784, NIST),
  u('ft3', 'cu ft', 'volume', 28316.846592, NIST),
  u('cup-metric', 'cup', 'volume', 250, MEM),
  u('cup-imp', 'cup', 'volume', 284.130625, MEM),
  u('floz-imp', 'fl oz', 'volume', 28.4130625, WMA),
  u('pt-imp', 'pt', 'volume', 568.26125, WMA),
  u('qt-imp', 'qt', 'volume', 1136.5225, WMA),
  u('gal-imp', 'gal', 'volume', 4546.09, WMA),
  u('g', 'g', 'mass', 1, SI),
  u('kg', 'kg', 'mass', 1000, SI),
  u('oz', 'oz', 'mass', 28.349523125, NIST),
  u('lb', 'lb', 'mass', 453.59237, NIST),
  u('m', 'm', 'length', 1, SI),
  u('cm', 'cm', 'length', 0.01, SI),
  u('mm', 'mm', 'length', 0.001, SI),
  u('in', 'in', 'length', 0.0254, NIST),
  u('ft', 'ft', 'length', 0.3048, NIST),
  u('yd', 'yd', 'length', 0.9144, NIST),
  u('m2', 'm²', 'area', 1, SI),
  u('ft2', 'sq ft', 'area', 0.09290304, NIST),
  u('yd2', 'sq yd', 'area', 0.83612736, NIST),
  u('acre', 'acre', 'area', 4046.8564224, NIST),
  u('ha', 'ha', 'area', 10000, SI),
]) as Readonly<Record<UnitId, Unit>>;

type UsVolume = 'tsp-us' | 'tbsp-us' | 'floz-us' | 'cup-us' | 'pt-us' | 'qt-us' | 'gal-us' | 'ft3';
type ImperialVolume = 'cup-imp' | 'floz-imp' | 'pt-imp' | 'qt-imp' | 'gal-imp';
type MetricVolume = 'ml' | 'l' | 'hl' | 'm3' | 'cup-metric' | 'tsp-metric' | 'tbsp-metric' | 'tbsp-au';
type IdsOf = {
  volume: MetricVolume | UsVolume | ImperialVolume;
  mass: 'g' | 'kg' | 'oz' | 'lb';
  length: 'm' | 'cm' | 'mm' | 'in' | 'ft' | 'yd';
  area: 'm2' | 'ft2' | 'yd2' | 'acre' | 'ha';
};

export type UnitId = IdsOf[Dimension];

/**
 * Converts between two units of one dimension. The type system refuses mixed dimensions.
 * @param value in `from`
 * @returns the same amount in `to`
 * @example convert(1, 'gal-us', 'ml') // 3785.411784
 * @example convert(20, 'm2', 'ft2')   // 215.278…
 */
export function convert<D extends Dimension>(value: number, from: IdsOf[D], to: IdsOf[D]): number {
  return (value * UNITS[from as UnitId].si) / UNITS[to as UnitId].si;
}
