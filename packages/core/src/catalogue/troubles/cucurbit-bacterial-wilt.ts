import { NO_CURE } from '../means';
import { cp, against, trouble } from '../write';

export const cucurbitBacterialWilt = trouble({
  id: 'cucurbit-bacterial-wilt',
  name: 'Bacterial wilt of cucumbers',
  also: 'cucurbit wilt',
  kind: 'bacterium',
  labelAs: 'bacterial-diseases',
  hosts: { cucumber: 1, melon: 1, courgette: 0.4, pumpkin: 0.5 },
  seen: {
    always: 'threads-from-cut',
    often: 'sudden-wilt one-runner-wilts',
    sometimes: 'striped-beetles midday-droop',
    rarely: 'stunted',
    never: 'sawdust stem-hole webbing powder',
  },
  first: 'one-runner-wilts',
  season: '6-9',
  favours: 'warm',
  unit: 'plants',
  facts: [cp('Cut a wilted runner, press the ends together and draw apart: sticky threads mean wilt. Beetles carry it.')],
  life: [
    ['In beetles', '10-5', "in the beetles' gut", 'none'],
    ['In the plant', '6-9', 'water vessels', 'clearing'],
  ],
  open: cp('Never cured: keep beetles off young plants.'),
  tolerate: cp('None: lift it at once.'),
  act: 0.005,
  again: 4,
  by: 'insect',
  spread: cp('Cucumber beetles.'),
  carries: '',
  never: cp('Never sawdust.'),
  enemies: '',
  apart: { 'squash-vine-borer': 'Sawdust and a grub in the stem.', 'fusarium-wilt': 'Brown inside, no threads.' },
  follows: 'cucumber-beetle',
  controls: [...NO_CURE, against('row-cover', 0.85, 'From planting until the first flowers.')],
});
