export {
  asCrystals,
  bordeauxFor,
  checkFormula,
  COPPER_SALTS,
  LEAST_LIME,
  LIMES,
  nameFormula,
  readFormula,
  sayFormula,
  type BordeauxAmounts,
  type CopperSalt,
  type Formula,
  type Lime,
} from './bordeaux/formula';
export { checkBordeaux, LEVEL, LEVEL_SPREAD, type BordeauxCheck } from './bordeaux/check';
export { copperLoad, type CopperLoad } from './bordeaux/copper-load';
export { fromStocks, sayStock, STOCK_G_PER_L, stockOf, type FromStocks } from './bordeaux/stocks';
export { cardFor, type Card } from './card';
export { checkRecipe, type RecipeCheck } from './check-recipe';
export { correctOvershoot, type Correction } from './overshoot';
export { planMix } from './plan';
export { findPreparation, PREPARATIONS, type Amount, type Input, type Preparation, type Prepared, type Values } from './prepare';
export { perLitreFor, type Concentration, type Wanted } from './rates/concentration';
export { readRate, type ReadRate } from './rates/read-rate';
export { sayRateIn } from './rates/say-rate';
export { activeIn, rescale, sayStrength, type Product, type Rescaled, type Strength } from './rates/strength';
export { correctLostCount, correctOverfill, correctShort, type Remedy } from './remedies';
export { buyList, type BuyList, type BuyRequest, type Pack } from './size/buy-list';
export { calibrate, DRIFT, meanOf, mixAt, nozzleDrift, oneOf128, PLOT_128, PLOT_128_SIDE_M, type Calibrated, type Drift, type Walked } from './size/calibrate';
export { canopyMix, HIGHEST_CANOPY_M, type Canopy, type CanopyMix } from './size/canopy';
export { heightOf, type Height, type HeightReading } from './size/height';
export { BAND_TO_M, trunkBand, trunkRound, type Band, type TrunkReading } from './size/trunk';
export { findOil, SOAP_OILS, type SoapOil } from './soap/oils';
export { checkSoap, LYES, oilForLye, PURITY, soapRecipe, SURPLUS, takesUp, type SoapCheck, type SoapRecipe, type SoapRequest } from './soap/recipe';
export { nextDue, readyAt, readyDays, REST_HOURS, SOAP_STAGES, STAGE_NAMES, type BatchTimes, type SoapDue, type SoapStage } from './soap/stages';
export { LYE_GATES, SOAP_DOSES, soapSteps, vesselRefusal, VESSELS, type Dose, type Vessel } from './soap/steps';
export { protectionList, stepsFor, type Step } from './steps';
export type { Load, Measured, MixPlan, MixRequest } from './types';
export { waysToMeasure, WORTH_SAYING, type Way, type WaysRequest } from './ways';
