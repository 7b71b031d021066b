import { writeFileSync } from 'node:fs';
import { z } from 'zod';
import { labelSheetSchema } from '../packages/core/src/label';
import { SHEET_FILE_FORMAT } from '../packages/core/src/label/files';

/** Writes docs/label-sheets.schema.json from the schema that checks files. A test says when it has fallen behind. */
export const sheetFileJsonSchema = () =>
  z.toJSONSchema(
    z
      .strictObject({ format: z.literal(SHEET_FILE_FORMAT), version: z.literal(1), sheets: z.array(labelSheetSchema).min(1) })
      .meta({ title: 'Label sheets of Sleetbrook', description: 'Units: ml, g, litres, square metres, days, hours, degrees Celsius. See label-sheets.md.' }),
  );

if (process.argv[1]?.endsWith('make-sheet-schema.ts')) {
  writeFileSync(new URL('../docs/label-sheets.schema.json', import.meta.url), `${JSON.stringify(sheetFileJsonSchema(), null, 2)}\n`);
}
