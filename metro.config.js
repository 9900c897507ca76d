const path = require('path');
const { getDefaultConfig } = require('expo/metro-config');
const { withNativeWind } = require('nativewind/metro');

const config = getDefaultConfig(__dirname);
const zodEnglish = path.join(__dirname, 'scripts/zod-locales.js');

// zod brings every locale it knows; the app speaks English only.
config.resolver.resolveRequest = (context, name, platform) =>
  name === '../locales/index.js' && /[\\/]zod[\\/]/.test(context.originModulePath)
    ? { type: 'sourceFile', filePath: zodEnglish }
    : context.resolveRequest(context, name, platform);

module.exports = withNativeWind(config, { input: './global.css', inlineRem: 16 });
