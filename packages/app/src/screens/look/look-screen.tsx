import { freshLap, type Look, type Planting } from '@sleetbrook/core/api';
import { findHost, findTrouble, PART_NAMES, SIGNS, type PartId } from '@sleetbrook/core/catalogue';
import type { Suspect } from '@sleetbrook/core/diagnose';
import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { Pressable, ScrollView, View } from 'react-native';
import { v7 } from 'uuid';
import { useSaveCase, useSaveLook } from '../../api/mutations';
import { useGarden, usePlantings } from '../../api/queries';
import { EMPTY_LOOK, useDrafts } from '../../state/drafts';
import { useNow } from '../../state/now';
import { Button } from '../../ui/button';
import { Page } from '../../ui/page';
import { Empty, Failed, Read } from '../../ui/states';
import { T } from '../../ui/text';
import { readCount } from './count';
import { CountFields } from './count-fields';
import { PartDrawing } from './part-drawing';
import { SignTile } from './sign-tile';
import { SuspectSheet } from './suspect-sheet';
import { useNaming } from './use-naming';

/** Stations 1 and 2: choose the part, tap what is seen, get it named. */
export function LookScreen({ plantingId }: { readonly plantingId: string }) {
  const plantings = usePlantings();
  const router = useRouter();
  return (
    <Read query={plantings}>
      {(list) => {
        const planting = list.find((p) => p.id === plantingId);
        if (!planting)
          return (
            <Empty
              title="No such planting"
              text="It may have been removed."
              action={{ title: 'Go to the garden', onPress: () => router.navigate('/garden') }}
            />
          );
        return <Looking planting={planting} />;
      }}
    </Read>
  );
}

