export { enough, MOST_LOOKED, thresholdFor, TOLERANCES, type Enough, type Tolerance } from './enough';
export { trendOf, type Trend } from './trend';
export { hostWeight, inSeasonAt, usualness, type Surroundings, type WeatherWord } from './usual';
export { watchList, type Watch } from './watch';
export { wilson, type Share } from './wilson';
