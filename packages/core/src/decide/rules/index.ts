import type { Rule } from '../types';
import { beesInBloom } from './bees-in-bloom';
import { beesOnWeeds } from './bees-on-weeds';
import { butterflies } from './butterflies';
import { childrenAndPets } from './children-and-pets';
import { copperLoad } from './copper-load';
import { copperInLeaf } from './copper-in-leaf';
import { coverAtFlowering } from './cover-at-flowering';
import { coverHeat } from './cover-heat';
import { coverTips } from './cover-tips';
import { curledLeaves } from './curled-leaves';
import { densePlanting } from './dense-planting';
import { foodCrop } from './food-crop';
import { groupInAYear } from './group-in-a-year';
import { helpersAfterBroad } from './helpers-after-broad';
import { helpersReleased } from './helpers-released';
import { hens } from './hens';
import { hives } from './hives';
import { homeMade } from './home-made';
import { inPots } from './in-pots';
import { interval } from './interval';
import { itsTime } from './its-time';
import { keptOut } from './kept-out';
import { labelCovers } from './label-covers';
import { labelStage } from './label-stage';
import { materialGap } from './material-gap';
import { neighbour } from './neighbour';
import { noPickingDate } from './no-picking-date';
import { notAtHome } from './not-at-home';
import { onlyInBloom } from './only-in-bloom';
import { outOfReach } from './out-of-reach';
import { patchTest } from './patch-test';
import { pestStage } from './pest-stage';
import { pickingWait } from './picking-wait';
import { plantGroup } from './plant-group';
import { plantHarmed } from './plant-harmed';
import { plantStage } from './plant-stage';
import { policy } from './policy';
import { pond } from './pond';
import { reEntryPlans } from './re-entry-plans';
import { region } from './region';
import { reportFirst } from './report-first';
import { restricted } from './restricted';
import { rotation } from './rotation';
import { seasonMaximum } from './season-maximum';
import { site } from './site';
import { soilCold } from './soil-cold';
import { soakedSoil } from './soaked-soil';
import { stingingHairs } from './stinging-hairs';
import { summerPruning } from './summer-pruning';
import { systemicBeforeBloom } from './systemic-before-bloom';
import { tooLate } from './too-late';
import { underCover } from './under-cover';
import { underGlass } from './under-glass';
import { unknownActive } from './unknown-active';
import { yearTotal } from './year-total';

/** Every rule but the hours, most serious first. Adding one is adding a file and a line. */
export const RULES: readonly Rule[] = [
  notAtHome,
  reportFirst,
  labelCovers,
  foodCrop,
  site,
  underGlass,
  inPots,
  restricted,
  policy,
  homeMade,
  outOfReach,
  densePlanting,
  plantGroup,
  plantHarmed,
  copperInLeaf,
  pond,
  butterflies,
  systemicBeforeBloom,
  beesInBloom,
  beesOnWeeds,
  onlyInBloom,
  labelStage,
  plantStage,
  itsTime,
  summerPruning,
  pestStage,
  underCover,
  soakedSoil,
  soilCold,
  coverAtFlowering,
  keptOut,
  pickingWait,
  interval,
  seasonMaximum,
  yearTotal,
  copperLoad,
  materialGap,
  rotation,
  groupInAYear,
  helpersAfterBroad,
  helpersReleased,
  reEntryPlans,
  curledLeaves,
  stingingHairs,
  tooLate,
  coverTips,
  coverHeat,
  childrenAndPets,
  hens,
  hives,
  neighbour,
  patchTest,
  region,
  unknownActive,
  noPickingDate,
];

/** Those of them that depend on the day: the only ones to ask again for another moment. */
export const DATED_RULES: readonly Rule[] = [
  summerPruning,
  pestStage,
  keptOut,
  pickingWait,
  interval,
  seasonMaximum,
  yearTotal,
  copperLoad,
  materialGap,
  rotation,
  helpersAfterBroad,
  helpersReleased,
  reEntryPlans,
];
