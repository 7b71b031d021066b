import type { LabelSheet } from '../label';
import { done, millilitres, refused, sayVolume, trim, type Millilitres, type Outcome } from '../measure';
import type { Load } from './types';

export interface Correction {
  /** Water to add to bring the rate back, ml. */
  readonly addWater: Millilitres;
  /** Total mix then. */
  readonly total: Millilitres;
  readonly sentence: string;
}

/**
 * What to do after too much product went into a load: the water that restores the intended rate, when
 * the tank still takes it.
 * @param load the load being mixed @param putIn product really put in, in the load's unit
 * @param capacity of the sprayer
 * @returns refused `tank-full` when the tank can not take the water: then it is not sprayed
 */
export function correctOvershoot(load: Load, putIn: number, capacity: Millilitres, sheet: LabelSheet): Outcome<Correction> {
  if (!Number.isFinite(putIn) || putIn <= 0) return refused('bad-amount', 'Type how much went in, more than 0.', 'putIn');
  if (putIn <= load.product) return refused('not-over', `That is not more than the ${trim(load.product, 1)} asked for.`, 'putIn');
  const total = (load.water * putIn) / load.product;
  if (total > capacity + 1e-6) {
    return refused('tank-full', `It would take ${sayVolume(millilitres(total))} of mix, and the tank holds ${sayVolume(capacity)}. Do not spray this. Pour half into a second clean sprayer or bucket and bring each back to strength, or treat it as waste: ${sheet.disposal}`, 'putIn');
  }
  const add = millilitres(total - load.water);
  return done({ addWater: add, total: millilitres(total), sentence: `Add ${sayVolume(add)} of water: ${sayVolume(millilitres(total))} in all is back at strength. Spray no more than the plants need; the rest keeps ${trim(sheet.mixLifeHours, 0)} h.` });
}
