import type { Method } from '../../catalogue/methods';
import { PROTECTION_ITEMS, type LabelSheet } from '../../label';

type Item = LabelSheet['protection'][number];

const PROTECTION: Readonly<Record<Item, string>> = {
  gloves: 'Chemical-proof gloves',
  goggles: 'Goggles',
  sleeves: 'Long sleeves and trousers',
  mask: 'Particle mask (N95)',
  respirator: 'Respirator',
  boots: 'Boots',
};

/** What to wear, as the label lists it. @example protectionList(soap) // ['Chemical-proof gloves', 'Goggles', …] */
export const protectionList = (sheet: LabelSheet): string[] => sheet.protection.map((p) => PROTECTION[p]);

/**
 * What to wear for this job: the label's list and, never less, what the kind of product and the way of putting it on
 * ask for: a mask for powders and dusts, goggles for what drifts or drips from above. Common practice.
 */
export function wearFor(sheet: LabelSheet, method: Method): string[] {
  const more = new Set<Item>(sheet.protection);
  if (sheet.formulation === 'D' || sheet.formulation === 'WP' || sheet.formulation === 'SP') more.add('mask');
  if (sheet.formulation === 'D' || method === 'bark' || method === 'trunk-band') {
    more.add('goggles');
    more.add('sleeves');
  }
  if (more.has('respirator')) more.delete('mask');
  return PROTECTION_ITEMS.filter((item) => more.has(item)).map((item) => PROTECTION[item]);
}
