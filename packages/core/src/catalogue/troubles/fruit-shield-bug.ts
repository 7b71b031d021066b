import { BEETLES } from '../means';
import { cp, mem, use, trouble } from '../write';

export const fruitShieldBug = trouble({
  id: 'fruit-shield-bug',
  name: 'Shield bugs on fruit', also: 'stink bugs, marmorated bug', kind: 'insect', labelAs: 'plant-bugs', sizeMm: 16,
  hosts: { apple: 0.4, pear: 0.5, peach: 0.5, tomato: 0.5, pepper: 0.4, 'french-bean': 0.3, raspberry: 0.3, sweetcorn: 0.2, okra: 0.5, 'family:Brassicaceae': 0.15 },
  seen: { always: 'shield-bugs', often: 'fruit-dimples', sometimes: 'fruit-misshapen egg-rafts', rarely: 'buds-drop', never: 'webbing droppings slime fruit-tunnel' },
  first: 'shield-bugs',
  season: '6-10', favours: 'warm', unit: 'fruits',
  facts: [cp('Where they suck, fruit dimples and the flesh below turns corky.'), mem('Some shield bugs eat caterpillars: few of them on a plant are no reason to act.')],
  life: [['Winter adult', '10-4', 'in houses and bark', 'hand'], ['Egg', '6-8', 'undersides, in rafts', 'hand'], ['Nymph', '6-9', 'leaves and fruit', 'contact hand'], ['Adult', '5-10', 'fruit', 'hand']],
  open: cp('Nymphs; grown ones fly in and shrug sprays off.'),
  tolerate: cp('Dimpled fruit is cut round and eaten.'), act: 0.15, again: 7,
  by: 'flight plants', spread: cp('Fly far; travel with goods.'),
  never: cp('Never bores a tunnel.'),
  enemies: 'parasitic-wasp spider-friend mantis', apart: { 'bitter-pit': 'Bitter pit shows after storing and no bug is there.', capsid: 'Capsid marks start on fruitlets and shoot tips.' },
  controls: [...BEETLES, use('bag-fruit', 0.8, 'They can not sting through a bag.'), use('soap-spray', 0.3, 'Only the nymphs.')],
});
