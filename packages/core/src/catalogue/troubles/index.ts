import type { Trouble } from '../schema';
import { alliumLeafMiner } from './allium-leaf-miner';
import { anthracnose } from './anthracnose';
import { ants } from './ants';
import { appleCanker } from './apple-canker';
import { appleSawfly } from './apple-sawfly';
import { appleScab } from './apple-scab';
import { armouredScale } from './armoured-scale';
import { asparagusBeetle } from './asparagus-beetle';
import { asterYellows } from './aster-yellows';
import { bacterialCanker } from './bacterial-canker';
import { bacterialLeafSpot } from './bacterial-leaf-spot';
import { barkBorer } from './bark-borer';
import { barkScale } from './bark-scale';
import { bigBudMite } from './big-bud-mite';
import { birds } from './birds';
import { bitterPit } from './bitter-pit';
import { blackBeanAphid } from './black-bean-aphid';
import { blackRot } from './black-rot';
import { blackSpot } from './black-spot';
import { blossomEndRot } from './blossom-end-rot';
import { blossomWeevil } from './blossom-weevil';
import { boxBlight } from './box-blight';
import { boxCaterpillar } from './box-caterpillar';
import { brownRot } from './brown-rot';
import { budBlast } from './bud-blast';
import { budDrop } from './bud-drop';
import { budworm } from './budworm';
import { bulbFly } from './bulb-fly';
import { cabbageAphid } from './cabbage-aphid';
import { cabbageRootFly } from './cabbage-root-fly';
import { cabbageWhite } from './cabbage-white';
import { cabbageWhitefly } from './cabbage-whitefly';
import { caneBlight } from './cane-blight';
import { capsid } from './capsid';
import { carrotFly } from './carrot-fly';
import { chaferGrub } from './chafer-grub';
import { chocolateSpot } from './chocolate-spot';
import { clematisWilt } from './clematis-wilt';
import { clubRoot } from './club-root';
import { codlingMoth } from './codling-moth';
import { coloradoBeetle } from './colorado-beetle';
import { copperLeafBeetle } from './copper-leaf-beetle';
import { coralSpot } from './coral-spot';
import { cornBorer } from './corn-borer';
import { cornEarworm } from './corn-earworm';
import { cornSmut } from './corn-smut';
import { crownGall } from './crown-gall';
import { crownRot } from './crown-rot';
import { cucumberBeetle } from './cucumber-beetle';
import { cucurbitBacterialWilt } from './cucurbit-bacterial-wilt';
import { currantBlisterAphid } from './currant-blister-aphid';
import { cushionScale } from './cushion-scale';
import { cutworm } from './cutworm';
import { cyclamenMite } from './cyclamen-mite';
import { dampingOff } from './damping-off';
import { deer } from './deer';
import { diamondbackMoth } from './diamondback-moth';
import { downyMildew } from './downy-mildew';
import { droughtStress } from './drought-stress';
import { dryAirTips } from './dry-air-tips';
import { earlyBlight } from './early-blight';
import { earwigs } from './earwigs';
import { fairyBlotch } from './fairy-blotch';
import { fireBlight } from './fire-blight';
import { fleaBeetle } from './flea-beetle';
import { frostDamage } from './frost-damage';
import { fruitShieldBug } from './fruit-shield-bug';
import { fruitSplitting } from './fruit-splitting';
import { fruitTreeMite } from './fruit-tree-mite';
import { fungalLeafSpot } from './fungal-leaf-spot';
import { fungusGnat } from './fungus-gnat';
import { fusariumWilt } from './fusarium-wilt';
import { gallMaker } from './gall-maker';
import { gallMite } from './gall-mite';
import { glasshouseWhitefly } from './glasshouse-whitefly';
import { gooseberrySawfly } from './gooseberry-sawfly';
import { greenback } from './greenback';
import { greenfly } from './greenfly';
import { greyMould } from './grey-mould';
import { haloBlight } from './halo-blight';
import { honeyFungus } from './honey-fungus';
import { hornworm } from './hornworm';
import { ironChlorosis } from './iron-chlorosis';
import { laceBug } from './lace-bug';
import { lateBlight } from './late-blight';
import { leafCurlAphid } from './leaf-curl-aphid';
import { leafMiner } from './leaf-miner';
import { leafMould } from './leaf-mould';
import { leafhopper } from './leafhopper';
import { leatherjacket } from './leatherjacket';
import { leekMoth } from './leek-moth';
import { lilyBeetle } from './lily-beetle';
import { magnesiumShortage } from './magnesium-shortage';
import { mealybug } from './mealybug';
import { mosaicVirus } from './mosaic-virus';
import { mummyBerry } from './mummy-berry';
import { needleCast } from './needle-cast';
import { nitrogenShortage } from './nitrogen-shortage';
import { oedema } from './oedema';
import { onionFly } from './onion-fly';
import { onionThrips } from './onion-thrips';
import { peaLeafWeevil } from './pea-leaf-weevil';
import { peaMoth } from './pea-moth';
import { peachLeafCurl } from './peach-leaf-curl';
import { pearMidge } from './pear-midge';
import { pearRust } from './pear-rust';
import { pearScab } from './pear-scab';
import { pearSlug } from './pear-slug';
import { pickleworm } from './pickleworm';
import { plumCurculio } from './plum-curculio';
import { plumMoth } from './plum-moth';
import { plumPox } from './plum-pox';
import { poorPollination } from './poor-pollination';
import { potassiumShortage } from './potassium-shortage';
import { potatoLeafRoll } from './potato-leaf-roll';
import { potatoScab } from './potato-scab';
import { powderyMildew } from './powdery-mildew';
import { processionary } from './processionary';
import { psyllid } from './psyllid';
import { raspberryBeetle } from './raspberry-beetle';
import { reversion } from './reversion';
import { rodents } from './rodents';
import { rootAphid } from './root-aphid';
import { rootKnotNematode } from './root-knot-nematode';
import { rootMealybug } from './root-mealybug';
import { rootRot } from './root-rot';
import { roseLeafRoller } from './rose-leaf-roller';
import { roseRust } from './rose-rust';
import { roseSlugSawfly } from './rose-slug-sawfly';
import { rosemaryBeetle } from './rosemary-beetle';
import { rust } from './rust';
import { saltBurn } from './salt-burn';
import { sclerotinia } from './sclerotinia';
import { septoria } from './septoria';
import { shotHoleBorer } from './shot-hole-borer';
import { shotHole } from './shot-hole';
import { silverLeaf } from './silver-leaf';
import { slugs } from './slugs';
import { softRot } from './soft-rot';
import { softScale } from './soft-scale';
import { sootyMould } from './sooty-mould';
import { spiderMite } from './spider-mite';
import { spottedWilt } from './spotted-wilt';
import { spottedWingFly } from './spotted-wing-fly';
import { squashBug } from './squash-bug';
import { squashVineBorer } from './squash-vine-borer';
import { stemNematode } from './stem-nematode';
import { sunscald } from './sunscald';
import { tentCaterpillar } from './tent-caterpillar';
import { thrips } from './thrips';
import { tipBurn } from './tip-burn';
import { tortrix } from './tortrix';
import { trunkPlanthopper } from './trunk-planthopper';
import { tulipFire } from './tulip-fire';
import { verticilliumWilt } from './verticillium-wilt';
import { viburnumBeetle } from './viburnum-beetle';
import { vineWeevil } from './vine-weevil';
import { whiteBlister } from './white-blister';
import { whiteRot } from './white-rot';
import { winterMoth } from './winter-moth';
import { wireworm } from './wireworm';
import { woodlice } from './woodlice';
import { woollyAphid } from './woolly-aphid';

