import type { Control } from '../schema';
import { acetamipridSpray } from './acetamiprid-spray';
import { ashDusting } from './ash-dusting';
import { azadirachtinSpray } from './azadirachtin-spray';
import { bacillusSubtilisSpray } from './bacillus-subtilis-spray';
import { bagFruit } from './bag-fruit';
import { barSoapSuds } from './bar-soap-suds';
import { barkWash } from './bark-wash';
import { beauveriaSpray } from './beauveria-spray';
import { beerSaucer } from './beer-saucer';
import { bicarbonateSpray } from './bicarbonate-spray';
import { borateBait } from './borate-bait';
import { bordeauxSpray } from './bordeaux-spray';
import { btSpray } from './bt-spray';
import { btiDrench } from './bti-drench';
import { captanSpray } from './captan-spray';
import { carbarylDust } from './carbaryl-dust';
import { clearFallen } from './clear-fallen';
import { companionRow } from './companion-row';
import { copperSoapSpray } from './copper-soap-spray';
import { copperSpray } from './copper-spray';
import { cutOutBorer } from './cut-out-borer';
import { diatomaceousDust } from './diatomaceous-dust';
import { digOut } from './dig-out';
import { digOver } from './dig-over';
import { drawOffAnts } from './draw-off-ants';
import { earwigPots } from './earwig-pots';
import { eggWasps } from './egg-wasps';
import { evenWatering } from './even-watering';
import { feedIt } from './feed-it';
import { greaseBand } from './grease-band';
import { handPick } from './hand-pick';
import { hoseJet } from './hose-jet';
import { ironPhosphateBait } from './iron-phosphate-bait';
import { kaolinFilm } from './kaolin-film';
import { leaveIt } from './leave-it';
import { letItDry } from './let-it-dry';
import { licensedPerson } from './licensed-person';
import { limeSoil } from './lime-soil';
import { limeSulfurSpray } from './lime-sulfur-spray';
import { mancozebSpray } from './mancozeb-spray';
import { neemLeafTea } from './neem-leaf-tea';
import { neemSpray } from './neem-spray';
import { nematodes } from './nematodes';
import { netting } from './netting';
import { organophosphateSpray } from './organophosphate-spray';
import { parasiticWasps } from './parasitic-wasps';
import { pheromoneTrap } from './pheromone-trap';
import { phosphonateSpray } from './phosphonate-spray';
import { pickOffLeaves } from './pick-off-leaves';
import { pinchTips } from './pinch-tips';
import { predatoryMites } from './predatory-mites';
import { pruneOut } from './prune-out';
import { pyrethrinDust } from './pyrethrin-dust';
import { pyrethrinSpray } from './pyrethrin-spray';
import { rainCover } from './rain-cover';
import { raiseHumidity } from './raise-humidity';
import { releaseLadybirds } from './release-ladybirds';
import { reportIt } from './report-it';
import { resistantKinds } from './resistant-kinds';
import { rotateCrops } from './rotate-crops';
import { rowCover } from './row-cover';
import { shadeAndShelter } from './shade-and-shelter';
import { snapTraps } from './snap-traps';
import { soapSpray } from './soap-spray';
import { spinosadSpray } from './spinosad-spray';
import { spiritDab } from './spirit-dab';
import { stemCollar } from './stem-collar';
import { stickyCard } from './sticky-card';
import { sulfurSpray } from './sulfur-spray';
import { sulfurVaporiser } from './sulfur-vaporiser';
import { systemicDrench } from './systemic-drench';
import { tebuconazoleSpray } from './tebuconazole-spray';
import { trichodermaDrench } from './trichoderma-drench';
import { trunkSpray } from './trunk-spray';
import { unpotClean } from './unpot-clean';
import { waterAndAir } from './water-and-air';
import { winterOil } from './winter-oil';
import { wipeLeaves } from './wipe-leaves';

/** Every control, by file name; the ladder puts them in order. */
export const CONTROLS: readonly Control[] = [
  acetamipridSpray,
  ashDusting,
  azadirachtinSpray,
  bacillusSubtilisSpray,
  bagFruit,
  barSoapSuds,
  barkWash,
  beauveriaSpray,
  beerSaucer,
  bicarbonateSpray,
  borateBait,
  bordeauxSpray,
  btSpray,
  btiDrench,
  captanSpray,
  carbarylDust,
  clearFallen,
  companionRow,
  copperSoapSpray,
  copperSpray,
  cutOutBorer,
  diatomaceousDust,
  digOut,
  digOver,
  drawOffAnts,
  earwigPots,
  eggWasps,
  evenWatering,
  feedIt,
  greaseBand,
  handPick,
  hoseJet,
  ironPhosphateBait,
  kaolinFilm,
  leaveIt,
  letItDry,
  licensedPerson,
  limeSoil,
  limeSulfurSpray,
  mancozebSpray,
  neemLeafTea,
  neemSpray,
  nematodes,
  netting,
  organophosphateSpray,
  parasiticWasps,
  pheromoneTrap,
  phosphonateSpray,
  pickOffLeaves,
  pinchTips,
  predatoryMites,
  pruneOut,
  pyrethrinDust,
  pyrethrinSpray,
  rainCover,
  raiseHumidity,
  releaseLadybirds,
  reportIt,
  resistantKinds,
  rotateCrops,
  rowCover,
  shadeAndShelter,
  snapTraps,
  soapSpray,
  spinosadSpray,
  spiritDab,
  stemCollar,
  stickyCard,
  sulfurSpray,
  sulfurVaporiser,
  systemicDrench,
  tebuconazoleSpray,
  trichodermaDrench,
  trunkSpray,
  unpotClean,
  waterAndAir,
  winterOil,
  wipeLeaves,
];
