import type { LabelSheet } from '../schema';
import { acetamiprid } from './acetamiprid';
import { azadirachtin } from './azadirachtin';
import { bacillusSubtilis } from './bacillus-subtilis';
import { beauveriaBassiana } from './beauveria-bassiana';
import { borateBait } from './borate-bait';
import { bordeaux } from './bordeaux';
import { btIsraelensis } from './bt-israelensis';
import { btKurstaki } from './bt-kurstaki';
import { captan50Wp } from './captan-50-wp';
import { carbarylDust } from './carbaryl-dust';
import { copperHydroxide } from './copper-hydroxide';
import { copperOctanoate } from './copper-octanoate';
import { diatomaceousEarth } from './diatomaceous-earth';
import { dinotefuranTrunk } from './dinotefuran-trunk';
import { horticulturalOil } from './horticultural-oil';
import { imidaclopridDrench } from './imidacloprid-drench';
import { ironPhosphate } from './iron-phosphate';
import { kaolin } from './kaolin';
import { limeSulfur } from './lime-sulfur';
import { malathion50Ec } from './malathion-50-ec';
import { mancozeb } from './mancozeb';
import { neemOil } from './neem-oil';
import { phosphonate } from './phosphonate';
import { potassiumBicarbonate } from './potassium-bicarbonate';
import { potassiumSoap } from './potassium-soap';
import { pyrethrinDust } from './pyrethrin-dust';
import { pyrethrins } from './pyrethrins';
import { spinosad } from './spinosad';
import { sulfurVapour } from './sulfur-vapour';
import { tebuconazole } from './tebuconazole';
import { trichoderma } from './trichoderma';
import { wettableSulfur } from './wettable-sulfur';

/** The specimen sheets, by file name. */
export const SHEETS: readonly LabelSheet[] = [
  acetamiprid,
  azadirachtin,
  bacillusSubtilis,
  beauveriaBassiana,
  borateBait,
  bordeaux,
  btIsraelensis,
  btKurstaki,
  captan50Wp,
  carbarylDust,
  copperHydroxide,
  copperOctanoate,
  diatomaceousEarth,
  dinotefuranTrunk,
  horticulturalOil,
  imidaclopridDrench,
  ironPhosphate,
  kaolin,
  limeSulfur,
  malathion50Ec,
  mancozeb,
  neemOil,
  phosphonate,
  potassiumBicarbonate,
  potassiumSoap,
  pyrethrinDust,
  pyrethrins,
  spinosad,
  sulfurVapour,
  tebuconazole,
  trichoderma,
  wettableSulfur,
];

export const findSheet = (id: string) => SHEETS.find((s) => s.id === id);
