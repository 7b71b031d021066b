import type { Case, Lap, Planting } from '@sleetbrook/core/api';
import { findControlCard, howFor, howSentences } from '@sleetbrook/core/cards';
import type { Verdict } from '@sleetbrook/core/decide-light';
import { instant, sayWhen, type Instant } from '@sleetbrook/core/measure';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { v7 } from 'uuid';
import { useSaveTreatment } from '../../api/mutations';
import { EMPTY_MIX, mixKey, useDrafts } from '../../state/drafts';
import { Button } from '../../ui/button';
import { Mark } from '../../ui/mark';
import { notNowOn, useSharers } from '../mix/use-sharers';
import { Failed } from '../../ui/states';
import { T } from '../../ui/text';
import { useProse } from '../../ui/words';

interface Props {
  readonly found: Case;
  readonly lap: Lap;
  readonly now: Instant;
  readonly zone: string;
  readonly planting: Planting | undefined;
  readonly verdicts: readonly Verdict[];
  readonly verdict: Verdict | undefined;
}

/** Do it: how, whether the hour is open, and the way to measuring or recording. */
export function KeepStation({ found, lap, now, zone, planting, verdicts, verdict }: Props) {
  const router = useRouter();
  const control = findControlCard(lap.controlId ?? '');
  const prose = useProse();
  const begun = useDrafts((d) => (d.mixes[mixKey(found)]?.step ?? -1) >= 0);
  // a mix for several plantings begins when it may begin on each of them
  const closed = useSharers(control?.sheet ? found : undefined).flatMap((s) => {
    const why = notNowOn(s);
    return why ? [`${s.planting.name}: ${why}`] : [];
  });
  if (!control) return null;
  const openNow = verdict?.status === 'usable' && closed.length === 0;
  return (
    <View className="gap-4">
      <T kind="head" level={2}>
        {control.name}
      </T>
      <View className="flex-row items-center gap-3">
        <Mark state={openNow ? 'open' : 'wait'} />
        <T className="flex-1">
          {openNow
            ? 'The hour is open now.'
            : `Not now: ${verdict?.status === 'usable' ? closed.join(' ') : (verdict?.reasons[0]?.sentence ?? 'the hour is closed.')}${lap.plannedFor ? ` Planned for ${sayWhen(instant(Date.parse(lap.plannedFor)), now, zone)}.` : ''}`}
        </T>
      </View>
      {!control.sheet &&
        (verdict ? howSentences({ how: howFor(verdict.control, found.troubleId) }) : []).map((step, i) => <T key={step}>{`${i + 1}. ${prose(step)}`}</T>)}
      {verdict?.control.cautions.map((c) => (
        <T key={c.text} kind="muted">
          {c.text}
        </T>
      ))}
      {planting && <Along found={found} lap={lap} now={now} planting={planting} verdicts={verdicts} />}
      {!control.sheet && <Button title="Done: write it down" onPress={() => router.navigate(`/cases/${found.id}/done`)} />}
      {/* nothing is opened in a closed hour, on flowers or inside a wait; what is already in the tank is seen through */}
      {control.sheet && (openNow || begun) && (
        <Button title={begun ? 'Go on measuring' : 'Start measuring'} onPress={() => router.navigate(`/cases/${found.id}/mix`)} />
      )}
    </View>
  );
}

interface AlongProps {
  readonly found: Case;
  readonly lap: Lap;
  readonly now: Instant;
  readonly planting: Planting;
  readonly verdicts: readonly Verdict[];
}

/** What goes along in the plan, each ticked off by a record of its own. */
function Along({ found, lap, now, planting, verdicts }: AlongProps) {
  const save = useSaveTreatment();
  const prose = useProse();
  const mixes = useDrafts((d) => d.mixes);
  const setMix = useDrafts((d) => d.setMix);
  const dropMix = useDrafts((d) => d.dropMix);
  if (lap.also.length === 0) return null;
  // id and time are fixed at the first press: pressed again after a lost answer it is the same record
  const done = (controlId: string) => {
    const key = `${found.id}:${found.laps.length}:${controlId}`;
    const { doneId = v7(), madeAt } = mixes[key] ?? EMPTY_MIX;
    const at = madeAt ?? now;
    setMix(key, { doneId, madeAt: at });
    return save
      .mutateAsync({
        id: doneId,
        caseId: found.id,
        plantingId: planting.id,
        controlId,
        sheetId: null,
        trunkCm: null,
        heightM: null,
        finishedAt: new Date(at).toISOString(),
        areaM2: planting.areaM2,
        amount: null,
        waterMl: null,
        by: 'You',
        why: 'Part of the plan',
      })
      .then(() => dropMix(key))
      .catch(() => undefined);
  };
  return (
    <View className="gap-3">
      <T kind="label">Along with it</T>
      {save.error && <Failed error={save.error} />}
      {lap.also.map((a) => {
        const verdict = verdicts.find((v) => v.control.id === a.controlId);
        const name = findControlCard(a.controlId)?.name ?? a.controlId;
        return (
          <View key={a.controlId} className="gap-2 border-l-4 border-line pl-3">
            <T kind="strong">{a.doneAt ? `${name}: done` : name}</T>
            {!a.doneAt &&
              (verdict ? howSentences({ how: howFor(verdict.control, found.troubleId) }) : []).map((step, i) => (
                <T key={step} kind="muted">{`${i + 1}. ${prose(step)}`}</T>
              ))}
            {!a.doneAt && verdict?.status !== 'usable' && verdict?.reasons[0] && <T className="text-ochre">{`Not now: ${verdict.reasons[0].sentence}`}</T>}
            {!a.doneAt && <Button kind="quiet" title={`Done: ${name.toLowerCase()}`} busy={save.isPending} onPress={() => void done(a.controlId)} />}
          </View>
        );
      })}
    </View>
  );
}
