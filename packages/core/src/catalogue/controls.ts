import { control } from './expand';
import { CONTROL_ENTRIES } from './made/controls';
import type { Control } from './schema';

/** Everything that can be done, from leaving it to licensed work. */
export const CONTROLS: readonly Control[] = CONTROL_ENTRIES.map(control);

const byId = new Map(CONTROLS.map((c) => [c.id, c]));
export const findControl = (id: string): Control | undefined => byId.get(id);
