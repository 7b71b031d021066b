import { HELPERS } from './friends/helpers';
import { LOOK_ALIKES } from './friends/look-alikes';
import type { Friend, Sign, Trouble } from './schema';
import { SIGNS } from './signs';
import { TROUBLES } from './troubles';

export * from './light';
export { cardOf } from './card';
export { CONTROLS } from './controls';
export { findControl } from './controls/find';
export type { Schools } from './schema';
export { doesOn, usesOn, type Use } from './used-on';
export { HELPERS, LOOK_ALIKES, SIGNS, TROUBLES };
export const FRIENDS: readonly Friend[] = [...HELPERS, ...LOOK_ALIKES];
export { LOOK_COSTS } from './parts';
export { checkCatalogue } from './check';
export { LOOKS, PARTS } from './schema';
export type { Drawing, Does, Friend, HostGroup, LifeStage, LookKind, Means, Phase, Sign, Trouble, TroubleKind, Typicality, When } from './schema';

const byId = <T extends { id: string }>(list: readonly T[]) => new Map(list.map((x) => [x.id, x]));
const signs = byId<Sign>(SIGNS);
const troubles = byId<Trouble>(TROUBLES);
const friends = byId<Friend>(FRIENDS);

export const findSign = (id: string) => signs.get(id);
export const findTrouble = (id: string) => troubles.get(id);
export const findFriend = (id: string) => friends.get(id);
