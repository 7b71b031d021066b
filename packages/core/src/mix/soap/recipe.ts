import { done, grams, millilitres, refused, sayWeighed, trim, type Grams, type Millilitres, type Outcome, type Working } from '../../measure';
import { findOil, type SoapOil } from './oils';

export const LYES = {
  potassium: 'Potassium hydroxide (KOH), flakes or pellets',
  sodium: 'Sodium hydroxide (NaOH), drain cleaner or soap lye',
} as const;

export interface SoapRequest {
  readonly oils: readonly { readonly oilId: string; readonly g: number }[];
  readonly lye: keyof typeof LYES;
  /** Potassium hydroxide in the flakes, %, as the tub says. */
  readonly purity: number;
  /** Share of the oil that stays unmade, so that no lye is left, %. */
  readonly surplus: number;
  /** Step of the scale the lye is weighed on, g; what is weighed is rounded down to it. */
  readonly scaleStepG: number;
}

export interface SoapRecipe {
  readonly oils: readonly { readonly oil: SoapOil; readonly g: Grams }[];
  readonly oilG: Grams;
  /** Flakes to weigh. */
  readonly lye: Grams;
  /** What the scale shows at least; the lye is a multiple of it. */
  readonly scaleStepG: number;
  /** The lye is dissolved in it. */
  readonly water: Grams;
  /** Oil that stays over even if every oil takes up the least that is published, and if it takes up the most; %. */
  readonly surplusLow: number;
  readonly surplusHigh: number;
  /** Thin soap at the end, in all. */
  readonly yield: Millilitres;
  /** Water to thin the paste with. */
  readonly thinWith: Millilitres;
  /** The pot must hold this: the paste swells and must not slop. */
  readonly potAtLeast: Millilitres;
  readonly working: readonly Working[];
}

export const PURITY = { min: 80, max: 100, usual: 90 } as const;
/** Less than this and a small slip of the scale leaves lye in the soap; more and the oil floats (from memory). */
export const SURPLUS = { min: 3, max: 12, usual: 5 } as const;
/** A scale coarser than this share of the lye can not be trusted with it. */
const COARSEST = 0.02;
const MOST_OIL_G = 20_000;

/** Grams of pure potassium hydroxide that an amount takes up. @param end of the published range */
export const takesUp = (oils: readonly { readonly oil: SoapOil; readonly g: number }[], end: 'low' | 'high'): number =>
  oils.reduce((sum, o) => sum + (o.g * o.oil[end]) / 1000, 0);

/**
 * Lye and water for potassium soap, cold blend. The lye goes by the low end of each oil's published range, as if the
 * flakes were pure to the last percent printed, and is rounded down to the scale: lye is never in excess.
 * Water is 0.8 of the lye by weight; about 40 l of thin soap come of each kilogram of lye (common practice).
 * @returns refused `sodium`, `no-oil`, `bad-oil`, `purity`, `surplus`, `scale`, `too-much`
 * @example soapRecipe({ oils: [{ oilId: 'rapeseed', g: 1000 }], lye: 'potassium', purity: 90, surplus: 5, scaleStepG: 1 }) // 192 g of flakes
 */
export function soapRecipe(r: SoapRequest): Outcome<SoapRecipe> {
  if (r.lye === 'sodium') {
    return refused('sodium', 'Sodium lye makes hard bar soap, and its sodium harms soil and leaves. Only potassium hydroxide makes this soap.', 'lye');
  }
  const read = readOils(r.oils);
  if (!read.ok) return read;
  if (!(r.purity >= PURITY.min && r.purity <= PURITY.max)) {
    return refused('purity', `The tub says how pure it is: ${PURITY.min} to ${PURITY.max} %, most flakes ${PURITY.usual}.`, 'purity');
  }
  if (!(r.surplus >= SURPLUS.min && r.surplus <= SURPLUS.max)) {
    return refused('surplus', `Leave ${SURPLUS.min} to ${SURPLUS.max} % of the oil over. Less leaves lye in the soap: it burns skin and leaves.`, 'surplus');
  }
  const oils = read.value;
  const oilG = oils.reduce((sum, o) => sum + o.g, 0);
  const pure = takesUp(oils, 'low') * (1 - r.surplus / 100);
  const exact = pure / (r.purity / 100);
  if (!(r.scaleStepG > 0) || r.scaleStepG > exact * COARSEST) {
    return refused('scale', `${trim(exact, 1)} g of lye must be weighed to ${trim(exact * COARSEST, 1)} g or finer. Use a finer scale, or make more.`, 'scale');
  }
  const lye = Math.floor(exact / r.scaleStepG + 1e-9) * r.scaleStepG;
  return done(recipeOf(oils, oilG, lye, r));
}

