import type { Planting, Stop, Walk, WalkPlan, WatchItem } from '@sleetbrook/core/api';
import type { PartId } from '@sleetbrook/core/cards';
import { useRouter } from 'expo-router';
import { useEffect, useState } from 'react';
import { Pressable, ScrollView, View } from 'react-native';
import { usePlantings, useWalk, useWalkPlan } from '../../api/queries';
import { useDrafts } from '../../state/drafts';
import { useNow } from '../../state/now';
import { useWalking } from '../../state/walking';
import { Button } from '../../ui/button';
import { Mark, type MarkState } from '../../ui/mark';
import { Page } from '../../ui/page';
import { Empty, Loading, Read } from '../../ui/states';
import { T } from '../../ui/text';
import { Counter } from './counter';
import { WalkResult } from './walk-result';

/** One round of the garden: the stop at hand, or the result when it is finished. */
export function WalkScreen({ id }: { readonly id: string }) {
  const running = useWalking((w) => w.walk);
  const kept = useWalk(id, true);
  useOthersTaps(kept.data);
  const plantings = usePlantings().data;
  const plan = useWalkPlan(id).data;
  if (!plantings || !plan)
    return (
      <Page title="Walk">
        <Loading />
      </Page>
    );
  if (running?.id === id)
    return running.finishedAt ? <WalkResult walk={running} plantings={plantings} plan={plan} /> : <Walking walk={running} plantings={plantings} plan={plan} />;
  return <Read query={kept}>{(walk) => <WalkResult walk={walk} plantings={plantings} plan={plan} />}</Read>;
}

/** What another device does on the round at hand comes in by itself: once nothing of ours is on its way. */
function useOthersTaps(theirs: Walk | undefined): void {
  const { walk, unsent, met } = useWalking();
  const newer = theirs !== undefined && walk?.id === theirs.id && unsent === 0 && theirs.revision > walk.revision;
  useEffect(() => {
    if (newer && theirs) met(theirs);
  }, [newer, theirs, met]);
}

interface Props {
  readonly walk: Walk;
  readonly plantings: readonly Planting[];
  readonly plan: WalkPlan;
}

const MARKS: Record<Stop['state'], MarkState> = { 'to-do': 'open', clear: 'done', found: 'wait', passed: 'stop' };

function Walking({ walk, plantings, plan }: Props) {
  const router = useRouter();
  const now = useNow();
  const changeStop = useWalking((w) => w.changeStop);
  const finish = useWalking((w) => w.finish);
  const together = useWalking((w) => w.together);
  const setLook = useDrafts((d) => d.setLook);
  const firstToDo = Math.max(
    0,
    walk.stops.findIndex((s) => s.state === 'to-do'),
  );
  const [at, setAt] = useState(firstToDo);
  const [counting, setCounting] = useState<string | null>(null);
  const stop = walk.stops[at];
  const planting = plantings.find((p) => p.id === stop?.plantingId);
  const watch = plan.find((p) => p.plantingId === stop?.plantingId)?.watch ?? [];
  if (!stop)
    return (
      <Empty title="Nothing on this walk" text="It has no plantings. Begin a new one." action={{ title: 'Walks', onPress: () => router.navigate('/walk') }} />
    );
  // the clock of the server; it has answered long before a thumb is on a button
  const time = new Date(now ?? Date.parse(walk.startedAt)).toISOString();
  const found = stop.tallies.some((t) => t.affected > 0);

  const leave = (state: Stop['state']) => {
    changeStop(stop.plantingId, { state, at: time });
    setCounting(null);
    const next = walk.stops.findIndex((s, i) => i !== at && i > at && s.state === 'to-do');
    const earlier = walk.stops.findIndex((s, i) => i !== at && s.state === 'to-do');
    if (next >= 0) setAt(next);
    else if (earlier >= 0) setAt(earlier);
    else finish(time);
  };
  const closer = (item: WatchItem) => {
    const tally = stop.tallies.find((t) => t.troubleId === item.troubleId);
    changeStop(stop.plantingId, { state: 'found', at: time });
    setLook(stop.plantingId, {
      part: item.part as PartId,
      answers: { [item.signId]: true },
      ...(tally ? { affected: String(tally.affected), looked: String(tally.looked) } : {}),
    });
    router.navigate(`/look/${stop.plantingId}`);
  };

  return (
    <Page
      title={planting?.name ?? 'A planting that was removed'}
      sub={`${planting?.place ?? ''} · ${at + 1} of ${walk.stops.length}`}
      back={{ title: 'Break off: it can be taken up again', href: '/walk' }}
      footer={
        <View className="gap-2 border-t border-line bg-slate px-5 pb-4 pt-3">
          <View className="flex-row gap-3">
            <View className="w-[132px]">
              <Button kind="quiet" title="Pass over" onPress={() => leave('passed')} />
            </View>
            <View className="flex-1">
              <Button title={found ? 'Noted: next' : 'All clear: next'} onPress={() => leave(found ? 'found' : 'clear')} />
            </View>
          </View>
        </View>
      }
    >
      {together && (
        <View role="status" className="px-5 pt-3">
          <T kind="strong" className="text-ochre">
            Another device is on this round too: what it counted is in here.
          </T>
        </View>
      )}
      <ScrollView horizontal showsHorizontalScrollIndicator={false} className="mt-3" contentContainerClassName="gap-2 px-5" tabIndex={0}>
        {walk.stops.map((s, i) => (
          <Pressable
            key={s.plantingId}
            role="button"
            aria-label={`${plantings.find((p) => p.id === s.plantingId)?.name ?? 'removed'}: ${s.state}`}
            aria-current={i === at ? 'step' : undefined}
            onPress={() => setAt(i)}
            className={`h-[48px] w-[48px] items-center justify-center rounded-xl ${i === at ? 'border-[3px] border-brook bg-slate' : 'border border-line bg-slate'}`}
          >
            {s.state === 'to-do' ? <T kind="strong">{String(i + 1)}</T> : <Mark state={MARKS[s.state]} size={22} />}
          </Pressable>
        ))}
      </ScrollView>
      <View className="gap-3 px-5 pt-4">
        {watch.length === 0 && <T>Nothing in particular is due here now. Look at the tips, then under the leaves.</T>}
        {watch.map((item) => (
          <Counter
            key={item.troubleId}
            item={item}
            tally={stop.tallies.find((t) => t.troubleId === item.troubleId) ?? null}
            open={counting === item.troubleId}
            plantingId={stop.plantingId}
            onOpen={() => setCounting(counting === item.troubleId ? null : item.troubleId)}
            onCloser={() => closer(item)}
          />
        ))}
        <Button kind="quiet" title="Something else: look closer" onPress={() => router.navigate(`/look/${stop.plantingId}`)} />
      </View>
    </Page>
  );
}
