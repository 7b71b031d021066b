import { WALKS_A_PAGE, walkSchema, type Planting, type Walk } from '@sleetbrook/core/api';
import { DateTime } from 'luxon';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { v7 } from 'uuid';
import { useGarden, usePlantings, useWalks } from '../../api/queries';
import { Unreadable } from '../reach/unreadable';
import { useOlder } from '../../api/older';
import { useNow } from '../../state/now';
import { useWalking } from '../../state/walking';
import { ActionBar, Button } from '../../ui/button';
import { Page } from '../../ui/page';
import { Row, Section } from '../../ui/row';
import { Empty, Failed, Read } from '../../ui/states';
import { T } from '../../ui/text';

/** Begin a round, take up the one broken off, or read an earlier one. */
export function WalkHome() {
  const router = useRouter();
  const plantings = usePlantings().data;
  const zone = useGarden().data?.zone ?? 'utc';
  const walks = useWalks();
  const now = useNow();
  const running = useWalking((w) => w.walk);
  const begin = useWalking((w) => w.begin);
  const [order, setOrder] = useState<readonly string[] | null>(null);
  const [ordering, setOrdering] = useState(false);

  const outbox = useWalking((w) => w.outbox);
  // what waits on this device knows more than the server's copy
  const ours = running ?? outbox.find((w) => w.finishedAt === null) ?? null;
  const others = walks.data?.find((w) => w.finishedAt === null && w.id !== running?.id && !outbox.some((o) => o.id === w.id)) ?? null;
  const open = ours ?? others;
  const inOrder = walkingOrder(plantings ?? [], order ?? walks.data?.[0]?.stops.map((s) => s.plantingId) ?? []);
  const start = () => {
    if (now === undefined) return;
    const walk: Walk = {
      id: v7(),
      revision: 0,
      startedAt: new Date(now).toISOString(),
      finishedAt: null,
      stops: inOrder.map((p) => ({ plantingId: p.id, state: 'to-do', at: null, tallies: [], note: '' })),
    };
    begin(walk);
    router.navigate(`/walk/${walk.id}`);
  };
  const takeUp = (walk: Walk) => {
    if (!running) begin(walk);
    router.navigate(`/walk/${walk.id}`);
  };
  const swap = (at: number, by: number) => {
    const ids = inOrder.map((p) => p.id);
    const [a, b] = [ids[at], ids[at + by]];
    if (a === undefined || b === undefined) return;
    ids[at] = b;
    ids[at + by] = a;
    setOrder(ids);
  };

  return (
    <Page
      title="Walk"
      sub="Once round the garden: what to look at now, counted as you go"
      back={{ title: 'Garden', href: '/garden' }}
      footer={
        <ActionBar>
          {open && !open.finishedAt ? (
            <Button
              title={`${open === others ? 'Go on with it' : 'Go on'}: ${open.stops.filter((s) => s.state !== 'to-do').length} of ${open.stops.length} done`}
              onPress={() => takeUp(open)}
            />
          ) : (
            <Button title="Start a walk" disabled={inOrder.length === 0} onPress={start} />
          )}
          {open === others && others !== null && <Button kind="quiet" title="Start one of your own" onPress={start} />}
        </ActionBar>
      }
    >
      <View className="px-5">
        <Unreadable kinds={['walks']} />
        {others && <Row mark="wait" title="A round is under way that was not begun on this device" sub={sayOthers(others, zone)} />}
        {plantings?.length === 0 && (
          <Empty
            title="Nothing planted yet"
            text="Add what grows in your garden, then walk round it."
            action={{ title: 'Add a planting', onPress: () => router.navigate('/garden/new') }}
          />
        )}
        {inOrder.length > 0 && (
          <View className="flex-row items-end justify-between">
            <Section>{`The way round: ${inOrder.length} plantings`}</Section>
            <Button kind="link" title={ordering ? 'Done' : 'Change the order'} onPress={() => setOrdering(!ordering)} />
          </View>
        )}
        {inOrder.map((p, i) =>
          ordering ? (
            <View key={p.id} className="flex-row items-center gap-2 border-b border-line py-1">
              <View className="min-w-0 flex-1">
                <T kind="strong">{p.name}</T>
                <T kind="muted">{p.place}</T>
              </View>
              <View className="w-[76px]" aria-label={`${p.name} earlier`}>
                <Button kind="quiet" title="↑" disabled={i === 0} onPress={() => swap(i, -1)} />
              </View>
              <View className="w-[76px]" aria-label={`${p.name} later`}>
                <Button kind="quiet" title="↓" disabled={i === inOrder.length - 1} onPress={() => swap(i, 1)} />
              </View>
            </View>
          ) : (
            <Row key={p.id} title={`${i + 1}. ${p.name}`} sub={p.place} />
          ),
        )}
        <Read query={walks}>{(list) => <EarlierWalks first={list} zone={zone} />}</Read>
      </View>
    </Page>
  );
}

/** Whoever comes second goes on with it, or knows that the same is done twice. */
function sayOthers(walk: Walk, zone: string): string {
  const at = (iso: string) => DateTime.fromISO(iso, { zone, locale: 'en-GB' }).toFormat('ccc d LLL, HH:mm');
  const done = walk.stops.filter((s) => s.state !== 'to-do');
  const last = done
    .map((s) => s.at ?? '')
    .sort()
    .at(-1);
  return `Begun ${at(walk.startedAt)}, ${done.length} of ${walk.stops.length} done${last ? `, the last at ${at(last)}` : ''}. Both of you can go on with it: what each counts is brought together.`;
}

/** Ten of them, and as many more as somebody wants to read. */
const SHOWN = 10;

function EarlierWalks({ first, zone }: { readonly first: readonly Walk[]; readonly zone: string }) {
  const router = useRouter();
  const older = useOlder({ path: '/walks', schema: walkSchema, at: (w) => w.startedAt, aPage: WALKS_A_PAGE }, first);
  const [shown, setShown] = useState(SHOWN);
  const done = [...first, ...older.list].filter((w) => w.finishedAt);
  const more = () => {
    if (shown >= done.length && older.more) older.next();
    setShown((n) => n + SHOWN);
  };
  if (done.length === 0) return null;
  return (
    <View>
      <Section>Earlier walks</Section>
      {done.slice(0, shown).map((w) => (
        <Row
          key={w.id}
          mark={w.stops.some((s) => s.state === 'found') ? 'wait' : 'done'}
          title={DateTime.fromISO(w.startedAt, { zone, locale: 'en-GB' }).toFormat('ccc d LLLL, HH:mm')}
          sub={sayWalk(w)}
          onPress={() => router.navigate(`/walk/${w.id}`)}
        />
      ))}
      {older.error && <Failed error={older.error} />}
      {(shown < done.length || older.more) && <Button kind="quiet" title="Older walks" busy={older.busy} onPress={more} />}
    </View>
  );
}

/** Plantings in the order walked last time; new ones by their place at the end. */
function walkingOrder(plantings: readonly Planting[], last: readonly string[]): Planting[] {
  const at = (p: Planting) => {
    const i = last.indexOf(p.id);
    return i < 0 ? last.length : i;
  };
  return [...plantings].sort((a, b) => at(a) - at(b) || a.place.localeCompare(b.place) || a.name.localeCompare(b.name));
}

export function sayWalk(w: Walk): string {
  const n = (state: string) => w.stops.filter((s) => s.state === state).length;
  return [`${n('clear')} clear`, `${n('found')} with something`, n('passed') > 0 ? `${n('passed')} passed over` : ''].filter(Boolean).join(' · ');
}
