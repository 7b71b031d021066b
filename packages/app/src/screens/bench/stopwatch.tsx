import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../ui/button';
import { T } from '../../ui/text';

/** Counts up from a tap to a tap, and hands over the seconds. */
export function Stopwatch({ onSeconds }: { readonly onSeconds: (seconds: number) => void }) {
  const [from, setFrom] = useState<number | null>(null);
  const [now, setNow] = useState(0);
  useEffect(() => {
    if (from === null) return;
    const tick = setInterval(() => setNow(Date.now()), 100);
    return () => clearInterval(tick);
  }, [from]);
  const seconds = from === null ? 0 : Math.max(0, now - from) / 1000;
  return (
    <View className="flex-row items-center justify-between gap-4">
      <View role="timer" aria-label={`${Math.floor(seconds)} seconds`}>
        <T className="font-bold text-[48px] leading-[54px]">{seconds.toFixed(1)}</T>
      </View>
      <View className="flex-1">
        {from === null ? (
          <Button
            title="Start"
            onPress={() => {
              setNow(Date.now());
              setFrom(Date.now());
            }}
          />
        ) : (
          <Button
            kind="stop"
            title="Stop"
            onPress={() => {
              onSeconds(Math.round((Date.now() - from) / 100) / 10);
              setFrom(null);
            }}
          />
        )}
      </View>
    </View>
  );
}
