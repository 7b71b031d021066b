// What this app uses of the router. The library's own index brings tabs, native stacks, headers and previews along.
export { Slot } from 'expo-router/build/views/Navigator';
export { useLocalSearchParams, usePathname, useRouter } from 'expo-router/build/hooks';
export { Redirect } from 'expo-router/build/link/Redirect';
