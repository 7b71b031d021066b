export * from './count';
export { hostWeight, inSeasonAt, usualness, type Surroundings, type WeatherWord } from './usual';
export { watchList, type Watch } from './watch';
