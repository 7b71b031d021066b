import { SIGNS, type Typicality } from '../catalogue';
import { ENTRIES, type Entry } from './likelihood';

const TYPICAL: readonly Typicality[] = ['always', 'often', 'sometimes'];

/** Whether a suspect is known to show a sign, now and then at least. */
export const explains = (entry: Entry, signId: string): boolean => TYPICAL.includes(entry.signs[signId] ?? 'never');

/** Whether a sign is rare with a suspect at best, or unheard of. */
export const strangeTo = (entry: Entry, signId: string): boolean => {
  const how = entry.signs[signId];
  return how === undefined || how === 'never';
};

const TELLERS: ReadonlyMap<string, Entry> = new Map(
  SIGNS.flatMap((s) => {
    const by = ENTRIES.filter((e) => s.id in e.signs && e.signs[s.id] !== 'never');
    const [one] = by;
    return by.length === 1 && one && !s.plain ? [[s.id, one] as const] : [];
  }),
);

/** Whether a sign by itself tells what it is: one suspect alone shows it, and always, and it is no plain one such as wilting. */
export const tells = (entry: Entry, signId: string): boolean => TELLERS.get(signId) === entry && entry.signs[signId] === 'always';
