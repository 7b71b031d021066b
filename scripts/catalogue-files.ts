import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { KIND_NAMES, type EntryFile } from '../packages/core/src/contribute';

export const CATALOGUE = fileURLToPath(new URL('../packages/core/catalogue/', import.meta.url));
export const SOURCES = fileURLToPath(new URL('../packages/core/src/', import.meta.url));

/** Every file of the catalogue. */
export const catalogueFiles = (): EntryFile[] =>
  KIND_NAMES.flatMap((kind) =>
    readdirSync(join(CATALOGUE, kind))
      .filter((f) => f.endsWith('.yaml'))
      .map((f) => ({ path: `${kind}/${f}`, text: readFileSync(join(CATALOGUE, kind, f), 'utf8') })),
  );
