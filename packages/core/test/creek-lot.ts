import { sayTemperature } from '../src/measure';

/** A garden in New York state, from the first of May to November: its beds, what is on them, and the weather day by day. */
export const CREEK_LOT = {
  name: 'Creek Lot',
  latitude: 42.4,
  longitude: -76.5,
  zone: 'America/New_York',
  country: 'US',
  units: 'us',
} as const;
/** Four in the afternoon of the first of May there. */
export const FIRST = Date.parse('2026-05-01T20:00:00.000Z');
export const DAYS = 200;
/** On these days two counts running find none on the leeks. */
export const CLEAN = [110, 117] as const;

export interface Bed {
  readonly name: string;
  readonly hostId: string;
  readonly troubleId: string;
  readonly controlId: string;
  readonly pickFrom: string;
  readonly pickUntil: string;
  readonly areaM2: number;
}

export const BEDS: readonly Bed[] = [
  { name: 'Leeks', hostId: 'leek', troubleId: 'leek-moth', controlId: 'bt-spray', pickFrom: '2026-09-20', pickUntil: '2026-11-30', areaM2: 6 },
  { name: 'Greens', hostId: 'cabbage', troubleId: 'cabbage-white', controlId: 'bt-spray', pickFrom: '2026-08-10', pickUntil: '2026-10-20', areaM2: 5 },
  { name: 'Old apple', hostId: 'apple', troubleId: 'apple-scab', controlId: 'sulfur-spray', pickFrom: '2026-09-05', pickUntil: '2026-10-01', areaM2: 12 },
];

/** What a round takes of the product (g) and of water (ml), as it is written down. */
export const taken = (bed: Pick<Bed, 'controlId'>) => ({ amount: bed.controlId === 'bt-spray' ? 1.1 : 8, waterMl: 1500 });

/** What is read off on a day, from yesterday evening to now: warm days, a thunder shower each ninth, a dry gauge on the others. */
export function readOff(n: number): { readonly leastC: number; readonly mostC: number; readonly rainMm: number; readonly rainFell: 'night' | null } {
  const summer = Math.sin((n / DAYS) * Math.PI);
  const wet = n % 9 === 4;
  return { leastC: Math.round(6 + 9 * summer), mostC: Math.round(15 + 11 * summer), rainMm: wet ? 31 : 0, rainFell: wet ? 'night' : null };
}

/** The same as it is typed there, in °F and inches. */
export const typedOff = (n: number) => {
  const { leastC, mostC, rainMm } = readOff(n);
  const figure = (c: number) => sayTemperature(c, 'us').replace(/[^\d-].*$/, '');
  return { least: figure(leastC), most: figure(mostC), rain: rainMm > 0 ? '1.22' : '0' };
};
