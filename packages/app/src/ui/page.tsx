import type { ReactNode } from 'react';
import { Pressable, ScrollView, View } from 'react-native';
import { useRouter, type Href } from 'expo-router';
import { T } from './text';

interface Props {
  readonly title?: string;
  readonly sub?: string | undefined;
  /** Where "back" leads on a phone. */
  readonly back?: { readonly title: string; readonly href: Href };
  readonly aside?: ReactNode;
  /** The bar at the thumb. */
  readonly footer?: ReactNode;
  readonly children: ReactNode;
}

/** A screen: what it is, its content, and the main action at the bottom. */
export function Page({ title, sub, back, aside, footer, children }: Props) {
  const router = useRouter();
  return (
    <View className="min-h-0 flex-1 bg-frost" role="main">
      <ScrollView className="min-h-0 flex-1" contentContainerClassName="w-full max-w-[900px] pb-10">
        <View className="px-5 pt-6">
          <View className="flex-row items-start justify-between gap-3">
            {back ? (
              <Pressable role="link" onPress={() => router.navigate(back.href)} className="min-h-[48px] justify-center pr-4">
                <T kind="muted" className="underline">
                  {back.title}
                </T>
              </Pressable>
            ) : (
              <View />
            )}
            {aside}
          </View>
          {title !== undefined && (
            <T kind="title" level={1}>
              {title}
            </T>
          )}
          {sub !== undefined && (
            <T kind="muted" className="pt-1">
              {sub}
            </T>
          )}
        </View>
        {children}
      </ScrollView>
      {/* no wider than what it belongs to, so that the eye finds its buttons below it */}
      {footer !== undefined && <View className="w-full max-w-[900px]">{footer}</View>}
    </View>
  );
}
