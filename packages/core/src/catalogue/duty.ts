import { regionOf, statusIn } from './range';
import type { Host, Meanwhile, Report, Species, Trouble } from './schema';

/**
 * What a grower owes the plant-health office: `must` where the law of the country is known to want it; `ask` where it
 * must be reported elsewhere and is not known to live here, or where the country is not known; else `none`.
 */
export type Duty = 'must' | 'ask' | 'none';

interface Where {
  readonly latitude: number;
  readonly longitude?: number;
  readonly country?: string | null;
  readonly region?: string | null;
}

const dutyOf = (report: Report | null, range: Trouble['range'], where: Where): Duty => {
  if (!report) return 'none';
  if (!where.country) return 'ask';
  if (report.in.includes(where.country) || (where.region && report.in.includes(where.region))) return 'must';
  // a duty of some states or provinces of this country, and nobody said which this is
  if (!where.region && report.in.some((p) => p.startsWith(`${where.country}-`))) return 'ask';
  return statusIn(range, regionOf(where)) === 'absent' ? 'ask' : 'none';
};

const livesOn = ({ hosts }: Species, host: Pick<Host, 'id' | 'family' | 'group'>) =>
  hosts.some((h) => h === host.id || h === `family:${host.family}` || h === `group:${host.group}` || h === 'any');

/** The kinds of a group that live on a plant, and are not known to be absent where it grows. */
export const speciesOn = (trouble: Pick<Trouble, 'species' | 'range'>, host: Pick<Host, 'id' | 'family' | 'group'>, where: Where | null): Species[] =>
  trouble.species.filter((s) => livesOn(s, host) && statusIn(s.range ?? trouble.range, where && regionOf(where)) !== 'absent');

/**
 * Whether a trouble must be reported where it was met; the strictest of its own duty and of what its kinds on that
 * plant want. What must be reported elsewhere and is not known here is asked about first: it may be the first of its kind.
 */
export function dutyIn(trouble: Pick<Trouble, 'report' | 'range' | 'species'>, host: Pick<Host, 'id' | 'family' | 'group'>, where: Where): Duty {
  const duties = [
    dutyOf(trouble.report, trouble.range, where),
    ...trouble.species.filter((s) => livesOn(s, host)).map((s) => dutyOf(s.report, s.range ?? trouble.range, where)),
  ];
  return duties.includes('must') ? 'must' : duties.includes('ask') ? 'ask' : 'none';
}

/**
 * What is done with it until the plant-health office has answered: of the first duty that holds here and says so for
 * this place. Null where nothing more is known than to leave it.
 */
export function meanwhileIn(
  trouble: Pick<Trouble, 'report' | 'range' | 'species'>,
  host: Pick<Host, 'id' | 'family' | 'group'>,
  where: Where,
): Meanwhile | null {
  const kinds = [trouble, ...trouble.species.filter((s) => livesOn(s, host))];
  const owed = kinds.filter((k) => dutyOf(k.report, k.range ?? trouble.range, where) !== 'none');
  const here = (m: Meanwhile) => m.in === null || m.in.some((p) => p === where.country || p === where.region);
  return owed.flatMap((k) => k.report?.meanwhile ?? []).find(here) ?? null;
}
