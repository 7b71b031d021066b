import { instant, sayWhen } from '../../measure';
import { firstFree, keepOutMs, meeting } from '../plans';
import type { Rule } from '../types';

/** Nobody may have to be among the plants while they are kept out. */
export const reEntryPlans: Rule = (s, c, at) => {
  if (!c.sheet || s.plans.length === 0) return null;
  const out = keepOutMs(c.sheet);
  const met = meeting(s.plans, at, instant(at + out), s.place.zone);
  if (!met) return null;
  const free = firstFree(s.plans, at, out, s.place.zone);
  return {
    code: 'plans',
    weight: 'not-now',
    sentence: `Nobody may go in for ${out / 3_600_000} h, and you have to be there: ${met.plan.what}, ${sayWhen(met.from, s.now, s.place.zone)}.`,
    inputs: [{ name: 'Keep out', value: `${out / 3_600_000} h` }],
    source: c.line?.prov ?? { mark: 'CP' },
    opens:
      free === null
        ? {
            kind: 'event',
            event: `when nobody has to be there for ${out / 3_600_000} h`,
            change: { code: 'plans', label: 'Nobody goes in: change the plan', noPlans: true },
          }
        : { kind: 'at', at: free },
    orElse: { code: 'plans', label: 'Nobody goes in: change the plan', noPlans: true },
  };
};
