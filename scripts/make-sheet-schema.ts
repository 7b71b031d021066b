import { writeFileSync } from 'node:fs';
import { sheetFileJsonSchema } from '../packages/core/src/label/file-schema';

/** Writes docs/label-sheets.schema.json from the schema that checks files. A test says when it has fallen behind. */
writeFileSync(new URL('../docs/label-sheets.schema.json', import.meta.url), `${JSON.stringify(sheetFileJsonSchema(), null, 2)}\n`);
