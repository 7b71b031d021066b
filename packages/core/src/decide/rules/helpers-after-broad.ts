import { strictSheet } from '../../label';
import { sayDay } from '../../measure';
import { waitUntil } from '../../schedule/local-day';
import type { Rule } from '../types';

/** Days that residue of a broad insecticide is taken to harm released helpers (from memory). */
const DAYS = 14;

/** Helpers released after a broad insecticide die with the rest. */
export const helpersAfterBroad: Rule = (s, c, at) => {
  if (!c.control.releases) return null;
  const last = s.records.filter((r) => r.sheet && strictSheet(r.sheet).groups.includes('broad-insecticide')).at(-1);
  if (!last) return null;
  const opens = waitUntil(last.at, DAYS, s.place.zone);
  if (at >= opens) return null;
  return {
    code: 'helpers-after-broad',
    weight: 'not-now',
    sentence: `${last.sheet?.name ?? 'A broad insecticide'} on ${sayDay(last.at, s.place.zone)} would kill them too.`,
    inputs: [{ name: 'Days', value: String(DAYS) }],
    source: { mark: 'MEM' },
    opens: { kind: 'at', at: opens },
  };
};
