/** What decides it on one day. */
export interface BlossomDay {
  readonly openFlowers: boolean;
  /** Degree-hours above 18.3 °C since the first flower opened. */
  readonly degreeHours: number;
  readonly dew: boolean;
  readonly rainMm: number;
  readonly rainTheDayBeforeMm: number;
  readonly meanC: number;
}

const DEGREE_HOURS = 110;
const MEAN_C = 15.6;
const WETS_MM = 0.25;
const THE_DAY_BEFORE_MM = 2.5;
/** Above this the bacteria grow on flowers, °C. */
export const FIRE_BLIGHT_BASE_C = 18.3;

/**
 * How near blossom blight is: all four of open flowers, warmth gathered, wetting and a warm day are an infection; three high.
 * @source MARYBLYT: Steiner 1990, Acta Horticulturae 273: 139-148; Lightner & Steiner 1992
 */
export function blossomBlight(d: BlossomDay): 'infection' | 'high' | 'moderate' | 'low' {
  // without an open flower there is no door
  if (!d.openFlowers) return 'low';
  const wet = d.dew || d.rainMm >= WETS_MM || d.rainTheDayBeforeMm >= THE_DAY_BEFORE_MM;
  const met = [true, d.degreeHours >= DEGREE_HOURS, wet, d.meanC >= MEAN_C].filter(Boolean).length;
  return met === 4 ? 'infection' : met === 3 ? 'high' : met === 2 ? 'moderate' : 'low';
}
