import type { Friend, Sign, Trouble } from './schema';
import { SIGNS } from './signs';
import { HELPERS, LOOK_ALIKES, TROUBLES } from './suspects';
export { together as typicalTogether } from './typical';

export * from './light';
export { cardOf } from './card';
export { canShow } from './pair';
export { CONTROLS, findControl } from './controls';
export { doesOn, usesOn } from './used-on';
export { HELPERS, LOOK_ALIKES, SIGNS, TROUBLES };
export const FRIENDS: readonly Friend[] = [...HELPERS, ...LOOK_ALIKES];
export { HOST_NAMES } from './made/host-names';
export { LOOK_COSTS } from './parts';
export { dutyIn, meanwhileIn, speciesOn, type Duty } from './duty';
export { REGIONS, regionOf, sayHome, statusIn, type Range, type RegionId } from './range';
export { LOOKS, PARTS, TYPICALITY } from './schema';
export type {
  Does,
  Drawing,
  Friend,
  HostGroup,
  HostNames,
  LifeStage,
  LookKind,
  Means,
  Phase,
  Schools,
  Sign,
  Species,
  Trouble,
  TroubleKind,
  Typicality,
  Use,
  When,
} from './schema';

const byId = <T extends { id: string }>(list: readonly T[]) => new Map(list.map((x) => [x.id, x]));
const signs = byId<Sign>(SIGNS);
const troubles = byId<Trouble>(TROUBLES);
const friends = byId<Friend>(FRIENDS);

export const findSign = (id: string) => signs.get(id);
export const findTrouble = (id: string) => troubles.get(id);
export const findFriend = (id: string) => friends.get(id);
