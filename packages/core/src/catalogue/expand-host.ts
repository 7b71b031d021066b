import type { HostEntry } from './entry/host';
import type { Host, HostGroup } from './schema';
import { SHAPES } from './shapes';

const GROUP_CROPS: Readonly<Record<HostGroup, readonly string[]>> = {
  vegetable: ['vegetables'],
  fruit: ['fruit'],
  ornamental: ['ornamentals'],
  shrub: ['shrubs', 'ornamentals'],
  house: ['house-plants', 'ornamentals'],
};

/** A plant as its file writes it, in full; apart from the rest, since the first screens need plants and nothing else of it. */
export function host(e: HostEntry): Host {
  const own = e.crops ?? [e.id];
  return {
    id: e.id,
    name: e.name,
    family: e.family,
    group: e.group,
    form: e.form,
    edible: e.edible ?? (e.group === 'vegetable' || e.group === 'fruit'),
    // a label for herbs is not one for vegetables
    crops: [...new Set([...own, ...(own.includes('herbs') ? [] : GROUP_CROPS[e.group])])],
    parts: SHAPES[e.shape],
    beePlant: e.bees ?? false,
    // garden flowers are grown for going on flowering
    flowersOn: e.flowersOn ?? (e.group === 'ornamental' && e.bees === true),
    uprightTips: e.upright ?? false,
    ...(e.stands ? { stands: e.stands } : {}),
  };
}
