import { inTwelveMonths, outOfTwelveMonths } from '../../schedule/twelve-months';
import { countsTogether } from '../same-product';
import type { Rule } from '../types';

/** The most treatments in twelve months that the label allows on one crop: a winter, or a southern summer, is one season. */
export const seasonMaximum: Rule = (s, c, at) => {
  if (!c.sheet || !c.line?.maxPerSeason) return null;
  const { sheet } = c;
  const within = inTwelveMonths(
    s.records.filter((r) => countsTogether(r.sheet, sheet)),
    at,
    s.place.zone,
  );
  const used = within.length;
  // the one that has to fall out of the twelve months before there is room again
  const oldest = within[used - c.line.maxPerSeason];
  if (used < c.line.maxPerSeason || !oldest) return null;
  return {
    code: 'season-maximum',
    weight: 'not-now',
    sentence: `Used ${used} ${used === 1 ? 'time' : 'times'} in twelve months: the label allows ${c.line.maxPerSeason} a season.`,
    inputs: [
      { name: 'Used', value: String(used) },
      { name: 'Most a season', value: String(c.line.maxPerSeason) },
    ],
    source: c.line.prov,
    opens: { kind: 'at', at: outOfTwelveMonths(oldest.at, s.place.zone) },
  };
};
