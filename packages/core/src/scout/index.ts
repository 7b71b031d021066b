export * from './count';
export { hostWeight, inSeasonAt, usualness, type Surroundings, type WeatherWord } from './usual';
export { CLIMATES, climateOf, likeMonths, meanTemperature, warmthMonths, type Climate, type Where } from './climate';
export { watchList, type Watch } from './watch';
