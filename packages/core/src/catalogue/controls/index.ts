import type { Control } from '../schema';
import { beerSaucer } from './beer-saucer';
import { btSpray } from './bt-spray';
import { drawOffAnts } from './draw-off-ants';
import { handPick } from './hand-pick';
import { hoseJet } from './hose-jet';
import { ironPhosphateBait } from './iron-phosphate-bait';
import { leaveIt } from './leave-it';
import { licensedPerson } from './licensed-person';
import { neemSpray } from './neem-spray';
import { organophosphateSpray } from './organophosphate-spray';
import { pickOffLeaves } from './pick-off-leaves';
import { pinchTips } from './pinch-tips';
import { pyrethrinSpray } from './pyrethrin-spray';
import { releaseLadybirds } from './release-ladybirds';
import { rowCover } from './row-cover';
import { soapSpray } from './soap-spray';
import { sulfurSpray } from './sulfur-spray';
import { systemicDrench } from './systemic-drench';
import { waterAndAir } from './water-and-air';

export const CONTROLS: readonly Control[] = [
  leaveIt,
  waterAndAir,
  pickOffLeaves,
  pinchTips,
  handPick,
  hoseJet,
  rowCover,
  beerSaucer,
  drawOffAnts,
  releaseLadybirds,
  btSpray,
  soapSpray,
  neemSpray,
  sulfurSpray,
  ironPhosphateBait,
  pyrethrinSpray,
  organophosphateSpray,
  systemicDrench,
  licensedPerson,
];