/** Every trouble, by file name. */
export const TROUBLES: readonly Trouble[] = [
  alliumLeafMiner,
  anthracnose,
  ants,
  appleCanker,
  appleSawfly,
  appleScab,
  armouredScale,
  asparagusBeetle,
  asterYellows,
  bacterialCanker,
  bacterialLeafSpot,
  barkBorer,
  barkScale,
  bigBudMite,
  birds,
  bitterPit,
  blackBeanAphid,
  blackRot,
  blackSpot,
  blossomEndRot,
  blossomWeevil,
  boxBlight,
  boxCaterpillar,
  brownRot,
  budBlast,
  budDrop,
  budworm,
  bulbFly,
  cabbageAphid,
  cabbageRootFly,
  cabbageWhite,
  cabbageWhitefly,
  caneBlight,
  capsid,
  carrotFly,
  chaferGrub,
  chocolateSpot,
  clematisWilt,
  clubRoot,
  codlingMoth,
  coloradoBeetle,
  copperLeafBeetle,
  coralSpot,
  cornBorer,
  cornEarworm,
  cornSmut,
  crownGall,
  crownRot,
  cucumberBeetle,
  cucurbitBacterialWilt,
  currantBlisterAphid,
  cushionScale,
  cutworm,
  cyclamenMite,
  dampingOff,
  deer,
  diamondbackMoth,
  downyMildew,
  droughtStress,
  dryAirTips,
  earlyBlight,
  earwigs,
  fairyBlotch,
  fireBlight,
  fleaBeetle,
  frostDamage,
  fruitShieldBug,
  fruitSplitting,
  fruitTreeMite,
  fungalLeafSpot,
  fungusGnat,
  fusariumWilt,
  gallMaker,
  gallMite,
  glasshouseWhitefly,
  gooseberrySawfly,
  greenback,
  greenfly,
  greyMould,
  haloBlight,
  honeyFungus,
  hornworm,
  ironChlorosis,
  laceBug,
  lateBlight,
  leafCurlAphid,
  leafMiner,
  leafMould,
  leafhopper,
  leatherjacket,
  leekMoth,
  lilyBeetle,
  magnesiumShortage,
  mealybug,
  mosaicVirus,
  mummyBerry,
  needleCast,
  nitrogenShortage,
  oedema,
  onionFly,
  onionThrips,
  peaLeafWeevil,
  peaMoth,
  peachLeafCurl,
  pearMidge,
  pearRust,
  pearScab,
  pearSlug,
  pickleworm,
  plumCurculio,
  plumMoth,
  plumPox,
  poorPollination,
  potassiumShortage,
  potatoLeafRoll,
  potatoScab,
  powderyMildew,
  processionary,
  psyllid,
  raspberryBeetle,
  reversion,
  rodents,
  rootAphid,
  rootKnotNematode,
  rootMealybug,
  rootRot,
  roseLeafRoller,
  roseRust,
  roseSlugSawfly,
  rosemaryBeetle,
  rust,
  saltBurn,
  sclerotinia,
  septoria,
  shotHoleBorer,
  shotHole,
  silverLeaf,
  slugs,
  softRot,
  softScale,
  sootyMould,
  spiderMite,
  spottedWilt,
  spottedWingFly,
  squashBug,
  squashVineBorer,
  stemNematode,
  sunscald,
  tentCaterpillar,
  thrips,
  tipBurn,
  tortrix,
  trunkPlanthopper,
  tulipFire,
  verticilliumWilt,
  viburnumBeetle,
  vineWeevil,
  whiteBlister,
  whiteRot,
  winterMoth,
  wireworm,
  woodlice,
  woollyAphid,
];
