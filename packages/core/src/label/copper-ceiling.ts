/** Metallic copper a year on a square metre of ground, g: 28 kg/ha over seven years is 4 kg/ha a year on average (Regulation (EU) 2018/1981). */
export const COPPER_CEILING_G_M2 = 0.4;
