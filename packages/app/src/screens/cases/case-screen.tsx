import { freshLap, type Case, type CaseDetail, type Garden, type Lap, type Planting } from '@sleetbrook/core/api';
import { findControlCard, findTroubleCard, RUNG_NAMES } from '@sleetbrook/core/cards';
import { conflictsAmong, gentlerThan, type AgainKind, type Change, type Verdict } from '@sleetbrook/core/decide-light';
import { instant, sayIn, sayWhen, trim, type Instant, inSentence } from '@sleetbrook/core/measure';
import { wilson } from '@sleetbrook/core/count';
import { addDays, dayOf } from '@sleetbrook/core/schedule';
import { againFor, failedIn, lastCount, roundNumber } from '@sleetbrook/core/situation';
import { useQuery } from '@tanstack/react-query';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { useSaveCase, useSavePlanting } from '../../api/mutations';
import { useCaseDetail, useGarden, usePlantings } from '../../api/queries';
import { useNow } from '../../state/now';
import { BrookLine, type BrookStation } from '../../ui/brook-line';
import { ActionBar, Button } from '../../ui/button';
import { Field } from '../../ui/field';
import { Page } from '../../ui/page';
import { Sheet } from '../../ui/sheet';
import { Failed, Read } from '../../ui/states';
import { T } from '../../ui/text';
import { core } from '../../workers/core';
import { AdviceCard } from '../decide/advice-card';
import { GuardList } from '../decide/guard-list';
import { LadderList } from '../decide/ladder-list';
import { LadderViews } from '../decide/ladder-views';
import { useDeciding } from '../decide/use-deciding';
import { PLAIN_VIEW, type View as LadderView } from '../decide/view';
import { sayDate } from '../garden/say-picking';
import { MixStation } from '../mix/mix-station';
import { TimeStation } from '../time/time-station';
import { WeatherMark } from '../time/weather-mark';
import { RainedOff } from './rained-off';
import { PhotoPairs } from '../photos/photo-pairs';
import { CountsChart } from './counts-chart';
import { KeepStation } from './keep-station';
import { CourseOnBrook, type LookAhead } from '../lazy-season';
import { LeftOf } from './left-of';
import { ordinal } from '../../ui/ordinal';
import { RainRow } from './rain-row';
import { lapStation } from './station';

/** One case as one page: its stations down the brook line, the present one open. */
export function CaseScreen({ id }: { readonly id: string }) {
  const detail = useCaseDetail(id);
  const plantings = usePlantings().data;
  const garden = useGarden().data;
  const now = useNow();
  return (
    <Read query={detail}>
      {(d) =>
        plantings && garden && now !== undefined ? (
          <Open detail={d} planting={plantings.find((p) => p.id === d.case.plantingId)} garden={garden} now={now} />
        ) : null
      }
    </Read>
  );
}

/** Where the record of the last round was struck out: nothing to repeat, but never a dead end. */
const STRUCK_OUT: readonly { readonly kind: AgainKind }[] = [{ kind: 'else' }, { kind: 'leave' }, { kind: 'cleared' }];
/** What the buttons after a count say. */
const AFTER: Readonly<Record<AgainKind, string>> = {
  again: 'The same again',
  else: 'Something else',
  leave: 'Leave it and look again',
  cleared: 'Cleared: close the case',
};
/** Once it is decided nothing is left out of sight. */
const EVERYTHING: LadderView = { school: 'traditional', whatIf: [] };

const verdictOf = (verdicts: readonly Verdict[], l: Lap) =>
  verdicts.find((v) => v.control.id === l.controlId && (l.sheetId === null || v.sheet?.id === l.sheetId));

interface OpenProps {
  readonly detail: CaseDetail;
  readonly planting: Planting | undefined;
  readonly garden: Garden;
  readonly now: Instant;
}

