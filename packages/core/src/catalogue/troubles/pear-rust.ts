import { MEM } from '../../measure';
import { LEAF_FUNGI } from '../means';
import { cp, against, trouble } from '../write';

export const pearRust = trouble({
  id: 'pear-rust',
  name: 'Pear and apple rusts with a second host',
  also: 'pear rust, cedar apple rust, quince rust',
  kind: 'fungus',
  labelAs: 'rusts',
  hosts: { pear: 1, apple: 0.6, quince: 0.7, hawthorn: 0.6, conifer: 0.6 },
  seen: { always: 'orange-plates', often: 'leaves-drop', sometimes: 'leaf-swelling', rarely: 'fruit-misshapen', never: 'sticky webbing powder pustules' },
  first: 'orange-plates',
  season: '5-10',
  favours: 'wet',
  unit: 'leaves',
  facts: [cp('It lives by turns on the fruit tree and on juniper; warts with orange horns hang under the leaf.')],
  life: [
    ['On juniper', '9-4', 'swollen branches', 'clearing'],
    ['Spores fly', '4-6', 'in wet spring', 'protectant kickback'],
    ['On leaves', '5-10', 'orange spots', 'clearing'],
  ],
  open: cp('Wet spring weeks at leaf opening; later nothing helps this year.'),
  tolerate: cp('A dozen spots a leaf hardly cost a grown tree anything.'),
  act: 0.4,
  again: 14,
  by: 'wind',
  spread: cp('Spores fly some hundred metres from juniper.'),
  never: cp('Never orange dust that rubs off on the leaf top.'),
  enemies: '',
  apart: { 'gall-mite': 'Mite blisters are small and never bright orange.', rust: 'Common rusts dust off orange.' },
  controls: [
    ...LEAF_FUNGI,
    against('clear-fallen', 0.02, 'Fallen leaves do not carry it: it winters on juniper.'),
    against('prune-out', 0.3, 'Swollen juniper branches, if the juniper is yours.'),
    against('captan-spray', 0.3, 'Where the label carries it.', MEM),
  ],
});
