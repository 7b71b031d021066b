// npm run check: types, lint, format, boundaries, dead code and the catalogue, each named when it fails.
import { availableParallelism } from 'node:os';
import { install } from './lib.mjs';
import { sideBySide } from './steps.mjs';

install();
const npx = (name, usually, ...args) => ({ name, usually, command: 'npx', args: ['--no-install', ...args] });
const done = await sideBySide(
  [
    npx('lint', 50, 'eslint', '--max-warnings=0', '.'),
    npx('types: app', 30, 'tsc', '-p', 'packages/app'),
    npx('types: core', 20, 'tsc', '-p', 'packages/core'),
    npx('types: server', 20, 'tsc', '-p', 'packages/server'),
    npx('types: e2e and bench', 20, 'tsc', '-p', 'e2e'),
    npx('format', 30, 'prettier', '--check', '--log-level=warn', '.'),
    npx('boundaries', 10, 'depcruise', '--output-type=err', 'packages/core/src', 'packages/server/src', 'packages/app/src'),
    npx('dead code', 10, 'knip', '--no-progress', '--no-config-hints'),
    npx('catalogue', 10, 'tsx', 'scripts/check-catalogue.ts'),
  ],
  Math.min(2, availableParallelism()),
);
const failed = done.filter((d) => !d.ok);
for (const f of failed) process.stderr.write(`check failed: ${f.name}\n`);
process.exit(failed.length === 0 ? 0 : 1);
