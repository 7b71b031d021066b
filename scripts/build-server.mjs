// The server alone, for whoever starts it and needs no page.
const { buildServer } = await import('./build-parts.mjs');
await buildServer();
