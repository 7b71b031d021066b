import { SOIL_BORNE } from '../means';
import { cp, against, trouble } from '../write';

export const tulipFire = trouble({
  id: 'tulip-fire',
  name: 'Tulip fire and peony blight',
  also: 'bulb botrytis, lily botrytis, peony wilt',
  kind: 'fungus',
  labelAs: 'grey-mould',
  hosts: { tulip: 1.5, peony: 1, lily: 0.8, daffodil: 0.3, 'family:Liliaceae': 0.6 },
  seen: {
    always: 'flower-brown-specks',
    often: 'twisted-growth scorched-patches',
    sometimes: 'grey-fur stunted sudden-wilt',
    rarely: 'black-grains',
    never: 'webbing sticky slime flower-streaks',
  },
  first: 'twisted-growth',
  season: '3-7',
  favours: 'wet cool',
  unit: 'plants',
  facts: [cp('Scorched, twisted shoots come up as if burnt: lift and bin; no tulips there for three years.')],
  life: [
    ['Grains', 'all', 'in bulb and soil', 'clearing'],
    ['First shoots', '3-4', 'crippled leaves', 'clearing'],
    ['Spores', '4-6', 'leaves and petals', 'protectant clearing'],
  ],
  open: cp('First crippled shoots lifted before they spore.'),
  tolerate: cp('None: one feeds the bed.'),
  act: 0.01,
  again: 5,
  by: 'splash soil plants',
  spread: cp('Splash, bulbs.'),
  never: cp('Never clear flames of colour in the petal.'),
  enemies: '',
  apart: { 'mosaic-virus': 'Virus streaks petals cleanly.', 'frost-damage': 'Frost hits all at once.' },
  controls: [...SOIL_BORNE, against('pick-off-leaves', 0.4, 'Spotted leaves and petals, dry day.'), against('let-it-dry', 0.2, 'Drained soil slows it.')],
});
