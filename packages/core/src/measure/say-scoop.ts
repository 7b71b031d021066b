import { inFraction } from './customary';
import { trim } from './format';
import type { Scoop } from './measure-out';
import { UNITS } from './units';

/** The marks that jugs carry beside ml: cups are marked in ounces too. */
const OUNCES = [UNITS['floz-us'].si, UNITS['floz-imp'].si];

/** A step of marks that is so near a whole eighth of an ounce was typed as ounces. */
const NEAR = 1e-4;

/**
 * The level of a jug in the marks that stand on it: one that is marked every ounce has none at 414 ml.
 * @param ml the level @param stepMl how far its marks are apart
 * @example sayMark(414.03, 29.5735) // '14 fl oz'
 */
export function sayMark(ml: number, stepMl: number): string {
  for (const ounce of OUNCES) {
    const eighths = (stepMl / ounce) * 8;
    const said = inFraction(ml / ounce);
    if (said !== null && Math.round(eighths) > 0 && Math.abs(eighths - Math.round(eighths)) < NEAR) return `${said} fl oz`;
  }
  return `${trim(ml)} ml`;
}

/**
 * One measure and how often it is filled, as it stands on a card.
 * @example sayScoop({ measure: tablespoon, count: 5, eachMl: 15 }) // '5 level tablespoons of 15 ml'
 */
export function sayScoop({ measure, count, eachMl }: Scoop): string {
  if (measure.kind === 'jug') return `${measure.name} filled to ${sayMark(eachMl, measure.stepMl)}`;
  return `${count} level ${measure.name}${count === 1 ? '' : 's'} of ${trim(eachMl)} ml`;
}
