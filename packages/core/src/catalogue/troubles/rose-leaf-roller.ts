import { cp, use, trouble } from '../write';

export const roseLeafRoller = trouble({
  id: 'rose-leaf-roller',
  name: 'Rose leaf-rolling sawfly', also: 'leaf rolling sawfly', kind: 'insect', labelAs: 'sawflies', sizeMm: 8,
  hosts: { rose: 1.2 },
  seen: { always: 'leaves-rolled-tight', often: 'leaves-drop', sometimes: 'caterpillar', rarely: 'windows', never: 'tents droppings slime sticky' },
  first: 'leaves-rolled-tight',
  season: '4-7', favours: 'warm', unit: 'leaves',
  facts: [cp('The wasp\'s sting alone rolls the leaf, egg or none; no spray unrolls it.')],
  life: [['Wasp', '4-6', 'on young leaves', 'none'], ['Grub', '5-7', 'in the roll', 'hand'], ['Cocoon', '7-4', 'in the soil', 'helpers']],
  open: cp('In the roll only fingers reach it.'),
  tolerate: cp('Looks odd, costs little: leave it on a strong rose.'), act: 0.4, again: 10,
  by: 'flight', spread: cp('Small dark wasps on warm spring days.'),
  never: cp('Never spun with silk.'),
  enemies: 'spider-friend', apart: { tortrix: 'Tortrix spins with silk.', greenfly: 'Aphids pucker the leaf and are there to see.' },
  hidesInCurl: true,
  controls: [use('leave-it', 0.2, 'It costs little.'), use('pick-off-leaves', 0.5, 'Rolled leaves hold the grubs; not more than a third.'), use('resistant-kinds', 0.3, 'Some roses are left alone.'), use('licensed-person', 0.3, 'Hardly ever worth it.')],
});
