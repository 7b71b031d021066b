import { customary, customaryRange } from './customary';
import type { UnitSystem } from './unit-words';
import { UNITS, type Dimension, type UnitId } from './units';

/** How a unit is written so that it is read back as the same one, whatever the reader's system. */
const WRITTEN: Partial<Readonly<Record<UnitId, string>>> = {
  'tsp-metric': 'metric tsp',
  'tbsp-metric': 'metric tbsp',
  'tbsp-au': 'AU tbsp',
  'cup-metric': 'metric cup',
  'cup-imp': 'imp cup',
  'tsp-us': 'US tsp',
  'tbsp-us': 'US tbsp',
  'floz-us': 'US fl oz',
  'cup-us': 'US cup',
  'pt-us': 'US pt',
  'qt-us': 'US qt',
  'gal-us': 'US gal',
  'floz-imp': 'imp fl oz',
  'pt-imp': 'imp pt',
  'qt-imp': 'imp qt',
  'gal-imp': 'imp gal',
};

/** Digits without an exponent; nothing is lost that a double holds to 15 figures. */
function plain(n: number): string {
  const s = String(Number(n.toPrecision(15)));
  return s.includes('e') ? n.toFixed(20).replace(/\.?0+$/, '') : s;
}

/**
 * Writes an amount in a unit so that `parseQuantity` reads the same amount back, in any system.
 * @param si in ml, g, m or m²
 * @example writeQuantity(7570.823568, 'gal-us') // '2 US gal'
 */
export const writeQuantity = (si: number, unit: UnitId): string => `${plain(si / UNITS[unit].si)} ${WRITTEN[unit] ?? UNITS[unit].label}`;

/** From this size on (in SI) the unit is the one to say it in; the smallest is last. */
const METRIC: Readonly<Record<Dimension, readonly (readonly [from: number, unit: UnitId])[]>> = {
  volume: [
    [1000, 'l'],
    [0, 'ml'],
  ],
  mass: [
    [1000, 'kg'],
    [0, 'g'],
  ],
  length: [
    [1, 'm'],
    [0, 'cm'],
  ],
  area: [
    [10_000, 'ha'],
    [0, 'm2'],
  ],
};

/** Three figures, and whole numbers from a thousand up. */
const short = (n: number) => (Math.abs(n) >= 1000 ? String(Math.round(n)) : String(Number(n.toPrecision(3))));

/** The number and the unit apart, for an amount that is set large. */
export interface Said {
  readonly figure: string;
  readonly unit: string;
}

/**
 * An amount in the words of a system: metric in one unit to three figures, gallons and pounds as they are measured
 * out, in whole units and fractions.
 * @param si in ml, g, m or m²
 * @example sayParts(7570.82, 'volume', 'us') // { figure: '2', unit: 'US gal' }
 */
export function sayParts(si: number, dimension: Dimension, system: UnitSystem): Said {
  if (system === 'us' || system === 'imperial') return customary(si, dimension, system);
  const ladder = METRIC[dimension];
  const unit = (ladder.find(([from]) => si >= from * 0.9999999) ?? ladder.at(-1))?.[1] ?? 'ml';
  return { figure: short(si / UNITS[unit].si), unit: UNITS[unit].label };
}

/** @example sayIn(5000, 'volume', 'us') // '1 US gal 1 qt 9 fl oz' */
export function sayIn(si: number, dimension: Dimension, system: UnitSystem): string {
  const { figure, unit } = sayParts(si, dimension, system);
  return `${figure} ${unit}`;
}

/**
 * What stands beside an amount: scales and syringes are metric everywhere, so who measures in gallons and pounds
 * sees both; who measures in metric never sees an ounce.
 * @returns null when the grower's own words are metric
 * @example metricBeside(7570.82, 'volume', 'us') // '7.57 l'
 */
export const metricBeside = (si: number, dimension: Dimension, system: UnitSystem): string | null =>
  system === 'us' || system === 'imperial' ? sayIn(si, dimension, 'metric') : null;

/**
 * The grower's words with metric ones beside them where they differ.
 * @example sayBoth(7570.82, 'volume', 'us') // '2 US gal (7.57 l)'
 */
export function sayBoth(si: number, dimension: Dimension, system: UnitSystem): string {
  const metric = metricBeside(si, dimension, system);
  const own = sayIn(si, dimension, system);
  return metric === null || metric === own ? own : `${own} (${metric})`;
}

/**
 * A range in the words of a system, in one unit where a measure shows both ends.
 * @example sayRange(3, 5, 'mass', 'metric') // '3 to 5 g'
 */
export function sayRange(min: number, max: number, dimension: Dimension, system: UnitSystem): string {
  if (system === 'us' || system === 'imperial') return customaryRange(min, max, dimension, system);
  const [least, most] = [sayParts(min, dimension, system), sayParts(max, dimension, system)];
  return least.unit === most.unit ? `${least.figure} to ${most.figure} ${most.unit}` : `${least.figure} ${least.unit} to ${most.figure} ${most.unit}`;
}

/** The unit in which a grower of a system thinks of a size when no unit is typed. */
const USUAL: Readonly<Record<'metric' | 'us' | 'imperial', Readonly<Record<'mix' | 'area' | 'height' | 'trunk' | 'row' | 'soil', UnitId>>>> = {
  metric: { mix: 'l', area: 'm2', height: 'm', trunk: 'cm', row: 'm', soil: 'l' },
  us: { mix: 'gal-us', area: 'ft2', height: 'ft', trunk: 'in', row: 'ft', soil: 'gal-us' },
  imperial: { mix: 'gal-imp', area: 'ft2', height: 'ft', trunk: 'in', row: 'ft', soil: 'l' },
};

export type Kind = keyof (typeof USUAL)['metric'];

/** @example usualUnit('area', 'us') // 'ft2' */
export const usualUnit = (kind: Kind, system: UnitSystem): UnitId => USUAL[system === 'us' ? 'us' : system === 'imperial' ? 'imperial' : 'metric'][kind];
