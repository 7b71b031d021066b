import { BEETLES } from '../means';
import { cp, against, trouble } from '../write';

export const cucumberBeetle = trouble({
  id: 'cucumber-beetle',
  name: 'Cucumber beetles',
  also: 'striped cucumber beetle, spotted cucumber beetle',
  kind: 'insect',
  labelAs: 'beetles',
  sizeMm: 6,
  hosts: { cucumber: 1.4, courgette: 1.1, melon: 1.3, pumpkin: 1.1, 'family:Cucurbitaceae': 1, 'french-bean': 0.2 },
  seen: {
    always: 'striped-beetles',
    often: 'ragged-holes petals-ragged',
    sometimes: 'seedlings-gone fruit-ribbon-scar',
    rarely: 'sudden-wilt stunted',
    never: 'webbing slime sticky',
  },
  first: 'striped-beetles',
  season: '5-9',
  favours: 'warm',
  unit: 'plants',
  facts: [cp('The holes are the least of it: they carry bacterial wilt and mosaic in.')],
  life: [
    ['Winter adult', '10-4', 'litter and hedges', 'clearing'],
    ['Adult', '5-9', 'seed leaves, then flowers', 'cover hand contact stomach'],
    ['Larva', '6-8', 'at the roots', 'none'],
  ],
  open: cp('Adults as they come to young plants.'),
  tolerate: cp('A grown plant bears a few; young ones none, for the wilt.'),
  act: 0.05,
  again: 3,
  by: 'flight',
  spread: cp('Carry wilt and mosaic from plant to plant.'),
  carries: 'cucurbit-bacterial-wilt mosaic-virus',
  never: cp('Never under the bark or in the stem.'),
  enemies: 'soldier-beetle spider-friend parasitic-wasp',
  apart: { 'asparagus-beetle': 'Asparagus beetles keep to asparagus.', 'colorado-beetle': 'The potato beetle is domed and larger.' },
  controls: [
    ...BEETLES,
    against('row-cover', 0.9, 'From planting until the first flowers, then off for the bees.'),
    against('sticky-card', 0.3, 'Yellow cards show when they come.'),
  ],
});
