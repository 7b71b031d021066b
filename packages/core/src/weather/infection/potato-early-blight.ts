const LEAST_C = 7;
const BEST_C = 21;
const MOST_C = 30;

const growth = (c: number): number => {
  if (c <= LEAST_C || c >= MOST_C) return 0;
  const width = c <= BEST_C ? BEST_C - LEAST_C : MOST_C - BEST_C;
  return 10 * (1 - (c - BEST_C) ** 2 / width ** 2);
};

/**
 * Days of a potato's growing by warmth, 0 to 10 a day: early blight comes with age.
 * @source Sands, Hackett & Nix 1979, Field Crops Research 2: 309-331; Pscheidt & Stevenson 1986, Plant Disease 70: 915-920
 * @example potatoDays(12, 24) // 7.9
 */
export const potatoDays = (leastC: number, mostC: number): number =>
  (5 * growth(leastC) + 8 * growth((2 * leastC + mostC) / 3) + 8 * growth((leastC + 2 * mostC) / 3) + 3 * growth(mostC)) / 24;

/** The sum from emergence at which to guard for the first time. */
export const POTATO_DAYS_FIRST = 300;
