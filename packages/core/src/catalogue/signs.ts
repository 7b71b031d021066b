import { sign } from './expand';
import { SIGN_ENTRIES } from './made/signs';
import type { Sign } from './schema';

/** What can be seen, in everyday words. Each is asked about as a question that a look can settle. */
export const SIGNS: readonly Sign[] = SIGN_ENTRIES.map(sign);
