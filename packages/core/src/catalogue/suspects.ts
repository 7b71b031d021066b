import { friend, trouble } from './expand';
import { HELPER_ENTRIES } from './made/helpers';
import { LOOK_ALIKE_ENTRIES } from './made/look-alikes';
import { MEANS_ENTRIES } from './made/means';
import { TROUBLE_ENTRIES } from './made/troubles';
import type { Friend, Trouble } from './schema';
import { SIGNS } from './signs';

/** Signs that stand for others seen more closely. */
const covering = SIGNS.filter((s) => s.covers.length > 0);
const means = new Map(MEANS_ENTRIES.map((m) => [m.id, m]));

/** Pests, diseases and what is not alive. */
export const TROUBLES: readonly Trouble[] = TROUBLE_ENTRIES.map((e) => trouble(e, means, covering));
/** Who eats pests or visits flowers. */
export const HELPERS: readonly Friend[] = HELPER_ENTRIES.map((e) => friend('helper', e, covering));
/** Harmless things that look like trouble. */
export const LOOK_ALIKES: readonly Friend[] = LOOK_ALIKE_ENTRIES.map((e) => friend('look-alike', e, covering));
