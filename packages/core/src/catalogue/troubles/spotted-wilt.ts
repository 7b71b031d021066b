import { NO_CURE } from '../means';
import { cp, against, trouble } from '../write';

export const spottedWilt = trouble({
  id: 'spotted-wilt',
  name: 'Spotted wilt virus',
  also: 'tomato spotted wilt, tswv',
  kind: 'virus',
  labelAs: 'viruses',
  hosts: { tomato: 0.6, pepper: 0.6, lettuce: 0.3, chrysanthemum: 0.6, impatiens: 0.7, dahlia: 0.5, begonia: 0.3, 'african-violet': 0.2, primula: 0.3 },
  seen: {
    always: 'ring-spots',
    often: 'bronzed stunted',
    sometimes: 'stem-lesions twisted-growth fruit-misshapen',
    rarely: 'sudden-wilt',
    never: 'webbing powder pustules slime',
  },
  first: 'bronzed ring-spots',
  season: '5-10',
  favours: 'warm dry',
  unit: 'plants',
  facts: [cp('Thrips carry it: count them on blue cards. Rings on leaf and fruit.')],
  life: [
    ['In the plant', 'all', 'all parts', 'clearing'],
    ['On the move', '5-10', 'in thrips', 'cover hand enemies'],
  ],
  open: cp('Never cured: lift and bag.'),
  tolerate: cp('None under glass.'),
  act: 0.005,
  again: 7,
  by: 'insect plants',
  spread: cp('Thrips and cuttings.'),
  never: cp('Never from the soil.'),
  enemies: '',
  apart: { 'mosaic-virus': 'Mosaic mottles without rings.', 'late-blight': 'Blight is greasy with down.' },
  report: { in: 'GB IE' },
  controls: [...NO_CURE, against('sticky-card', 0.2, 'Counts thrips.'), against('predatory-mites', 0.3, 'Hold the thrips down.')],
});
