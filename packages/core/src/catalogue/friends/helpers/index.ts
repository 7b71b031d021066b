import type { Friend } from '../../schema';
import { aphidMidge } from './aphid-midge';
import { bees } from './bees';
import { butterflies } from './butterflies';
import { centipedeFriend } from './centipede-friend';
import { groundBeetle } from './ground-beetle';
import { harvestman } from './harvestman';
import { hoverfly } from './hoverfly';
import { hoverflyLarva } from './hoverfly-larva';
import { lacewing } from './lacewing';
import { lacewingLarva } from './lacewing-larva';
import { ladybird } from './ladybird';
import { ladybirdLarva } from './ladybird-larva';
import { mantis } from './mantis';
import { mealybugLadybird } from './mealybug-ladybird';
import { parasiticWasp } from './parasitic-wasp';
import { pirateBug } from './pirate-bug';
import { predatoryMite } from './predatory-mite';
import { roveBeetle } from './rove-beetle';
import { soldierBeetle } from './soldier-beetle';
import { spiderFriend } from './spider-friend';

/** What to protect. */
export const HELPERS: readonly Friend[] = [
  ladybirdLarva,
  ladybird,
  hoverflyLarva,
  hoverfly,
  lacewingLarva,
  lacewing,
  parasiticWasp,
  predatoryMite,
  mantis,
  groundBeetle,
  roveBeetle,
  spiderFriend,
  bees,
  butterflies,
  pirateBug,
  mealybugLadybird,
  centipedeFriend,
  soldierBeetle,
  harvestman,
  aphidMidge,
];
