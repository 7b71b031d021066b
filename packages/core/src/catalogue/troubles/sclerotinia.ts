import { SOIL_BORNE } from '../means';
import { cp, use, trouble } from '../write';

export const sclerotinia = trouble({
  id: 'sclerotinia',
  name: 'Sclerotinia white mould', also: 'white mould, stem rot, lettuce drop', kind: 'fungus', labelAs: 'soil-diseases',
  hosts: { lettuce: 0.8, 'french-bean': 0.7, carrot: 0.6, celery: 0.6, sunflower: 0.7, tomato: 0.3, cucumber: 0.3, cabbage: 0.3, chrysanthemum: 0.2, artichoke: 0.4, potato: 0.2, pea: 0.3, dahlia: 0.3 },
  seen: { always: 'white-threads-base', often: 'black-grains sudden-wilt', sometimes: 'smell-rot stem-base-dark', rarely: 'grey-fur', never: 'webbing sticky slime powder' },
  first: 'sudden-wilt white-threads-base',
  season: '4-10', favours: 'wet cool', unit: 'plants',
  facts: [cp('White cotton on the stem, hard black lumps in it: lift before they fall.')],
  life: [['Lumps', 'all', 'in soil, for years', 'clearing'], ['Attack', '4-10', 'stems and petals', 'clearing']],
  open: cp('Lift and bin, with the lumps.'),
  tolerate: cp('None.'), act: 0.01, again: 5,
  by: 'soil wind', spread: cp('Lumps in soil, spores to petals.'),
  never: cp('Never thin fur that puffs grey.'),
  enemies: '', apart: { 'grey-mould': 'Grey fur that puffs.', 'white-rot': 'On onions, grains like poppy seed.' },
  controls: [...SOIL_BORNE, use('water-and-air', 0.35, 'Wide rows dry quickly.')],
});
