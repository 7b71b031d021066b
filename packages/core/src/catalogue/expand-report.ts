import type { Provenance } from '../measure';
import type { TroubleEntry } from './entry/trouble';
import type { Report } from './schema';

/** A duty to report as its entry writes it, in full. */
export const reportOf = (r: NonNullable<TroubleEntry['report']>, prov: Provenance): Report => ({
  in: r.in,
  asOf: r.asOf,
  meanwhile: (r.meanwhile ?? []).map((m) => ({ in: m.in ?? null, say: m.say, kill: m.kill ?? [] })),
  prov,
});
