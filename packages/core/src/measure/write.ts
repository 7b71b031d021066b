import type { UnitSystem } from './unit-words';
import { UNITS, type Dimension, type UnitId } from './units';

/** How a unit is written so that it is read back as the same one, whatever the reader's system. */
const WRITTEN: Partial<Readonly<Record<UnitId, string>>> = {
  'tsp-metric': 'metric tsp',
  'tbsp-metric': 'metric tbsp',
  'tbsp-au': 'AU tbsp',
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
const LADDERS: Readonly<Record<'metric' | 'us' | 'imperial', Readonly<Record<Dimension, readonly (readonly [from: number, unit: UnitId])[]>>>> = {
  metric: {
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
  },
  us: {
    volume: [
      [UNITS['qt-us'].si * 0.999, 'gal-us'],
      [UNITS['floz-us'].si * 0.999, 'floz-us'],
      [0, 'tsp-us'],
    ],
    mass: [
      [UNITS.lb.si * 0.999, 'lb'],
      [0, 'oz'],
    ],
    length: [
      [UNITS.yd.si * 0.999, 'ft'],
      [0, 'in'],
    ],
    area: [
      [UNITS.acre.si * 0.999, 'acre'],
      [0, 'ft2'],
    ],
  },
  imperial: {
    volume: [
      [UNITS['qt-imp'].si * 0.999, 'gal-imp'],
      [UNITS['floz-imp'].si * 0.999, 'floz-imp'],
      [0, 'ml'],
    ],
    mass: [
      [UNITS.lb.si * 0.999, 'lb'],
      [0, 'oz'],
    ],
    length: [
      [UNITS.yd.si * 0.999, 'ft'],
      [0, 'in'],
    ],
    area: [
      [UNITS.acre.si * 0.999, 'acre'],
      [0, 'ft2'],
    ],
  },
};

/** Words on a screen, where the reader's own system is understood. */
const SAID: Partial<Readonly<Record<UnitId, string>>> = { 'gal-imp': 'imp gal', 'gal-us': 'US gal' };

const ladderOf = (system: UnitSystem) => LADDERS[system === 'us' ? 'us' : system === 'imperial' ? 'imperial' : 'metric'];

/** Three figures, and whole numbers from a thousand up. */
const short = (n: number) => (Math.abs(n) >= 1000 ? String(Math.round(n)) : String(Number(n.toPrecision(3))));

/** The number and the unit apart, for an amount that is set large. */
export interface Said {
  readonly figure: string;
  readonly unit: string;
}

/**
 * An amount in the unit of a system that suits its size, to three figures.
 * @param si in ml, g, m or m²
 * @example sayParts(5000, 'volume', 'us') // { figure: '1.32', unit: 'US gal' }
 */
export function sayParts(si: number, dimension: Dimension, system: UnitSystem): Said {
  const ladder = ladderOf(system)[dimension];
  const unit = (ladder.find(([from]) => si >= from) ?? ladder.at(-1))?.[1] ?? 'ml';
  return { figure: short(si / UNITS[unit].si), unit: SAID[unit] ?? UNITS[unit].label };
}

/** @example sayIn(5000, 'volume', 'us') // '1.32 US gal' */
export function sayIn(si: number, dimension: Dimension, system: UnitSystem): string {
  const { figure, unit } = sayParts(si, dimension, system);
  return `${figure} ${unit}`;
}

/** The system to show beside a grower's own. */
export const otherSystem = (system: UnitSystem): UnitSystem => (system === 'us' || system === 'imperial' ? 'metric' : 'us');

/**
 * The grower's system with the other one beside it.
 * @example sayBoth(5000, 'volume', 'us') // '1.32 US gal (5 l)'
 */
export const sayBoth = (si: number, dimension: Dimension, system: UnitSystem): string =>
  `${sayIn(si, dimension, system)} (${sayIn(si, dimension, otherSystem(system))})`;

/** The unit in which a grower of a system thinks of a size when no unit is typed. */
const USUAL: Readonly<Record<'metric' | 'us' | 'imperial', Readonly<Record<'mix' | 'area' | 'height' | 'trunk', UnitId>>>> = {
  metric: { mix: 'l', area: 'm2', height: 'm', trunk: 'cm' },
  us: { mix: 'gal-us', area: 'ft2', height: 'ft', trunk: 'in' },
  imperial: { mix: 'gal-imp', area: 'ft2', height: 'ft', trunk: 'in' },
};

export type Kind = keyof (typeof USUAL)['metric'];

/** @example usualUnit('area', 'us') // 'ft2' */
export const usualUnit = (kind: Kind, system: UnitSystem): UnitId => USUAL[system === 'us' ? 'us' : system === 'imperial' ? 'imperial' : 'metric'][kind];
