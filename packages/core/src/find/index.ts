export { findPages, findPlants, findSigns } from './lists';
export { finder, type Findable } from './finder';
