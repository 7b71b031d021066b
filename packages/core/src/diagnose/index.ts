export type { Evidence } from './evidence';
export { nextLook, type NextLook } from './next-look';
export type { KeyContext } from './prior';
export { rankSuspects, type Suspect } from './rank';
export { recentWords, seasonalMonth } from './recent';
export { settle, SURE_ENOUGH, type Finding } from './settled';
export type { Answer } from './weigh';
