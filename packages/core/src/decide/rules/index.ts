import type { Rule } from '../types';
import { beesInBloom } from './bees-in-bloom';
import { coverAtFlowering } from './cover-at-flowering';
import { curledLeaves } from './curled-leaves';
import { densePlanting } from './dense-planting';
import { foodCrop } from './food-crop';
import { helpersAfterBroad } from './helpers-after-broad';
import { interval } from './interval';
import { labelCovers } from './label-covers';
import { materialGap } from './material-gap';
import { noPickingDate } from './no-picking-date';
import { pickingWait } from './picking-wait';
import { plantGroup } from './plant-group';
import { plantStage } from './plant-stage';
import { policy } from './policy';
import { restricted } from './restricted';
import { rotation } from './rotation';
import { seasonMaximum } from './season-maximum';
import { site } from './site';

/** Every rule but the hours, most serious first. Adding one is adding a file and a line. */
export const RULES: readonly Rule[] = [
  labelCovers,
  foodCrop,
  site,
  restricted,
  policy,
  densePlanting,
  plantGroup,
  beesInBloom,
  plantStage,
  coverAtFlowering,
  pickingWait,
  interval,
  seasonMaximum,
  materialGap,
  rotation,
  helpersAfterBroad,
  curledLeaves,
  noPickingDate,
];
