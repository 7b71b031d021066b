import type { BlindSpot, Milestone, Planting } from '@sleetbrook/core/api';
import { findTroubleCard } from '@sleetbrook/core/cards';
import { inSentence } from '@sleetbrook/core/measure';
import { addDays, type LocalDay } from '@sleetbrook/core/schedule';
import { useState } from 'react';
import { View } from 'react-native';
import { v7 } from 'uuid';
import { useSaveMilestone } from '../../api/mutations';
import { Button } from '../../ui/button';
import { Choice } from '../../ui/field';
import { Row, Section } from '../../ui/row';
import { Sheet } from '../../ui/sheet';
import { Failed } from '../../ui/states';
import { T } from '../../ui/text';
import { sayDate } from '../garden/say-picking';
import { MILESTONE_WORDS } from './say-warning';

interface Asked {
  readonly plantingId: string;
  readonly what: Milestone['what'];
  readonly troubles: readonly string[];
}

/** What is asked of each planting, once, with all that hangs on it. */
function askedOf(blind: readonly BlindSpot[]): Asked[] {
  const by = new Map<string, Asked>();
  for (const b of blind) {
    if (b.asks === null) continue;
    const key = `${b.plantingId} ${b.asks}`;
    const before = by.get(key);
    by.set(key, { plantingId: b.plantingId, what: b.asks, troubles: [...(before?.troubles ?? []), b.troubleId] });
  }
  return [...by.values()];
}

const names = (troubles: readonly string[]) => [...new Set(troubles)].map((t) => inSentence(findTroubleCard(t)?.name ?? t)).join(', ');
const DAYS_AGO = [0, 1, 3, 7, 14, 21] as const;

interface Props {
  readonly blind: readonly BlindSpot[];
  readonly milestones: readonly Milestone[];
  readonly plantings: readonly Planting[];
  readonly day: LocalDay;
}

/** What warmth is counted from: asked for where it was not said, and to be corrected where it was. */
export function MilestoneRows({ blind, milestones, plantings, day }: Props) {
  const save = useSaveMilestone();
  const [shown, setShown] = useState<{ plantingId: string; what: Milestone['what'] } | null>(null);
  const [ago, setAgo] = useState('0');
  const asked = askedOf(blind);
  const said = milestones.filter((m) => m.on !== null && m.on > addDays(day, -300) && plantings.some((p) => p.id === m.plantingId));
  const name = (id: string) => plantings.find((p) => p.id === id)?.name ?? '';
  const before = shown && milestones.find((m) => m.plantingId === shown.plantingId && m.what === shown.what);
  const keep = (on: LocalDay | null) => {
    if (!shown) return;
    void save
      .mutateAsync({ id: before?.id ?? v7(), revision: before?.revision ?? 0, ...shown, on })
      .then(() => setShown(null))
      .catch(() => undefined);
  };
  const open = (plantingId: string, what: Milestone['what']) => {
    setAgo('0');
    setShown({ plantingId, what });
  };
  return (
    <View>
      {asked.length > 0 && <Section>Say when you see it</Section>}
      {asked.map((a) => (
        <Row
          key={`${a.plantingId}${a.what}`}
          mark="wait"
          title={`${name(a.plantingId)}: ${inSentence(MILESTONE_WORDS[a.what].ask)}`}
          end="say"
          tone="wait"
          sub={`Foretells ${names(a.troubles)}.`}
          onPress={() => open(a.plantingId, a.what)}
        />
      ))}
      {said.length > 0 && <Section>Seen this year</Section>}
      {said.map((m) => (
        <Row
          key={m.id}
          mark="done"
          title={`${name(m.plantingId)}: ${inSentence(MILESTONE_WORDS[m.what].said)}`}
          end={sayDate(m.on ?? '')}
          onPress={() => open(m.plantingId, m.what)}
        />
      ))}
      <Sheet
        open={shown !== null}
        title={shown ? `${name(shown.plantingId)}: ${inSentence(MILESTONE_WORDS[shown.what].ask)}` : ''}
        onClose={() => setShown(null)}
      >
        <T>Warmth is counted from that day on. Say it when you see it: a day more or less is no matter.</T>
        <Choice
          label="When"
          value={ago}
          onChange={setAgo}
          options={DAYS_AGO.map((n) => ({ value: String(n), label: n === 0 ? 'Today' : n === 1 ? 'Yesterday' : sayDate(addDays(day, -n)) }))}
        />
        {save.error && <Failed error={save.error} />}
        <Button
          title={`Seen ${ago === '0' ? 'today' : ago === '1' ? 'yesterday' : `about ${sayDate(addDays(day, -Number(ago)))}`}`}
          busy={save.isPending}
          onPress={() => keep(addDays(day, -Number(ago)))}
        />
        {before?.on && <Button kind="link" title="It was not seen after all" busy={save.isPending} onPress={() => keep(null)} />}
      </Sheet>
    </View>
  );
}
