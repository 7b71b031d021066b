import MiniSearch from 'minisearch';
import { othersFor, termsOf } from './words';

/** What can be found: by its name, by other names, and, after those, by what is said of it. */
export interface Findable {
  readonly id: string;
  readonly name: string;
  readonly also: readonly string[];
  readonly words?: string;
}

interface Doc {
  readonly id: string;
  readonly name: string;
  readonly also: string;
  readonly words: string;
  /** Names of two words as one: "white fly" is looked for as "whitefly", and the other way round. */
  readonly joined: string;
}

const BOOST = { name: 4, also: 3.5, joined: 3, words: 0.8 };
/** A word that only goes for the one that was typed. */
const BY_CIRCLE = 0.45;
/** All of what was typed matters: what half of it finds comes far after what all of it finds. */
const COVERAGE = 2;
const WHOLE_NAME = 6;
const FIRST_WORD = 1.5;
const LEAST_FUZZY = 5;
const LEAST_PREFIX = 3;
/** Below this share of the best nobody wants it. */
const LEAST_SHARE = 0.08;

const key = (text: string) => termsOf(text).join(' ');
const joinedOf = (names: readonly string[]) =>
  names.flatMap((n) => {
    const terms = termsOf(n);
    return terms.slice(1).map((t, i) => `${terms[i] as string}${t}`);
  });

/**
 * A search over a list, built once: forgiving of endings, order, two spellings, slips, and one word for another.
 * @returns ids for a text, best first; none for an empty one
 */
export function finder(list: readonly Findable[]): (text: string) => string[] {
  const index = new MiniSearch<Doc>({ fields: ['name', 'also', 'joined', 'words'], tokenize: termsOf, processTerm: (t) => t, searchOptions: { boost: BOOST } });
  index.addAll(list.map((d) => ({ id: d.id, name: d.name, also: d.also.join('. '), words: d.words ?? '', joined: joinedOf([d.name, ...d.also]).join(' ') })));
  const called = new Map<string, string[]>();
  for (const d of list)
    for (const n of [...d.name.split(/, | and /), d.name, ...d.also]) called.set(key(n), [...new Set([...(called.get(key(n)) ?? []), d.id])]);
  const firstWord = new Map(list.map((d) => [d.id, termsOf(d.name)[0] ?? '']));

  const look = (term: string, fuzzy: boolean): Map<string, number> => {
    const found = index.search(term, {
      tokenize: (t) => [t],
      prefix: term.length >= LEAST_PREFIX,
      fuzzy: fuzzy && term.length >= LEAST_FUZZY ? 0.25 : false,
      weights: { fuzzy: 0.3, prefix: 0.6 },
    });
    return new Map(found.map((r) => [r.id as string, r.score]));
  };
  const bestOf = (ways: readonly (readonly [Map<string, number>, number])[]) => {
    const best = new Map<string, number>();
    for (const [found, weight] of ways) for (const [id, score] of found) best.set(id, Math.max(best.get(id) ?? 0, score * weight));
    return best;
  };

  return (text) => {
    const terms = termsOf(text);
    if (terms.length === 0) return [];
    const scores = new Map<string, number>();
    const hits = new Map<string, number>();
    for (const term of terms) {
      const exact = look(term, false);
      const others = othersFor(term).map((o) => [look(o, false), BY_CIRCLE] as const);
      const ways = bestOf([[exact, 1], ...others, ...(exact.size === 0 ? [[look(term, true), 1] as const] : [])]);
      for (const [id, score] of ways) {
        scores.set(id, (scores.get(id) ?? 0) + score);
        hits.set(id, (hits.get(id) ?? 0) + 1);
      }
    }
    for (const [id, score] of scores) scores.set(id, score * ((hits.get(id) ?? 0) / terms.length) ** COVERAGE);
    if (terms.length > 1) for (const [id, score] of look(terms.join(''), false)) scores.set(id, Math.max(scores.get(id) ?? 0, score * terms.length));
    const top = Math.max(0, ...scores.values());
    for (const id of called.get(terms.join(' ')) ?? []) scores.set(id, Math.max(scores.get(id) ?? 0, top) * WHOLE_NAME);
    for (const [id, score] of scores) if (firstWord.get(id) === terms[0]) scores.set(id, score * FIRST_WORD);
    const best = Math.max(0, ...scores.values());
    return [...scores]
      .filter(([, s]) => s >= best * LEAST_SHARE)
      .sort((a, b) => b[1] - a[1])
      .map(([id]) => id);
  };
}
