const path = require('node:path');
const { getDefaultConfig } = require('expo/metro-config');
const { withNativeWind } = require('nativewind/metro');
const { standIn } = require('./lean');

const config = getDefaultConfig(__dirname);
config.cacheVersion = require('./lean-imports').cacheKey();
config.resolver.assetExts.push('woff2');

const resolve = config.resolver.resolveRequest;
config.resolver.resolveRequest = (context, name, platform) => {
  const lean = standIn(context.originModulePath, name);
  if (lean) return lean === 'nothing' ? { type: 'empty' } : { type: 'sourceFile', filePath: path.join(__dirname, 'src/lean', lean) };
  return (resolve ?? context.resolveRequest)(context, name, platform);
};

module.exports = withNativeWind(config, { input: './src/global.css', inlineRem: 16 });
