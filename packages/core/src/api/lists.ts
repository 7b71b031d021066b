/** So many stand on a page of a list; what comes after is asked for by the cursor of the last one. */
export const CASES_A_PAGE = 200;
export const WALKS_A_PAGE = 12;
/** Of what a garden has now: plantings, what stands in the shed, sheets. More is told in parts. */
export const LIST_A_PAGE = 500;

/** What an older page is asked for by: the instant and the id of the last one that is known. */
export const cursorOf = (at: string, id: string): string => `${at}~${id}`;

/** What the next part of a list is asked for by. */
export const byId = (x: { readonly id: string }): string => x.id;
/** The same, of what has versions. */
export const byVersion = (x: { readonly version: number } & ({ readonly id: string } | { readonly sheetId: string })): string =>
  `${'id' in x ? x.id : x.sheetId}/${x.version}`;
