import { PARTS, type Host, type HostGroup } from '../schema';

const kin = (family: string, group: HostGroup, name: string, crops: string[], edible: boolean): Host => ({
  id: `kin-${family.toLowerCase()}`,
  name,
  family,
  group,
  edible,
  crops,
  parts: [...PARTS],
  beePlant: true,
  flowersOn: true,
  uprightTips: true,
  stands: 'family',
});

/** For a plant that has no entry of its own: its family, its group, or nothing known at all. */
export const STAND_INS: readonly Host[] = [
  kin('Fabaceae', 'vegetable', 'Another plant of the pea family', ['vegetables'], true),
  kin('Brassicaceae', 'vegetable', 'Another plant of the cabbage family', ['brassicas', 'vegetables'], true),
  kin('Solanaceae', 'vegetable', 'Another plant of the nightshade family', ['vegetables'], true),
  kin('Cucurbitaceae', 'vegetable', 'Another plant of the gourd family', ['cucurbits', 'vegetables'], true),
  kin('Apiaceae', 'vegetable', 'Another plant of the carrot family', ['vegetables'], true),
  kin('Amaryllidaceae', 'vegetable', 'Another plant of the onion family', ['alliums', 'vegetables'], true),
  kin('Asteraceae', 'ornamental', 'Another plant of the daisy family', ['ornamentals'], false),
  kin('Rosaceae', 'fruit', 'Another plant of the rose family', ['fruit'], true),
  kin('Lamiaceae', 'vegetable', 'Another herb of the mint family', ['herbs', 'vegetables'], true),
  kin('Ericaceae', 'shrub', 'Another plant of the heath family', ['shrubs', 'ornamentals'], false),
  kin('Liliaceae', 'ornamental', 'Another bulb of the lily family', ['ornamentals'], false),
  kin('Araceae', 'house', 'Another plant of the arum family', ['house-plants', 'ornamentals'], false),
  { ...kin('Any', 'house', 'Another house plant', ['house-plants', 'ornamentals'], false), id: 'other-house', family: 'Other', beePlant: false },
  { ...kin('Any', 'shrub', 'Another tree or shrub', ['shrubs', 'ornamentals'], false), id: 'other-shrub', family: 'Other' },
  // what is not known is taken as food: the stricter reading
  { ...kin('Any', 'vegetable', 'I do not know what it is', ['vegetables'], true), id: 'unknown-plant', family: 'Other', stands: 'any' },
];
