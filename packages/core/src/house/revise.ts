import { dequal } from 'dequal/lite';
import { conflict, invalid } from './refusal';

/**
 * Decides an idempotent PUT of a revised document: the write must name the revision it was made from.
 * @returns 'write' to go on, 'same' when this very write is already stored (a resend)
 * @throws Refusal 409 when somebody else changed it; 422 when a new one says that it is not: its number would go on from there
 */
export function reviseOrConflict<T extends { revision: number }>(stored: T | undefined, sent: T, what: string): 'write' | 'same' {
  if (!stored && sent.revision !== 0) throw invalid('revision', 'A new one begins at 0.');
  if (!stored) return 'write';
  if (stored.revision === sent.revision) return 'write';
  if (stored.revision === sent.revision + 1 && dequal({ ...stored, revision: 0 }, { ...sent, revision: 0 })) return 'same';
  throw conflict(what);
}
