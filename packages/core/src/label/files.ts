/** For entering label sheets and for moving them in and out of files; the reading of labels does without. */
export { checkSheet, type SheetFault } from './check-sheet';
export { looserThan } from './looser';
export { readRates, readSheetFile, SHEET_FILE_FORMAT, writeRates, writeSheetFile, type FileFault, type ReadFile } from './sheet-file';
export { CROP_WORDS, PEST_WORDS, type LabelWord } from './words';
