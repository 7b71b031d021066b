import { install } from './lib.mjs';

install();
const { buildApp, buildServer } = await import('./build-parts.mjs');
await buildServer();
await buildApp();
