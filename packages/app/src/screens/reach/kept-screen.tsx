import { instant, sayWhen } from '@sleetbrook/core/measure';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { useGarden } from '../../api/queries';
import type { Clash } from '@sleetbrook/core/merge';
import { needsHand, type Entry } from '../../reach/entry';
import { canPutBack, choose, letGo, putBack, takeAway, tryAgain } from '../../reach/hands';
import { useReach } from '../../reach/reach';
import { pulse } from '../../reach/sender';
import { fieldWords, sayValue } from '../../reach/words';
import { useNow } from '../../state/now';
import { useWalking } from '../../state/walking';
import { ActionBar, Button } from '../../ui/button';
import { Page } from '../../ui/page';
import { Row, Section } from '../../ui/row';
import { Sheet } from '../../ui/sheet';
import { Loading } from '../../ui/states';
import { T } from '../../ui/text';

/** Everything that was written on this device and is not at home, with what can be done about it. */
export function KeptScreen() {
  const { opened, entries, away, why, lasting } = useReach();
  const walking = useWalking();
  const hands = entries.filter(needsHand);
  const waiting = entries.filter((e) => e.state.is === 'waiting');
  const walks = [...walking.outbox, ...(walking.walk && walking.unsent > 0 ? [walking.walk] : [])];
  const [asking, setAsking] = useState(false);
  const ask = () => {
    setAsking(true);
    void pulse().finally(() => setAsking(false));
  };
  if (!opened) return <Loading />;
  const none = hands.length + waiting.length + walks.length === 0;
  return (
    <Page
      title="Kept here"
      sub={none ? undefined : 'Written on this device, not yet at home'}
      back={{ title: 'Settings', href: '/settings' }}
      footer={
        away ? (
          <ActionBar>
            <Button title="Ask home again" busy={asking} onPress={ask} />
          </ActionBar>
        ) : undefined
      }
    >
      <View className="gap-3 px-5 pt-4">
        {away && <T kind="strong">{why ?? 'No answer from home.'}</T>}
        {none && <T>{away ? 'Nothing waits here: what was written on this device is at home.' : 'Everything that was written on this device is at home.'}</T>}
        {!lasting && !none && <T className="text-rowan">This window keeps nothing when it is closed: leave it open until home answers.</T>}
        {hands.length > 0 && (
          <View>
            <Section>For you to say</Section>
            {hands.map((e) => (
              <Hand key={e.n} entry={e} />
            ))}
          </View>
        )}
        {waiting.length + walks.length > 0 && (
          <View>
            <Section>{away ? 'Goes home when it answers' : 'On the way home'}</Section>
            {together(waiting).map((list) => (
              <Waiting key={list[0].n} entries={list} />
            ))}
            {walks.map((w) => (
              <WaitingWalk key={w.id} startedAt={w.startedAt} refused={walking.refused} />
            ))}
          </View>
        )}
      </View>
    </Page>
  );
}

function useSaid(at: string): string {
  const zone = useGarden().data?.zone;
  const now = useNow();
  return zone && now !== undefined ? sayWhen(instant(Date.parse(at)), now, zone) : '';
}

type Several = readonly [Entry, ...Entry[]];

/** Changes of one thing stand in one row. */
function together(entries: readonly Entry[]): Several[] {
  const groups = new Map<string, Several>();
  for (const e of entries) {
    const [address = e.path] = e.path.split('?');
    groups.set(address, [...(groups.get(address) ?? []), e] as unknown as Several);
  }
  return [...groups.values()];
}

function Waiting({ entries }: { readonly entries: Several }) {
  const last = entries[entries.length - 1] ?? entries[0];
  return <Row title={last.what} sub={entries.length === 1 ? 'Kept on this device' : `${entries.length} changes, kept on this device`} end={useSaid(last.at)} />;
}

function WaitingWalk({ startedAt, refused }: { readonly startedAt: string; readonly refused: string | null }) {
  const sub = refused ? `Home does not take it: ${refused} Take it up again under Walk, or leave it here.` : 'Kept on this device';
  return <Row title="A walk" sub={sub} end={useSaid(startedAt)} />;
}

