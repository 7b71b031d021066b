/** Metallic copper on a square metre of ground over seven years, g: 28 kg/ha (Regulation (EU) 2018/1981). */
export const COPPER_LEDGER_G_M2 = 2.8;
export const COPPER_LEDGER_YEARS = 7;
/** A seventh of it: the year that could go on for ever. More in one year is said, and is not forbidden. */
export const COPPER_YEAR_G_M2 = 0.4;
/**
 * The most within twelve months, g a m²: two dormant sprays of a tree at the usual strength are within it (Bordeaux
 * 10-10-100 to run-off is 0.61 each), a third is not. From memory.
 */
export const COPPER_MOST_YEAR_G_M2 = 1.25;
