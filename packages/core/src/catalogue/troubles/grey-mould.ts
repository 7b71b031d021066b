import { LEAF_FUNGI } from '../means';
import { cp, use, trouble } from '../write';

export const greyMould = trouble({
  id: 'grey-mould',
  name: 'Grey mould', also: 'botrytis, noble rot', kind: 'fungus', labelAs: 'grey-mould',
  hosts: { strawberry: 1.4, raspberry: 1, grape: 0.9, tomato: 0.7, lettuce: 0.7, pelargonium: 0.9, peony: 0.9, begonia: 0.8, dahlia: 0.4, cucumber: 0.5, rose: 0.4, chrysanthemum: 0.5, petunia: 0.5, primula: 0.6, 'french-bean': 0.4, blueberry: 0.5, 'group:house': 0.3, 'group:ornamental': 0.3 },
  seen: { always: 'grey-fur', often: 'fruit-leathery-brown', sometimes: 'flower-brown-specks blossom-brown stem-lesions', rarely: 'smell-rot', never: 'webbing pustules fruit-rings-rot sticky' },
  first: 'grey-fur flower-brown-specks',
  season: 'all', favours: 'wet cool', unit: 'fruits or flowers',
  facts: [cp('It begins on dying petals and wounds; still damp air feeds it.')],
  life: [['All year', 'all', 'on dead plant parts', 'clearing'], ['Flower', '4-9', 'petals', 'fungicide clearing'], ['Fruit', '5-10', 'ripening fruit', 'clearing']],
  open: cp('Flowers and wounds; spent ones are picked off dry.'),
  tolerate: cp('A furry berry is picked out; the rest is eaten.'), act: 0.05, again: 4,
  by: 'wind', spread: cp('Puffs of grey dust when touched.'),
  never: cp('Never cream rings.'),
  enemies: '', apart: { 'brown-rot': 'Brown rot stands in cream rings on tree fruit.', 'downy-mildew': 'Downy mildew is under yellow patches.' },
  controls: [...LEAF_FUNGI, use('water-and-air', 0.5, 'Air and dry leaves are the main means.'), use('captan-spray', 0.6, 'From first flower, when no bees fly, where the label allows it.'), use('clear-fallen', 0.4, 'Spent flowers and litter.')],
});
