import type { Control } from '../schema';
import { bacillusSubtilisSpray } from './bacillus-subtilis-spray';
import { bagFruit } from './bag-fruit';
import { barkWash } from './bark-wash';
import { beerSaucer } from './beer-saucer';
import { bicarbonateSpray } from './bicarbonate-spray';
import { btSpray } from './bt-spray';
import { captanSpray } from './captan-spray';
import { clearFallen } from './clear-fallen';
import { copperSpray } from './copper-spray';
import { cutOutBorer } from './cut-out-borer';
import { diatomaceousDust } from './diatomaceous-dust';
import { digOut } from './dig-out';
import { drawOffAnts } from './draw-off-ants';
import { earwigPots } from './earwig-pots';
import { evenWatering } from './even-watering';
import { feedIt } from './feed-it';
import { greaseBand } from './grease-band';
import { handPick } from './hand-pick';
import { hoseJet } from './hose-jet';
import { ironPhosphateBait } from './iron-phosphate-bait';
import { leaveIt } from './leave-it';
import { letItDry } from './let-it-dry';
import { licensedPerson } from './licensed-person';
import { limeSoil } from './lime-soil';
import { neemSpray } from './neem-spray';
import { nematodes } from './nematodes';
import { netting } from './netting';
import { organophosphateSpray } from './organophosphate-spray';
import { parasiticWasps } from './parasitic-wasps';
import { pheromoneTrap } from './pheromone-trap';
import { pickOffLeaves } from './pick-off-leaves';
import { pinchTips } from './pinch-tips';
import { predatoryMites } from './predatory-mites';
import { pruneOut } from './prune-out';
import { pyrethrinSpray } from './pyrethrin-spray';
import { rainCover } from './rain-cover';
import { raiseHumidity } from './raise-humidity';
import { releaseLadybirds } from './release-ladybirds';
import { resistantKinds } from './resistant-kinds';
import { rotateCrops } from './rotate-crops';
import { rowCover } from './row-cover';
import { shadeAndShelter } from './shade-and-shelter';
import { snapTraps } from './snap-traps';
import { soapSpray } from './soap-spray';
import { spiritDab } from './spirit-dab';
import { stemCollar } from './stem-collar';
import { stickyCard } from './sticky-card';
import { sulfurSpray } from './sulfur-spray';
import { systemicDrench } from './systemic-drench';
import { waterAndAir } from './water-and-air';
import { winterOil } from './winter-oil';
import { wipeLeaves } from './wipe-leaves';

/** Every control, by file name; the ladder puts them in order. */
export const CONTROLS: readonly Control[] = [
  bacillusSubtilisSpray,
  bagFruit,
  barkWash,
  beerSaucer,
  bicarbonateSpray,
  btSpray,
  captanSpray,
  clearFallen,
  copperSpray,
  cutOutBorer,
  diatomaceousDust,
  digOut,
  drawOffAnts,
  earwigPots,
  evenWatering,
  feedIt,
  greaseBand,
  handPick,
  hoseJet,
  ironPhosphateBait,
  leaveIt,
  letItDry,
  licensedPerson,
  limeSoil,
  neemSpray,
  nematodes,
  netting,
  organophosphateSpray,
  parasiticWasps,
  pheromoneTrap,
  pickOffLeaves,
  pinchTips,
  predatoryMites,
  pruneOut,
  pyrethrinSpray,
  rainCover,
  raiseHumidity,
  releaseLadybirds,
  resistantKinds,
  rotateCrops,
  rowCover,
  shadeAndShelter,
  snapTraps,
  soapSpray,
  spiritDab,
  stemCollar,
  stickyCard,
  sulfurSpray,
  systemicDrench,
  waterAndAir,
  winterOil,
  wipeLeaves,
];
