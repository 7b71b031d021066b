// Tests run as CommonJS; what asks where it stands by import.meta is told as CommonJS would say it.
const { createTransformer } = require('@swc/jest');

const swc = createTransformer({ jsc: { parser: { syntax: 'typescript', tsx: true }, target: 'es2022' }, module: { type: 'commonjs' } });
const here = "require('node:url').pathToFileURL(__filename).href";
const asCommon = (source) => source.replaceAll('import.meta.url', here);

module.exports = {
  ...swc,
  process: (source, ...rest) => swc.process(asCommon(source), ...rest),
  getCacheKey: (source, ...rest) => swc.getCacheKey(asCommon(source), ...rest),
};
