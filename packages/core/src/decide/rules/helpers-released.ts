import { findControl } from '../../catalogue/controls/find';
import { sayDay } from '../../measure';
import { waitUntil } from '../../schedule/local-day';
import type { Rule } from '../types';

/** Days that released helpers are given to do their work (from memory). */
const DAYS = 14;
const HARSH = 3;

/** What kills helpers, soon after some were set free. */
export const helpersReleased: Rule = (s, c, at) => {
  if (!c.sheet || c.control.hazard.helpers < HARSH) return null;
  const last = s.records.filter((r) => findControl(r.controlId)?.releases).at(-1);
  if (!last) return null;
  const opens = waitUntil(last.at, DAYS, s.place.zone);
  if (at >= opens) return null;
  return {
    code: 'helpers-released',
    weight: 'not-now',
    sentence: `Helpers were set free on ${sayDay(last.at, s.place.zone)}: this would kill them.`,
    inputs: [{ name: 'Days', value: String(DAYS) }],
    source: { mark: 'MEM' },
    opens: { kind: 'at', at: opens },
  };
};
