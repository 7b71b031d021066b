import type { Typicality } from '../catalogue';

/**
 * How likely a sign is seen when the trouble is there; the ends keep off 0 and 1, since people
 * overlook and mistake things (values from memory, to be calibrated on simulated cases).
 */
export const SEEN_IF: Readonly<Record<Typicality, number>> = {
  always: 0.93,
  often: 0.72,
  sometimes: 0.38,
  rarely: 0.08,
  never: 0.02,
};

/** A sign that an entry does not mention. */
export const SEEN_IF_UNLISTED = 0.06;

/** "Something else" may show anything, nothing in particular. */
export const SEEN_IF_OTHER = 0.16;
export const PRIOR_OTHER = 0.1;
