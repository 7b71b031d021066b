import { CONTROLS } from './controls';
import { HELPERS } from './friends/helpers';
import { LOOK_ALIKES } from './friends/look-alikes';
import { HOSTS } from './hosts';
import type { Control, Friend, Host, Sign, Trouble } from './schema';
import { SIGNS } from './signs';
import { TROUBLES } from './troubles';

export { CONTROLS, HOSTS, SIGNS, TROUBLES };
export const FRIENDS: readonly Friend[] = [...HELPERS, ...LOOK_ALIKES];
export { PART_NAMES } from './parts';
export { checkCatalogue } from './check';
export { PARTS } from './schema';
export type { Control, Friend, Host, HourNeeds, PartId, Sign, Trouble, Typicality } from './schema';
export { RUNG_NAMES } from './rungs';

const byId = <T extends { id: string }>(list: readonly T[]) => new Map(list.map((x) => [x.id, x]));
const hosts = byId<Host>(HOSTS);
const signs = byId<Sign>(SIGNS);
const troubles = byId<Trouble>(TROUBLES);
const friends = byId<Friend>(FRIENDS);
const controls = byId<Control>(CONTROLS);

export const findHost = (id: string) => hosts.get(id);
export const findSign = (id: string) => signs.get(id);
export const findTrouble = (id: string) => troubles.get(id);
export const findFriend = (id: string) => friends.get(id);
export const findControl = (id: string) => controls.get(id);
