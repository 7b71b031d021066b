/** The tools of the bench as one chunk: it is loaded with the first of them. */
export { AmountScreen } from './amount-screen';
export { BordeauxMix, BordeauxScreen } from './bordeaux-screen';
export { BuyScreen } from './buy-screen';
export { CalibrateScreen } from './calibrate-screen';
export { CheckRecipe } from './check-recipe';
export { ItemNew } from '../shed/item-new';
export { ItemScreen } from '../shed/item-screen';
export { PrepareList } from './prepare-list';
export { PrepareRun, PrepareScreen } from './prepare-screen';
export { RateScreen } from './rate-screen';
export { SoapBatch } from './soap-batch';
export { SoapScreen } from './soap-screen';
export { SoapStart } from './soap-start';
export { TreeScreen } from './tree-screen';
export { UnitsScreen } from './units-screen';
