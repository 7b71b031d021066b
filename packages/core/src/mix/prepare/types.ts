import type { Dimension, Kind, Outcome, Working } from '../../measure';
import type { Step } from '../step';

/** Something to fill in before a preparation is worked out. */
export type Input =
  | {
      readonly kind: 'size';
      readonly id: string;
      readonly label: string;
      readonly as: Kind;
      /** In ml, m² or m. */ readonly min: number;
      readonly max: number;
      readonly usual: number;
    }
  | { readonly kind: 'count'; readonly id: string; readonly label: string; readonly min: number; readonly max: number; readonly usual: number }
  | { readonly kind: 'choice'; readonly id: string; readonly label: string; readonly options: readonly { readonly value: string; readonly label: string }[] }
  | { readonly kind: 'day'; readonly id: string; readonly label: string };

/** What was filled in: sizes in ml, m² or m, counts as numbers, choices and days (YYYY-MM-DD) as text. */
export type Values = Readonly<Record<string, number | string>>;

/** One thing to get or to measure. */
export interface Amount {
  readonly name: string;
  /** ml, g, m, m², or pieces. */
  readonly value: number;
  readonly of: Dimension | 'pieces';
  /** Up to this much, where a span is usual. */
  readonly to?: number;
  /** Measured by spoon or jug of the grower's kit. */
  readonly spooned?: boolean;
  /** Of a dry thing measured by spoon: g in a level ml, from memory. */
  readonly gPerMl?: number;
}

/** An amount in the words of who reads the card. @param si in ml, g, m or m² */
export type Say = (si: number, of: Dimension) => string;

export interface Prepared {
  /** What is counted when it is put on plants: of the control's sheet, in its unit; null where no sheet counts it. */
  readonly used?: { readonly amount: number | null; readonly waterMl: number };
  readonly amounts: readonly Amount[];
  readonly steps: readonly Step[];
  /** Days that follow from it, in words. */
  readonly notes: readonly string[];
  readonly cautions: readonly string[];
  readonly working: readonly Working[];
}

export interface Preparation {
  readonly id: string;
  /** The control that it is, for the record. */
  readonly control: string;
  readonly name: string;
  /** What it is for, in a few words. */
  readonly use: string;
  readonly group: 'spray' | 'dust' | 'bait' | 'wash' | 'vapour' | 'helpers' | 'rows';
  /** A pesticide made at home: not allowed as one everywhere. */
  readonly homeMade: boolean;
  readonly inputs: readonly Input[];
  /** Pure: the same values give the same card. Refusals name the input. */
  readonly make: (v: Values, say: Say) => Outcome<Prepared>;
}
