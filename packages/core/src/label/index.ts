export { COPPER_CEILING_G_M2 } from './copper-ceiling';
export { MOST_FILE_BYTES } from './file-limit';
export * from './lookup';
export {
  labelLineSchema,
  labelSheetSchema,
  MATERIAL_GROUPS,
  PROTECTION_ITEMS,
  RATE_FORMS,
  type LabelLine,
  type LabelSheet,
  type Rate,
  type RateForm,
} from './schema';
