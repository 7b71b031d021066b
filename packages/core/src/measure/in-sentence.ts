/** Names that begin with one of these keep their capital wherever they stand. */
const PROPER = /^(African |Asian |B\. |Bordeaux |Brussels |Bt |Christmas |Colorado |French |Jerusalem |South American )/;

/**
 * A name of the catalogue as it stands within a sentence: its first letter small, but for a proper name.
 * @example inSentence('Black bean aphid') // 'black bean aphid'
 * @example inSentence('Colorado potato beetle') // 'Colorado potato beetle'
 */
export const inSentence = (name: string): string => (PROPER.test(name) ? name : name.charAt(0).toLowerCase() + name.slice(1));
