import { CATERPILLARS } from '../means';
import { cp, use, trouble } from '../write';

export const cutworm = trouble({
  id: 'cutworm',
  name: 'Cutworms', also: 'surface caterpillars, turnip moth', kind: 'insect', labelAs: 'caterpillars soil-grubs', sizeMm: 35,
  hosts: { lettuce: 0.9, cabbage: 0.7, leek: 0.5, tomato: 0.6, pepper: 0.5, sweetcorn: 0.6, beetroot: 0.6, carrot: 0.4, potato: 0.3, 'french-bean': 0.4, sunflower: 0.5, 'group:vegetable': 0.35, petunia: 0.2 },
  seen: { always: 'cut-off', often: 'cut-caterpillar night-feeding', sometimes: 'roots-chewed ragged-holes seedlings-gone', rarely: 'droppings', never: 'slime webbing sticky' },
  first: 'cut-off',
  season: '4-9', favours: 'dry warm', unit: 'plants',
  facts: [cp('A seedling lies cut at the soil in the morning; scratch the soil round it and the grub is there, curled.')],
  life: [['Egg', '5-8', 'on weeds', 'clearing'], ['Grub', 'all', 'top of the soil by day', 'hand'], ['Pupa', '3-5', 'in the soil', 'clearing'], ['Moth', '5-8', 'flying at night', 'cover']],
  open: cp('Young ones feed on leaves in early summer; grown ones only by hand.'),
  tolerate: cp('Sow a few more; grown stems are safe.'), act: 0.08, again: 3,
  by: 'flight', spread: cp('Moths lay on weeds.'),
  never: cp('Never slime.'),
  enemies: 'ground-beetle parasitic-wasp rove-beetle', apart: { leatherjacket: 'Leatherjackets are legless and do not curl.', slugs: 'Slugs leave slime and eat the leaf.' },
  controls: [...CATERPILLARS, use('stem-collar', 0.85, 'A card collar, 3 cm into the soil.'), use('hand-pick', 0.6, 'Scratch round each cut seedling.'), use('bt-spray', 0.3, 'Young ones only, while still on the leaf.'), use('row-cover', 0.5, 'Keeps moths off clean, weeded soil.'), use('diatomaceous-dust', 0.3, 'A dry ring, useless when wet.'), use('nematodes', 0.45, 'On warm moist soil.')],
});
