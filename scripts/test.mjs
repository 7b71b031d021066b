// npm test: installs what is missing, then everything that must hold; `--long` tries each property as often as it can be.
import { existsSync, writeFileSync } from 'node:fs';
import { randomInt } from 'node:crypto';
import { availableParallelism } from 'node:os';
import { join } from 'node:path';
import { fail, has, install, root, run } from './lib.mjs';
import { LONG as LONG_CHECKS, SOON } from './checks.mjs';
import { bin, stepBeside } from './steps.mjs';

const LONG = process.argv.includes('--long');
const started = Date.now();
install();
if (!existsSync('/usr/bin/chromium')) {
  const asRoot = process.getuid?.() === 0;
  if (!has('apt-get') || !asRoot)
    fail('The browser tests need Chromium at /usr/bin/chromium: install it (Debian: apt-get install chromium), then run this again.');
  process.stdout.write('Installing Chromium (once)\n');
  if (!run('sh', ['-c', 'apt-get update -qq && DEBIAN_FRONTEND=noninteractive apt-get install -y -qq chromium > /dev/null']))
    fail('Chromium could not be installed through apt-get.');
}
const seed = process.env.SLEETBROOK_SEED ?? String(randomInt(2 ** 31));
process.stdout.write(`Seed of the properties: ${seed} (the same again: SLEETBROOK_SEED=${seed} npm test)\n`);
const env = { SLEETBROOK_SEED: seed, ...(LONG ? { SLEETBROOK_LONG: '1' } : {}) };
const workers = String(Math.max(1, availableParallelism()));
const tool = (command, ...args) => ({ command: bin(command), args });
const node = (...args) => ({ command: process.execPath, args });
/** The build and the browser wait a good deal, for disks and for each other: the checks have that time. */
const steps = [
  { name: 'build', usually: 90, beside: SOON, ...node('scripts/build.mjs') },
  { name: 'unit tests', usually: LONG ? 1800 : 330, env, ...tool('jest', '--ci', `--maxWorkers=${workers}`) },
  { name: 'browser tests', usually: 700, beside: LONG_CHECKS, ...tool('playwright', 'test') },
  { name: 'hard test, short', usually: 100, ...tool('tsx', 'hard/main.ts', '--short') },
];
const took = [];
const say = () => {
  for (const t of took) process.stdout.write(`${String(t.seconds).padStart(6)} s  ${t.name}\n`);
  process.stdout.write(`${String(Math.round((Date.now() - started) / 1000)).padStart(6)} s  in all\n`);
};
for (const s of LONG ? steps.filter((s) => s.name === 'unit tests') : steps) {
  const beside = s.beside ?? [];
  process.stdout.write(`== ${s.name}${beside.length > 0 ? `; beside it ${beside.map((b) => b.name).join(', ')}` : ''}\n`);
  const [main, ...others] = await stepBeside(s, beside);
  took.push(main, ...others.map((o) => ({ ...o, name: `${o.name} (beside)` })));
  const failed = [main, ...others].filter((d) => !d.ok);
  if (failed.length === 0) continue;
  say();
  fail(`npm test stopped at: ${failed.map((f) => f.name).join(', ')}`);
}
say();
if (!LONG) writeFileSync(join(root, '.npm-test-seconds'), `${Math.round((Date.now() - started) / 1000)}\n`);
