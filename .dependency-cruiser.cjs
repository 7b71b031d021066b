const core = (station) => `^packages/core/src/${station}/`;
// a later station may use an earlier one, never the other way
const ORDER = ['scout', 'diagnose', 'schedule', 'decide', 'mix', 'record'];
const SHARED = ['measure', 'catalogue', 'label', 'weather'];

/** @type {import('dependency-cruiser').IConfiguration} */
module.exports = {
  forbidden: [
    {
      name: 'core-stands-alone',
      comment: 'core imports nothing from app or server',
      severity: 'error',
      from: { path: '^packages/core/src' },
      to: { path: '^packages/(app|server)' },
    },
    {
      name: 'core-is-pure',
      comment: 'no interface, server or file code in core',
      severity: 'error',
      from: { path: '^packages/core/src' },
      to: { path: 'node_modules/(react|react-native|express|better-sqlite3|expo)|^(fs|path|http|node:)' },
    },
    { name: 'app-and-server-meet-at-http', severity: 'error', from: { path: '^packages/app' }, to: { path: '^packages/server' } },
    { name: 'server-not-app', severity: 'error', from: { path: '^packages/server' }, to: { path: '^packages/app' } },
    { name: 'ui-knows-no-screens', severity: 'error', from: { path: '^packages/app/src/ui' }, to: { path: '^packages/app/src/(screens|app|api)/' } },
    {
      name: 'no-circles',
      comment: 'of types neither: what two files both need stands in a third below them',
      severity: 'error',
      from: { path: '^packages/(core|server|app)/src' },
      to: { circular: true },
    },
    ...SHARED.flatMap((s) => ORDER.map((later) => ({ name: `${s}-before-${later}`, severity: 'error', from: { path: core(s) }, to: { path: core(later) } }))),
    ...ORDER.flatMap((s, i) =>
      ORDER.slice(i + 1).map((later) => ({ name: `${s}-before-${later}`, severity: 'error', from: { path: core(s) }, to: { path: core(later) } })),
    ),
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: 'dist|test' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.base.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'node', 'default'],
      extensions: ['.ts', '.tsx', '.js', '.mjs', '.cjs'],
    },
  },
};
