/**
 * The bundler does not shake trees: what a library's index pulls in and this app never uses is left out by name, or
 * stood in for by a file of `src/lean`. `npm run bench` weighs the first load, the browser tests say whether something is missing.
 */
const LEAN = [
  { within: 'zod', request: /(from-json-schema|json-schema-processors|json-schema-generator|deep-partial|\/compile)\.c?js$/, use: 'nothing' },
  { within: 'zod', request: /locales\/index(\.c?js)?$/, use: 'zod-locales.js' },
  { within: 'react-native-svg', request: /^\.\/(xml|transform|transformToRn)(\.js)?$/, use: 'nothing' },
  { within: 'react-native-web', request: /\/Animated(FlatList|SectionList)$/, use: 'nothing' },
  { within: '@tanstack', request: /^\.\/(hydration|streamedQuery|HydrationBoundary|useSuspense\w+|usePrefetch\w+)(\.js)?$/, use: 'nothing' },
  { within: 'uuid', request: /^\.\/(md5|sha1|v1|v3|v5|v6|v1ToV6|v6ToV1|v35)(\.js)?$/, use: 'nothing' },
  { within: 'react-native-css-interop', request: /^\.\/components$/, use: 'class-names.js' },
  { within: 'expo-router', request: /fork\/native-stack\/createNativeStackNavigator$/, use: 'native-stack.js' },
  { within: 'expo-router', request: /\/(Sitemap|Unmatched|stack-utils|Toast|link\/Link|StaticNavigation|createStaticNavigation|TabRouter)$/, use: 'nothing' },
  { within: 'expo-router', request: /native-tabs\/NativeTabTrigger$/, use: 'native-tabs.js' },
  { within: 'expo-router', request: /^react-native-screens$/, use: 'native-screens.js' },
  { within: 'expo-router', request: /vendor\/react-helmet-async\/lib$/, use: 'helmet.js' },
  { outside: 'expo-router', request: /^expo-router$/, use: 'router.js' },
  { within: '(expo-router|react-native-css-interop)', request: /^react-native(-web\/dist\/index)?$/, use: 'react-native.js' },
].map(({ within, outside, ...rest }) => ({
  ...rest,
  from: new RegExp(`[\\\\/]node_modules[\\\\/]${within ?? outside}[\\\\/]`),
  inside: within !== undefined,
}));

/** @returns the file of `src/lean`, 'nothing', or null where the module itself is taken */
exports.standIn = (from, name) => LEAN.find((l) => l.from.test(from) === l.inside && l.request.test(name))?.use ?? null;
