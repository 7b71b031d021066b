/** The counting part of scouting: no catalogue behind it, so that a screen can load it by itself. */
export { enough, MOST_LOOKED, thresholdFor, TOLERANCES, type Enough, type Tolerance } from './enough';
export { trendOf, type Trend } from './trend';
export { wilson, type Share } from './wilson';
