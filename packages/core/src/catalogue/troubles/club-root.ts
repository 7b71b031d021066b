import { SOIL_BORNE } from '../means';
import { cp, against, trouble } from '../write';

export const clubRoot = trouble({
  id: 'club-root',
  name: 'Club root',
  also: 'finger and toe',
  kind: 'fungus',
  labelAs: 'soil-diseases',
  hosts: { cabbage: 1.3, broccoli: 1.3, 'brussels-sprout': 1.2, radish: 0.7, 'salad-rocket': 0.5, 'family:Brassicaceae': 0.9 },
  seen: {
    always: 'roots-clubbed',
    often: 'midday-droop stunted',
    sometimes: 'patch-in-row purple-tint wilt-wet-soil',
    rarely: 'smell-rot',
    never: 'bulb-maggots root-wool webbing sticky',
  },
  first: 'midday-droop stunted',
  season: '5-10',
  favours: 'wet warm',
  unit: 'plants',
  facts: [cp('Spores rest up to twenty years; sour wet soil feeds it: lime and drain.')],
  life: [
    ['Spores', 'all', 'in soil for decades', 'none'],
    ['In the root', '4-10', 'root hairs, swellings', 'clearing'],
  ],
  open: cp('Before planting: lime, drainage, plants raised in clean pots.'),
  tolerate: cp('Plants started big in clean pots still crop.'),
  act: 0.01,
  again: 14,
  by: 'soil tool plants',
  spread: cp('On boots, tools and bought plants.'),
  never: cp('Never maggots in a firm swelling.'),
  enemies: '',
  apart: { 'cabbage-root-fly': 'Maggots and eaten roots, no swelling.', 'root-knot-nematode': 'Small knots like beads.' },
  inside: true,
  controls: [
    ...SOIL_BORNE,
    against('lime-soil', 0.55, 'It likes sour soil: raise the pH above 7.'),
    against('rotate-crops', 0.2, 'It rests too long for rotation alone.'),
  ],
});
