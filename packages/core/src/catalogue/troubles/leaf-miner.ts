import { cp, use, trouble } from '../write';

export const leafMiner = trouble({
  id: 'leaf-miner',
  name: 'Leaf miners', also: 'beet leaf miner, chrysanthemum leaf miner, spinach miner, citrus leafminer', kind: 'insect', labelAs: 'leafminers', sizeMm: 6,
  hosts: { beetroot: 1.2, spinach: 1.2, chard: 1.3, chrysanthemum: 0.9, tomato: 0.5, cucumber: 0.3, celery: 0.7, holly: 1.2, citrus: 1, pea: 0.4, lettuce: 0.3, hollyhock: 0.2, birch: 0.3, parsnip: 0.6, 'sweet-pea': 0.2 },
  seen: { always: 'mine-trails', often: 'mine-blotches', sometimes: 'eggs-along-veins scorched-patches', rarely: 'leaves-drop', never: 'slime sticky webbing droppings' },
  first: 'mine-trails',
  season: '5-10', favours: 'warm', unit: 'leaves',
  facts: [cp('The grub sits between the two skins of the leaf: crush it there with a thumb.')],
  life: [['Egg', '5-9', 'underneath, in small rows', 'hand'], ['Grub', '5-10', 'inside the leaf', 'hand systemic'], ['Pupa', 'all', 'in soil or leaf', 'none']],
  open: cp('Eggs and small mines: by thumb. Sprays do not reach inside.'),
  tolerate: cp('On roots and shrubs the leaf is not eaten: leave it. On spinach pick the leaf.'), act: 0.3, again: 7,
  by: 'flight', spread: cp('Small flies and moths.'),
  never: cp('Never holes.'),
  enemies: 'parasitic-wasp', apart: { 'allium-leaf-miner': 'On leeks a line of dots comes first.' },
  controls: [use('leave-it', 0.15, 'Wasps find most of them by late summer.'), use('pick-off-leaves', 0.6, 'Mined leaves hold the grubs.'), use('hand-pick', 0.5, 'Crush the grub in its mine.'), use('row-cover', 0.9, 'From sowing, over clean soil.'), use('parasitic-wasps', 0.5, 'Under glass they find the mines.'), use('neem-spray', 0.4, 'Young mines only.'), use('licensed-person', 0.6, 'For what is beyond home means.')],
});
