/** What a mix by a label needs. The bench's own tools are in `./bench`: the app loads those later. */
export { cardFor, type Card } from './card';
export { sayProduct } from './amounts';
export { checkRecipe, OVER, type RecipeCheck } from './check-recipe';
export { isPast, lifeEnd, loadLog, tally, type LoadLog, type MixLog, type MixTally } from './log';
export { readPutIn, type PutIn } from './put-in';
export { measureProduct } from './measure-product';
export { correctOvershoot, type Correction } from './overshoot';
export { planMix } from './plan';
export { sayMadeRate, sayRangeIn, sayRateIn } from './rates/say-rate';
export { correctLostCount, correctOverfill, correctShort, type Remedy } from './remedies';
export { canopyMix } from './size/canopy';
export { mixAt, nozzleDrift, type Drift } from './size/calibrate';
export type { Step } from './step';
export { protectionList, stepsFor, type JobAbout } from './steps';
export { treats, type Treats } from './treats';
export type { Load, Measured, MixPlan, MixRequest } from './types';
export type { Way } from './way';
export { waysToMeasure } from './ways';
