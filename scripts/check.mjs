// npm run check: types, lint, format, boundaries, dead code and the catalogue, each named when it fails.
import { availableParallelism } from 'node:os';
import { install } from './lib.mjs';
import { bin, sideBySide } from './steps.mjs';

install();
const run = (name, command, ...args) => ({ name, command: bin(command), args });
const done = await sideBySide(
  [
    run('lint', 'eslint', '--max-warnings=0', '.'),
    run('types: app', 'tsc', '-p', 'packages/app'),
    // one program: the server's compiles the core's files as well
    run('types: core and server', 'tsc', '-p', 'tsconfig.node.json'),
    run('types: e2e and bench', 'tsc', '-p', 'e2e'),
    run('format', 'prettier', '--check', '--log-level=warn', '.'),
    run('boundaries', 'depcruise', '--output-type=err', 'packages/core/src', 'packages/server/src', 'packages/app/src'),
    run('dead code', 'knip', '--no-progress', '--no-config-hints'),
    run('catalogue', 'tsx', 'scripts/check-catalogue.ts'),
  ],
  Math.min(2, availableParallelism()),
);
const failed = done.filter((d) => !d.ok);
for (const f of failed) process.stderr.write(`check failed: ${f.name}\n`);
process.exit(failed.length === 0 ? 0 : 1);
