import type { Released } from '../catalogue/schema';
import { activesOf, strictSheet } from './strict';
import type { LabelSheet } from './schema';

type Days = Partial<Record<Released, number>>;
const ALL = (days: number, nematodes = 0): Days => ({ mites: days, wasps: days, ladybirds: days, nematodes });

/**
 * Days until helpers of a kind may be set free after an active ingredient went on: the order of size of what lists of
 * side effects on beneficials give, from memory. What dries before it is harmless is a day.
 */
const AFTER: Readonly<Record<string, Days>> = {
  pyrethrins: ALL(3),
  pyrethroid: ALL(56),
  malathion: ALL(28, 14),
  organophosphate: ALL(42, 14),
  carbaryl: ALL(28, 14),
  carbamate: ALL(42, 14),
  acetamiprid: ALL(28),
  imidacloprid: { mites: 14, wasps: 42, ladybirds: 42 },
  dinotefuran: { mites: 14, wasps: 42, ladybirds: 42 },
  neonicotinoid: { mites: 14, wasps: 42, ladybirds: 42 },
  spinosyn: { mites: 7, wasps: 14, ladybirds: 3 },
  sulfur: { mites: 14, wasps: 14, ladybirds: 3 },
  'lime-sulfur': ALL(21),
  mancozeb: { mites: 21 },
  azadirachtin: { mites: 3, wasps: 3, ladybirds: 7 },
  'neem-oil': ALL(1),
  oil: ALL(1),
  soap: ALL(1),
  beauveria: { ladybirds: 3, wasps: 3 },
  'diatomaceous-earth': ALL(7),
  kaolin: ALL(7),
};
/** A broad insecticide that nobody here knows. */
const UNKNOWN_BROAD = ALL(42, 14);

/** Days after a product went on before helpers of a kind live through what is left of it; 0 where it does not touch them. */
export function helperDays(sheet: LabelSheet, kind: Released): number {
  const known = activesOf(sheet).map((a) => AFTER[a.id]?.[kind] ?? 0);
  const strange = known.length < sheet.actives.length && strictSheet(sheet).groups.includes('broad-insecticide') ? (UNKNOWN_BROAD[kind] ?? 0) : 0;
  return Math.max(0, strange, ...known);
}
