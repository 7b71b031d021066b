import { sayIn, sayVolume, type Millilitres, type UnitSystem } from '@sleetbrook/core/measure';

export const inGallons = (units: UnitSystem): boolean => units === 'us' || units === 'imperial';

/** A volume as the grower's jugs and tanks are marked. */
export const sayMl = (ml: number, units: UnitSystem): string => (inGallons(units) ? sayIn(ml, 'volume', units) : sayVolume(ml as Millilitres));
