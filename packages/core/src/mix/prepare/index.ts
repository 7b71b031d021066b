import { ashDust, beerTraps, sugarDish } from './dry';
import { helperRelease } from './helpers';
import { companionRow, rowCover } from './rows';
import { barkWash, barSuds, leafTea, neemEmulsion, soapDrench } from './sprays';
import type { Preparation } from './types';
import { sulfurVaporiser } from './vaporiser';

/** Every preparation with a card of its own, in the order of the bench. */
export const PREPARATIONS: readonly Preparation[] = [
  neemEmulsion,
  barSuds,
  soapDrench,
  leafTea,
  barkWash,
  ashDust,
  beerTraps,
  sugarDish,
  sulfurVaporiser,
  helperRelease,
  companionRow,
  rowCover,
];

/** @returns undefined for an id that is not in the list */
export const findPreparation = (id: string): Preparation | undefined => PREPARATIONS.find((p) => p.id === id);
export type { Amount, Input, Preparation, Prepared, Values } from './types';
