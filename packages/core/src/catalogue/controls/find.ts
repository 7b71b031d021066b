import type { Control } from '../schema';
import { CONTROLS } from '.';

const byId = new Map(CONTROLS.map((c) => [c.id, c]));
export const findControl = (id: string): Control | undefined => byId.get(id);
