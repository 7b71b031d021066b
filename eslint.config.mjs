import expo from 'eslint-config-expo/flat.js';

/** The rules that run a compiler over each function to see what a component may not do. */
const COMPILED = Object.keys(Object.assign({}, ...expo.map((c) => c.rules ?? {}))).filter(
  (rule) => rule.startsWith('react-hooks/') && !['react-hooks/rules-of-hooks', 'react-hooks/exhaustive-deps'].includes(rule),
);
const NO_COMPONENTS = Object.fromEntries(COMPILED.map((rule) => [rule, 'off']));

export default [
  {
    ignores: [
      '**/dist/**',
      '**/.expo/**',
      '**/node_modules/**',
      'test-results/**',
      '.data/**',
      'packages/core/src/catalogue/made/**',
      'packages/core/src/label/sheets/made.ts',
    ],
  },
  ...expo,
  {
    settings: {
      'import/resolver': { typescript: { project: ['packages/core/tsconfig.json', 'packages/server/tsconfig.json', 'packages/app/tsconfig.json'] } },
    },
    rules: {
      // the compiler tells these, and far faster
      'import/namespace': 'off',
      'import/named': 'off',
      'import/default': 'off',
      'import/export': 'off',
      'import/no-unresolved': 'off',
      'import/no-named-as-default': 'off',
      'no-console': 'error',
      'import/no-named-as-default-member': 'off',
      eqeqeq: ['error', 'always', { null: 'ignore' }],
    },
  },
  // what holds of components is not asked of files that have none
  { files: ['packages/core/**', 'packages/server/**', 'bench/**', 'e2e/**', 'hard/**', 'scripts/**'], rules: NO_COMPONENTS },
  // read by the bundler, in Node
  { files: ['packages/app/lean*.js'], languageOptions: { globals: { __dirname: 'readonly', __filename: 'readonly' } } },
  { files: ['scripts/**', 'bench/**'], rules: { 'no-console': 'off' } },
];
