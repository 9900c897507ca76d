const path = require('path');
const { getDefaultConfig } = require('expo/metro-config');
const { withNativeWind } = require('nativewind/metro');
const { bundleZod } = require('./scripts/bundle/zod');

const config = getDefaultConfig(__dirname);
const ours = (file) => path.join(__dirname, 'scripts/bundle', file);

/*
 * Metro takes a package whole. What the framework brings and this application never draws is left out, or has a
 * stand-in of a few lines (docs/architecture.md, “The bundle”). Each entry tells the module by the end of its path.
 */
const standIns = new Map([
  ['temporal-polyfill/index.js', ours('temporal.js')],
  ['react-native-web/dist/exports/Animated/index.js', ours('animated.js')],
  ['expo-router/build/react-navigation/bottom-tabs/index.js', ours('bottomTabs.js')],
  ['expo-router/build/fork/native-stack/createNativeStackNavigator.js', ours('nativeStack.js')],
]);
const leftOut = [
  'expo-router/build/layouts/Tabs.js',
  'expo-router/build/layouts/experimental-stack/index.web.js',
  'react-native-web/dist/exports/FlatList/index.js',
  'react-native-web/dist/exports/SectionList/index.js',
  'react-native-web/dist/exports/VirtualizedList/index.js',
];
const endOf = (file) => file.split('/node_modules/').at(-1);

const inMetro = config.resolver.resolveRequest;
const zod = bundleZod();
config.resolver.resolveRequest = (context, name, platform) => {
  const found = (inMetro ?? context.resolveRequest)(context, name, platform);
  if (platform !== 'web' || found.type !== 'sourceFile') return found;
  if (found.filePath === path.join(__dirname, 'core/zod.ts')) return { type: 'sourceFile', filePath: zod };
  const end = endOf(found.filePath);
  const standIn = standIns.get(end);
  if (standIn) return { type: 'sourceFile', filePath: standIn };
  return leftOut.includes(end) ? { type: 'empty' } : found;
};

// a module is run when something of it is first used; this one asks which script it stands in, and has to do so at once
const atOnce = path.join(__dirname, 'node_modules/expo/src/winter/ImportMetaRegistry.ts');
config.transformer.getTransformOptions = async () => ({
  transform: { experimentalImportSupport: false, inlineRequires: { blockList: { [atOnce]: true } } },
});

module.exports = withNativeWind(config, { input: './global.css', inlineRem: 16 });