/** One thing that can not go home by itself: why, and the ways out. */
function Hand({ entry }: { readonly entry: Entry }) {
  const [wrong, setWrong] = useState<string | null>(null);
  const [leaving, setLeaving] = useState(false);
  const [busy, setBusy] = useState(false);
  const run = (what: () => Promise<void>) => {
    setBusy(true);
    setWrong(null);
    what()
      .catch((e: unknown) => setWrong(e instanceof Error && e.message ? e.message : 'Home does not answer.'))
      .finally(() => setBusy(false));
  };
  const { state } = entry;
  return (
    <View className="gap-3 border-b border-line py-3">
      <Row title={entry.what} end={useSaid(entry.at)} sub={state.is === 'asks' ? 'Changed here and at home, each in another way' : 'Home does not take it'} />
      {state.is === 'asks' && <Choosing clashes={state.clashes} busy={busy} onChosen={(here) => run(() => choose(entry, here))} />}
      {state.is === 'refused' && (
        <View className="gap-3">
          <T className="text-rowan">{state.problem.errors?.map((e) => e.message).join(' ') || state.problem.detail || state.problem.title}</T>
          {canPutBack(entry) ? (
            <Button title="Put it back at home, and send this" busy={busy} onPress={() => run(() => putBack(entry))} />
          ) : (
            <Button title="Try again" busy={busy} onPress={() => run(() => tryAgain(entry))} />
          )}
        </View>
      )}
      {wrong && (
        <T className="text-rowan" live>
          {wrong}
        </T>
      )}
      <View className="flex-row flex-wrap justify-between gap-2">
        <Button kind="link" title="Take it away as a file" label={`Take away as a file: ${entry.what}`} onPress={() => takeAway(entry)} />
        <Button kind="link" title="Let it go" label={`Let go: ${entry.what}`} onPress={() => setLeaving(true)} />
      </View>
      <Sheet open={leaving} title="Let it go?" onClose={() => setLeaving(false)}>
        <T>{`${entry.what}: what was written here is then gone from this device, and home stays as it is. Nobody can bring it back; a file of it can be taken away first.`}</T>
        <Button kind="stop" title="Let it go" onPress={() => run(() => letGo(entry))} />
      </Sheet>
    </View>
  );
}

/** Field by field: as it is here, or as it is at home. */
function Choosing({
  clashes,
  busy,
  onChosen,
}: {
  readonly clashes: readonly Clash[];
  readonly busy: boolean;
  readonly onChosen: (here: ReadonlySet<string>) => void;
}) {
  const units = useGarden().data?.units ?? 'metric';
  const [picked, setPicked] = useState<Readonly<Record<string, 'here' | 'home'>>>({});
  const open = clashes.filter((c) => picked[c.field] === undefined).length;
  return (
    <View className="gap-4">
      {clashes.map((c) => (
        <View key={c.field} className="gap-2" role="radiogroup" aria-label={fieldWords(c.field)}>
          <T kind="label">{fieldWords(c.field)}</T>
          {(['here', 'home'] as const).map((side) => (
            <Pressable
              key={side}
              role="radio"
              aria-checked={picked[c.field] === side}
              onPress={() => setPicked((p) => ({ ...p, [c.field]: side }))}
              className={`min-h-[56px] justify-center rounded-2xl border px-4 py-2 ${picked[c.field] === side ? 'border-2 border-brook bg-slate' : 'border-line bg-frost'}`}
            >
              <T kind="small">{side === 'here' ? 'As on this device' : 'As at home'}</T>
              <T kind="strong">{sayValue(c.field, c[side], units)}</T>
            </Pressable>
          ))}
        </View>
      ))}
      <Button
        title={open > 1 ? `Choose ${open} times, here or home` : open === 1 ? 'Choose one of the two' : 'Keep it so'}
        disabled={open > 0}
        busy={busy}
        onPress={() => onChosen(new Set(clashes.filter((c) => picked[c.field] === 'here').map((c) => c.field)))}
      />
    </View>
  );
}