/**
 * How much oil a given weight of flakes needs, in the blend's proportions, when the tub is to be used up.
 * @param lyeG flakes in the hand, g
 * @returns grams of each oil, rounded up to a gram; refused as `soapRecipe` does
 */
export function oilForLye(lyeG: number, shares: SoapRequest['oils'], purity: number, surplus: number): Outcome<{ oilId: string; g: number }[]> {
  if (!(lyeG > 0) || !Number.isFinite(lyeG)) return refused('no-lye', 'Type how much lye you have, more than 0.', 'lyeG');
  const read = readOils(shares);
  if (!read.ok) return read;
  if (!(purity >= PURITY.min && purity <= PURITY.max)) return refused('purity', `${PURITY.min} to ${PURITY.max} %.`, 'purity');
  if (!(surplus >= SURPLUS.min && surplus <= SURPLUS.max)) return refused('surplus', `${SURPLUS.min} to ${SURPLUS.max} %.`, 'surplus');
  const perShare = takesUp(read.value, 'low') * (1 - surplus / 100);
  const times = (lyeG * (purity / 100)) / perShare;
  const out = read.value.map((o) => ({ oilId: o.oil.id, g: Math.ceil(o.g * times - 1e-9) }));
  if (out.reduce((s, o) => s + o.g, 0) > MOST_OIL_G) return refused('too-much', 'That is more than one pot: make it in several batches.', 'lyeG');
  return done(out);
}

export interface SoapCheck {
  /** `sodium`: no lye may be left, but it is hard soap and not for plants. */
  readonly verdict: 'lye-left' | 'close' | 'good' | 'oily' | 'sodium';
  /** Oil over, %, if the oils take up the least that is published; negative is lye left over. */
  readonly surplusLow: number;
  readonly surplusHigh: number;
  readonly sentence: string;
}

/**
 * What a soap recipe that somebody has or was told really makes.
 * @param lyeG flakes, g @param purity % @param lye a gram of sodium lye does the work of 1.4 of potassium lye
 * @returns `lye-left` where lye may be in excess: it is refused for use in words, and how to save it is said
 */
export function checkSoap(oils: SoapRequest['oils'], lyeG: number, purity: number, lye: keyof typeof LYES): Outcome<SoapCheck> {
  const read = readOils(oils);
  if (!read.ok) return read;
  if (!(lyeG > 0) || !Number.isFinite(lyeG)) return refused('no-lye', 'Type how much lye, more than 0.', 'lyeG');
  if (!(purity >= PURITY.min && purity <= PURITY.max)) return refused('purity', `${PURITY.min} to ${PURITY.max} %.`, 'purity');
  const asPotassium = lye === 'sodium' ? lyeG * (KOH / NAOH) : lyeG;
  const { low, high } = surplusOf(read.value, asPotassium, purity);
  const verdict = low < 0 ? 'lye-left' : low < SURPLUS.min ? 'close' : low > SURPLUS.max ? 'oily' : 'good';
  const oilG = read.value.reduce((s, o) => s + o.g, 0);
  const wantedOil = (oilG * asPotassium * (purity / 100)) / (takesUp(read.value, 'low') * (1 - SURPLUS.usual / 100));
  const more = Math.ceil(wantedOil - oilG);
  const sentence =
    verdict === 'lye-left'
      ? `Do not make it: ${trim(-low, 1)} % of lye may be left over, and it burns skin, eyes and leaves. ${more} g more of the same oil puts it right.`
      : verdict === 'close'
        ? `Only ${trim(low, 1)} % of oil is over: a slip of the scale leaves lye in it. ${more} g more oil makes it safe.`
        : verdict === 'oily'
          ? `${trim(low, 1)} % of oil is over: it will float and block the nozzle. Use less oil, or more lye after working it out anew.`
          : `${trim(low, 1)} to ${trim(high, 1)} % of oil is over: no lye is left.`;
  if (lye === 'sodium' && verdict !== 'lye-left') {
    return done({
      verdict: 'sodium',
      surplusLow: low,
      surplusHigh: high,
      sentence: `${sentence} But sodium lye makes hard bar soap, and its sodium harms soil and leaves: not for plants.`,
    });
  }
  return done({ verdict, surplusLow: low, surplusHigh: high, sentence });
}

