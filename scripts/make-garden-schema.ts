import { writeFileSync } from 'node:fs';
import { gardenFileJsonSchema } from '../packages/core/src/garden-file/kinds';

/** Writes docs/garden-file.schema.json from the schemas that check files. A test says when it has fallen behind. */
writeFileSync(new URL('../docs/garden-file.schema.json', import.meta.url), `${JSON.stringify(gardenFileJsonSchema(), null, 2)}\n`);
