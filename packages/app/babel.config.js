const leanImports = require('./lean-imports');

module.exports = (api) => {
  // tests run what is written; only the bundle is made lean
  const bundled = api.caller((c) => c?.bundler === 'metro' || c?.name === 'metro');
  return { presets: [['babel-preset-expo', { jsxImportSource: 'nativewind' }], 'nativewind/babel'], plugins: bundled ? [leanImports] : [] };
};