/** Molar masses, g/mol, from the standard atomic weights. */
const KOH = 56.105;
const NAOH = 39.997;

function readOils(list: SoapRequest['oils']): Outcome<{ oil: SoapOil; g: Grams }[]> {
  if (list.length === 0) return refused('no-oil', 'Choose an oil.', 'oils');
  const out: { oil: SoapOil; g: Grams }[] = [];
  for (const [i, o] of list.entries()) {
    const oil = findOil(o.oilId);
    if (!oil) return refused('bad-oil', 'This oil has no known need of lye here: it can not be worked out.', `oils.${i}`);
    if (!(o.g > 0) || !Number.isFinite(o.g)) return refused('bad-oil', 'Type how many grams of it, more than 0.', `oils.${i}`);
    out.push({ oil, g: grams(o.g) });
  }
  if (out.reduce((s, o) => s + o.g, 0) > MOST_OIL_G) return refused('too-much', 'At most 20 kg of oil at a time: make it in several batches.', 'oils');
  return done(out);
}

function surplusOf(oils: readonly { oil: SoapOil; g: number }[], lyeG: number, purity: number): { low: number; high: number } {
  const share = (end: 'low' | 'high') => (1 - (lyeG * (purity / 100)) / takesUp(oils, end)) * 100;
  return { low: share('low'), high: share('high') };
}

/** Water to dissolve the lye in, by its weight; thin soap of a gram of it, ml (common practice). */
const WATER_SHARE = 0.8;
const THIN_ML_PER_G = 40;

function recipeOf(oils: readonly { oil: SoapOil; g: Grams }[], oilG: number, lye: number, r: SoapRequest): SoapRecipe {
  const water = lye * WATER_SHARE;
  const paste = oils.reduce((sum, o) => sum + o.g / o.oil.gPerMl, 0) + water + lye / 2;
  const inAll = lye * THIN_ML_PER_G;
  const over = surplusOf(oils, lye, r.purity);
  const lines = oils.map((o) => ({ name: o.oil.name, value: `${trim(o.g, 0)} g × ${o.oil.low} to ${o.oil.high} mg` }));
  return {
    oils,
    oilG: grams(oilG),
    lye: grams(lye),
    scaleStepG: r.scaleStepG,
    water: grams(water),
    surplusLow: over.low,
    surplusHigh: over.high,
    yield: millilitres(inAll),
    thinWith: millilitres(Math.max(0, inAll - paste)),
    potAtLeast: millilitres(Math.max(paste * 2.5, 1000)),
    working: [
      {
        title: 'Lye',
        result: sayWeighed(lye, r.scaleStepG),
        inputs: [
          ...lines,
          { name: 'Purity', value: `${trim(r.purity, 1)} %` },
          { name: 'Oil left over', value: `${trim(r.surplus, 1)} % asked, ${trim(over.low, 1)} to ${trim(over.high, 1)} % made` },
        ],
        formula: 'oil × its lowest need × (1 − surplus) ÷ purity, rounded down to the scale',
        source: oils[0]?.oil.source ?? { mark: 'MEM' },
      },
      { title: 'Water for the lye', result: `${trim(water, 1)} g`, inputs: [], formula: 'lye × 0.8', source: { mark: 'CP' } },
      { title: 'Thin soap in all', result: `${trim(inAll / 1000, 1)} l`, inputs: [], formula: '40 l to a kilogram of lye', source: { mark: 'CP' } },
    ],
  };
}
