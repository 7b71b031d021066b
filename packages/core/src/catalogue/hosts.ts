import { host } from './expand-host';
import { HOST_ENTRIES } from './made/hosts';
import type { Host } from './schema';

/** Host plants, each with the crop words that labels use for it; the stand-ins come last. */
export const HOSTS: readonly Host[] = HOST_ENTRIES.map(host);

const byId = new Map(HOSTS.map((h) => [h.id, h]));
export const findHost = (id: string): Host | undefined => byId.get(id);
