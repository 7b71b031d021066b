import { CONTROLS } from './controls';
import type { Trouble } from './schema';

/** One control against a trouble: the share it is expected to stop, and why. */
export type Use = Trouble['controls'][number];

const known = new WeakMap<Trouble['controls'], readonly Use[]>();

/**
 * Everything that is used on a trouble: what its own entry names, and what controls name by label word
 * ("aphids"). The entry's own figure goes before a control's general one.
 */
export function usesOn(trouble: Pick<Trouble, 'controls' | 'labelAs'>): readonly Use[] {
  const before = known.get(trouble.controls);
  if (before) return before;
  const named = new Set(trouble.controls.map((u) => u.control));
  const implied = CONTROLS.filter((c) => !named.has(c.id)).flatMap((c): Use[] => {
    const hit = c.alsoFor?.find((a) => a.pests.some((p) => trouble.labelAs.includes(p)));
    return hit ? [{ control: c.id, effect: hit.effect, why: hit.why, prov: hit.prov }] : [];
  });
  const uses = [...trouble.controls, ...implied];
  known.set(trouble.controls, uses);
  return uses;
}
