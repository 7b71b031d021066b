import { execFileSync, spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { dirname, join, relative } from 'node:path';
import { fileURLToPath } from 'node:url';

export const root = join(dirname(fileURLToPath(import.meta.url)), '..');
export const quiet = { ...process.env, EXPO_OFFLINE: '1', EXPO_NO_TELEMETRY: '1', CI: '1' };

/** One clear line, then out. */
export function fail(line) {
  process.stderr.write(`${line}\n`);
  process.exit(1);
}

export function run(command, args, options = {}) {
  const done = spawnSync(command, args, { cwd: root, stdio: 'inherit', env: quiet, ...options });
  if (done.error || done.status !== 0) return false;
  return true;
}

const hashOf = (text) => createHash('sha256').update(text).digest('hex');

/** Every package of the lock file stands in node_modules at its version, but for those of other machines; the database module is compiled. */
function isInstalled() {
  const hidden = join(root, 'node_modules', '.package-lock.json');
  if (!existsSync(hidden) || !existsSync(join(root, 'node_modules/better-sqlite3/build/Release/better_sqlite3.node'))) return false;
  const wanted = JSON.parse(readFileSync(join(root, 'package-lock.json'), 'utf8')).packages;
  const there = JSON.parse(readFileSync(hidden, 'utf8')).packages;
  return Object.entries(wanted).every(([path, p]) => !path.startsWith('node_modules/') || p.optional || p.link || there[path]?.version === p.version);
}

/** Installs dependencies when the lock file changed since the last time, or when they are not there. */
export function install() {
  const [major, minor] = process.versions.node.split('.').map(Number);
  if (major < 20 || (major === 20 && minor < 19)) fail(`Sleetbrook needs Node 20.19 or later; this is ${process.versions.node}.`);
  const mark = join(root, 'node_modules', '.sleetbrook-lock');
  const lock = hashOf(readFileSync(join(root, 'package-lock.json'), 'utf8'));
  if (existsSync(mark) && readFileSync(mark, 'utf8') === lock) return;
  // a plain `npm ci` counts as installed: npm writes what it put there beside it, in the order of the lock file
  if (isInstalled()) return void writeFileSync(mark, lock);
  process.stdout.write('Installing dependencies (a few minutes, once)\n');
  const done = spawnSync('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error'], {
    cwd: root,
    encoding: 'utf8',
    stdio: ['ignore', 'inherit', 'pipe'],
    maxBuffer: 1 << 28,
  });
  if (done.status !== 0) {
    const err = done.stderr ?? '';
    if (/ENOSPC/.test(err)) fail('The disk is full: free about 1.5 GB, then run this again.');
    if (/node-gyp|gyp ERR|not found: make|g\+\+|python/i.test(err))
      fail('better-sqlite3 could not be compiled: install python3, make and g++ (Debian: apt-get install python3 make g++), then run this again.');
    fail(`npm ci failed: ${err.trim().split('\n').slice(-3).join(' ')}`);
  }
  writeFileSync(mark, lock);
}

/** A digest of the names, sizes and times of everything under some folders. */
function fingerprint(paths) {
  const parts = [];
  const walk = (path) => {
    if (!existsSync(path)) return;
    const s = statSync(path);
    if (s.isFile()) return void parts.push(`${relative(root, path)} ${hashOf(readFileSync(path))}`);
    for (const name of readdirSync(path).sort()) if (name !== 'node_modules' && name !== 'dist' && name !== '.expo') walk(join(path, name));
  };
  for (const p of paths) walk(join(root, p));
  return hashOf(parts.join('\n'));
}

/** Runs a build step when its sources changed since it last passed. */
export function stale(name, sources, output) {
  const mark = join(root, 'node_modules', `.sleetbrook-${name}`);
  const print = fingerprint(sources);
  const fresh = existsSync(join(root, output)) && existsSync(mark) && readFileSync(mark, 'utf8') === print;
  return {
    fresh,
    done: () => {
      mkdirSync(dirname(mark), { recursive: true });
      writeFileSync(mark, print);
    },
  };
}

export const has = (command) => {
  try {
    execFileSync('sh', ['-c', `command -v ${command}`], { stdio: 'ignore' });
    return true;
  } catch {
    return false;
  }
};
