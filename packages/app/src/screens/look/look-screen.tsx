import { inSentence } from '@sleetbrook/core/measure';
import { COURSE_ON, freshLap, type Look, type Planting } from '@sleetbrook/core/api';
import { findHost, findTroubleCard, PART_NAMES, type Form, type PartId } from '@sleetbrook/core/cards';
import type { Sign } from '@sleetbrook/core/catalogue';
import { thresholdFor } from '@sleetbrook/core/count';
import { addDays, dayOf } from '@sleetbrook/core/schedule';
import { useRouter } from 'expo-router';
import { useCallback, useEffect, useMemo, useState } from 'react';
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
import type { Naming } from '../../workers/tasks';
import { PhotoStrip } from '../photos/photo-strip';
import { sayDate } from '../garden/say-picking';
import { CloserAsked } from './closer-asked';
import { readCount } from './count';
import { CountFields } from './count-fields';
import { PartDrawing } from './part-drawing';
import { SignPicker } from './sign-picker';
import { SuspectSheet } from './suspect-sheet';
import { UnsettledSheet } from './unsettled-sheet';
import { useNaming, useSigns } from './use-naming';
import { Verdict } from './verdict';

/** Stations 1 and 2: choose the part, tap what is seen, get it named. */
export function LookScreen({
  plantingId,
  know = null,
}: {
  readonly plantingId: string;
  /** A trouble that the grower knows it is. */ readonly know?: string | null;
}) {
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
        return <Looking planting={planting} know={know} />;
      }}
    </Read>
  );
}

const NO_SIGNS: readonly Sign[] = [];
/** What was not clear is mostly clear after so many days. From memory. */
const WATCH_DAYS = 3;

