export * from './lookup';
export { labelLineSchema, labelSheetSchema } from './schema';
export type { LabelLine, LabelSheet, Rate } from './schema';
export { SHEETS, findSheet } from './sheets';
