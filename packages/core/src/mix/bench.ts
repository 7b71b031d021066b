/** The bench: sizes, strengths, what to buy, and preparations with a card of their own. */
export { checkBordeaux, LEVEL, type BordeauxCheck, type Part as BordeauxPart } from './bordeaux/check';
export { copperLoad, type CopperLoad } from './bordeaux/copper-load';
export {
  asCrystals,
  bordeauxFor,
  COPPER_SALTS,
  LIMES,
  nameFormula,
  readFormula,
  sayFormula,
  type BordeauxAmounts,
  type CopperSalt,
  type Formula,
  type Lime,
} from './bordeaux/formula';
export { slaking, type Slaking } from './bordeaux/slaking';
export { bordeauxSteps } from './bordeaux/steps';
export { fromStocks, sayStock, STOCK_G_PER_L, stockOf, type FromStocks } from './bordeaux/stocks';
export { findPreparation, prepare, PREPARATIONS, type Amount, type Input, type Preparation, type Prepared, type Values } from './prepare';
export { perLitreFor, type Concentration, type Wanted } from '../label/concentration';
export { activeIn, rescale, sayStrength, type Product, type Rescaled, type Strength } from '../label/strength';
export { buyList, type BuyList, type BuyRequest, type Pack } from './size/buy-list';
export { calibrate, meanOf, oneOf128, PLOT_128, PLOT_128_SIDE_M, type Calibrated, type Walked } from './size/calibrate';
export { heightOf, type Height, type HeightReading } from './size/height';
export { BAND_TO_M, trunkBand, trunkRound, type Band, type TrunkReading } from './size/trunk';
export { findOil, SOAP_OILS, type SoapOil } from './soap/oils';
export { checkSoap, LYES, oilForLye, PURITY, soapRecipe, SURPLUS, type SoapCheck, type SoapRecipe, type SoapRequest } from './soap/recipe';
export {
  nextDue,
  readyAt,
  readyDays,
  READY_TESTS,
  REST_HOURS,
  SOAP_STAGES,
  STAGE_NAMES,
  stageOf,
  type BatchTimes,
  type SoapDue,
  type SoapStage,
} from './soap/stages';
export { LYE_GATES, SOAP_DOSES, soapSteps, vesselRefusal, VESSELS, type Dose, type Vessel } from './soap/steps';
