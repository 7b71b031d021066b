import { SOFT_SUCKERS } from '../means';
import { cp, against, trouble, except } from '../write';

export const currantBlisterAphid = trouble({
  id: 'currant-blister-aphid',
  name: 'Currant blister aphid',
  also: 'red blisters on currants',
  kind: 'insect',
  labelAs: 'aphids',
  sizeMm: 2,
  hosts: { redcurrant: 1.8, blackcurrant: 1, gooseberry: 0.5 },
  seen: { always: 'red-blisters-currant', often: 'sticky', sometimes: 'green-crowd cast-skins ants', rarely: 'curled-tips soot', never: 'pustules edge-eaten' },
  first: 'red-blisters-currant',
  season: '5-7',
  favours: 'cool',
  unit: 'leaves',
  facts: [cp('The blisters look worse than they are: berries ripen as usual.')],
  life: [
    ['Egg', '10-3', 'on bark', 'oil'],
    ['Under blisters', '4-7', 'in the hollows underneath', 'water soap contact enemies hand systemic'],
    ['Away', '7-10', 'on hedge woundwort', 'none'],
  ],
  open: cp('As eggs in winter; once the blisters are up, leave it to helpers.'),
  tolerate: cp('Crops are hardly touched: most growers leave it.'),
  act: 0.5,
  again: 14,
  by: 'flight',
  spread: cp('They leave for wild plants by midsummer.'),
  never: cp('Never holes the leaf.'),
  enemies: 'ladybird-larva hoverfly-larva parasitic-wasp',
  apart: { 'gooseberry-sawfly': 'Sawfly grubs eat the leaf away.', rust: 'Rust marks a finger orange.' },
  hidesInCurl: true,
  controls: [
    ...except(SOFT_SUCKERS, 'systemic-drench', 'organophosphate-spray'),
    against('leave-it', 0.5, 'They are gone by midsummer and the berries ripen.'),
    against('pick-off-leaves', 0.5, 'The worst leaves carry most of them.'),
    against('winter-oil', 0.7, 'Smothers the eggs on bare wood.'),
  ],
});
