import { convert, done, refused, sayIn, trim, UNITS, type Millilitres, type Outcome, type Quantity, type UnitSystem } from '../../measure';
import { STOCK_G_PER_L } from './stocks';
import { COPPER_SALTS, LEAST_LIME, LIMES, nameFormula, sayFormula, type CopperSalt, type Formula, type Lime } from './formula';

/**
 * What a level spoonful weighs, g a ml, from the published spoons: 3⅓ US tablespoons of crystals, and 10 of dry
 * hydrated lime, each 0.1 lb. Source: UC ANR Publication 7481.
 */
export const LEVEL = {
  copper: convert<'mass'>(0.1, 'lb', 'g') / convert<'volume'>(10 / 3, 'tbsp-us', 'ml'),
  lime: convert<'mass'>(0.1, 'lb', 'g') / convert<'volume'>(10, 'tbsp-us', 'ml'),
} as const;

/** Crystals and powder pack differently from tub to tub: ± this share (from memory). */
const LEVEL_SPREAD = 0.12;

export interface BordeauxCheck {
  readonly formula: Formula;
  readonly verdict: 'usual' | 'weaker' | 'stronger' | 'little-lime' | 'too-strong';
  readonly sentences: readonly string[];
}

/** The mix that a garden usually gets, lb a US gallon of each. Source: UC ANR Publication 7481. */
const USUAL = 0.1;
const TOO_STRONG = 0.2;

/** Copper or lime as it goes in: as it is, by weight or by level spoon, or as so much of a stock. */
export type Part = { readonly as: 'dry'; readonly amount: Quantity } | { readonly as: 'stock'; readonly ml: number; readonly gPerL: number };

/** More of a dry thing than this share of the mix is no Bordeaux: ten US tablespoons a gallon are 4 in 100. A stock was meant. */
const DRY_SHARE = 0.08;
/** Nor is so much measured in spoons and cups, ml. Common practice. */
const SPOONS_TO_ML = 900;

/** Grams of the crystals' or lime's own kind; a stock is of crystals, or of hydrated lime. */
function gramsIn(part: Part, water: Millilitres, level: number, field: string): Outcome<{ g: number; stock: boolean }> {
  if (part.as === 'stock') {
    if (!(part.gPerL > 0) || part.gPerL > 300) return refused('bad-stock', 'A stock holds 1 to 300 g in a litre.', `${field}Stock`);
    return part.ml > 0 ? done({ g: (part.ml / 1000) * part.gPerL, stock: true }) : refused('bad-amount', 'Say how much of the stock.', field);
  }
  const { amount } = part;
  if (amount.dimension === 'mass') return done({ g: amount.si, stock: false });
  if (amount.si > SPOONS_TO_ML || amount.si > water * DRY_SHARE)
    return refused('stock-meant', 'So much is measured of a stock, not of the dry thing: choose "From a stock" and say how strong it is.', field);
  return done({ g: amount.si * level, stock: false });
}

/**
 * Names the Bordeaux formula that somebody's amounts really make, and says how to put it right.
 * @param copper and lime dry, by weight or by level spoon, or out of a stock @param water the mix in all, stocks and all
 * @returns refused `bad-volume`, `bad-stock`, or `stock-meant` where a jugful of something dry was typed
 * @example checkBordeaux(37.7 g, 37.7 g, 1 US gal, 'pentahydrate', 'hydrated') // 8.3-8.3-100
 */
export function checkBordeaux(
  copper: Part,
  lime: Part,
  water: Millilitres,
  salt: CopperSalt,
  limeKind: Lime,
  units: UnitSystem = 'metric',
): Outcome<BordeauxCheck> {
  const vol = (litres: number) => sayIn(litres * 1000, 'volume', units);
  const mass = (g: number) => sayIn(g, 'mass', units);
  if (!(water > 0)) return refused('bad-volume', 'The water must be more than 0.', 'water');
  const c = gramsIn(copper, water, LEVEL.copper, 'copper');
  if (!c.ok) return c;
  const l = gramsIn(lime, water, LEVEL.lime, 'lime');
  if (!l.ok) return l;
  const stocks = (copper.as === 'stock' ? copper.ml : 0) + (lime.as === 'stock' ? lime.ml : 0);
  if (stocks > water) return refused('bad-volume', 'The stocks alone are more than that: it is all the mix, stocks and water together.', 'water');
  // a stock is counted as crystals and as hydrated lime, whatever it was made from
  const f = nameFormula(c.value.g, c.value.stock ? 'pentahydrate' : salt, l.value.g, l.value.stock ? 'hydrated' : limeKind, water);
  const ratio = f.lime / f.copper;
  const verdict =
    ratio < LEAST_LIME
      ? 'little-lime'
      : f.copper > TOO_STRONG + 1e-9
        ? 'too-strong'
        : f.copper > USUAL * 1.05
          ? 'stronger'
          : f.copper < USUAL * 0.95
            ? 'weaker'
            : 'usual';
  const one =
    units === 'us'
      ? { litres: UNITS['gal-us'].si / 1000, words: 'a US gallon' }
      : units === 'imperial'
        ? { litres: UNITS['gal-imp'].si / 1000, words: 'an imperial gallon' }
        : { litres: 1, words: 'a litre' };
  const first = `That is ${sayFormula(f)}: ${mass(f.copper * STOCK_G_PER_L * one.litres)} of crystals and ${mass(f.lime * STOCK_G_PER_L * one.litres)} of hydrated lime in ${one.words}.`;
  const spoons = [copper, lime].some((p) => p.as === 'dry' && p.amount.dimension === 'volume')
    ? [
        `By the spoon it can be ${trim(LEVEL_SPREAD * 100, 0)} % off either way: weigh it where you can.`,
        ...(verdict === 'too-strong' ? ['Was it of a stock? Then choose "From a stock".'] : []),
      ]
    : [];
  const litres = water / 1000;
  const rest = {
    usual: ['The usual strength for dormant trees.'],
    weaker: [
      `Weaker than 10-10-100. For that, ${mass(asSalt(USUAL * STOCK_G_PER_L * litres, salt))} of ${COPPER_SALTS[salt].name.toLowerCase()} in ${vol(litres)}.`,
    ],
    stronger: [
      `${trim(f.copper / USUAL, 2)} times 10-10-100: it harms tender leaves. ${vol((f.copper / USUAL) * litres)} in all brings it back, if the trees need so much.`,
    ],
    'too-strong': [`Do not spray it: more than twice 10-10-100. ${vol((f.copper / USUAL) * litres)} in all brings it back.`],
    'little-lime': [
      `Do not spray it: too little lime, and free copper burns leaves. At least ${mass((f.copper * LEAST_LIME * STOCK_G_PER_L * litres) / LIMES[limeKind].makes)} of ${LIMES[limeKind].name.toLowerCase()} for this copper, usually ${mass((f.copper * STOCK_G_PER_L * litres) / LIMES[limeKind].makes)}.`,
    ],
  }[verdict];
  return done({ formula: f, verdict, sentences: [first, ...rest, ...spoons] });
}

const asSalt = (crystalsG: number, salt: CopperSalt) => (crystalsG * COPPER_SALTS.pentahydrate.copper) / COPPER_SALTS[salt].copper;
