import type { Planting } from '../src/api';

/** A planting of some plant, out of doors and growing. */
export const plantingOf = (id: string, hostId: string, change: Partial<Planting> = {}): Planting => ({
  id,
  revision: 1,
  name: hostId,
  hostId,
  place: '',
  site: 'outdoors',
  stage: 'growing',
  edible: true,
  dense: false,
  tolerance: 'usual',
  areaM2: 4,
  heightM: null,
  trunkCm: null,
  about: [],
  noFlowerOn: null,
  stageOn: null,
  pickFrom: null,
  pickUntil: null,
  ...change,
});
