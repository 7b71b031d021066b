import { quoteLine } from '../label';
import { atLeast, atMost, done, downTo3, millilitres, refused, sayIn, trim, upTo3, type Millilitres, type Outcome } from '../measure';
import { sayProduct } from './amounts';
import { sayRateIn } from './rates/say-rate';
import type { Load, MixPlan } from './types';

/** What puts a load right after a slip. */
export interface Remedy {
  /** Product to add, in the plan's unit; 0 for none. */
  readonly addProduct: number;
  /** Water to add; 0 for none. */
  readonly addWater: Millilitres;
  /** Mix in all then. */
  readonly total: Millilitres;
  /** The rate it then makes, product in a litre. */
  readonly rate: number;
  readonly sentence: string;
}

/** An amount of product, in the grower's units and in the plan's own. */
const amount = (n: number, { unit, units }: MixPlan) =>
  units === 'us' || units === 'imperial' ? `${sayProduct(n, unit, units)} (${trim(n, 3)} ${unit})` : `${trim(n, 3)} ${unit}`;

const perLitreOnly = (plan: MixPlan, field: string): Outcome<never> | null =>
  plan.line.rate.form === 'per-litre'
    ? null
    : refused('per-size', 'This label does not go by the litre: the product counts, not the water. Put in what is asked for in all, no more.', field);

/**
 * After too little product went in: the rest is measured and added. Nothing is added once spraying has begun: the
 * same plants would get the strong half.
 * @param putIn what really went in, in the plan's unit
 * @returns refused `not-short`, `bad-amount`
 */
export function correctShort(load: Load, putIn: number, plan: MixPlan): Outcome<Remedy> {
  if (!(putIn >= 0) || !Number.isFinite(putIn)) return refused('bad-amount', 'Type how much went in, 0 or more.', 'putIn');
  if (atLeast(putIn, load.product)) return refused('not-short', `That is not less than the ${amount(load.product, plan)} asked for.`, 'putIn');
  // said to three figures, never more than is missing
  const add = downTo3(load.product - putIn);
  return done({
    addProduct: add,
    addWater: millilitres(0),
    total: load.water,
    rate: load.water > 0 ? ((putIn + add) / load.water) * 1000 : plan.rate,
    sentence: `Add ${amount(add, plan)} more, and shake again. Sprayed some of it already? Then add nothing: spray the rest as it is, and look again sooner.`,
  });
}

/**
 * After too much water went in: product is added up to the planned strength where the plants can take that much
 * mix, else the weaker mix is used as long as the label still carries it.
 * @param volume what the tank now holds @param capacity of the tank to the brim or the fill line
 * @returns refused `not-over`, `over-tank`, `too-weak`
 */
export function correctOverfill(load: Load, volume: Millilitres, capacity: Millilitres, plan: MixPlan): Outcome<Remedy> {
  const barred = perLitreOnly(plan, 'volume');
  if (barred) return barred;
  const { line, sheet, units: system } = plan;
  const say = (n: number) => sayRateIn(n, plan.unit, 'per-litre', system);
  if (!(volume > 0) || !Number.isFinite(volume)) return refused('bad-amount', 'Type how much is in the tank, more than 0.', 'volume');
  if (atMost(volume, load.water)) return refused('not-over', `That is not more than the ${sayIn(load.water, 'volume', system)} asked for.`, 'volume');
  // a little above the line still closes; more can not be in there
  if (volume > capacity * 1.25) return refused('over-tank', `The sprayer holds ${sayIn(capacity, 'volume', system)}. Is it typed right?`, 'volume');
  const rate = (load.product / volume) * 1000;
  const extra = millilitres(volume - load.water);
  if (atLeast(rate, line.rate.min)) {
    return done({
      addProduct: 0,
      addWater: millilitres(0),
      total: volume,
      rate,
      sentence: `Use it as it is: it makes ${say(rate)}, still within the label. Put out all of it over the planned plants only if they do not drip.`,
    });
  }
  // weaker than the label: bring it to the label's least, no more product than that
  const add = addBetween((line.rate.min * volume) / 1000 - load.product, (line.rate.max * volume) / 1000 - load.product);
  const mostMix = plan.waterNeeded * 1.5 * (load.water / plan.water);
  if (add === null || volume > mostMix) {
    return refused(
      'too-weak',
      `It makes ${say(rate)}, weaker than the label (${quoteLine(sheet, line)}), and your plants can not take so much mix at strength. Pour ${sayIn(extra, 'volume', system)} of it into a second clean sprayer and strengthen both only if you have more of the same plants; else spray it out over the same plants and count it as a weak treatment.`,
      'volume',
    );
  }
  return done({
    addProduct: add,
    addWater: millilitres(0),
    total: volume,
    rate: ((load.product + add) / volume) * 1000,
    sentence: `Add ${amount(add, plan)}: ${sayIn(volume, 'volume', system)} then makes ${say(line.rate.min)}, the label’s least. Not more: the plants get more mix than planned.`,
  });
}

/**
 * After the count of spoons was lost: the largest amount that may be in there must not be above the label, and
 * water is added until it is not; then the smallest must still be worth spraying.
 * @param least the fewest that surely went in @param most the most that may have gone in, in the plan's unit
 * @returns refused `bad-amount`, `order`, `start-again`
 */
export function correctLostCount(load: Load, least: number, most: number, capacity: Millilitres, plan: MixPlan): Outcome<Remedy> {
  const barred = perLitreOnly(plan, 'most');
  if (barred) return barred;
  const { line, sheet, units: system } = plan;
  const say = (n: number) => sayRateIn(n, plan.unit, 'per-litre', system);
  if (!(least >= 0) || !Number.isFinite(least)) return refused('bad-amount', 'Type the least that surely went in, 0 or more.', 'least');
  if (!(most > 0) || !Number.isFinite(most)) return refused('bad-amount', 'Type the most that may have gone in.', 'most');
  if (most < least) return refused('order', 'The most is less than the least.', 'most');
  const total = millilitres(Math.max(load.water, upTo3((most / line.rate.max) * 1000)));
  const lowest = (least / total) * 1000;
  const highest = (most / total) * 1000;
  if (total > capacity + 1e-6 || !atLeast(lowest, line.rate.min)) {
    return refused(
      'start-again',
      `From ${amount(least, plan)} to ${amount(most, plan)} is too wide: no amount of water in this tank is surely within the label (${quoteLine(sheet, line)}). Do not spray it. Start this load again, and treat what is in the tank as waste. ${sheet.disposal}`,
      'most',
    );
  }
  const add = millilitres(total - load.water);
  return done({
    addProduct: 0,
    addWater: add,
    total,
    rate: highest,
    sentence: `${add > 0 ? `Add ${sayIn(add, 'volume', system)} of water: ${sayIn(total, 'volume', system)} in all` : `With ${sayIn(total, 'volume', system)} in all it`} is ${say(lowest)} to ${say(highest)}, surely within the label. Write ${amount(most, plan)} in the record.`,
  });
}

/** An amount of three figures between a least and a most; null when there is none. */
function addBetween(least: number, most: number): number | null {
  const add = upTo3(least);
  return atMost(add, most) ? add : downTo3(most) >= least ? downTo3(most) : null;
}
