import { sayDay } from '../../measure';
import { waitUntil } from '../../schedule/local-day';
import { sameProduct } from '../same-product';
import type { Rule } from '../types';

/** The least number of days between two treatments with one product. */
export const interval: Rule = (s, c, at) => {
  if (!c.sheet || !c.line || c.line.intervalDays === 0) return null;
  const { sheet } = c;
  const last = s.records.filter((r) => sameProduct(r.sheet, sheet)).at(-1);
  if (!last) return null;
  const opens = waitUntil(last.at, c.line.intervalDays, s.place.zone);
  if (at >= opens) return null;
  return {
    code: 'interval',
    weight: 'not-now',
    sentence: `Used on ${sayDay(last.at, s.place.zone)}: ${c.line.intervalDays} ${c.line.intervalDays === 1 ? 'day' : 'days'} must pass between treatments.`,
    inputs: [
      { name: 'Last used', value: sayDay(last.at, s.place.zone) },
      { name: 'Days between', value: String(c.line.intervalDays) },
    ],
    source: c.line.prov,
    opens: { kind: 'at', at: opens },
  };
};
