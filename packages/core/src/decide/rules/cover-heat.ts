import { trim } from '../../measure';
import type { Rule } from '../types';

/** Over this by day it cooks under a closed cover (from memory). */
const HOT_C = 27;
const DAYS_MS = 3 * 86_400_000;

export const coverHeat: Rule = (s, c, at) => {
  if (!c.control.covers) return null;
  const hottest = Math.max(...s.conditions.filter((x) => x.at >= at && x.at < at + DAYS_MS).map((x) => x.temperature));
  if (!(hottest >= HOT_C)) return null;
  return {
    code: 'cover-heat',
    weight: 'note',
    sentence: `${trim(hottest, 0)} °C ahead: prop the cover up for air, or take it off by day.`,
    inputs: [{ name: 'Hottest in three days', value: `${trim(hottest, 0)} °C` }],
    source: { mark: 'MEM' },
  };
};