function Open({ detail, planting, garden, now }: OpenProps) {
  const router = useRouter();
  const save = useSaveCase();
  const savePlanting = useSavePlanting();
  const c = detail.case;
  const trouble = findTroubleCard(c.troubleId);
  const [view, setView] = useState<LadderView>(PLAIN_VIEW);
  const [choice, setChoice] = useState<string | null>(null);
  const [picked, setAlong] = useState<readonly string[] | null>(null);
  const [asking, setAsking] = useState(false);
  const [why, setWhy] = useState('');

  const lap = c.laps.at(-1) ?? freshLap();
  const station = c.status === 'cleared' ? 'cleared' : lapStation(lap);
  const { data: deciding, isPlaceholderData: judging } = useDeciding(c, planting, garden, station === 'decide' ? view : EVERYTHING);
  const at = new Date(now).toISOString();
  const change = (next: Partial<Lap>, more: Partial<Case> = {}) => save.mutateAsync({ ...c, ...more, laps: [...c.laps.slice(0, -1), { ...lap, ...next }] });

  const first = detail.looks[0];
  const seenIds = (first?.answers ?? []).filter((a) => a.seen).map((a) => a.signId);
  const seen = useQuery({ queryKey: ['sign-names', ...seenIds], queryFn: () => core().signNames(seenIds) }).data;

  const verdicts = deciding?.verdicts ?? [];
  const chosenKey = choice ?? deciding?.advice?.key ?? null;
  const chosen = verdicts.find((v) => v.key === chosenKey);
  // what is advised together is taken together, until the grower says otherwise
  const along = picked ?? (chosenKey === deciding?.advice?.key ? deciding.advice.along : []);
  const withIt = verdicts.filter((v) => along.includes(v.key) && v.key !== chosenKey);
  const ties = chosen ? conflictsAmong([chosen, ...withIt]) : [];
  // what is advised needs no reason
  const advised = verdicts.filter((v) => deciding?.advice && [deciding.advice.key, ...deciding.advice.along].includes(v.key));
  const gentler =
    !chosen || advised.includes(chosen)
      ? []
      : advised.length > 0 && advised.every((v) => v.control.rung > 0 && v.control.rung < chosen.control.rung)
        ? advised
        : gentlerThan(chosen, verdicts, deciding?.advice?.stop ?? undefined);
  const fights = ties.some((t) => t.kind === 'conflict');
  const onlyLooking =
    view.whatIf.length > 0
      ? 'You are only trying what would be if. Go back to how it is to take it.'
      : view.school === 'any-labelled' && garden.policy !== 'any-labelled'
        ? 'You are only looking: your own policy is stricter. Change it in Settings to take this.'
        : null;

  const take = (v: Verdict, reason: string) => {
    setAsking(false);
    void change({
      controlId: v.control.id,
      sheetId: v.sheet && !v.sheet.specimen ? v.sheet.id : null,
      also: withIt.map((x) => ({ controlId: x.control.id, doneAt: null })),
      whyHigher: reason,
      decidedAt: at,
    }).catch(() => undefined);
  };
  const decide = () => {
    if (!chosen) return;
    if (gentler.length > 0) setAsking(true);
    else take(chosen, '');
  };
  const again = againFor(detail, planting, now, garden);
  const oneMore = (next: Partial<Lap>) =>
    void save
      .mutateAsync({ ...c, laps: [...c.laps, { ...freshLap(), ...next }] })
      .then(() => {
        setChoice(null);
        setAlong(null);
      })
      .catch(() => undefined);
  // the same control, label, amounts and reason: only the hour is chosen anew
  const sameAgain = () =>
    oneMore({ controlId: lap.controlId, sheetId: lap.sheetId, whyHigher: lap.whyHigher, decidedAt: at, mixedAt: lap.mixedAt ? at : null });
  const after: Readonly<Record<AgainKind, () => void>> = {
    again: sameAgain,
    else: () => oneMore({}),
    leave: () => void change({ afterLookId: null, lookAgainOn: addDays(dayOf(now, garden.zone), trouble?.lookAgainDays ?? 7) }).catch(() => undefined),
    cleared: () => void save.mutateAsync({ ...c, status: 'cleared', closedAt: at }).catch(() => undefined),
  };
  /** What was tried is so: it is written into the planting, and the stage that was seen into the case. */
  const keepAsItIs = (p: Planting) => (changes: readonly Change[]) => {
    void savePlanting
      .mutateAsync(changes.reduce((q, x) => kept(q, x, dayOf(now, garden.zone)), p))
      .then(async () => {
        const stage = changes.find((x) => x.stageSeen !== undefined)?.stageSeen;
        if (stage !== undefined) await save.mutateAsync({ ...c, stageSeen: stage });
        setView(PLAIN_VIEW);
      })
      .catch(() => undefined);
  };
  const undo = () =>
    void change({ controlId: null, sheetId: null, also: [], whyHigher: '', decidedAt: null, mixedAt: null, plannedFor: null }).catch(() => undefined);

  const signs = (seen ?? []).join(', ').toLowerCase();
  const count = first?.count ?? null;
  const share = count ? wilson(count.affected, count.looked) : null;
  const stations: BrookStation[] = [
    {
      key: 'seen',
      state: 'behind',
      content: (
        <View>
          <Summary
            word="Seen"
            text={`${c.purpose === 'seen' ? signs || (seenIds.length === 0 ? 'no sign kept' : '…') : c.purpose === 'prevent' ? 'nothing yet: against what may come' : 'nothing yet: upkeep'}${count && share ? `; ${count.affected} of ${count.looked} ${trouble?.unit ?? 'units'} (between ${Math.round(share.low * 100)} and ${Math.round(share.high * 100)} in 100)` : ''}`}
          />
          <PhotoPairs photos={detail.photos} looks={detail.looks} sayDay={(iso) => sayDate(dayOf(instant(Date.parse(iso)), garden.zone))} />
        </View>
      ),
    },
    ...(c.purpose === 'seen'
      ? [
          {
            key: 'named',
            state: 'behind' as const,
            content: <Summary word="Named" text={c.confidence === 1 ? 'by you' : `${Math.min(99, Math.round(c.confidence * 100))} in 100 sure`} />,
          },
        ]
      : []),
  ];

  let ahead: LookAhead | null = null;
  c.laps.forEach((l, i) => {
    const here = i === c.laps.length - 1 && c.status === 'open';
    const s = lapStation(l);
    const control = findControlCard(l.controlId ?? '');
    const key = (k: string) => `${i}-${k}`;
    const state = (order: number, mine: number): BrookStation['state'] => (!here || order > mine ? 'behind' : order === mine ? 'here' : 'ahead');
    const order = { decide: 0, mix: 1, time: 2, do: 3, again: 4, judge: 5 }[s];
    // what is done by hand has nothing to mix
    const mixed = control ? control.sheet !== null : false;
    // one more round of a course is one stone: nothing was decided, and its amounts and hour stand in the record
    const over = l.treatmentId !== null;
    const number = roundNumber(c.laps, i);
    const oneMoreRound = over && number > 1 && l.also.length === 0 && l.whyHigher === c.laps[i - 1]?.whyHigher;

    if (!oneMoreRound)
      stations.push({
        key: key('decide'),
        state: state(order, 0),
        ...(i > 0 ? { bend: true } : {}),
        content:
          here && s === 'decide' ? (
            <View>
              <T kind="head" level={2}>
                Decide
              </T>
              <T kind="muted">{`${i > 0 && failedIn(c).length > 0 ? 'It was done as meant and was not enough. Gentlest of the rest first. ' : 'Gentlest first. '}${planting?.edible && planting.pickFrom ? `Picking from ${sayDate(planting.pickFrom)}.` : ''}`}</T>
              <WeatherMark />
              {deciding ? (
                <>
                  <AdviceCard deciding={deciding} guarding={c.purpose !== 'seen'} />
                  <GuardList deciding={deciding} />
                  <LadderViews
                    deciding={deciding}
                    found={c}
                    view={view}
                    onView={setView}
                    onStage={(stageSeen) => void save.mutateAsync({ ...c, stageSeen }).catch(() => undefined)}
                    judging={judging || savePlanting.isPending}
                    onKeep={planting ? keepAsItIs(planting) : null}
                  />
                  <LadderList
                    deciding={deciding}
                    chosen={chosenKey}
                    now={now}
                    zone={garden.zone}
                    plan={{
                      caseId: c.id,
                      onlyLooking,
                      along,
                      mayGoAlong: chosen ? (deciding.along[chosen.key] ?? []) : [],
                      onChoose: (key) => {
                        setChoice(key);
                        setAlong(picked?.filter((k) => k !== key) ?? null);
                      },
                      onAlong: (key) => setAlong(along.includes(key) ? along.filter((k) => k !== key) : [...along, key]),
                    }}
                  />
                </>
              ) : (
                <T kind="muted">Judging the ladder</T>
              )}
            </View>
          ) : (
            <Summary
              word={i > 0 ? 'Decided again' : 'Decided'}
              text={`${control?.name ?? ''}, ${RUNG_NAMES[control?.rung ?? 0]?.toLowerCase() ?? ''}${l.also.map((x) => `, with ${inSentence(findControlCard(x.controlId)?.name ?? '')}`).join('')}${l.whyHigher ? `; because: ${l.whyHigher}` : ''}`}
              {...(here && !l.treatmentId ? { undo: { title: 'Decide again', onPress: undo } } : {})}
            />
          ),
      });
    if (!over && (mixed || s === 'decide')) {
      stations.push({
        key: key('mix'),
        state: state(order, 1),
        content:
          here && s === 'mix' && planting && trouble ? (
            <MixStation found={c} onKeep={() => void change({ mixedAt: at }).catch(() => undefined)} busy={save.isPending} />
          ) : (
            <Summary
              word="Mix"
              text={order > 1 ? 'amounts set' : ''}
              quiet={state(order, 1) === 'ahead'}
              {...(here && order > 1 && !l.treatmentId
                ? { undo: { title: 'Change amounts', onPress: () => void change({ mixedAt: null, plannedFor: null }).catch(() => undefined) } }
                : {})}
            />
          ),
      });
    }
    if (!over)
      stations.push({
        key: key('time'),
        state: state(order, 2),
        content:
          here && s === 'time' && deciding ? (
            <TimeStation
              verdict={verdictOf(verdicts, l)}
              ahead={deciding.ahead}
              now={now}
              zone={garden.zone}
              busy={save.isPending}
              onPlan={(when) => void change({ plannedFor: new Date(when).toISOString() }).catch(() => undefined)}
            />
          ) : (
            <Summary
              word="Time"
              text={l.plannedFor ? sayWhen(instant(Date.parse(l.plannedFor)), now, garden.zone) : ''}
              quiet={state(order, 2) === 'ahead'}
              {...(here && s === 'do' ? { undo: { title: 'Another hour', onPress: () => void change({ plannedFor: null }).catch(() => undefined) } } : {})}
            />
          ),
      });
    const treatment = detail.treatments.find((t) => t.id === l.treatmentId);
    const worn = detail.worn.find((w) => w.treatmentId === l.treatmentId);
    const left = here && detail.left?.treatmentId === l.treatmentId ? detail.left : null;
    stations.push({
      key: key('do'),
      state: !here || order >= 4 ? 'behind' : order === 3 ? 'here' : 'ahead',
      ...(left ? { water: left.likely } : worn ? { water: worn.likely } : {}),
      content:
        here && s === 'do' ? (
          <KeepStation found={c} lap={l} now={now} zone={garden.zone} planting={planting} verdicts={verdicts} verdict={verdictOf(verdicts, l)} />
        ) : (
          <View className="gap-2">
            <Summary
              word={over && (number > 1 || roundNumber(c.laps, i + 1) > 1) ? `${ordinal(number)} round` : 'Done'}
              text={
                treatment
                  ? `${sayWhen(instant(Date.parse(treatment.finishedAt)), now, garden.zone)}${treatment.pickFrom ? `; pick from ${sayWhen(instant(Date.parse(treatment.pickFrom)), now, garden.zone)}` : ''}`
                  : ''
              }
              quiet={!treatment}
            />
            {worn?.washed.map((w) => (
              <RainRow key={w.day} text={`${sayDate(w.day)}: ${w.said}`} />
            ))}
            {left && <LeftOf left={left} />}
          </View>
        ),
    });
    if (!l.treatmentId) return;
    if (l.afterLookId)
      stations.push({
        key: key('judge'),
        state: here ? 'here' : 'behind',
        content: (
          <View className="gap-2">
            <Summary
              word="Did it work"
              text={
                l.effectPercent === null
                  ? 'No count before to compare with'
                  : l.effectPercent >= 0
                    ? `${trim(l.effectPercent, 0)} in 100 gone`
                    : `worse by ${trim(-l.effectPercent, 0)} in 100`
              }
            />
            {here &&
              again?.choices.map((choice) => (
                <T key={choice.kind}>
                  <T kind="strong">{`${AFTER[choice.kind]}. `}</T>
                  {choice.why}
                </T>
              ))}
            {here && <CountsChart looks={detail.looks} unit={trouble?.unit ?? ''} zone={garden.zone} />}
          </View>
        ),
      });
    else if (here)
      ahead = {
        on: l.lookAgainOn,
        content: (
          <View className="gap-1">
            <T kind="head" level={2}>
              Look again
            </T>
            <T>{`On ${l.lookAgainOn ? sayDate(l.lookAgainOn) : 'the day you choose'}, count the same ${trouble?.unit ?? 'units'} the same way.`}</T>
            <RainedOff caseId={c.id} />
            {again && !again.courseDone && <T kind="muted">{again.choices.find((x) => x.kind === 'again')?.why ?? ''}</T>}
          </View>
        ),
      };
  });
  if (c.status === 'cleared')
    stations.push({
      key: 'cleared',
      state: 'behind',
      content: (
        <View>
          <Summary word="Cleared" text={c.closedAt ? sayWhen(instant(Date.parse(c.closedAt)), now, garden.zone) : ''} />
          {planting && (
            <Button kind="quiet" title="Guard against it next time" onPress={() => router.navigate(`/garden/${planting.id}/prevent?trouble=${c.troubleId}`)} />
          )}
        </View>
      ),
    });

  const footer =
    station === 'decide' && chosen ? (
      <ActionBar>
        {withIt.length > 0 && (
          <View className="gap-1 lg:flex-1">
            <T kind="strong">{`With ${withIt.map((v) => inSentence(v.control.name)).join(', ')}`}</T>
            {ties.map((t) => (
              <T key={`${t.a} ${t.b} ${t.sentence}`} kind="muted" className={t.kind === 'conflict' ? 'text-rowan' : ''}>
                {t.sentence}
              </T>
            ))}
          </View>
        )}
        {onlyLooking === null ? (
          <Button
            title={chosen.status === 'usable' ? chosen.control.act : `Plan ${inSentence(chosen.control.name)}`}
            disabled={fights}
            busy={save.isPending}
            onPress={decide}
          />
        ) : (
          <Button kind="quiet" title="Back to how it is" onPress={() => setView(PLAIN_VIEW)} />
        )}
      </ActionBar>
    ) : station === 'again' && lap.controlId === 'report-it' ? (
      <ActionBar>
        <Button title="They have answered: go on" busy={save.isPending} onPress={() => oneMore({})} />
      </ActionBar>
    ) : station === 'again' ? (
      <ActionBar>
        <Button title="Look and count now" onPress={() => router.navigate(`/cases/${c.id}/again`)} />
        {again && !again.courseDone && again.nextRoundOn !== null && <Button kind="quiet" title="The same again" busy={save.isPending} onPress={sameAgain} />}
      </ActionBar>
    ) : station === 'judge' ? (
      <ActionBar>
        {(again?.choices ?? STRUCK_OUT).map((choice, k) => (
          <Button
            key={choice.kind}
            {...(k === 0 ? {} : { kind: 'quiet' as const })}
            title={AFTER[choice.kind]}
            busy={save.isPending}
            onPress={after[choice.kind]}
          />
        ))}
      </ActionBar>
    ) : null;

  return (
    <Page
      title={trouble?.name ?? c.troubleId}
      sub={`${planting?.name ?? 'Removed planting'}${planting ? `, ${sayIn(planting.areaM2, 'area', garden.units)}` : ''}${lastCount(detail.looks) ? '' : ' · no count yet'}`}
      back={{ title: 'Cases', href: '/cases' }}
      footer={footer}
    >
      {save.error && <Failed error={save.error} />}
      {savePlanting.error && <Failed error={savePlanting.error} />}
      <View className="pl-3 pr-5 pt-5">
        <BrookLine stations={stations} runsOn={ahead !== null} />
        {ahead && <CourseOnBrook found={c} garden={garden} now={now} from={stations.length} look={ahead} />}
      </View>
      {chosen && (
        <Sheet open={asking} title="A gentler way is open" onClose={() => setAsking(false)}>
          <T>{`${gentler.map((v) => v.control.name).join(', ')} would do, by the sum above. Why ${inSentence(chosen.control.name)} all the same?`}</T>
          <Field label="Your reason" value={why} onChange={setWhy} placeholder="The tips are out of reach" />
          <Button title={`Take ${inSentence(chosen.control.name)}`} disabled={why.trim() === ''} onPress={() => take(chosen, why.trim())} />
        </Sheet>
      )}
    </Page>
  );
}

