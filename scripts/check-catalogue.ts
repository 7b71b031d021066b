import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { deadLines, neverOpen, unoffered } from '../bench/advice/faults';
import { checkLibrary, jsonSchemas, makeModules, readLibrary, sayFault, type Wrong } from '../packages/core/src/contribute';
import { misfits } from '../packages/core/src/contribute/misfits';
import { CATALOGUE, catalogueFiles, SOURCES } from './catalogue-files';

/** Says in words, with file and line, what is wrong with the catalogue. */
const { library, faults, place } = readLibrary(catalogueFiles());
const wrong: Wrong[] = faults.length > 0 ? [] : checkLibrary(library);
const said = [...faults, ...wrong.map(place)].map((f) => sayFault({ ...f, path: `packages/core/catalogue/${f.path}` }));

// a sentence that nobody wrote yet is no sentence
for (const { path, text } of catalogueFiles())
  text.split('\n').forEach((line, i) => {
    if (/\b(TODO|FIXME|TBD|XXX)\b/.test(line)) said.push(`packages/core/catalogue/${path}:${i + 1}: a sentence that is not written yet`);
  });

if (said.length === 0) {
  const stale = (root: string, path: string, text: string) => {
    let there = '';
    try {
      there = readFileSync(join(root, path), 'utf8');
    } catch {
      // not made yet
    }
    if (there !== text) said.push(`${path} has fallen behind the files it is made from: npm run catalogue:make`);
  };
  for (const { path, text } of makeModules(library)) stale(SOURCES, path, text);
  for (const { path, schema } of jsonSchemas(library)) stale(CATALOGUE, path, `${JSON.stringify(schema, null, 1)}\n`);
}
if (said.length === 0) {
  const lineOf = (kind: Wrong['kind'], id: string, at: readonly PropertyKey[], text: string) =>
    said.push(sayFault({ ...place({ kind, id, at, text }), path: `packages/core/catalogue/${kind}/${id}.yaml` }));
  for (const { trouble, control } of deadLines()) {
    const own = library.troubles.find((t) => t.id === trouble)?.controls.findIndex((u) => 'control' in u && u.control === control) ?? -1;
    lineOf('troubles', trouble, own < 0 ? ['controls'] : ['controls', own], `${control}: none of its plants is on that sheet, so nobody could use this line`);
  }
  for (const { trouble, control } of neverOpen()) {
    const own = library.troubles.find((t) => t.id === trouble)?.controls.findIndex((u) => 'control' in u && u.control === control) ?? -1;
    lineOf('troubles', trouble, own < 0 ? ['controls'] : ['controls', own], `${control}: no stage of its life is ever open to it, so it would never be told`);
  }
  for (const { sign, host } of misfits()) lineOf('signs', sign, ['question'], `asks ${host} for a part that it has not: name its plants under onlyOn`);
  for (const { sheet, pest } of unoffered()) lineOf('sheets', sheet, ['lines'], `${pest} is on no ladder that leads to this sheet`);
}
for (const line of said) process.stderr.write(`${line}\n`);
process.exit(said.length === 0 ? 0 : 1);
