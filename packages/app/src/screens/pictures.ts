/** The screens with pictures of signs, as one chunk: it is only loaded with the first of them. */
export { AlmanacEntry } from './almanac/almanac-entry';
export { AlmanacList } from './almanac/almanac-list';
export { CompareScreen } from './almanac/compare-screen';
export { LookScreen } from './look/look-screen';
export { WalkHome } from './walk/walk-home';
export { WalkScreen } from './walk/walk-screen';
