import { z } from 'zod';
import { labelSheetSchema } from './schema';
import { SHEET_FILE_FORMAT, SHEET_FILE_VERSION } from './sheet-file';

const fileSchema = z
  .strictObject({ format: z.literal(SHEET_FILE_FORMAT), version: z.literal(SHEET_FILE_VERSION), sheets: z.array(labelSheetSchema).min(1) })
  .meta({ title: 'Label sheets of Sleetbrook', description: 'Units: ml, g, litres, square metres, days, hours, degrees Celsius. See label-sheets.md.' });

/** The format of a file of sheets as JSON Schema, from the very schema that checks one. */
export const sheetFileJsonSchema = () => z.toJSONSchema(fileSchema);
