import type { Garden, Planting, Warning } from '@sleetbrook/core/api';
import { findTroubleCard } from '@sleetbrook/core/cards';
import { instant, inWordsOf, sayWhen, type Instant } from '@sleetbrook/core/measure';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { v7 } from 'uuid';
import { useSaveHush } from '../../api/mutations';
import { useHushes } from '../../api/queries';
import { Button } from '../../ui/button';
import { Row } from '../../ui/row';
import { Sheet } from '../../ui/sheet';
import { Failed } from '../../ui/states';
import { T } from '../../ui/text';
import { endOf, guardSentence, isGuarded, SURE } from './say-warning';

interface Props {
  readonly warnings: readonly Warning[];
  readonly plantings: readonly Planting[];
  readonly garden: Garden;
  readonly now: Instant;
}

const name = (troubleId: string) => findTroubleCard(troubleId)?.name ?? troubleId;

/** Warnings as rows; each opens what it saw, what to do and by when, and how it knows. */
export function WarningRows({ warnings, plantings, garden, now }: Props) {
  const [shown, setShown] = useState<string | null>(null);
  const one = warnings.find((w) => w.key === shown);
  const plantingOf = (w: Warning) => plantings.find((p) => p.id === w.plantingId);
  return (
    <View>
      {warnings.map((w) => (
        <Row
          key={w.key}
          mark={w.hushed || isGuarded(w) ? 'done' : w.is === 'came' ? 'wait' : 'open'}
          title={`${plantingOf(w)?.name ?? ''}: ${name(w.troubleId)}`}
          end={endOf(w, now, garden.zone)}
          tone={w.hushed || isGuarded(w) ? 'plain' : w.is === 'came' ? 'wait' : 'open'}
          sub={w.saw}
          onPress={() => setShown(w.key)}
        />
      ))}
      <Sheet open={one !== undefined} title={one ? `${name(one.troubleId)}, ${plantingOf(one)?.name ?? ''}` : ''} onClose={() => setShown(null)}>
        {one && <Told warning={one} garden={garden} now={now} onClose={() => setShown(null)} />}
      </Sheet>
    </View>
  );
}

/** How long one is put off. */
const PUT_OFF_DAYS = 3;
const DAY = 86_400_000;

function Told({
  warning: w,
  garden,
  now,
  onClose,
}: {
  readonly warning: Warning;
  readonly garden: Garden;
  readonly now: Instant;
  readonly onClose: () => void;
}) {
  const router = useRouter();
  const save = useSaveHush();
  const hushes = useHushes().data;
  const hush = (until: string | null, on: boolean) => {
    const before = hushes?.find((h) => h.plantingId === w.plantingId && h.modelId === w.model.id);
    void save
      .mutateAsync({ id: before?.id ?? v7(), revision: before?.revision ?? 0, plantingId: w.plantingId, modelId: w.model.id, until, on })
      .then(onClose)
      .catch(() => undefined);
  };
  const go = (to: () => void) => {
    onClose();
    to();
  };
  return (
    <>
      <T>{w.saw}</T>
      {/* what is guarded has nothing more to be told to do */}
      {!isGuarded(w) && <T kind="strong">{w.act}</T>}
      <T>{guardSentence(w, garden, now)}</T>
      <T kind="small">{`${SURE[w.sure]} ${w.model.name}. It needs: ${inWordsOf(w.model.needs, garden.units)} Source: ${w.model.source}.`}</T>
      {save.error && <Failed error={save.error} />}
      {!isGuarded(w) && (w.is !== 'came' || w.by !== null) && (
        <Button
          title={w.is === 'came' ? 'See what may be used' : 'See what guards against it'}
          onPress={() => go(() => router.navigate(`/garden/${w.plantingId}/prevent?trouble=${w.troubleId}`))}
        />
      )}
      {w.is === 'came' && <Button title="Look at the plant" onPress={() => go(() => router.navigate(`/look/${w.plantingId}`))} />}
      {w.hushed ? (
        <>
          <T kind="muted">
            {w.hushed.until ? `Put off until ${sayWhen(instant(Date.parse(w.hushed.until)), now, garden.zone)}.` : 'Silenced for this planting.'}
          </T>
          <Button kind="quiet" title="Tell of it again" busy={save.isPending || !hushes} onPress={() => hush(null, false)} />
        </>
      ) : (
        <>
          <Button
            kind="quiet"
            title="Put it off for three days"
            busy={save.isPending || !hushes}
            onPress={() => hush(new Date(now + PUT_OFF_DAYS * DAY).toISOString(), true)}
          />
          <Button kind="link" title="Never tell of this on this planting" busy={save.isPending || !hushes} onPress={() => hush(null, true)} />
        </>
      )}
    </>
  );
}
