import { findControl } from '../../catalogue/controls';
import { helperDays } from '../../label';
import { sayDay } from '../../measure';
import { waitUntil } from '../../schedule/local-day';
import type { Rule } from '../types';

/** Days that released helpers are given to do their work (from memory). */
const DAYS = 14;
/** What harms a kind for so long after it went on also kills it when it is hit (from memory). */
const KILLS_DAYS = 3;

/** What kills helpers of the kind that was set free, soon after. */
export const helpersReleased: Rule = (s, c, at) => {
  const { sheet } = c;
  if (!sheet) return null;
  const last = s.records
    .filter((r) => {
      const kind = findControl(r.controlId)?.releases;
      return kind !== undefined && helperDays(sheet, kind) >= KILLS_DAYS;
    })
    .at(-1);
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
