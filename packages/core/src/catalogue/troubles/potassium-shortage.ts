import { GROWING } from '../means';
import { cp, against, trouble } from '../write';

export const potassiumShortage = trouble({
  id: 'potassium-shortage',
  name: 'Potassium shortage',
  also: 'potash deficiency, edge scorch',
  kind: 'disorder',
  labelAs: 'disorders',
  hosts: { tomato: 0.6, potato: 0.5, 'french-bean': 0.4, gooseberry: 0.6, redcurrant: 0.5, apple: 0.4, cabbage: 0.3, palm: 0.5, courgette: 0.2 },
  seen: {
    always: 'leaf-edge-scorch',
    often: 'old-leaves-yellow',
    sometimes: 'green-shoulder purple-tint bronzed',
    rarely: 'stunted',
    never: 'mosaic webbing slime sticky',
  },
  first: 'leaf-edge-scorch',
  season: '6-10',
  favours: 'wet',
  unit: 'plants',
  facts: [cp('Edges of older leaves brown and crisp while the soil is moist; little fruit.')],
  life: [['Growth', '6-10', 'older leaves', 'none']],
  open: cp('While growing.'),
  tolerate: cp('Late in the season leave it.'),
  act: 0.3,
  again: 14,
  by: 'none',
  spread: cp('Does not spread.'),
  never: cp('Never a V with black veins.'),
  enemies: '',
  apart: { 'drought-stress': 'Dry soil.', 'salt-burn': 'A white crust on the soil.' },
  controls: [...GROWING, against('feed-it', 0.65, 'A tomato feed.')],
});
