import type { LabelSheet } from '../schema';
import { bacillusSubtilis } from './bacillus-subtilis';
import { btKurstaki } from './bt-kurstaki';
import { captan50Wp } from './captan-50-wp';
import { copperHydroxide } from './copper-hydroxide';
import { diatomaceousEarth } from './diatomaceous-earth';
import { horticulturalOil } from './horticultural-oil';
import { imidaclopridDrench } from './imidacloprid-drench';
import { ironPhosphate } from './iron-phosphate';
import { malathion50Ec } from './malathion-50-ec';
import { neemOil } from './neem-oil';
import { potassiumBicarbonate } from './potassium-bicarbonate';
import { potassiumSoap } from './potassium-soap';
import { pyrethrins } from './pyrethrins';
import { wettableSulfur } from './wettable-sulfur';

export const SHEETS: readonly LabelSheet[] = [
  potassiumSoap,
  neemOil,
  wettableSulfur,
  btKurstaki,
  ironPhosphate,
  pyrethrins,
  malathion50Ec,
  imidaclopridDrench,
  bacillusSubtilis,
  captan50Wp,
  copperHydroxide,
  diatomaceousEarth,
  horticulturalOil,
  potassiumBicarbonate,
];

export const findSheet = (id: string) => SHEETS.find((s) => s.id === id);
