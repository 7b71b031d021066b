import type { Sign } from '../schema';
import { CREATURES } from './creatures';
import { EATEN } from './eaten';
import { LEAVES } from './leaves';
import { WOOD_AND_WHOLE } from './wood-and-whole';

/** What can be seen, in everyday words. Each is asked about as a question that a look can settle. */
export const SIGNS: readonly Sign[] = [...EATEN, ...CREATURES, ...LEAVES, ...WOOD_AND_WHOLE];
