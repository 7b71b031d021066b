import { WOOD_DISEASE } from '../means';
import { cp, against, trouble } from '../write';

export const clematisWilt = trouble({
  id: 'clematis-wilt',
  name: 'Clematis wilt',
  also: 'wilt of clematis',
  kind: 'fungus',
  labelAs: 'soil-diseases',
  hosts: { clematis: 1.6 },
  seen: {
    always: 'black-leg-shoot',
    often: 'sudden-wilt one-runner-wilts',
    sometimes: 'stem-lesions',
    rarely: 'brown-leaf-spots',
    never: 'webbing sticky sawdust slime',
  },
  first: 'black-leg-shoot',
  season: '5-9',
  favours: 'wet',
  unit: 'shoots',
  facts: [cp('One shoot blackens from the tip within days; deep planted ones come again from below.')],
  life: [
    ['In the stem', '5-9', 'at leaf joints', 'clearing'],
    ['Litter', '10-4', 'dead stems', 'clearing'],
  ],
  open: cp('Cut to clean wood, even below the soil.'),
  tolerate: cp('It comes again from the base.'),
  act: 0.05,
  again: 14,
  by: 'splash',
  spread: cp('Splash.'),
  never: cp('Never insects at the base.'),
  enemies: '',
  apart: { 'drought-stress': 'Drought takes the whole plant.', slugs: 'Slugs strip the stem skin.' },
  inside: true,
  controls: [...WOOD_DISEASE, against('even-watering', 0.2, 'Cool moist roots.')],
});
