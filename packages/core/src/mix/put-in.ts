import { done, readAmount, refused, type Outcome } from '../measure';
import type { MixPlan } from './types';

/** What went in, in the plan's unit: as it is usually, and between what bounds where it was a powder by the spoon. */
export interface PutIn {
  readonly least: number;
  readonly usual: number;
  readonly most: number;
}

/**
 * Reads what somebody put in, in any unit: `95`, `6 tbsp`, `3 fl oz`, `20 g`. A bare number is in the plan's unit.
 * A powder by the spoon is as heavy or as light as its spread allows.
 * @returns refused `no-density` for spoons of a powder of unknown weight, `by-volume` for a liquid by weight, or as
 *   `parseQuantity` does
 * @example readPutIn('6 tbsp', plan) // { least: 90, usual: 90, most: 90 } of a liquid
 */
export function readPutIn(text: string, plan: Pick<MixPlan, 'sheet' | 'unit' | 'units'>, field = 'putIn'): Outcome<PutIn> {
  const { sheet, unit, units } = plan;
  if (text.trim() === '0') return done({ least: 0, usual: 0, most: 0 });
  const read = readAmount(text, unit, units, unit === 'ml' ? ['volume'] : ['mass', 'volume'], field);
  if (!read.ok) return read;
  const { dimension, si } = read.value;
  if (unit === 'ml' || dimension === 'mass') return done({ least: si, usual: si, most: si });
  const density = sheet.levelDensity;
  if (!density) return refused('no-density', 'What a spoonful of this powder weighs is not known: type it in g.', field);
  const g = si * density.gPerMl;
  return done({ least: g * (1 - density.spread), usual: g, most: g * (1 + density.spread) });
}