function Looking({ planting, know }: { readonly planting: Planting; readonly know: string | null }) {
  const stored = useDrafts((d) => d.looks[planting.id]);
  const draft = useMemo(() => ({ ...EMPTY_LOOK, ...stored }), [stored]);
  const setLook = useDrafts((d) => d.setLook);
  const dropLook = useDrafts((d) => d.dropLook);
  const saveLook = useSaveLook();
  const saveCase = useSaveCase();
  const garden = useGarden().data;
  const now = useNow();
  const router = useRouter();
  const [sheet, setSheet] = useState<'none' | 'suspects' | 'unsettled'>('none');
  const [countError, setCountError] = useState<{ affected?: string; looked?: string }>({});
  useEffect(() => {
    if (draft.id === '') setLook(planting.id, { id: v7() });
  }, [draft.id, planting.id, setLook]);

  // reads the draft as it is then: one and the same for as long as the planting is, so that tiles need not be drawn again
  const answer = useCallback(
    (signId: string, seen: boolean | undefined, asked = false, chosen = false) => {
      const kept = { ...EMPTY_LOOK, ...useDrafts.getState().looks[planting.id] };
      const { [signId]: _old, ...rest } = kept.answers;
      setLook(planting.id, {
        answers: seen === undefined ? rest : { ...rest, [signId]: seen },
        asked: asked ? [...kept.asked, signId] : kept.asked.filter((a) => a !== signId),
        chosen: chosen ? [...kept.chosen, signId] : kept.chosen.filter((a) => a !== signId),
      });
    },
    [planting.id, setLook],
  );
  const answerAll = (signIds: readonly string[], seen: boolean) => {
    for (const id of signIds) answer(id, seen, true);
  };
  const host = findHost(planting.hostId);
  const answers = useMemo(
    () =>
      Object.entries(draft.answers).map(([signId, seen]) => ({
        signId,
        seen,
        ...(draft.asked.includes(signId) ? { asked: true } : {}),
        ...(draft.chosen.includes(signId) ? { chosen: true } : {}),
      })),
    [draft.answers, draft.asked, draft.chosen],
  );
  const naming = useNaming(planting, { answers, skipped: draft.skipped, part: draft.part, refused: draft.refused }, garden);
  const signs = useSigns(planting, garden);
  const back = { title: planting.name, href: `/garden/${planting.id}` as const };

  /** Keeps the look as it stands; null where its count can not be read. */
  const send = async () => {
    if (now === undefined) return null;
    const count = readCount(draft.affected, draft.looked);
    if (!count.ok) {
      setCountError(count.errors);
      return null;
    }
    // kept before it is sent: after a lost answer the same look goes again, and what was changed since is a look of its own
    const fresh: Look = { id: draft.id || v7(), plantingId: planting.id, caseId: null, at: new Date(now).toISOString(), answers, count: count.value, note: '' };
    const before = draft.sent;
    const asBefore = before && JSON.stringify([before.look.answers, before.look.count]) === JSON.stringify([fresh.answers, fresh.count]);
    const sent = asBefore ? before : { look: before ? { ...fresh, id: v7() } : fresh, caseId: v7(), secondId: v7() };
    setLook(planting.id, { sent });
    await saveLook.mutateAsync(sent.look);
    return sent;
  };

  /** Not settled is a good end: the look is kept on the device, out of reach of the server too, and goes on from its answers in some days. */
  const watch = async () => {
    if (now === undefined || !garden) return;
    const count = readCount(draft.affected, draft.looked);
    if (!count.ok) {
      setSheet('none');
      return setCountError(count.errors);
    }
    const lookAgainOn = addDays(dayOf(now, garden.zone), WATCH_DAYS);
    setLook(planting.id, { watch: { since: new Date(now).toISOString(), lookAgainOn } });
    setSheet('none');
    // every answer is in the draft and goes with the next look, should this one not arrive; another screen may not either
    if (await send().catch(() => null)) router.replace(`/garden/${planting.id}`);
  };

  /** One case each: of two at once both are opened, and the first is shown. */
  const keep = async (suspect: Kept, second?: Kept) => {
    const sent = await send();
    if (!sent) return;
    const { look } = sent;
    const { at } = look;
    if (suspect.kind !== 'trouble') {
      dropLook(planting.id);
      return router.replace(`/garden/${planting.id}`);
    }
    const id = sent.caseId;
    const open = (caseId: string, s: Kept) =>
      saveCase.mutateAsync({
        id: caseId,
        revision: 0,
        plantingId: planting.id,
        troubleId: s.id,
        confidence: s.probability,
        lookId: look.id,
        purpose: 'seen' as const,
        stageSeen: null,
        openedAt: at,
        status: 'open',
        closedAt: null,
        laps: [freshLap()],
        course: COURSE_ON,
      });
    await open(id, suspect);
    if (second?.kind === 'trouble') await open(sent.secondId ?? v7(), second);
    dropLook(planting.id);
    router.replace(`/cases/${id}`);
  };

  const known = know === null ? undefined : findTroubleCard(know);
  const knownFoot = known && (
    <KnownFoot
      name={known.name}
      busy={saveLook.isPending || saveCase.isPending}
      onKeep={() => void keep({ id: known.id, kind: 'trouble', probability: 1 }).catch(() => undefined)}
    />
  );

  const part = draft.part;
  if (!host || part === null) {
    return (
      <Page title="Where do you see it?" sub={planting.name} back={back} footer={knownFoot}>
        <View className="flex-row flex-wrap gap-3 px-5 pt-5">
          {(host?.parts ?? []).map((p) => (
            <PartTile key={p} part={p} form={host?.form ?? 'herb'} onPress={() => setLook(planting.id, { part: p })} />
          ))}
        </View>
      </Page>
    );
  }

  const finding = naming.data?.finding;
  const leader = finding && finding.state !== 'no-signs' ? finding.leader : undefined;
  const named = leader && findTroubleCard(leader.id);
  const unit = named?.unit ?? 'leaves';

  const error = saveLook.error ?? saveCase.error ?? signs.error;
  return (
    <Page
      title="What do you see?"
      sub={`${planting.name} · ${PART_NAMES[part].inText}`}
      back={back}
      footer={
        knownFoot ?? (
          <Foot
            naming={naming.data}
            busy={saveLook.isPending || saveCase.isPending}
            onWhy={() => setSheet('suspects')}
            onUnsettled={() => setSheet('unsettled')}
            onAnswer={(id, seen) => answer(id, seen, true)}
            onKind={(id) => answer(id, true, true, true)}
            onNone={(ids) => answerAll(ids, false)}
            onClear={(id) => answer(id, undefined)}
            onSkip={(id) => setLook(planting.id, { skipped: [...draft.skipped, id] })}
            onKeep={(s, second) => void keep(s, second).catch(() => undefined)}
          />
        )
      }
    >
      <ScrollView horizontal showsHorizontalScrollIndicator={false} className="mt-4" contentContainerClassName="gap-3 px-5" role="tablist">
        {host.parts.map((p) => (
          <Pressable
            key={p}
            role="tab"
            aria-selected={p === part}
            onPress={() => {
              setLook(planting.id, { part: p });
            }}
            className={`min-h-[48px] justify-center rounded-xl px-4 ${p === part ? 'bg-brook' : 'border border-line bg-slate'}`}
          >
            <T kind="strong" className={`text-[16px] ${p === part ? 'text-on-brook' : ''}`}>
              {PART_NAMES[p].tile}
            </T>
          </Pressable>
        ))}
      </ScrollView>
      {draft.watch && (
        <View className="px-5 pt-3">
          <T live>{`Not settled, and watched: look again on ${sayDate(draft.watch.lookAgainOn)}. It is kept on this device.`}</T>
        </View>
      )}
      {error && <Failed error={error} />}
      <SignPicker key={part} signs={signs.data ?? NO_SIGNS} parts={host.parts} part={part} answers={draft.answers} onAnswer={answer} />
      <T kind="small" className="px-5 pt-3">
        Tap once for seen, twice for not seen, a third time to clear.
      </T>
      <View className="px-5 pt-4">
        <CountFields
          heading="Count, if you like: it shows later whether it worked"
          unit={unit}
          threshold={named && thresholdFor(named.threshold.share, planting.tolerance)}
          affected={draft.affected}
          looked={draft.looked}
          errors={countError}
          onChange={(change) => {
            setCountError({});
            setLook(planting.id, change);
          }}
        />
      </View>
      {draft.id !== '' && <PhotoStrip lookId={draft.id} />}
      <SuspectSheet
        open={sheet === 'suspects'}
        suspects={naming.data?.suspects ?? []}
        onClose={() => setSheet('none')}
        onRead={(id) => {
          setSheet('none');
          router.navigate(`/almanac/${id}`);
        }}
        onRefuse={(id) => setLook(planting.id, { refused: [...draft.refused, id] })}
        onTake={(s) => void keep({ ...s, probability: 1 }).catch(() => undefined)}
        refused={draft.refused.map((id) => ({ id, name: findTroubleCard(id)?.name ?? id.replaceAll('-', ' ') }))}
        onTakeBack={(id) => setLook(planting.id, { refused: draft.refused.filter((r) => r !== id) })}
        onCompare={(a, b) => {
          setSheet('none');
          router.navigate(`/almanac/compare?a=${a}&b=${b}`);
        }}
      />
      {naming.data && (
        <UnsettledSheet
          open={sheet === 'unsettled'}
          next={naming.data.next}
          settlers={naming.data.settlers}
          meanwhile={naming.data.meanwhile}
          busy={saveLook.isPending}
          onWatch={() => void watch().catch(() => undefined)}
          onClose={() => setSheet('none')}
        />
      )}
    </Page>
  );
}

