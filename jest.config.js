const node = (name, extra = {}) => ({
  displayName: name,
  rootDir: `packages/${name}`,
  testMatch: ['<rootDir>/test/**/*.test.ts'],
  transform: { '\\.m?[jt]s$': '<rootDir>/../../scripts/jest-transform.cjs' },
  transformIgnorePatterns: ['node_modules/(?!(@sleetbrook|uuid|@jsquash)/)'],
  testEnvironment: 'node',
  setupFiles: ['<rootDir>/../core/test/setup.ts'],
  ...extra,
});

module.exports = {
  testTimeout: 60_000,
  projects: [
    node('core'),
    node('server'),
    {
      displayName: 'app',
      rootDir: 'packages/app',
      preset: 'jest-expo',
      testMatch: ['<rootDir>/test/**/*.test.{ts,tsx}'],
      setupFiles: ['<rootDir>/test/setup.ts', '<rootDir>/../core/test/setup.ts'],
      moduleNameMapper: {
        '\\.css$': '<rootDir>/test/empty.js',
        '\\.woff2$': '<rootDir>/test/empty.js',
        '^lucide-react-native/icons/(.*)$': '<rootDir>/../../node_modules/lucide-react-native/dist/cjs/icons/$1.js',
      },
      transformIgnorePatterns: [
        'node_modules/(?!((jest-)?react-native|@react-native(-community)?|expo|@expo|react-navigation|@react-navigation|nativewind|react-native-css-interop|lucide-react-native|gifted-charts-core|comlink|uuid|@sleetbrook)(/|-|$))',
      ],
    },
  ],
};
