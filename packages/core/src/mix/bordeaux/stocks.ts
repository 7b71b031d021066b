import { convert, done, grams, millilitres, refused, trim, type Grams, type Millilitres, type Outcome } from '../../measure';
import { COPPER_SALTS, LIMES, type BordeauxAmounts, type CopperSalt, type Lime } from './formula';

/** Strength of the usual stock, g of crystals or of hydrated lime in a litre: 1 lb in a US gallon. Source: UC ANR Publication 7481. */
export const STOCK_G_PER_L = convert<'mass'>(1, 'lb', 'g') / (convert<'volume'>(1, 'gal-us', 'ml') / 1000);

export interface FromStocks {
  readonly copperStock: Millilitres;
  readonly limeStock: Millilitres;
  /** Plain water that goes in first. */
  readonly water: Millilitres;
}

/**
 * The volumes of the two stocks for a mix, each well shaken, and the water that goes in before them.
 * @param copperGPerL g of crystals in a litre of the copper stock @param limeGPerL g of hydrated lime in a litre of the lime stock
 * @returns refused `bad-stock`, or `weak-stock` when the stocks alone are more than the mix
 * @example fromStocks(10-10-100 in 2.5 gal) // 1 qt of each in 2 gal of water
 */
export function fromStocks(a: BordeauxAmounts, salt: CopperSalt, lime: Lime, copperGPerL = STOCK_G_PER_L, limeGPerL = STOCK_G_PER_L): Outcome<FromStocks> {
  if (!(copperGPerL > 0) || copperGPerL > 300) return refused('bad-stock', 'A copper stock holds 1 to 300 g in a litre.', 'copperStock');
  if (!(limeGPerL > 0) || limeGPerL > 300) return refused('bad-stock', 'A lime stock holds 1 to 300 g in a litre.', 'limeStock');
  const crystals = (a.copper * COPPER_SALTS[salt].copper) / COPPER_SALTS.pentahydrate.copper;
  const hydrated = a.lime * LIMES[lime].makes;
  const copperStock = (crystals / copperGPerL) * 1000;
  const limeStock = (hydrated / limeGPerL) * 1000;
  const water = a.volume - copperStock - limeStock;
  if (water < a.volume * 0.3)
    return refused('weak-stock', 'The stocks are too weak for this formula: no water would be left to thin them. Make it from dry.', 'copperStock');
  return done({ copperStock: millilitres(copperStock), limeStock: millilitres(limeStock), water: millilitres(water) });
}

/**
 * What goes into a stock container.
 * @param volume of stock to make
 * @returns grams of the salt or lime in the hand
 */
export function stockOf(kind: 'copper' | 'lime', volume: Millilitres, salt: CopperSalt, lime: Lime, gPerL = STOCK_G_PER_L): Grams {
  const wanted = (gPerL * volume) / 1000;
  return grams(kind === 'copper' ? (wanted * COPPER_SALTS.pentahydrate.copper) / COPPER_SALTS[salt].copper : wanted / LIMES[lime].makes);
}

/** @example sayStock(119.8) // '119.8 g in a litre (1 lb in a US gallon)' */
export function sayStock(gPerL: number): string {
  const lb = gPerL / STOCK_G_PER_L;
  return `${trim(gPerL, 1)} g in a litre (${trim(lb, 2)} lb in a US gallon)`;
}
