export { BEETLES, BORERS, CATERPILLARS, FRUIT_GRUBS, GRAZERS, GROUND_FEEDERS, ROOT_GRUBS, SAWFLIES, SOIL_GRUBS } from './chewing';
export { GROWING, LEAF_FUNGI, NO_CURE, POWDERY, SOIL_BORNE, WOOD_DISEASE } from './disease';
export { SCALES, SOFT_SUCKERS, TINY } from './sucking';
export { LICENSED } from './licensed';
