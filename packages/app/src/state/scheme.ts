import { useColorScheme } from 'react-native';
import { usePreferences } from './preferences';

/** Light or dark, as chosen here or by the device. */
export function useScheme(): 'light' | 'dark' {
  const system = useColorScheme();
  const chosen = usePreferences((p) => p.appearance);
  return chosen === 'system' ? (system === 'dark' ? 'dark' : 'light') : chosen;
}
