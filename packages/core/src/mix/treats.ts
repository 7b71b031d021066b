import { proposedWater, startRate, type LabelLine } from '../label';
import { sayIn, trim, type UnitSystem } from '../measure';

/** What an amount of product is enough for: the inverse of a line's rate. */
export interface Treats {
  /** What the rate is counted by: litres of mix, m², plants, m of row, litres of potting mix, cm of trunk, m of height. */
  readonly size: number;
  /** Ground that the mix goes over, m², for a rate by the litre; null where the size says it all. */
  readonly areaM2: number | null;
  readonly words: string;
}

/**
 * How far a pack, or what is left of it, goes at the middle of a line's rate.
 * @param amount of product, in the rate's unit
 * @returns null where the rate is not more than 0, or there is nothing left
 * @example treats(soapLine, 500, 'metric') // 33.3 l of mix, on 83 m²
 */
export function treats(line: LabelLine, amount: number, units: UnitSystem): Treats | null {
  const rate = startRate(line.rate);
  if (!(rate > 0) || !(amount > 0) || !Number.isFinite(amount)) return null;
  const size = amount / rate;
  const water = proposedWater(line).ml;
  const areaM2 = line.rate.form === 'per-litre' && water > 0 ? (size * 1000) / water : null;
  return { size, areaM2, words: wordsFor(line, size, areaM2, units) };
}

function wordsFor(line: LabelLine, size: number, areaM2: number | null, units: UnitSystem): string {
  switch (line.rate.form) {
    case 'per-litre':
      return `${sayIn(size * 1000, 'volume', units)} of mix${areaM2 === null ? '' : `, on about ${sayIn(areaM2, 'area', units)}`}`;
    case 'per-m2':
      return sayIn(size, 'area', units);
    case 'per-plant':
      return `${trim(Math.floor(size + 1e-9), 0)} plants`;
    case 'per-m-row':
      return `${sayIn(size, 'length', units)} of row`;
    case 'per-litre-soil':
      return `${sayIn(size * 1000, 'volume', units)} of potting mix`;
    case 'per-cm-trunk':
      return `${sayIn(size / 100, 'length', units)} round the trunks, all together`;
    case 'per-m-height':
      return `${sayIn(size, 'length', units)} of height, all together`;
  }
}
