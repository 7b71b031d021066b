import type { LabelLine, LabelSheet } from '../label';
import type { Grams, Measure, MeasuredOut, Millilitres, SquareMetres, UnitSystem, Working } from '../measure';
import type { Way } from './way';

/** How an amount of product is got: spoons and jugs, or a scale reading. */
export type Measured =
  | {
      readonly by: 'volume';
      readonly out: MeasuredOut;
      /** Dry product measured by spoon: its level bulk density. */ readonly density: { gPerMl: number; spread: number } | null;
    }
  | { readonly by: 'scale'; readonly reading: Grams; readonly scale: Measure; readonly error: number };

/** One fill of the sprayer (or one scattering, without water). */
export interface Load {
  readonly number: number;
  readonly water: Millilitres;
  /** Exact amount of product in the sheet's unit. */
  readonly product: number;
  readonly measured: Measured;
  /** What the measured amount comes to, in the sheet's unit. */
  readonly made: number;
  /** The rate that what was measured really makes. */
  readonly rateMade: number;
  readonly full: boolean;
  /** Nearer ways to the amount, when the grower's measures are far off it. */
  readonly ways: readonly Way[];
}

export interface MixPlan {
  readonly sheet: LabelSheet;
  readonly line: LabelLine;
  readonly unit: 'ml' | 'g';
  readonly rate: number;
  readonly area: SquareMetres;
  /** What the label's rate is counted by: square metres, plants, metres of row, litres of potting mix, centimetres of trunk or metres of height. */
  readonly size: number;
  readonly water: Millilitres;
  /** The label's water for these plants, or what is proposed for them where it names none. */
  readonly waterNeeded: Millilitres;
  readonly waterNamed: boolean;
  readonly product: number;
  /** Whose units it is said in. */
  readonly units: UnitSystem;
  readonly loads: readonly Load[];
  readonly warnings: readonly string[];
  readonly working: readonly Working[];
}

export interface MixRequest {
  readonly sheet: LabelSheet;
  readonly line: LabelLine;
  /** In the line's own rate form. */
  readonly rate: number;
  readonly area: SquareMetres;
  /** Round the trunk, all stems together, for a rate that goes by it. */
  readonly trunkCm?: number | null;
  /** Of the plant, for a rate that goes by it. */
  readonly heightM?: number | null;
  /** Plants, metres of row or litres of potting mix, for a rate that goes by them. */
  readonly count?: number | null;
  /** Mix to make, when the grower wants another amount than goes with the plants; null: what suits, so that the measures come out. */
  readonly water: Millilitres | null;
  readonly sprayer: { readonly name: string; readonly capacity: Millilitres } | null;
  readonly kit: readonly Measure[];
  /** Whose units the answer is said in; metric when not given. */
  readonly units?: UnitSystem;
}
