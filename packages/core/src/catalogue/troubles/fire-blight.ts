import { MEM } from '../../measure';
import { WOOD_DISEASE } from '../means';
import { cp, against, trouble } from '../write';

export const fireBlight = trouble({
  id: 'fire-blight',
  name: 'Fire blight',
  also: 'fireblight',
  kind: 'bacterium',
  labelAs: 'fire-blight bacterial-diseases',
  hosts: { pear: 1.2, apple: 0.9, quince: 1, hawthorn: 1, raspberry: 0.1 },
  seen: {
    always: 'shepherds-crook',
    often: 'blossom-brown ooze-drops',
    sometimes: 'dieback sunken-bark mummies-hang',
    rarely: 'gum',
    never: 'webbing sticky sawdust fruit-rings-rot',
  },
  first: 'blossom-brown shepherds-crook',
  season: '4-8',
  favours: 'warm wet',
  unit: 'shoots',
  facts: [cp('Shoots hang like a burnt crook; cut 30 cm below in dry weather and wipe the blade with spirit at each cut.')],
  life: [
    ['Winter', '10-3', 'canker edges', 'clearing'],
    ['Blossom', '4-5', 'open flowers', 'protectant clearing'],
    ['Shoots', '5-8', 'tips', 'clearing'],
  ],
  open: cp('At blossom; later the saw.'),
  tolerate: cp('None: it kills a tree in a summer.'),
  act: 0.001,
  again: 4,
  by: 'insect splash tool wind',
  spread: cp('Bees, rain and blades.'),
  never: cp('Never insects in the tip.'),
  enemies: '',
  apart: { 'brown-rot': 'Blossom wilt of brown rot has no ooze and stops at the spur.', 'frost-damage': 'Frost does all at once.' },
  report: { in: 'IE NO FI AU JP KR CH' },
  controls: [
    ...WOOD_DISEASE,
    against('prune-out', 0.65, 'Thirty centimetres into clean wood, dry day, blade wiped each cut.'),
    against('feed-it', 0.1, 'Little nitrogen: soft shoots take it most.', MEM),
    against('resistant-kinds', 0.5, 'Some pears and apples take less.'),
  ],
});
