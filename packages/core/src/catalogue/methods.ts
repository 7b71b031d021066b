/** How a product gets onto, into or near the plant. */
export const METHODS = ['fine-spray', 'run-off', 'bark', 'trunk-band', 'soil-drench', 'dust-film', 'scattered', 'stations', 'vaporised', 'soil-mixed'] as const;
export type Method = (typeof METHODS)[number];
