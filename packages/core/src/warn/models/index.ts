import type { WarningModel } from '../types';
import { BY_DAY_MODELS } from './by-day';
import { FLIGHT_MODELS } from './flights';
import { WET_SPELL_MODELS } from './wet-spell';

/** Every way of foretelling that ships. Where there is none, the application says how it knows instead. */
export const WARNING_MODELS: readonly WarningModel[] = [...WET_SPELL_MODELS, ...BY_DAY_MODELS, ...FLIGHT_MODELS];
