import type { Provenance } from './provenance';

/** One named figure that went into a result. */
export interface WorkingInput {
  readonly name: string;
  readonly value: string;
}

/**
 * The working behind a figure that a person acts on: the same object feeds the "why" sheet,
 * the record and the tests.
 */
export interface Working {
  readonly title: string;
  /** The result as shown, with its unit. */
  readonly result: string;
  readonly inputs: readonly WorkingInput[];
  /** The formula in words. */
  readonly formula: string;
  readonly source: Provenance;
}
