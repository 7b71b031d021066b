import { MEM } from '../../measure';
import { SOFT_SUCKERS } from '../means';
import { cp, use, trouble } from '../write';

export const capsid = trouble({
  id: 'capsid',
  name: 'Capsids and plant bugs', also: 'tarnished plant bug, mirid bug, apple capsid', kind: 'insect', labelAs: 'plant-bugs', sizeMm: 6,
  hosts: { apple: 0.8, dahlia: 1.2, hydrangea: 0.9, 'runner-bean': 0.6, potato: 0.5, blackcurrant: 0.8, chrysanthemum: 0.9, rose: 0.5, strawberry: 0.8, 'family:Asteraceae': 0.5, raspberry: 0.4, lettuce: 0.3 },
  seen: { always: 'tattered-holes', often: 'twisted-growth', sometimes: 'fruit-misshapen buds-drop fruit-dimples petals-ragged', rarely: 'shield-bugs', never: 'slime sticky droppings webbing' },
  first: 'tattered-holes',
  season: '5-8', favours: 'warm', unit: 'tips',
  facts: [cp('They are gone when you come: the tattered, brown-rimmed holes at the shoot tip are what stays.')],
  life: [['Egg', '10-4', 'in bark or stems', 'none'], ['Nymph', '5-7', 'soft tips', 'contact hand'], ['Adult', '6-9', 'tips, buds, weeds', 'none']],
  open: cp('Nymphs at the tips in late spring; adults drop and fly.'),
  tolerate: cp('On shrubs and trees leave it: growth goes on.'), act: 0.3, again: 7,
  by: 'flight', spread: cp('Move in from weeds and hedges.'),
  never: cp('Never slime, never droppings.'),
  enemies: 'spider-friend pirate-bug', apart: { slugs: 'Slugs leave slime.', tortrix: 'Tortrix spins the tip together and leaves droppings.' },
  controls: [...SOFT_SUCKERS, use('hose-jet', 0.1, 'They drop and climb back.'), use('release-ladybirds', 0.05, 'Too quick for ladybirds.', MEM), use('draw-off-ants', 0.02, 'Ants have no part in it.', MEM), use('soap-spray', 0.35, 'Only nymphs that are hit.'), use('row-cover', 0.7, 'Mesh over low plants from planting.')],
});
