export { checkRecipe, type RecipeCheck } from './check-recipe';
export { correctOvershoot, type Correction } from './overshoot';
export { planMix } from './plan';
export { protectionList, stepsFor, type Step } from './steps';
export type { Load, Measured, MixPlan, MixRequest } from './types';
