import type { LabelSheet } from '../schema';
import { btKurstaki } from './bt-kurstaki';
import { imidaclopridDrench } from './imidacloprid-drench';
import { ironPhosphate } from './iron-phosphate';
import { malathion50Ec } from './malathion-50-ec';
import { neemOil } from './neem-oil';
import { potassiumSoap } from './potassium-soap';
import { pyrethrins } from './pyrethrins';
import { wettableSulfur } from './wettable-sulfur';

export const SHEETS: readonly LabelSheet[] = [potassiumSoap, neemOil, wettableSulfur, btKurstaki, ironPhosphate, pyrethrins, malathion50Ec, imidaclopridDrench];

export const findSheet = (id: string) => SHEETS.find((s) => s.id === id);
