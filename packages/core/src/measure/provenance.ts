/** Where a fact comes from. */
export type Mark =
  /** common practice in the trade, no single source */
  | 'CP'
  /** published; `source` names it */
  | 'PUB'
  /** recalled from memory; said so wherever it is shown */
  | 'MEM';

export interface Provenance {
  readonly mark: Mark;
  /** Required for PUB: title, section or table. */
  readonly source?: string;
}

export const CP: Provenance = { mark: 'CP' };
export const MEM: Provenance = { mark: 'MEM' };
/** @example pub('NIST Handbook 44, Appendix C') */
export const pub = (source: string): Provenance => ({ mark: 'PUB', source });

/**
 * The mark in words for a "why" sheet.
 * @example sayProvenance(CP) // 'common practice'
 */
export function sayProvenance(p: Provenance): string {
  if (p.mark === 'PUB') return p.source ?? 'published';
  return p.mark === 'CP' ? 'common practice' : 'from memory';
}
