// npm test: installs what is missing, then everything that must hold.
import { existsSync } from 'node:fs';
import { fail, has, install, run } from './lib.mjs';

install();
if (!existsSync('/usr/bin/chromium')) {
  const root = process.getuid?.() === 0;
  if (!has('apt-get') || !root)
    fail('The browser tests need Chromium at /usr/bin/chromium: install it (Debian: apt-get install chromium), then run this again.');
  process.stdout.write('Installing Chromium (once)\n');
  if (!run('sh', ['-c', 'apt-get update -qq && DEBIAN_FRONTEND=noninteractive apt-get install -y -qq chromium > /dev/null']))
    fail('Chromium could not be installed through apt-get.');
}
const steps = [
  ['check', process.execPath, ['scripts/check.mjs']],
  ['unit tests', 'npx', ['--no-install', 'jest', '--ci']],
  ['build', process.execPath, ['scripts/build.mjs']],
  ['browser tests', 'npx', ['--no-install', 'playwright', 'test']],
  ['hard test, short', 'npx', ['--no-install', 'tsx', 'hard/main.ts', '--short']],
];
for (const [name, command, args] of steps) if (!run(command, args)) fail(`npm test stopped at: ${name}`);
