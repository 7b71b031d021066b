import { LEAF_FUNGI } from '../means';
import { cp, against, trouble } from '../write';

export const haloBlight = trouble({
  id: 'halo-blight',
  name: 'Halo blight of beans',
  also: 'bean blight',
  kind: 'bacterium',
  labelAs: 'bacterial-diseases',
  hosts: { 'french-bean': 1.1, 'runner-bean': 0.8, pea: 0.3, 'family:Fabaceae': 0.3 },
  seen: {
    always: 'halo-spots',
    often: 'all-pale',
    sometimes: 'fruit-sunken-spots stunted angular-wet',
    rarely: 'sudden-wilt',
    never: 'pustules grey-fur webbing sticky',
  },
  first: 'halo-spots',
  season: '6-9',
  favours: 'cool wet',
  unit: 'plants',
  facts: [cp('Pinprick spots in wide pale halos: from seed. Do not save it, do not touch beans when wet.')],
  life: [
    ['Seed', 'all', 'in the seed', 'clearing'],
    ['Leaf', '6-9', 'splash', 'protectant clearing'],
  ],
  open: cp('Clean seed.'),
  tolerate: cp('Beans of a light attack are eaten, none saved.'),
  act: 0.05,
  again: 6,
  by: 'seed splash tool',
  spread: cp('Seed and splash.'),
  never: cp('Never orange dust.'),
  enemies: '',
  apart: { anthracnose: 'Anthracnose sinks the pod with salmon dots.', rust: 'Rust rubs off orange.' },
  controls: [
    ...LEAF_FUNGI,
    against('clear-fallen', 0.1, 'It comes with the seed: never save seed from a struck row.'),
    against('dig-out', 0.5, 'First sick plants, on a dry day.'),
    against('rotate-crops', 0.3, 'It rests in litter.'),
  ],
});
