import type { Rule } from '../types';

/** Without a picking date the wait can not be checked beforehand. */
export const noPickingDate: Rule = (s, c) =>
  s.planting.edible && !s.planting.pickFrom && c.line?.phiDays
    ? {
        code: 'no-picking-date',
        weight: 'note',
        sentence: `No picking date is set. Once used, nothing is picked for ${c.line.phiDays} ${c.line.phiDays === 1 ? 'day' : 'days'}.`,
        inputs: [],
        source: c.line.prov,
      }
    : null;
