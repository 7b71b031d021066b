/**
 * Hours of wet leaves that grape black rot takes, by the warmth.
 * @source Spotts 1977, Phytopathology 67: 1378-1381
 */
const BLACK_ROT: readonly (readonly [c: number, hours: number])[] = [
  [10, 24],
  [13, 12],
  [15.5, 9],
  [18, 8],
  [21, 7],
  [24, 7],
  [26.5, 6],
  [29, 9],
  [32, 12],
];

/** The same at any warmth, in a line between the figures; null beyond them. */
export const blackRotWetHours = (c: number): number | null => between(BLACK_ROT, c);

function between(table: readonly (readonly [c: number, hours: number])[], c: number): number | null {
  const above = table.findIndex(([x]) => x >= c);
  const b = table[above];
  if (!b) return null;
  const a = table[above - 1];
  if (!a) return b[0] === c ? b[1] : null;
  return a[1] + ((b[1] - a[1]) * (c - a[0])) / (b[0] - a[0]);
}

/** Hours of wet leaves that rose black spot takes, by the warmth: seven where it is at its best, longer when it is cool (from memory). */
const BLACK_SPOT: readonly (readonly [c: number, hours: number])[] = [
  [13, 18],
  [15, 12],
  [18, 7],
  [24, 7],
  [27, 12],
];
export const blackSpotWetHours = (c: number): number | null => between(BLACK_SPOT, c);

/** Peach leaf curl, once buds swell: rain of 3 mm and 12.5 hours wet below 19 °C (Rossi et al. 2006; from memory). */
export const LEAF_CURL_MM = 3;
export const leafCurlWetHours = (c: number): number | null => (c < 19 ? 12.5 : null);

/** Grape downy mildew, "three tens": shoots of 10 cm, 10 °C, and 10 mm in one to two days (common practice). */
export const threeTens = (d: { readonly meanC: number; readonly rainMm: number; readonly shootsCm: number }): boolean =>
  d.meanC >= 10 && d.rainMm >= 10 && d.shootsCm >= 10;
