import type { Tally, WatchItem } from '@sleetbrook/core/api';
import { Pressable, View } from 'react-native';
import { useWalking } from '../../state/walking';
import { Button } from '../../ui/button';
import { T } from '../../ui/text';
import { SignDrawing } from '../look/sign-drawing';
import { sayEnough, sayTrend } from '../look/say-count';

interface Props {
  readonly item: WatchItem;
  readonly tally: Tally | null;
  readonly plantingId: string;
  readonly open: boolean;
  readonly onOpen: () => void;
  readonly onCloser: () => void;
}

const WHY = { 'found-before': 'was here before', season: 'usual now' };

/** One thing to look for: its picture, and a tally by two buttons large enough for a glove. */
export function Counter({ item, tally, plantingId, open, onOpen, onCloser }: Props) {
  const add = useWalking((w) => w.tally);
  const affected = tally?.affected ?? 0;
  const looked = tally?.looked ?? 0;
  const so = sayEnough(affected, looked, item.threshold, item.unit);
  return (
    <View className={`rounded-3xl bg-slate ${affected > 0 ? 'border-[3px] border-ochre' : 'border border-line'}`}>
      <Pressable role="button" aria-expanded={open} onPress={onOpen} className="flex-row items-center gap-3 p-3 active:opacity-80">
        <View className="w-[96px] items-center">{item.drawing && <SignDrawing drawing={item.drawing} width={92} />}</View>
        <View className="min-w-0 flex-1">
          <T kind="strong">{item.question}</T>
          <T kind="muted">{`${item.name} · ${WHY[item.why]}`}</T>
          {looked > 0 && <T kind="label" className="text-ink">{`${affected} of ${looked} ${item.unit}${tally ? `, ${sayTrend(tally, item.before)}` : ''}`}</T>}
          {looked === 0 && item.before && <T kind="small">{`Last time ${item.before.affected} of ${item.before.looked}`}</T>}
        </View>
      </Pressable>
      {open && (
        <View className="gap-3 px-3 pb-4">
          <View className="flex-row gap-3">
            <Big title="Clean" sub="one more" tone="moss" onPress={() => add(plantingId, item.troubleId, 0, 1)} />
            <Big title="With it" sub="one more" tone="ochre" onPress={() => add(plantingId, item.troubleId, 1, 0)} />
          </View>
          <T kind={so.state === 'more' ? 'body' : 'strong'} live>
            {so.text}
          </T>
          <View className="flex-row flex-wrap justify-between gap-2">
            <Button kind="link" title="One clean less" disabled={looked === affected} onPress={() => add(plantingId, item.troubleId, 0, -1)} />
            <Button kind="link" title="One with it less" disabled={affected === 0} onPress={() => add(plantingId, item.troubleId, -1, 0)} />
          </View>
          {affected > 0 && <Button kind="quiet" title="Look closer: is it that?" onPress={onCloser} />}
        </View>
      )}
    </View>
  );
}

function Big({ title, sub, tone, onPress }: { readonly title: string; readonly sub: string; readonly tone: 'moss' | 'ochre'; readonly onPress: () => void }) {
  return (
    <Pressable
      role="button"
      aria-label={`${title}, ${sub}`}
      onPress={onPress}
      className={`min-h-[96px] flex-1 items-center justify-center rounded-2xl border-[3px] active:opacity-60 ${tone === 'moss' ? 'border-moss' : 'border-ochre bg-ochre-ground'}`}
    >
      <T kind="head">{title}</T>
      <T kind="muted">{sub}</T>
    </Pressable>
  );
}
