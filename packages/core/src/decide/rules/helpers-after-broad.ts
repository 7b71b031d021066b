import { helperDays } from '../../label';
import { instant, sayDay } from '../../measure';
import { waitUntil } from '../../schedule/local-day';
import type { Rule } from '../types';

/** Helpers set free into what is left of a spray die with the rest: each kind has its days after each active. */
export const helpersAfterBroad: Rule = (s, c, at) => {
  const kind = c.control.releases;
  if (!kind) return null;
  let latest: { readonly until: number; readonly name: string; readonly on: number; readonly days: number } | null = null;
  for (const r of s.records) {
    if (!r.sheet || r.at > at) continue;
    const days = helperDays(r.sheet, kind);
    const until = waitUntil(r.at, days, s.place.zone);
    if (days > 0 && until > (latest?.until ?? 0)) latest = { until, name: r.sheet.name, on: r.at, days };
  }
  if (!latest || at >= latest.until) return null;
  return {
    code: 'helpers-after-broad',
    weight: 'not-now',
    sentence: `${latest.name} on ${sayDay(instant(latest.on), s.place.zone)} would kill them too: ${latest.days === 1 ? 'a day' : `${latest.days} days`} between.`,
    inputs: [{ name: 'Days', value: String(latest.days) }],
    source: { mark: 'MEM' },
    opens: { kind: 'at', at: instant(latest.until) },
  };
};
