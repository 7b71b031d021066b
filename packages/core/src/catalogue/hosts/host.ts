import { PARTS, type Host, type HostGroup, type PartId } from '../schema';

const without = (...parts: PartId[]) => PARTS.filter((p) => !parts.includes(p));

/** Which parts a grower can look at. */
const SHAPES = {
  /** Grown for leaf or root: no bud, flower or fruit of interest. */
  leafy: without('bud', 'flower', 'fruit', 'trunk'),
  /** Flowers and sets fruit, no wood. */
  fruiting: without('trunk'),
  flowering: without('fruit', 'trunk'),
  woody: PARTS.filter(() => true),
  /** Woody, grown for leaf or flower. */
  evergreen: without('fruit'),
  /** Leaves and stem only. */
  foliage: without('bud', 'flower', 'fruit', 'trunk'),
} as const;

interface Traits {
  readonly shape: keyof typeof SHAPES;
  /** Label words before the group's own. */
  readonly crops?: string;
  readonly bees?: boolean;
  readonly upright?: boolean;
  /** Flowers on while it fruits. */
  readonly flowersOn?: boolean;
  readonly edible?: boolean;
}

const GROUP_CROPS: Readonly<Record<HostGroup, readonly string[]>> = {
  vegetable: ['vegetables'],
  fruit: ['fruit'],
  ornamental: ['ornamentals'],
  shrub: ['shrubs', 'ornamentals'],
  house: ['house-plants', 'ornamentals'],
};

/** One host plant, written short. Vegetables and fruit are eaten unless said otherwise. */
export function host(group: HostGroup, id: string, name: string, family: string, traits: Traits): Host {
  const own = traits.crops?.split(' ') ?? [id];
  const herb = own.includes('herbs');
  return {
    id,
    name,
    family,
    group,
    edible: traits.edible ?? (group === 'vegetable' || group === 'fruit'),
    crops: [...new Set([...own, ...(herb ? [] : GROUP_CROPS[group])])],
    parts: [...SHAPES[traits.shape]],
    beePlant: traits.bees ?? false,
    // garden flowers are grown for going on flowering
    flowersOn: traits.flowersOn ?? (group === 'ornamental' && traits.bees === true),
    uprightTips: traits.upright ?? false,
  };
}
