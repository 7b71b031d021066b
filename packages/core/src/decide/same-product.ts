import type { LabelSheet } from '../label';
import { findActive } from '../label/actives';

/** Whether two sheets are of one product for intervals and yearly limits: the same sheet, or the same active. */
export function sameProduct(a: LabelSheet | null, b: LabelSheet): boolean {
  if (!a) return false;
  if (a.id === b.id || a.basedOn === b.id || b.basedOn === a.id) return true;
  const actives = new Set(a.actives.map(idOf));
  return b.actives.some((x) => actives.has(idOf(x)));
}

/** What is known goes by what it is, not by how a pack spells it; the rest by its letters and figures. */
const idOf = ({ name }: LabelSheet['actives'][number]): string => findActive(name)?.id ?? name.toLowerCase().replaceAll(/[^a-z0-9]/g, '');
