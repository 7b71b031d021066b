import { proposedWater } from '../../label';
import { trim } from '../../measure';
import { dayOf, dayStart } from '../../schedule/local-day';
import { sameProduct } from '../same-product';
import type { Rule } from '../types';

/** The most product a year on a square metre that the label allows. */
export const yearTotal: Rule = (s, c, at) => {
  const most = c.line?.mostPerM2Year;
  if (!c.sheet || !c.line || most === undefined) return null;
  const { sheet, line } = c;
  const year = dayOf(at, s.place.zone).slice(0, 4);
  const one = line.rate.form === 'per-litre' ? (line.rate.min * proposedWater(line).ml) / 1000 : line.rate.min;
  const used = s.records
    .filter((r) => sameProduct(r.sheet, sheet) && dayOf(r.at, s.place.zone).startsWith(year))
    .reduce((sum, r) => sum + (r.amount === null ? line.rate.max : r.amount / r.areaM2), 0);
  if (used + one <= most + 1e-9) return null;
  return {
    code: 'year-total',
    weight: 'not-now',
    sentence: `${trim(used, 2)} ${line.rate.unit} a m² used this year: with one more it is over the label’s ${trim(most, 2)}.`,
    inputs: [
      { name: 'Used this year', value: `${trim(used, 2)} ${line.rate.unit} a m²` },
      { name: 'Most a year', value: `${trim(most, 2)} ${line.rate.unit} a m²` },
    ],
    source: line.prov,
    opens: { kind: 'at', at: dayStart(`${Number(year) + 1}-01-01`, s.place.zone) },
  };
};