/** For somebody who knows what it is: the case is one press away, and what is tapped before goes with it. */
function KnownFoot({ name, busy, onKeep }: { readonly name: string; readonly busy: boolean; readonly onKeep: () => void }) {
  return (
    <View className="gap-2 rounded-t-3xl border border-line bg-slate px-5 pb-4 pt-3">
      <T kind="small">Tap what you see as well, if you like: it is kept with the case.</T>
      <Button title={`It is ${inSentence(name)}: decide`} busy={busy} onPress={onKeep} />
    </View>
  );
}

interface Kept {
  readonly id: string;
  readonly kind: string;
  readonly probability: number;
}

interface FootProps {
  readonly naming: Naming | undefined;
  readonly busy: boolean;
  readonly onWhy: () => void;
  readonly onUnsettled: () => void;
  readonly onAnswer: (signId: string, seen: boolean) => void;
  /** One of several kinds of a plain sign. */
  readonly onKind: (signId: string) => void;
  readonly onNone: (signIds: readonly string[]) => void;
  readonly onClear: (signId: string) => void;
  readonly onSkip: (signId: string) => void;
  readonly onKeep: (suspect: Kept, second?: Kept) => void;
}

/** A name less likely than this is not offered to be taken; who knows that it is that finds it among the suspects. */
const WORTH_TAKING = 0.2;

