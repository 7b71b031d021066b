/** What a product is, by the trade's letters for it (from memory); RTU is used as it comes. */
export const FORMULATION_CODES = ['SL', 'EC', 'EW', 'SC', 'OL', 'WP', 'SP', 'WG', 'SG', 'D', 'GR', 'GB', 'RB', 'LB', 'VP', 'RTU'] as const;
export type Formulation = (typeof FORMULATION_CODES)[number];
