import type { Typicality } from '../catalogue';
import type { Entry } from './likelihood';

const TYPICAL: readonly Typicality[] = ['always', 'often', 'sometimes'];

/** Whether a suspect is known to show a sign, now and then at least. */
export const explains = (entry: Entry, signId: string): boolean => TYPICAL.includes(entry.signs[signId] ?? 'never');

/** Whether a sign is rare with a suspect at best, or unheard of. */
export const strangeTo = (entry: Entry, signId: string): boolean => {
  const how = entry.signs[signId];
  return how === undefined || how === 'never';
};