/** A planting with what is so about it: stage, dates, what is or is not about. */
function kept(p: Planting, change: Change, today: string): Planting {
  const { stage, pickFrom, pickUntil } = change.planting ?? {};
  const about = p.about.filter((a) => a !== change.without);
  const more = change.withAbout;
  return {
    ...p,
    ...(stage ? { stage } : {}),
    ...(pickFrom !== undefined ? { pickFrom } : {}),
    ...(pickUntil !== undefined ? { pickUntil } : {}),
    about: more && more !== 'no-flower-open' && !about.includes(more) ? [...about, more] : about,
    noFlowerOn: more === 'no-flower-open' ? today : p.noFlowerOn,
  };
}

interface SummaryProps {
  readonly word: string;
  readonly text: string;
  readonly quiet?: boolean;
  readonly undo?: { title: string; onPress: () => void };
}

/** A station behind, or a quiet one ahead: one line. */
function Summary({ word, text, quiet = false, undo }: SummaryProps) {
  return (
    <View className="flex-row flex-wrap items-center justify-between gap-2">
      <T kind="body" className={`flex-1 ${quiet ? 'text-drift' : ''}`}>
        <T kind="strong" className={quiet ? 'text-drift' : ''}>
          {word}
        </T>
        {text ? ` ${text}` : ''}
      </T>
      {undo && <Button kind="link" title={undo.title} onPress={undo.onPress} />}
    </View>
  );
}
