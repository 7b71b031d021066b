import { MEM } from '../../measure';
import { BEETLES } from '../means';
import { cp, mem, against, trouble, doing } from '../write';

export const fleaBeetle = trouble({
  id: 'flea-beetle',
  name: 'Flea beetles',
  also: 'turnip fly, jumping beetles',
  kind: 'insect',
  labelAs: 'flea-beetles beetles',
  sizeMm: 2.5,
  hosts: { radish: 1.8, 'salad-rocket': 1.8, cabbage: 0.8, broccoli: 0.7, aubergine: 1, potato: 0.5, tomato: 0.4, beetroot: 0.4, 'family:Brassicaceae': 0.9 },
  seen: { always: 'pinholes', often: 'jumping-beetles', sometimes: 'stunted windows', rarely: 'seedlings-gone', never: 'slime webbing sticky droppings' },
  first: 'pinholes',
  season: '4-8',
  favours: 'dry warm',
  unit: 'plants',
  facts: [
    cp('Hundreds of pinholes and tiny shiny beetles that jump when touched.'),
    mem('Seedlings in dry heat can be lost in two days; grown plants outgrow it.'),
  ],
  life: [
    ['Winter adult', '10-3', 'litter and hedges', 'clearing'],
    ['Adult', '4-6', 'on seed leaves', 'cover hand contact stomach'],
    ['Larva', '5-7', 'at the roots', 'none'],
    ['New adult', '7-9', 'leaves', 'cover hand contact stomach'],
  ],
  open: cp('Keep adults off the seedlings: cover at sowing.'),
  tolerate: cp('From six leaves on, plants outgrow the holes.'),
  act: 0.3,
  again: 3,
  by: 'flight',
  spread: cp('Fly in on warm days in spring.'),
  never: cp('Never large ragged holes.'),
  enemies: 'ground-beetle parasitic-wasp',
  apart: { 'shot-hole': 'Shot holes have a rim and come on stone fruit.', slugs: 'Slug holes are large and slimed.' },
  controls: [
    ...BEETLES,
    against('even-watering', 0.4, 'Moist seedbeds are left alone more.'),
    against('hand-pick', 0.1, 'Too quick to pick.', MEM),
    against('sticky-card', 0.3, 'Held just above, it catches them as they jump.'),
    doing('holds', against('row-cover', 0.92, 'Fine mesh from the day of sowing; where they are already, shake the rows and put it on at once.')),
  ],
});
