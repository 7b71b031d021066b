import type { PageOf } from '@sleetbrook/core/house';

/** Later than any instant: nothing is newer than the first page. */
const NEWEST = ['9999', ''] as const;

/** What a page's rows must be older than, as the two values of a row comparison. */
export const beforeOf = (after: PageOf['after']): readonly [string, string] => (after ? [after.at, after.id] : NEWEST);
