import type { Host } from '../schema';
import { FRUIT } from './fruit';
import { HOUSE } from './house';
import { ORNAMENTALS, SHRUBS } from './ornamentals';
import { STAND_INS } from './stand-ins';
import { VEGETABLES } from './vegetables';

/** Host plants, each with the crop words that labels use for it; the stand-ins come last. */
export const HOSTS: readonly Host[] = [...VEGETABLES, ...FRUIT, ...ORNAMENTALS, ...SHRUBS, ...HOUSE, ...STAND_INS];
