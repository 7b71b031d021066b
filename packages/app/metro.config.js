const path = require('node:path');
const { getDefaultConfig } = require('expo/metro-config');
const { withNativeWind } = require('nativewind/metro');

const config = getDefaultConfig(__dirname);
config.resolver.assetExts.push('woff2');

/**
 * The bundler does not shake trees, so what an index pulls in and this app never uses is left out by
 * name: zod's other languages, JSON Schema and compiler parts, and the drawing of SVG files. `npm run bench` weighs the first load.
 */
const UNUSED = [
  { within: 'zod', request: /(from-json-schema|json-schema-processors|json-schema-generator|deep-partial|\/compile)\.c?js$/ },
  { within: 'react-native-svg', request: /^\.\/xml(\.js)?$/ },
];
const englishOnly = path.join(__dirname, 'src/zod-locales-en.js');
const resolve = config.resolver.resolveRequest;
config.resolver.resolveRequest = (context, name, platform) => {
  const from = context.originModulePath;
  if (/locales\/index(\.c?js)?$/.test(name) && from.includes(`${path.sep}zod${path.sep}`)) return { type: 'sourceFile', filePath: englishOnly };
  if (UNUSED.some((u) => from.includes(`node_modules${path.sep}${u.within}${path.sep}`) && u.request.test(name))) return { type: 'empty' };
  return (resolve ?? context.resolveRequest)(context, name, platform);
};

module.exports = withNativeWind(config, { input: './src/global.css', inlineRem: 16 });
