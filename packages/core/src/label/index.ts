export { COPPER_CEILING_G_M2 } from './copper-ceiling';
export { MOST_FILE_BYTES } from './file-limit';
export * from './lookup';
export {
  labelLineSchema,
  labelSheetSchema,
  MATERIAL_GROUPS,
  PROTECTION_ITEMS,
  type LabelLine,
  type LabelSheet,
} from './schema';
export { FORMULATION_CODES, FORMULATIONS, METHODS, methodOf, type Formulation, type Method } from './formulation';
export { FORM_WORDS, RATE_FORMS, rateSchema, sayPer, sayRate, sayRateExact, startRate, systemOf, type Rate, type RateForm } from './rate';
export { rateFrom, rateOf } from './rate-of';
export { readRate, type RateOf, type ReadRate } from './read-rate';
export { activeIn, rescale, sayStrength, type Product, type Rescaled, type Strength } from './strength';
export { proposedWater, WATER_PROPOSALS } from './water';
