import type { Surroundings } from '../scout';

/** Where, when and after which weather something was seen, and what is already known of it. */
export interface KeyContext extends Surroundings {
  /** How far the plant is; left out where that is not known. */
  readonly stage?: 'seedling' | 'growing' | 'flowering' | 'fruiting' | 'dormant';
  /** Names the grower refused ("no, not that"): they are out of it. */
  readonly refused?: readonly string[];
  /** What was named on these plants within the year. */
  readonly before?: readonly string[];
}
