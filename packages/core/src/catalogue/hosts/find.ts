import type { Host } from '../schema';
import { HOSTS } from '.';

const byId = new Map(HOSTS.map((h) => [h.id, h]));
export const findHost = (id: string): Host | undefined => byId.get(id);
