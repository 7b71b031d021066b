import { MEM, type Provenance } from '../measure';
import type { LabelSheet } from './schema';
import { activesOf } from './strict';

/** How long a product goes on working where it was put, and what ends it. */
export interface Lasting {
  /** Days on the plant, at most; 0 where nothing is left once it is dry; null where that is not known. */
  readonly days: number | null;
  /** Millimetres of rain that take it off; null where rain does not, or nobody knows. */
  readonly rainMm: number | null;
  /** Days of full sun in which half of it is spoilt: the fewest, the likely and the most; null where the sun does it nothing. */
  readonly sunHalfDays: readonly [number, number, number] | null;
  /** Hours back for which it still stops an infection that has begun; 0 where it must be there before. */
  readonly kickbackH: number;
  /** Days in nectar and pollen; 0 where it does not rise into them. */
  readonly nectarDays: number;
  readonly prov: Provenance;
}

type Known = Partial<Omit<Lasting, 'prov'>>;

/**
 * By active ingredient: the order of size that growers' tables give, from memory, on the short side for what protects
 * and on the long side for what is in nectar.
 */
const LASTS: Readonly<Record<string, Known>> = {
  'copper-octanoate': { days: 7, rainMm: 15 },
  bordeaux: { days: 21, rainMm: 50 },
  'copper-hydroxide': { days: 7, rainMm: 25 },
  'copper-oxychloride': { days: 7, rainMm: 25 },
  'copper-oxide': { days: 7, rainMm: 25 },
  'copper-sulfate': { days: 7, rainMm: 25 },
  copper: { days: 7, rainMm: 25 },
  'lime-sulfur': { days: 10, rainMm: 25 },
  sulfur: { days: 7, rainMm: 25 },
  captan: { days: 7, rainMm: 25, kickbackH: 18 },
  mancozeb: { days: 7, rainMm: 25, kickbackH: 18 },
  chlorothalonil: { days: 7, rainMm: 25 },
  // inside the leaf within hours: rain does not reach it
  triazole: { days: 10, kickbackH: 72 },
  phosphonate: { days: 14 },
  'bacillus-fungicide': { days: 7, rainMm: 12 },
  bicarbonate: { days: 5, rainMm: 5 },
  malathion: { days: 5, rainMm: 15 },
  organophosphate: { days: 7, rainMm: 15 },
  carbaryl: { days: 7, rainMm: 15 },
  carbamate: { days: 7, rainMm: 15 },
  pyrethrins: { days: 1, rainMm: 5, sunHalfDays: [0.25, 0.5, 1] },
  pyrethroid: { days: 10, rainMm: 25 },
  imidacloprid: { days: 300, nectarDays: 365 },
  dinotefuran: { days: 120, nectarDays: 180 },
  acetamiprid: { days: 14, nectarDays: 14 },
  neonicotinoid: { days: 60, nectarDays: 365 },
  spinosyn: { days: 7, rainMm: 25 },
  azadirachtin: { days: 5, rainMm: 10, sunHalfDays: [1, 2, 4] },
  'neem-oil': { days: 5, rainMm: 10 },
  oil: { days: 0 },
  soap: { days: 0 },
  bt: { days: 4, rainMm: 10, sunHalfDays: [1, 2, 3] },
  diamide: { days: 14, rainMm: 25 },
  granulovirus: { days: 8, rainMm: 10, sunHalfDays: [2, 3, 5] },
  'yeast-fungicide': { days: 3, rainMm: 10 },
  beauveria: { days: 5, rainMm: 10, sunHalfDays: [0.5, 1, 2] },
  'diatomaceous-earth': { days: 7, rainMm: 1 },
  kaolin: { days: 14, rainMm: 25 },
};

/**
 * How long a product lasts: what its label says, else what is known of its actives. Of several the one that protects
 * longest counts for the plant, and the one that stays longest for the bees.
 * @example lastingOf(mancozeb).rainMm // 25
 */
export function lastingOf(sheet: LabelSheet): Lasting {
  const known = activesOf(sheet).flatMap((a) => LASTS[a.id] ?? []);
  const best = [...known].sort((a, b) => (b.days ?? 0) - (a.days ?? 0))[0];
  const said = sheet.lastsDays !== undefined || sheet.washedOffMm !== undefined;
  return {
    days: sheet.lastsDays ?? best?.days ?? null,
    rainMm: sheet.washedOffMm ?? best?.rainMm ?? null,
    sunHalfDays: best?.sunHalfDays ?? null,
    kickbackH: Math.max(0, ...known.map((k) => k.kickbackH ?? 0)),
    nectarDays: Math.max(0, ...known.map((k) => k.nectarDays ?? 0)),
    prov: said ? { mark: 'PUB', source: 'its label' } : MEM,
  };
}
