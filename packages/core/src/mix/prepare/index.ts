import { ashDust, beerTraps, sugarDish } from './dry';
import { helperRelease } from './helpers';
import { companionRow, rowCover } from './rows';
import { barkWash, barSuds, leafTea, neemEmulsion, soapDrench } from './sprays';
import { inWordsOf, sayIn, UNITS, type Dimension, type Outcome, type UnitSystem } from '../../measure';
import type { Preparation, Prepared, Values } from './types';
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

/** An eighth of a US teaspoon, ml: no spoon shows less. */
const EIGHTH_TSP = UNITS['tsp-us'].si / 8;
/** More than so many ml is measured by the cup. */
const SPOONED = 60;

/** What a kitchen spoon shows of it, never more than is meant; who measures in ml measures in ml. */
function bySpoon(si: number, of: Dimension, units: UnitSystem): number {
  if (units !== 'us' || of !== 'volume' || si < EIGHTH_TSP || si > SPOONED) return si;
  return Math.floor(si / EIGHTH_TSP + 1e-6) * EIGHTH_TSP;
}

/**
 * A preparation worked out, every word of it in the measures of who reads it.
 * @param v what was filled in, in ml, m² or m
 * @returns refusals that name the input
 * @example prepare(neemEmulsion, { mix: 3785 }, 'us') // 'Fill to 1 US gal'
 */
export function prepare(p: Preparation, v: Values, units: UnitSystem): Outcome<Prepared> {
  const made = p.make(v, (si, of) => sayIn(bySpoon(si, of, units), of, units));
  if (!made.ok) return made;
  const prose = (text: string) => inWordsOf(text, units);
  const { steps, notes, cautions } = made.value;
  return {
    ok: true,
    value: {
      ...made.value,
      steps: steps.map((s) => ({ ...s, title: prose(s.title), text: s.text.map(prose), caution: s.caution === null ? null : prose(s.caution) })),
      notes: notes.map(prose),
      cautions: cautions.map(prose),
    },
  };
}

/** @returns undefined for an id that is not in the list */
export const findPreparation = (id: string): Preparation | undefined => PREPARATIONS.find((p) => p.id === id);
export type { Amount, Input, Preparation, Prepared, Values } from './types';
