import type { LabelSheet } from '../label';
import { findActive } from '../label/actives';

/** Whether two sheets are of one product for intervals and yearly limits: the same sheet, or the same active. */
export function sameProduct(a: LabelSheet | null, b: LabelSheet): boolean {
  if (!a) return false;
  if (a.id === b.id || a.basedOn === b.id || b.basedOn === a.id) return true;
  const actives = new Set(a.actives.map(idOf));
  return b.actives.some((x) => actives.has(idOf(x)));
}

/** Neonicotinoids move in sap and pollen for a year and more, and add up whatever the pack is called. */
const ADDS_UP = '4A';

/** Whether two sheets count together for what a plant may bear in a year: one product, or one group that adds up. */
export const countsTogether = (a: LabelSheet | null, b: LabelSheet): boolean => sameProduct(a, b) || (a !== null && isAddingUp(a) && isAddingUp(b));

/** Whether any of its actives belongs to a group that adds up on a plant. */
export const isAddingUp = (s: LabelSheet): boolean => s.actives.some((x) => (findActive(x.name)?.moa?.code ?? x.moa) === ADDS_UP);

/** What is known goes by what it is, not by how a pack spells it; the rest by its letters and figures. */
const idOf = ({ name }: LabelSheet['actives'][number]): string => findActive(name)?.id ?? name.toLowerCase().replaceAll(/[^a-z0-9]/g, '');
