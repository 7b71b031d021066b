import type { ReactNode } from 'react';
import { View } from 'react-native';
import { useWide } from './shell';

/** List and detail side by side on a wide screen; only the detail (or the list) on a phone. */
export function TwoPane({ list, children }: { readonly list: ReactNode; readonly children: ReactNode }) {
  if (!useWide()) return <>{children}</>;
  return (
    <View className="min-h-0 flex-1 flex-row">
      <View className="w-[330px] border-r border-line">{list}</View>
      <View className="min-h-0 min-w-0 flex-1">{children}</View>
    </View>
  );
}
