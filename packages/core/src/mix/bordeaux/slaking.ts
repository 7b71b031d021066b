import { done, millilitres, refused, trim, type Millilitres, type Outcome } from '../../measure';

/** Water for a kilogram of burnt lime, ml: less boils dry and throws hot lime. From memory of slaking practice. */
export const SLAKE_ML_PER_KG = 4000;
/** More burnt lime than this at a time gives off more heat than a bucket bears, g. From memory. */
export const MOST_SLAKED_G = 5000;
/** It swells, boils and spits: the vessel holds this many times its water. */
const HEADSPACE = 3;
const LEAST_VESSEL_ML = 5000;

export interface Slaking {
  /** Cold water, taken out of the mix's own. */
  readonly water: Millilitres;
  readonly vesselAtLeast: Millilitres;
}

/**
 * Slaking burnt lime for a mix: at least four litres a kilogram, out of the water of the mix, in a vessel with room.
 * @param limeG burnt lime @param mixMl finished mix @param alsoMl water of the mix that is bound elsewhere
 * @returns refused `too-much-lime` over 5 kg at a time, or `no-water` where the mix has not that much water to spare
 * @example slaking(1000, 110_000, 36_000) // 18.3 l in a vessel of 55 l
 */
export function slaking(limeG: number, mixMl: number, alsoMl = 0): Outcome<Slaking> {
  if (limeG > MOST_SLAKED_G) {
    return refused(
      'too-much-lime',
      `${trim(limeG / 1000, 1)} kg of burnt lime is too much to slake at once: it boils and throws. Use hydrated lime, or make a smaller mix, at most ${MOST_SLAKED_G / 1000} kg of burnt lime at a time.`,
      'lime',
    );
  }
  const least = (limeG * SLAKE_ML_PER_KG) / 1000;
  const spare = mixMl - alsoMl;
  if (least > spare) {
    return refused(
      'no-water',
      `${trim(limeG, 0)} g of burnt lime needs ${trim(least / 1000, 1)} l to slake in, more than this mix has to spare. Use hydrated lime.`,
      'lime',
    );
  }
  const water = Math.min(spare, Math.max(least, mixMl / 6));
  return done({ water: millilitres(water), vesselAtLeast: millilitres(Math.max(LEAST_VESSEL_ML, water * HEADSPACE)) });
}
