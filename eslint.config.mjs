import expo from 'eslint-config-expo/flat.js';

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
      'no-console': 'error',
      'import/no-named-as-default-member': 'off',
      eqeqeq: ['error', 'always', { null: 'ignore' }],
    },
  },
  { files: ['scripts/**', 'bench/**'], rules: { 'no-console': 'off' } },
];
