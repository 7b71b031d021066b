// npm run check: types, lint, format, boundaries, dead code and the catalogue, each named when it fails.
import { install, run } from './lib.mjs';

install();
const steps = [
  ['types: core', 'npx', ['--no-install', 'tsc', '-p', 'packages/core']],
  ['types: server', 'npx', ['--no-install', 'tsc', '-p', 'packages/server']],
  ['types: app', 'npx', ['--no-install', 'tsc', '-p', 'packages/app']],
  ['types: e2e and bench', 'npx', ['--no-install', 'tsc', '-p', 'e2e']],
  ['lint', 'npx', ['--no-install', 'eslint', '--max-warnings=0', '.']],
  ['format', 'npx', ['--no-install', 'prettier', '--check', '--log-level=warn', '.']],
  ['boundaries', 'npx', ['--no-install', 'depcruise', '--output-type=err', 'packages/core/src', 'packages/server/src', 'packages/app/src']],
  ['dead code', 'npx', ['--no-install', 'knip', '--no-progress', '--no-config-hints']],
  ['catalogue', 'npx', ['--no-install', 'tsx', 'scripts/check-catalogue.ts']],
];
let failed = 0;
for (const [name, command, args] of steps) {
  process.stdout.write(`${name}\n`);
  if (run(command, args)) continue;
  process.stderr.write(`check failed: ${name}\n`);
  failed++;
}
process.exit(failed === 0 ? 0 : 1);
