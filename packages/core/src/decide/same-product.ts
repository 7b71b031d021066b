import type { LabelSheet } from '../label';

/** Whether two sheets are of one product for intervals and yearly limits: the same sheet, or the same active. */
export function sameProduct(a: LabelSheet | null, b: LabelSheet): boolean {
  if (!a) return false;
  if (a.id === b.id || a.basedOn === b.id || b.basedOn === a.id) return true;
  const actives = new Set(a.actives.map((x) => x.name.toLowerCase()));
  return b.actives.some((x) => actives.has(x.name.toLowerCase()));
}
