import type { Friend } from '../../schema';
import { airPlantFuzz } from './air-plant-fuzz';
import { airRoots } from './air-roots';
import { aphidMummies } from './aphid-mummies';
import { barkLenticels } from './bark-lenticels';
import { cactusCorking } from './cactus-corking';
import { fernSpores } from './fern-spores';
import { froghopper } from './froghopper';
import { guttation } from './guttation';
import { hailDamage } from './hail-damage';
import { juneDrop } from './june-drop';
import { leafcutterBee } from './leafcutter-bee';
import { lichen } from './lichen';
import { maleFlowerDrop } from './male-flower-drop';
import { middayWilt } from './midday-wilt';
import { mulchToadstools } from './mulch-toadstools';
import { oldLeafYellowing } from './old-leaf-yellowing';
import { peonyAnts } from './peony-ants';
import { pollenDust } from './pollen-dust';
import { redNewLeaves } from './red-new-leaves';
import { rootNodules } from './root-nodules';
import { slimeMould } from './slime-mould';
import { soilCrust } from './soil-crust';
import { sprayResidue } from './spray-residue';
import { springtails } from './springtails';
import { squashMarbling } from './squash-marbling';
import { stemRootBumps } from './stem-root-bumps';
import { sunScorch } from './sun-scorch';
import { variegation } from './variegation';
import { waxBloomNormal } from './wax-bloom-normal';
import { weedkillerDrift } from './weedkiller-drift';

/** What is taken for trouble and is none. */
export const LOOK_ALIKES: readonly Friend[] = [
  squashMarbling,
  sprayResidue,
  aphidMummies,
  oldLeafYellowing,
  pollenDust,
  hailDamage,
  sunScorch,
  middayWilt,
  weedkillerDrift,
  variegation,
  barkLenticels,
  lichen,
  guttation,
  slimeMould,
  springtails,
  fernSpores,
  airRoots,
  airPlantFuzz,
  cactusCorking,
  waxBloomNormal,
  peonyAnts,
  leafcutterBee,
  froghopper,
  juneDrop,
  maleFlowerDrop,
  stemRootBumps,
  mulchToadstools,
  redNewLeaves,
  rootNodules,
  soilCrust,
];
