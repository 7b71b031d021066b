// npm run test:quick -- PATH …: what a change of these files touches, in under a minute: their types, lint and the unit tests that import them.
import { relative, resolve } from 'node:path';
import { types } from './checks.mjs';
import { fail, install, root } from './lib.mjs';
import { bin, sideBySide } from './steps.mjs';

install();
const paths = process.argv.slice(2).map((p) => relative(root, resolve(p)));
if (paths.length === 0) fail('Name the files that were changed: npm run test:quick -- packages/core/src/measure/quantity.ts');
const parts = [...new Set(paths.map((p) => /^packages\/(core|server|app)\//.exec(p)?.[1] ?? 'core'))];
const code = paths.filter((p) => /\.(ts|tsx|mjs|js)$/.test(p));
const run = (name, command, ...args) => ({ name, command: bin(command), args });
const done = await sideBySide(
  [
    // the tests of the package alone: whoever imports it further off is tried by npm test
    run('unit tests', 'jest', '--ci', '--selectProjects', ...parts, '--findRelatedTests', ...(code.length > 0 ? code : paths), '--passWithNoTests'),
    ...parts.map((p) => types(`types: ${p}`, `packages/${p}`)),
    ...(code.length > 0 ? [run('lint', 'eslint', '--max-warnings=0', ...code)] : []),
  ],
  2,
);
process.exit(done.every((d) => d.ok) ? 0 : 1);
