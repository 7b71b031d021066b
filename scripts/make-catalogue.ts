import { mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { jsonSchemas, makeModules, readLibrary, sayFault } from '../packages/core/src/contribute';
import { CATALOGUE, catalogueFiles, SOURCES } from './catalogue-files';

/** Makes the modules that core reads, and the schemas that editors read, from the files of the catalogue. */
const { library, faults } = readLibrary(catalogueFiles());
for (const fault of faults) process.stderr.write(`${sayFault(fault)}\n`);
if (faults.length > 0) process.exit(1);
for (const { path, text } of makeModules(library)) writeFileSync(join(SOURCES, path), text);
mkdirSync(join(CATALOGUE, 'schema'), { recursive: true });
for (const { path, schema } of jsonSchemas(library)) writeFileSync(join(CATALOGUE, path), `${JSON.stringify(schema, null, 1)}\n`);
