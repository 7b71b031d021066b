import { convert, done, grams, millilitres, refused, trim, type Grams, type Millilitres, type Outcome, type Working } from '../../measure';
import { pub } from '../../measure';
import { slaking, type Slaking } from './slaking';

/** Pounds of copper sulfate, pounds of hydrated lime, US gallons of water. */
export interface Formula {
  readonly copper: number;
  readonly lime: number;
  readonly water: number;
}

export const UC_IPM = pub('UC ANR Publication 7481, Bordeaux mixture');

/** Molar masses, g/mol, from the standard atomic weights. */
const CU = 63.546;
const CUSO4 = 159.602;
const H2O = 18.015;
const CAO = 56.077;
const CAOH2 = 74.092;

/** Copper salts by how much of the five-water crystals a gram of them stands for. */
export const COPPER_SALTS = {
  pentahydrate: { name: 'Copper sulfate crystals (five water)', copper: CU / (CUSO4 + 5 * H2O) },
  monohydrate: { name: 'Copper sulfate, one water', copper: CU / (CUSO4 + H2O) },
  anhydrous: { name: 'Copper sulfate, dried white', copper: CU / CUSO4 },
} as const;
export type CopperSalt = keyof typeof COPPER_SALTS;

/** Limes by how much of hydrated lime a gram of them makes. Ground limestone is no lime for this. */
export const LIMES = {
  hydrated: { name: 'Hydrated lime (builder’s, slaked)', makes: 1 },
  burnt: { name: 'Burnt lime (quicklime)', makes: CAOH2 / CAO },
} as const;
export type Lime = keyof typeof LIMES;

/** Less lime than this to a gram of crystals leaves copper free, and free copper burns leaves. One to one by molecules is 0.297. */
export const LEAST_LIME = CAOH2 / (CUSO4 + 5 * H2O);

/** Stronger than this is not a garden mix. Source: UC ANR Publication 7481 has 10-10-100 as the usual one; from memory for the ceiling. */
const MOST_LB_PER_100_GAL = 20;

const G_PER_L = convert<'mass'>(1, 'lb', 'g') / (convert<'volume'>(1, 'gal-us', 'ml') / 1000);

/**
 * Reads a formula as it is written: `10-10-100`, `8-8-100`, `4-4-50`.
 * @returns refused `bad-formula`, `too-strong`, `little-lime`
 */
export function readFormula(text: string, field = 'formula'): Outcome<Formula> {
  const m = /^\s*(\d+(?:[.,]\d+)?)\s*[-–:x]\s*(\d+(?:[.,]\d+)?)\s*[-–:x]\s*(\d+(?:[.,]\d+)?)\s*$/.exec(text);
  const n = (i: number) => Number((m?.[i] ?? '').replace(',', '.'));
  if (!m || !(n(1) > 0) || !(n(3) > 0)) return refused('bad-formula', 'Type it as three figures: copper sulfate, lime, water, such as 10-10-100.', field);
  return checkFormula({ copper: n(1), lime: n(2), water: n(3) }, field);
}

/** The bounds of a formula that may be sprayed. @returns refused `too-strong`, `little-lime` */
export function checkFormula(f: Formula, field = 'formula'): Outcome<Formula> {
  if ((f.copper / f.water) * 100 > MOST_LB_PER_100_GAL + 1e-9) {
    return refused('too-strong', `${sayFormula(f)} is stronger than any mix for a garden (at most ${MOST_LB_PER_100_GAL}-${MOST_LB_PER_100_GAL}-100).`, field);
  }
  if (f.lime / f.copper < LEAST_LIME) {
    return refused(
      'little-lime',
      `${sayFormula(f)} has too little lime: free copper burns leaves. At least ${trim(LEAST_LIME, 1)} of lime to 1 of copper sulfate, usually as much.`,
      field,
    );
  }
  return done(f);
}

/** @example sayFormula({ copper: 0.1, lime: 0.1, water: 1 }) // '10-10-100' */
export function sayFormula(f: Formula): string {
  const to100 = 100 / f.water;
  return `${trim(f.copper * to100, 1)}-${trim(f.lime * to100, 1)}-100`;
}

/**
 * The formula that amounts really make.
 * @param copperG of the salt @param limeG of the lime @param volume of mix in all
 * @example nameFormula(37.65, 'pentahydrate', 37.65, 'hydrated', gallon) // 8.3-8.3-100
 */
