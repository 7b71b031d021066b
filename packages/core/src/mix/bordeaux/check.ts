import { convert, done, refused, trim, type Millilitres, type Outcome, type Quantity } from '../../measure';
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

/**
 * Names the Bordeaux formula that somebody's amounts really make, and says how to put it right.
 * @param copper crystals by weight, or by level spoon @param lime by weight, or by level spoon
 * @returns refused `wrong-dimension` by core's reader before; `bad-volume`
 * @example checkBordeaux(37.7 g, 37.7 g, 1 US gal, 'pentahydrate', 'hydrated') // 8.3-8.3-100
 */
export function checkBordeaux(copper: Quantity, lime: Quantity, water: Millilitres, salt: CopperSalt, limeKind: Lime): Outcome<BordeauxCheck> {
  if (!(water > 0)) return refused('bad-volume', 'The water must be more than 0.', 'water');
  const copperG = copper.dimension === 'mass' ? copper.si : copper.si * LEVEL.copper;
  const limeG = lime.dimension === 'mass' ? lime.si : lime.si * LEVEL.lime;
  const f = nameFormula(copperG, salt, limeG, limeKind, water);
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
  const first = `That is ${sayFormula(f)}: ${trim(f.copper * STOCK_G_PER_L, 1)} g of crystals and ${trim(f.lime * STOCK_G_PER_L, 1)} g of hydrated lime in a litre.`;
  const spoons =
    copper.dimension === 'volume' || lime.dimension === 'volume'
      ? [`By the spoon it can be ${trim(LEVEL_SPREAD * 100, 0)} % off either way: weigh it where you can.`]
      : [];
  const litres = water / 1000;
  const rest = {
    usual: ['The usual strength for dormant trees.'],
    weaker: [
      `Weaker than 10-10-100. For that, ${trim(asSalt(USUAL * STOCK_G_PER_L * litres, salt), 1)} g of ${COPPER_SALTS[salt].name.toLowerCase()} in ${trim(litres, 2)} l.`,
    ],
    stronger: [
      `${trim(f.copper / USUAL, 2)} times 10-10-100: it harms tender leaves. ${trim((f.copper / USUAL) * litres, 2)} l in all brings it back, if the trees need so much.`,
    ],
    'too-strong': [`Do not spray it: more than twice 10-10-100. ${trim((f.copper / USUAL) * litres, 2)} l in all brings it back.`],
    'little-lime': [
      `Do not spray it: too little lime, and free copper burns leaves. At least ${trim((f.copper * LEAST_LIME * STOCK_G_PER_L * litres) / LIMES[limeKind].makes, 1)} g of ${LIMES[limeKind].name.toLowerCase()} for this copper, usually ${trim((f.copper * STOCK_G_PER_L * litres) / LIMES[limeKind].makes, 1)} g.`,
    ],
  }[verdict];
  return done({ formula: f, verdict, sentences: [first, ...rest, ...spoons] });
}

const asSalt = (crystalsG: number, salt: CopperSalt) => (crystalsG * COPPER_SALTS.pentahydrate.copper) / COPPER_SALTS[salt].copper;
