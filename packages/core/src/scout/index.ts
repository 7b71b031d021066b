export * from './count';
export { hostWeight, inSeasonAt, preyOf, usualness, type Surroundings, type WeatherWord } from './usual';
export type { Climate } from '../catalogue/schema';
export { climateOf, likeMonths, meanTemperature, warmthMonths, type Where } from './climate';
export { watchList, type Watch } from './watch';
