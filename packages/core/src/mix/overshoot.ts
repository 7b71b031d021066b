import { quoteLine } from '../label';
import { atMost, done, millilitres, refused, sayIn, sayVolume, trim, type Millilitres, type Outcome } from '../measure';
import { sayProduct } from './amounts';
import { sayRateIn } from './rates/say-rate';
import type { Load, MixPlan } from './types';

export interface Correction {
  /** Water to add to bring the rate back, ml; 0 when the mix may be used as it is. */
  readonly addWater: Millilitres;
  /** Total mix then. */
  readonly total: Millilitres;
  readonly sentence: string;
}

/**
 * What to do after too much product went into a load. Water is added as far as the tank takes it; a
 * mix that can not be brought to the label's maximum is not sprayed.
 * @param load the load being mixed @param putIn product really put in, in the plan's unit
 * @param capacity of the sprayer
 * @returns refused `tank-full` when even a full tank stays above the label
 * @example correctOvershoot(load75mlIn5l, 90, millilitres(6000), plan) // add 1 l
 */
export function correctOvershoot(load: Load, putIn: number, capacity: Millilitres, plan: MixPlan): Outcome<Correction> {
  const { line, sheet, unit, units } = plan;
  const rate = (n: number) => sayRateIn(n, unit, 'per-litre', units);
  const say = (ml: number) => (units === 'us' || units === 'imperial' ? sayIn(ml, 'volume', units) : sayVolume(millilitres(ml)));
  if (!Number.isFinite(putIn) || putIn <= 0) return refused('bad-amount', 'Type how much went in, more than 0.', 'putIn');
  if (atMost(putIn, load.product)) return refused('not-over', `That is not more than the ${sayProduct(load.product, unit, units)} asked for.`, 'putIn');
  if (line.rate.form !== 'per-litre') {
    return refused(
      'per-area',
      `This label goes by area: water does not bring it back. Spread it over ${trim((putIn / load.product - 1) * 100, 0)} % more ground of the same plants, or take the surplus out.`,
      'putIn',
    );
  }
  const total = (load.water * putIn) / load.product;
  if (total <= capacity + 1e-6) {
    const add = millilitres(total - load.water);
    return done({
      addWater: add,
      total: millilitres(total),
      sentence: `Add ${say(add)} of water: ${say(total)} in all is back at strength. Spray no more than the plants need; what is left keeps ${trim(sheet.mixLifeHours, 0)} h.`,
    });
  }
  const strength = (putIn / capacity) * 1000;
  if (atMost(strength, line.rate.max)) {
    const add = millilitres(capacity - load.water);
    const fill = add > 0 ? `Fill the tank to ${say(capacity)}: that` : 'It';
    return done({
      addWater: add,
      total: capacity,
      sentence: `${fill} makes ${rate(strength)}, stronger than planned but within the label’s ${rate(line.rate.max)}. It may be sprayed, on no more than the planned area.`,
    });
  }
  return refused(
    'tank-full',
    `Do not spray this: even a full tank makes ${rate(strength)}, above the label (${quoteLine(sheet, line)}). It needs ${say(total)} of mix in all: pour part of it into a second clean sprayer and fill both up, or keep it closed and marked for a hazardous-waste day. Never in a drink container.`,
    'putIn',
  );
}
