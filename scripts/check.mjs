// npm run check: types, lint, format, boundaries, dead code and the catalogue, each named when it fails.
import { availableParallelism } from 'node:os';
import { LONG, SOON } from './checks.mjs';
import { install } from './lib.mjs';
import { sideBySide } from './steps.mjs';

install();
const done = await sideBySide([...LONG, ...SOON], Math.min(2, availableParallelism()));
const failed = done.filter((d) => !d.ok);
for (const f of failed) process.stderr.write(`check failed: ${f.name}\n`);
process.exit(failed.length === 0 ? 0 : 1);
