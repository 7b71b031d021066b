import { SOIL_BORNE } from '../means';
import { cp, against, trouble } from '../write';

export const stemNematode = trouble({
  id: 'stem-nematode',
  name: 'Stem and bulb eelworm',
  also: 'stem nematode, leaf eelworm',
  kind: 'worm',
  labelAs: 'soil-diseases',
  hosts: { onion: 0.7, daffodil: 0.7, garlic: 0.6, tulip: 0.3, strawberry: 0.3, fern: 0.4, begonia: 0.4, chrysanthemum: 0.6, hosta: 0.4 },
  seen: {
    always: 'twisted-growth',
    often: 'stunted angular-wet',
    sometimes: 'patch-in-row smell-rot leaf-swelling brown-leaf-spots',
    rarely: 'all-pale',
    never: 'bulb-maggots bulb-soft-grub webbing sticky',
  },
  first: 'twisted-growth',
  season: '3-10',
  favours: 'wet',
  unit: 'plants',
  facts: [cp('A cut bulb with brown rings, or dark leaf patches that stop at the veins, point to it; a laboratory says for sure.')],
  life: [['All ages', 'all', 'in the plant and on wet leaves', 'clearing']],
  open: cp('Never at home: clean stock and a long rotation.'),
  tolerate: cp('None: lift and bin with the soil round it.'),
  act: 0.01,
  again: 14,
  by: 'splash plants soil tool',
  spread: cp('In wet films, on tools and in bulbs.'),
  never: cp('Never visible to the eye.'),
  enemies: '',
  apart: { 'bulb-fly': 'One fat grub in a soft bulb.', 'weedkiller-drift': 'Drift hits everything downwind at once.' },
  controls: [...SOIL_BORNE, against('let-it-dry', 0.3, 'They swim in wet films.')],
});
