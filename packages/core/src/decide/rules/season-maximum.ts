import { dayOf, dayStart } from '../../schedule/local-day';
import { sameProduct } from '../same-product';
import type { Rule } from '../types';

/** The most treatments a year that the label allows on one crop. */
export const seasonMaximum: Rule = (s, c, at) => {
  if (!c.sheet || !c.line?.maxPerSeason) return null;
  const { sheet } = c;
  const year = dayOf(at, s.place.zone).slice(0, 4);
  const used = s.records.filter((r) => sameProduct(r.sheet, sheet) && dayOf(r.at, s.place.zone).startsWith(year)).length;
  if (used < c.line.maxPerSeason) return null;
  return {
    code: 'season-maximum',
    weight: 'not-now',
    sentence: `Used ${used} times this year: the label allows ${c.line.maxPerSeason}.`,
    inputs: [
      { name: 'Used', value: String(used) },
      { name: 'Most a season', value: String(c.line.maxPerSeason) },
    ],
    source: c.line.prov,
    opens: { kind: 'at', at: dayStart(`${Number(year) + 1}-01-01`, s.place.zone) },
  };
};
