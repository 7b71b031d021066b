import { strictSheet } from '../../label';
import { instant, sayDay } from '../../measure';
import { waitUntil } from '../../schedule/local-day';
import type { Rule } from '../types';

/** Gaps between materials that burn plants together, such as oil and sulfur, in either order. */
export const materialGap: Rule = (s, c, at) => {
  if (!c.sheet) return null;
  const sheet = c.sheet;
  let latest: { until: number; other: string; days: number; on: number } | null = null;
  for (const r of s.records) {
    if (!r.sheet || r.sheet.id === sheet.id) continue;
    const other = strictSheet(r.sheet);
    const asked = sheet.gaps.filter((g) => other.groups.includes(g.group));
    const owed = other.gaps.filter((g) => sheet.groups.some((own) => own === g.group));
    const days = Math.max(0, ...[...asked, ...owed].map((g) => g.days));
    const until = waitUntil(r.at, days, s.place.zone);
    if (days > 0 && until > (latest?.until ?? 0)) latest = { until, other: other.name, days, on: r.at };
  }
  if (!latest || at >= latest.until) return null;
  return {
    code: 'gap',
    weight: 'not-now',
    sentence: `${latest.other} on ${sayDay(instant(latest.on), s.place.zone)}: keep them ${latest.days} days apart.`,
    inputs: [
      { name: 'Other material', value: latest.other },
      { name: 'Days apart', value: String(latest.days) },
    ],
    source: { mark: 'MEM' },
    opens: { kind: 'at', at: instant(latest.until) },
  };
};
