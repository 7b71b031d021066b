/** Where plants stand: the open air, plastic that lets the wind through, glass that closes, and a room that people live in. */
export const SITES = ['outdoors', 'tunnel', 'glasshouse', 'indoors'] as const;
export type Site = (typeof SITES)[number];

/** How a screen says it. */
export const SITE_WORDS: Readonly<Record<Site, string>> = { outdoors: 'outdoors', tunnel: 'in a tunnel', glasshouse: 'in a glasshouse', indoors: 'in a room' };
