import { countSchema, type Count } from '@sleetbrook/core/api';
import { parseNumber } from '@sleetbrook/core/measure';

type Result = { ok: true; value: Count | null } | { ok: false; errors: { affected?: string; looked?: string } };

/** A count as typed: both fields empty is no count; anything else must be a real one. */
export function readCount(affected: string, looked: string): Result {
  if (affected.trim() === '' && looked.trim() === '') return { ok: true, value: null };
  const a = parseNumber(affected);
  const l = parseNumber(looked);
  if (!a.ok || !l.ok) {
    return { ok: false, errors: { ...(a.ok ? {} : { affected: a.reasons[0]?.sentence ?? '' }), ...(l.ok ? {} : { looked: l.reasons[0]?.sentence ?? '' }) } };
  }
  const parsed = countSchema.safeParse({ affected: a.value, looked: l.value });
  if (parsed.success) return { ok: true, value: parsed.data };
  const errors: { affected?: string; looked?: string } = {};
  for (const issue of parsed.error.issues) errors[issue.path[0] === 'looked' ? 'looked' : 'affected'] ??= issue.message;
  return { ok: false, errors };
}
