import type { Host } from './schema';

const ALL = ['tip', 'leaf-top', 'leaf-under', 'stem', 'flower', 'fruit', 'whole'] as const;
const LEAFY = ['leaf-top', 'leaf-under', 'stem', 'whole'] as const;
const HOUSE = ['tip', 'leaf-top', 'leaf-under', 'stem', 'flower', 'whole'] as const;

/** Host plants, each with the crop words that labels use for it. */
export const HOSTS: readonly Host[] = [
  { id: 'broad-bean', name: 'Broad beans', family: 'Fabaceae', group: 'vegetable', edible: true, crops: ['broad-bean', 'beans', 'vegetables'], parts: [...ALL], beePlant: true, uprightTips: true },
  { id: 'runner-bean', name: 'Runner beans', family: 'Fabaceae', group: 'vegetable', edible: true, crops: ['beans', 'vegetables'], parts: [...ALL], beePlant: true, uprightTips: true },
  { id: 'leek', name: 'Leeks', family: 'Amaryllidaceae', group: 'vegetable', edible: true, crops: ['leek', 'vegetables'], parts: [...LEAFY], beePlant: false, uprightTips: true },
  { id: 'cabbage', name: 'Cabbages and kales', family: 'Brassicaceae', group: 'vegetable', edible: true, crops: ['brassicas', 'vegetables'], parts: [...LEAFY], beePlant: false, uprightTips: false },
  { id: 'tomato', name: 'Tomatoes', family: 'Solanaceae', group: 'vegetable', edible: true, crops: ['tomato', 'vegetables'], parts: [...ALL], beePlant: true, uprightTips: true },
  { id: 'courgette', name: 'Courgettes and squashes', family: 'Cucurbitaceae', group: 'vegetable', edible: true, crops: ['cucurbits', 'vegetables'], parts: [...ALL], beePlant: true, uprightTips: false },
  { id: 'lettuce', name: 'Lettuces', family: 'Asteraceae', group: 'vegetable', edible: true, crops: ['lettuce', 'vegetables'], parts: [...LEAFY], beePlant: false, uprightTips: false },
  { id: 'apple', name: 'Apples', family: 'Rosaceae', group: 'fruit', edible: true, crops: ['apple', 'tree-fruit', 'fruit'], parts: [...ALL], beePlant: true, uprightTips: true },
  { id: 'pear', name: 'Pears', family: 'Rosaceae', group: 'fruit', edible: true, crops: ['pear', 'tree-fruit', 'fruit'], parts: [...ALL], beePlant: true, uprightTips: true },
  { id: 'gooseberry', name: 'Gooseberries', family: 'Grossulariaceae', group: 'fruit', edible: true, crops: ['gooseberry', 'bush-fruit', 'fruit'], parts: [...ALL], beePlant: true, uprightTips: false },
  { id: 'raspberry', name: 'Raspberries', family: 'Rosaceae', group: 'fruit', edible: true, crops: ['raspberry', 'bush-fruit', 'fruit'], parts: [...ALL], beePlant: true, uprightTips: true },
  { id: 'sweet-pea', name: 'Sweet peas', family: 'Fabaceae', group: 'ornamental', edible: false, crops: ['sweet-pea', 'ornamentals'], parts: [...HOUSE], beePlant: true, uprightTips: true },
  { id: 'hollyhock', name: 'Hollyhocks', family: 'Malvaceae', group: 'ornamental', edible: false, crops: ['hollyhock', 'ornamentals'], parts: [...HOUSE], beePlant: true, uprightTips: true },
  { id: 'rose', name: 'Roses', family: 'Rosaceae', group: 'ornamental', edible: false, crops: ['rose', 'ornamentals'], parts: [...HOUSE], beePlant: true, uprightTips: true },
  { id: 'box', name: 'Box', family: 'Buxaceae', group: 'shrub', edible: false, crops: ['box', 'shrubs', 'ornamentals'], parts: ['tip', 'leaf-top', 'leaf-under', 'stem', 'whole'], beePlant: true, uprightTips: true },
  { id: 'bay', name: 'Bay', family: 'Lauraceae', group: 'shrub', edible: true, crops: ['bay', 'herbs'], parts: ['tip', 'leaf-top', 'leaf-under', 'stem', 'whole'], beePlant: true, uprightTips: true },
  { id: 'orchid', name: 'Orchids', family: 'Orchidaceae', group: 'house', edible: false, crops: ['orchid', 'house-plants', 'ornamentals'], parts: [...HOUSE], beePlant: false, uprightTips: false },
  { id: 'peperomia', name: 'Peperomias', family: 'Piperaceae', group: 'house', edible: false, crops: ['house-plants', 'ornamentals'], parts: [...HOUSE], beePlant: false, uprightTips: false },
];
