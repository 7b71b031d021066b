import { proposedWater } from '../../label';
import { trim } from '../../measure';
import { inTwelveMonths, outOfTwelveMonths } from '../../schedule/twelve-months';
import { sameProduct } from '../same-product';
import type { Rule } from '../types';

/** The most product in twelve months on a square metre that the label allows. */
export const yearTotal: Rule = (s, c, at) => {
  const most = c.line?.mostPerM2Year;
  if (!c.sheet || !c.line || most === undefined) return null;
  const { sheet, line } = c;
  const one = line.rate.form === 'per-litre' ? (line.rate.min * proposedWater(line).ml) / 1000 : line.rate.min;
  const within = inTwelveMonths(
    s.records.filter((r) => sameProduct(r.sheet, sheet)),
    at,
    s.place.zone,
  );
  const perM2 = (r: (typeof within)[number]) => (r.amount === null ? line.rate.max : r.amount / r.areaM2);
  const used = within.reduce((sum, r) => sum + perM2(r), 0);
  if (used + one <= most + 1e-9) return null;
  // the oldest fall out of the twelve months one by one until there is room for one more
  let left = used;
  const last = within.find((r) => (left -= perM2(r)) + one <= most + 1e-9) ?? within.at(-1);
  return {
    code: 'year-total',
    weight: 'not-now',
    sentence: `${trim(used, 2)} ${line.rate.unit} a m² used in twelve months: with one more it is over the label’s ${trim(most, 2)}.`,
    inputs: [
      { name: 'Used in twelve months', value: `${trim(used, 2)} ${line.rate.unit} a m²` },
      { name: 'Most a year', value: `${trim(most, 2)} ${line.rate.unit} a m²` },
    ],
    source: line.prov,
    opens: last ? { kind: 'at', at: outOfTwelveMonths(last.at, s.place.zone) } : { kind: 'event', event: 'with less on more ground', change: null },
  };
};
