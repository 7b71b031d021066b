import type { UseQueryResult } from '@tanstack/react-query';
import type { ReactNode } from 'react';
import { View } from 'react-native';
import { Button } from './button';
import { T } from './text';

/** Shown while something is read. Says so to a screen reader, moves nothing. */
export function Loading() {
  return (
    <View className="gap-3 px-5 py-6" role="status" aria-label="Loading">
      {[70, 90, 50].map((w) => (
        <View key={w} className="h-5 rounded-full bg-line opacity-60" style={{ width: `${w}%` }} />
      ))}
    </View>
  );
}

/** Nothing here yet, and what to do first. */
export function Empty({ title, text, action }: { readonly title: string; readonly text: string; readonly action?: { title: string; onPress: () => void } }) {
  return (
    <View className="gap-3 px-5 py-8">
      <T kind="head" level={2}>
        {title}
      </T>
      <T kind="muted">{text}</T>
      {action && <Button title={action.title} onPress={action.onPress} />}
    </View>
  );
}

/** Something could not be read: what, and how to go on. */
export function Failed({ error, again }: { readonly error: unknown; readonly again?: () => void }) {
  return (
    <View className="gap-3 bg-rowan-ground px-5 py-5" role="alert">
      <T kind="strong">That did not work</T>
      <T>{error instanceof Error ? error.message : 'Something went wrong.'}</T>
      {again && <Button kind="quiet" title="Try again" onPress={again} />}
    </View>
  );
}

/** A query's data, or the right thing in its place. */
export function Read<T>({ query, children }: { readonly query: UseQueryResult<T>; readonly children: (data: T) => ReactNode }) {
  if (query.data !== undefined) return <>{children(query.data)}</>;
  if (query.isError) return <Failed error={query.error} again={() => void query.refetch()} />;
  return <Loading />;
}