function Looking({ planting }: { readonly planting: Planting }) {
  const draft = useDrafts((d) => d.looks[planting.id]) ?? EMPTY_LOOK;
  const setLook = useDrafts((d) => d.setLook);
  const dropLook = useDrafts((d) => d.dropLook);
  const saveLook = useSaveLook();
  const saveCase = useSaveCase();
  const garden = useGarden().data;
  const now = useNow();
  const router = useRouter();
  const [sheet, setSheet] = useState(false);
  const [countError, setCountError] = useState<{ affected?: string; looked?: string }>({});

  const host = findHost(planting.hostId);
  const answers = useMemo(() => Object.entries(draft.answers).map(([signId, seen]) => ({ signId, seen })), [draft.answers]);
  const naming = useNaming(planting, answers, garden);
  const back = { title: planting.name, href: `/garden/${planting.id}` as const };

  const part = draft.part;
  if (!host || part === null) {
    return (
      <Page title="Where do you see it?" sub={planting.name} back={back}>
        <View className="flex-row flex-wrap gap-3 px-5 pt-5">
          {(host?.parts ?? []).map((p) => (
            <PartTile key={p} part={p} onPress={() => setLook(planting.id, { part: p })} />
          ))}
        </View>
      </Page>
    );
  }

  const answer = (signId: string, seen: boolean | undefined) => {
    const { [signId]: _old, ...rest } = draft.answers;
    setLook(planting.id, { answers: seen === undefined ? rest : { ...rest, [signId]: seen } });
  };

  const finding = naming.data?.finding;
  const leader = finding && finding.state !== 'no-signs' ? finding.leader : undefined;
  const trouble = leader ? findTrouble(leader.id) : undefined;

  const keep = async (suspect: Suspect) => {
    if (now === undefined) return;
    const count = readCount(draft.affected, draft.looked);
    if (!count.ok) return setCountError(count.errors);
    const at = new Date(now).toISOString();
    const look: Look = { id: v7(), plantingId: planting.id, caseId: null, at, answers, count: count.value, note: '' };
    await saveLook.mutateAsync(look);
    if (suspect.kind !== 'trouble') {
      dropLook(planting.id);
      return router.replace(`/garden/${planting.id}`);
    }
    const id = v7();
    await saveCase.mutateAsync({
      id,
      revision: 0,
      plantingId: planting.id,
      troubleId: suspect.id,
      confidence: suspect.probability,
      lookId: look.id,
      openedAt: at,
      status: 'open',
      closedAt: null,
      laps: [freshLap()],
    });
    dropLook(planting.id);
    router.replace(`/cases/${id}`);
  };

  const error = saveLook.error ?? saveCase.error;
  const next = naming.data?.next;
  return (
    <Page
      title="What do you see?"
      sub={`${planting.name} · ${PART_NAMES[part].inText}`}
      back={back}
      footer={
        <View className="gap-3 rounded-t-3xl border border-line bg-slate px-5 pb-4 pt-4">
          <Verdict
            leader={leader}
            settled={finding?.state === 'settled'}
            why={finding?.state === 'not-settled' ? finding.why : undefined}
            onWhy={() => setSheet(true)}
          />
          {finding?.state === 'settled' && leader ? (
            <Button
              title={leader.kind === 'trouble' ? `It is ${leader.name.toLowerCase()}: decide` : 'Leave it: no trouble'}
              busy={saveLook.isPending || saveCase.isPending}
              onPress={() => void keep(leader).catch(() => undefined)}
            />
          ) : null}
          {finding?.state !== 'settled' && next ? (
            <View className="gap-2">
              <T kind="body">
                {'Next look: '}
                <T kind="strong" className="text-[17px]">
                  {next.sign.question}
                </T>
                {next.wouldSettle ? ' It would settle this.' : ''}
              </T>
              <View className="flex-row gap-3">
                <View className="flex-1">
                  <Button title={next.sign.yes} onPress={() => answer(next.sign.id, true)} />
                </View>
                <View className="flex-1">
                  <Button kind="quiet" title="No" onPress={() => answer(next.sign.id, false)} />
                </View>
              </View>
            </View>
          ) : null}
          {finding?.state === 'not-settled' && trouble && leader && (
            <Button
              kind="link"
              title={`Take it as ${leader.name.toLowerCase()} all the same`}
              busy={saveCase.isPending}
              onPress={() => void keep(leader).catch(() => undefined)}
            />
          )}
        </View>
      }
    >
      <ScrollView horizontal showsHorizontalScrollIndicator={false} className="mt-4" contentContainerClassName="gap-3 px-5" role="tablist">
        {host.parts.map((p) => (
          <Pressable
            key={p}
            role="tab"
            aria-selected={p === part}
            onPress={() => setLook(planting.id, { part: p })}
            className={`min-h-[48px] justify-center rounded-xl px-4 ${p === part ? 'bg-brook' : 'border border-line bg-slate'}`}
          >
            <T kind="strong" className={`text-[16px] ${p === part ? 'text-on-brook' : ''}`}>
              {PART_NAMES[p].tile}
            </T>
          </Pressable>
        ))}
      </ScrollView>
      {error && <Failed error={error} />}
      <View className="flex-row flex-wrap gap-3 px-5 pt-4">
        {SIGNS.filter((s) => s.parts.includes(part)).map((s) => (
          <SignTile key={s.id} sign={s} seen={draft.answers[s.id]} onChange={(seen) => answer(s.id, seen)} />
        ))}
      </View>
      <T kind="small" className="px-5 pt-3">
        Tap once for seen, twice for not seen, a third time to clear.
      </T>
      <View className="px-5 pt-4">
        <CountFields
          heading="Count, if you like: it shows later whether it worked"
          unit={trouble?.unit ?? 'leaves'}
          affected={draft.affected}
          looked={draft.looked}
          errors={countError}
          onChange={(change) => {
            setCountError({});
            setLook(planting.id, change);
          }}
        />
      </View>
      <SuspectSheet open={sheet} suspects={naming.data?.suspects ?? []} onClose={() => setSheet(false)} />
    </Page>
  );
}

function PartTile({ part, onPress }: { readonly part: PartId; readonly onPress: () => void }) {
  return (
    <Pressable
      role="button"
      onPress={onPress}
      className="min-h-[150px] flex-1 basis-[150px] items-center justify-center gap-2 rounded-3xl border border-line bg-slate p-3 active:opacity-70"
    >
      <PartDrawing part={part} />
      <T kind="strong">{PART_NAMES[part].tile}</T>
    </Pressable>
  );
}

interface VerdictProps {
  readonly leader: Suspect | undefined;
  readonly settled: boolean;
  readonly why: string | undefined;
  readonly onWhy: () => void;
}

function Verdict({ leader, settled, why, onWhy }: VerdictProps) {
  if (!leader) return <T kind="muted">Tap what you see. Suspects rank as you tap.</T>;
  const percent = Math.min(99, Math.round(leader.probability * 100));
  return (
    <View aria-live="polite">
      <Pressable role="button" onPress={onWhy} className="min-h-[48px] justify-center">
        <View className="flex-row items-baseline justify-between gap-3">
          <T kind="strong" className="flex-shrink">
            {settled ? leader.name : `Not settled: ${leader.name}?`}
          </T>
          <T kind="strong" className="shrink-0">{`${percent} in 100`}</T>
        </View>
        <View className="mt-1 h-[8px] overflow-hidden rounded-full bg-line">
          <View className="h-full rounded-full bg-brook" style={{ width: `${percent}%` }} />
        </View>
        <T kind="small" className="pt-1 underline">
          {why ?? 'For and against'}
        </T>
      </Pressable>
    </View>
  );
}
