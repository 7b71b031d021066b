// npm start and npm run demo: whatever is missing is made, then the server runs until it is stopped.
import { spawn } from 'node:child_process';
import { rmSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { install, root } from './lib.mjs';

const demo = process.argv.includes('--demo');
const data = process.env.SLEETBROOK_DATA ?? join(root, '.data', demo ? 'demo' : 'garden');
if (demo && process.argv.includes('--fresh')) rmSync(data, { recursive: true, force: true });

install();
const { buildApp, buildServer } = await import('./build-parts.mjs');
await buildServer();
await buildApp();

// two heaps of the C library for all threads, not eight a core: what a picture was opened in is given back (glibc, mallopt(3))
const env = { MALLOC_ARENA_MAX: '2', ...process.env, SLEETBROOK_DATA: data };
if (demo) {
  env.SLEETBROOK_DEMO = '1';
  env.SLEETBROOK_NOW ??= '2026-05-24T18:10:00Z';
}
// npm start -- --household: the phones of the house may come in, by the passcode or by words
if (process.argv.includes('--household')) env.SLEETBROOK_HOUSEHOLD = '1';
// npm start -- --restore FILE [--yes]: what a copy holds, and with --yes it takes the place of the garden
const at = process.argv.indexOf('--restore');
if (at >= 0) {
  const file = process.argv[at + 1];
  if (!file || file.startsWith('--')) {
    process.stderr.write('--restore needs the file of a copy: npm start -- --restore .data/garden/copies/day-2026-05-24.db\n');
    process.exit(1);
  }
  env.SLEETBROOK_RESTORE = resolve(file);
  if (process.argv.includes('--yes')) env.SLEETBROOK_RESTORE_YES = '1';
}
const server = spawn(process.execPath, [join(root, 'packages/server/dist/main.js')], { cwd: root, env, stdio: 'inherit' });
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
server.on('exit', (code) => process.exit(code ?? 0));
