import { sayDay } from '../../measure';
import { inTwelveMonths } from '../../schedule/twelve-months';
import { isAddingUp } from '../same-product';
import type { Rule } from '../types';

/** A second neonicotinoid within twelve months on one plant is said, whatever the product and the way it was put on. */
export const groupInAYear: Rule = (s, c, at) => {
  if (!c.sheet || !isAddingUp(c.sheet)) return null;
  const last = inTwelveMonths(
    s.records.filter((r) => r.sheet !== null && isAddingUp(r.sheet)),
    at,
    s.place.zone,
  ).at(-1);
  if (!last) return null;
  return {
    code: 'group-in-a-year',
    weight: 'note',
    sentence: `Of the same group (4A) as what went on this plant on ${sayDay(last.at, s.place.zone)}: it stays in sap and pollen for a year and more, and labels count both together.`,
    inputs: [{ name: 'Mode of action (IRAC)', value: '4A' }],
    source: { mark: 'MEM' },
  };
};
