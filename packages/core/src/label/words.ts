import { HOSTS, TROUBLE_CARDS } from '../catalogue/light';
import { SHEETS } from './sheets';

/** A word that labels use, and how a screen says it. */
export interface LabelWord {
  readonly id: string;
  readonly name: string;
}

const say = (id: string) => id.replaceAll('-', ' ');
const sorted = (ids: Iterable<string>, nameOf: ReadonlyMap<string, string>): LabelWord[] =>
  [...new Set(ids)].map((id) => ({ id, name: nameOf.get(id) ?? say(id) })).sort((a, b) => a.name.localeCompare(b.name));

/** Every crop and site word a label line may name, from "beans" to "ornamentals". */
export const CROP_WORDS: readonly LabelWord[] = sorted(
  HOSTS.flatMap((h) => h.crops),
  new Map(),
);

/** Every pest word a label line may name, from one trouble to a whole kind ("aphids"). */
export const PEST_WORDS: readonly LabelWord[] = sorted(
  [...TROUBLE_CARDS.flatMap((t) => t.labelAs), ...SHEETS.flatMap((s) => s.lines.flatMap((l) => l.pests))],
  new Map(TROUBLE_CARDS.map((t) => [t.id, t.name.toLowerCase()])),
);

const crops = new Set(CROP_WORDS.map((w) => w.id));
const pests = new Set(PEST_WORDS.map((w) => w.id));
export const isCropWord = (word: string) => crops.has(word);
export const isPestWord = (word: string) => pests.has(word);