/** What it is so far, and the one thing to do next. */
function Foot({ naming, busy, onWhy, onUnsettled, onAnswer, onKind, onNone, onClear, onSkip, onKeep }: FootProps) {
  const finding = naming?.finding;
  const next = naming?.next;
  const closer = naming?.closer;
  const leader = finding && finding.state !== 'no-signs' ? finding.leader : undefined;
  const cause = naming?.causes[0];
  const common = naming?.common;
  // what can not be is put right before anything more is asked
  const odd = (naming?.odd.length ?? 0) > 0;
  const open = finding?.state === 'not-settled' || finding?.state === 'no-signs' || (finding?.state === 'settled' && finding.besides.length > 0);
  return (
    <View className="gap-3 rounded-t-3xl border border-line bg-slate px-5 pb-4 pt-3">
      <Verdict finding={finding} onWhy={onWhy} />
      {naming?.odd.map(({ signs, text }) => (
        <View key={text}>
          <T kind="small" className="text-rowan">{`${text} Which was it?`}</T>
          <View className="flex-row flex-wrap gap-x-4">
            {signs.map((s) => (
              <Button key={s.id} kind="link" title={`Clear “${inSentence(s.name)}”`} onPress={() => onClear(s.id)} />
            ))}
          </View>
        </View>
      ))}
      {finding?.state === 'settled' && cause && (
        <T kind="small">{`It comes from something else, likely ${inSentence(cause.name)}: ${cause.sign ? `look for ${inSentence(cause.sign.name)}.` : 'look for that first.'}`}</T>
      )}
      {finding?.state === 'settled' && leader ? (
        <Button
          title={leader.kind === 'trouble' ? `It is ${inSentence(leader.name)}: decide` : 'Leave it: no trouble'}
          busy={busy}
          onPress={() => onKeep(leader)}
        />
      ) : null}
      {finding?.state === 'two' && finding.leader.kind === 'trouble' && finding.second.kind === 'trouble' && (
        <Button title="It is both: a case for each" busy={busy} onPress={() => onKeep(finding.leader, finding.second)} />
      )}
      {finding?.state === 'two' &&
        [finding.leader, finding.second].map((s) => (
          <Button
            key={s.id}
            kind="quiet"
            title={s.kind === 'trouble' ? `Only ${inSentence(s.name)}: decide` : `${s.name}: leave it`}
            busy={busy}
            onPress={() => onKeep(s)}
          />
        ))}
      {open && closer && !odd && (
        <CloserAsked look={closer} onKind={onKind} onNone={() => onNone(closer.kinds.map((s) => s.id))} onSkip={() => onSkip(closer.plain.id)} />
      )}
      {open && next && !odd && !closer ? (
        <View className="gap-2">
          <T kind="body">
            {'Next look: '}
            <T kind="strong" className="text-[17px]">
              {next.sign.question}
            </T>
            {next.wouldSettle ? ' It would settle this.' : ''}
          </T>
          <View className="flex-row gap-2">
            <View className="flex-1">
              <Button title={next.sign.yes} onPress={() => onAnswer(next.sign.id, true)} />
            </View>
            <View className="w-[64px]">
              <Button kind="quiet" title="No" onPress={() => onAnswer(next.sign.id, false)} />
            </View>
            <View className="w-[128px]">
              <Button kind="quiet" title="Can't tell" onPress={() => onSkip(next.sign.id)} />
            </View>
          </View>
        </View>
      ) : null}
      {finding?.state === 'not-settled' && !next && !closer && !odd && <T kind="small">More questions would not tell today. “What now” says what would.</T>}
      {finding?.state === 'not-settled' && common && leader && !odd && (
        <View className="gap-1">
          <T kind="small">{`Whichever of these it is: ${inSentence(common.control.name)}.`}</T>
          {!next && !closer && (
            <Button title={leader.kind === 'trouble' ? `${common.control.act}: decide` : 'Leave it: no trouble'} busy={busy} onPress={() => onKeep(leader)} />
          )}
        </View>
      )}
      {finding?.state === 'not-settled' && leader && !odd && (
        <View className="flex-row flex-wrap justify-between gap-x-4">
          <Button kind="link" title="What now" onPress={onUnsettled} />
          {leader.kind !== 'other' && leader.probability >= WORTH_TAKING && (
            <Button
              kind="link"
              title={leader.kind === 'trouble' ? 'Take it as that all the same' : 'Keep it as that: no trouble'}
              busy={busy}
              onPress={() => onKeep(leader)}
            />
          )}
        </View>
      )}
    </View>
  );
}

function PartTile({ part, form, onPress }: { readonly part: PartId; readonly form: Form; readonly onPress: () => void }) {
  return (
    <Pressable
      role="button"
      onPress={onPress}
      className="min-h-[150px] flex-1 basis-[150px] items-center justify-center gap-2 rounded-3xl border border-line bg-slate p-3 active:opacity-70"
    >
      <PartDrawing part={part} form={form} />
      <T kind="strong">{PART_NAMES[part].tile}</T>
    </Pressable>
  );
}
