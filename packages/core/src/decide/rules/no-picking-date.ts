import { pickingAt } from '../picking';
import type { Rule } from '../types';

/** Without a picking date, or with the date of a picking that is over, the wait can not be checked beforehand. */
export const noPickingDate: Rule = (s, c) => {
  const wait = c.line?.phiDays;
  if (!s.planting.edible || !c.line || !wait) return null;
  const state = pickingAt(s.planting, s.now, s.place.zone);
  if (state === 'ahead') return null;
  return {
    code: 'no-picking-date',
    weight: 'note',
    sentence: `${state === 'none' ? 'No picking date is set' : 'The picking dates are past: if you still pick, set them anew'}. Once used, nothing is picked for ${wait} ${wait === 1 ? 'day' : 'days'}.`,
    inputs: [],
    source: c.line.prov,
  };
};
