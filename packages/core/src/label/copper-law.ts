import { LAW_ENTRIES } from '../catalogue/made/law';

/** Where the regulation was kept, or is kept to, beside the European Union (from memory). */
const LIKEWISE = ['GB', 'NO', 'IS', 'LI', 'CH'];

/**
 * Whose law counts copper on a garden's ground: the European Union's ledger of the year and of seven years, also while no
 * country is named; elsewhere the label's own most, and what the soil bears is told.
 * @source Regulation (EU) 2018/1981
 * @example copperLaw('US') // 'label'
 */
export function copperLaw(country: string | null | undefined): 'ledger' | 'label' {
  if (!country) return 'ledger';
  const union = LAW_ENTRIES.find((e) => e.id === 'eu')?.places ?? [];
  return union.includes(country) || LIKEWISE.includes(country) ? 'ledger' : 'label';
}
