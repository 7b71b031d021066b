/**
 * How an hour is known: `known` was measured or seen; `reckoned` lies between two readings of its day; `forecast` was said
 * before it came; `guess` is what nobody said, taken at its worse. What is none of these is not served at all.
 */
export const CERTAINTIES = ['known', 'reckoned', 'forecast', 'guess'] as const;
export type Certainty = (typeof CERTAINTIES)[number];

/** A forecast says nothing of single hours further ahead than this: behind it the hours are not known (from memory). */
export const FORECAST_HOLDS_H = 120;

/**
 * Of an hour that somebody told of at `saidAt`: what had not begun by then was a forecast, and stays one until it is
 * measured.
 * @param at start of the hour, ms @param saidAt when it was said, ms; null where that is not known
 */
export const certaintyOf = (at: number, saidAt: number | null): Certainty => (saidAt !== null && at <= saidAt ? 'known' : 'forecast');