export function nameFormula(copperG: number, salt: CopperSalt, limeG: number, lime: Lime, volume: Millilitres): Formula {
  const litres = volume / 1000;
  return { copper: asCrystals(copperG, salt) / litres / G_PER_L, lime: (limeG * LIMES[lime].makes) / litres / G_PER_L, water: 1 };
}

/** Grams of five-water crystals that hold as much copper. */
export const asCrystals = (g: number, salt: CopperSalt): Grams => grams((g * COPPER_SALTS[salt].copper) / COPPER_SALTS.pentahydrate.copper);

export interface BordeauxAmounts {
  readonly formula: Formula;
  readonly volume: Millilitres;
  /** Of the salt in the grower's hand. */
  readonly copper: Grams;
  /** Of the lime in the grower's hand. */
  readonly lime: Grams;
  /** How burnt lime is slaked for it; null for hydrated lime. */
  readonly slake: Slaking | null;
  /** Pure copper in the mix. */
  readonly metal: Grams;
  readonly working: readonly Working[];
}

/**
 * Copper sulfate and lime for a volume of Bordeaux mixture.
 * @param volume of finished mix, ml
 * @returns grams of what the grower has; refused `bad-volume`, as `checkFormula` does, or as `slaking` does of burnt lime
 * @example bordeauxFor({ copper: 10, lime: 10, water: 100 }, gallon, 'pentahydrate', 'hydrated') // 45.36 g of each
 * Source: UC ANR Publication 7481.
 */
export function bordeauxFor(f: Formula, volume: Millilitres, salt: CopperSalt, lime: Lime): Outcome<BordeauxAmounts> {
  const checked = checkFormula(f);
  if (!checked.ok) return checked;
  if (!(volume > 0) || !Number.isFinite(volume)) return refused('bad-volume', 'The mix must be more than 0.', 'volume');
  if (volume > 400_000) return refused('bad-volume', 'Over 400 l is work for a licensed applicator.', 'volume');
  const litres = volume / 1000;
  const crystals = (f.copper / f.water) * G_PER_L * litres;
  const hydrated = (f.lime / f.water) * G_PER_L * litres;
  const copper = (crystals * COPPER_SALTS.pentahydrate.copper) / COPPER_SALTS[salt].copper;
  const limeG = hydrated / LIMES[lime].makes;
  const metal = crystals * COPPER_SALTS.pentahydrate.copper;
  // the copper is dissolved in a third of the mix
  const slake = lime === 'burnt' ? slaking(limeG, volume, volume / 3) : done(null);
  if (!slake.ok) return slake;
  const per = { name: 'Formula', value: `${sayFormula(f)}: lb, lb, US gallons` };
  const mix = { name: 'Mix', value: `${trim(litres, 2)} l` };
  return done({
    formula: f,
    volume: millilitres(volume),
    copper: grams(copper),
    lime: grams(limeG),
    slake: slake.value,
    metal: grams(metal),
    working: [
      {
        title: COPPER_SALTS[salt].name,
        result: `${trim(copper, 1)} g`,
        inputs: [per, mix, ...(salt === 'pentahydrate' ? [] : [{ name: 'Crystals it stands for', value: `${trim(crystals, 1)} g` }])],
        formula: `${trim(f.copper / f.water, 4)} lb a US gallon × 453.59237 g ÷ 3.785411784 l × litres`,
        source: UC_IPM,
      },
      {
        title: LIMES[lime].name,
        result: `${trim(limeG, 1)} g`,
        inputs: [
          per,
          mix,
          ...(lime === 'burnt' ? [{ name: 'Hydrated lime it makes', value: `${trim(hydrated, 1)} g, burnt × ${trim(LIMES.burnt.makes, 3)}` }] : []),
        ],
        formula: `${trim(f.lime / f.water, 4)} lb a US gallon × 453.59237 g ÷ 3.785411784 l × litres`,
        source: UC_IPM,
      },
      {
        title: 'Metallic copper',
        result: `${trim(metal, 2)} g`,
        inputs: [{ name: 'Copper in the crystals', value: `${trim(COPPER_SALTS.pentahydrate.copper * 100, 2)} %` }],
        formula: 'crystals × share of copper',
        source: { mark: 'CP' },
      },
    ],
  });
}
