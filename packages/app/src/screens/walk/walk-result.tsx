import type { Planting, Stop, Walk, WalkPlan } from '@sleetbrook/core/api';
import { findTroubleCard } from '@sleetbrook/core/cards';
import { thresholdFor, wilson } from '@sleetbrook/core/count';
import { DateTime } from 'luxon';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { useGarden } from '../../api/queries';
import { useWalking } from '../../state/walking';
import { ActionBar, Button } from '../../ui/button';
import type { MarkState } from '../../ui/mark';
import { Page } from '../../ui/page';
import { Row, Section } from '../../ui/row';
import { T } from '../../ui/text';
import { sayEnough, sayTrend } from '../look/say-count';
import { sayWalk } from './walk-home';

interface Props {
  readonly walk: Walk;
  readonly plantings: readonly Planting[];
  readonly plan: WalkPlan;
}

const WORDS: Record<Stop['state'], string> = { 'to-do': 'not reached', clear: 'all clear', found: 'something', passed: 'passed over' };
const MARKS: Record<Stop['state'], MarkState> = { 'to-do': 'stop', clear: 'done', found: 'wait', passed: 'stop' };

/** What the round brought, planting by planting, against the time before. */
export function WalkResult({ walk, plantings, plan }: Props) {
  const router = useRouter();
  const zone = useGarden().data?.zone ?? 'utc';
  const drop = useWalking((w) => w.drop);
  const running = useWalking((w) => w.walk?.id === walk.id);
  const close = () => {
    if (running) drop();
    router.navigate('/garden');
  };
  return (
    <Page
      title="Walk done"
      sub={`${DateTime.fromISO(walk.startedAt, { zone, locale: 'en-GB' }).toFormat('cccc d LLLL, HH:mm')} · ${sayWalk(walk)}`}
      back={{ title: 'Walks', href: '/walk' }}
      footer={
        <ActionBar>
          <Button title="Back to the garden" onPress={close} />
        </ActionBar>
      }
    >
      <View className="px-5">
        <Section>By planting</Section>
        {walk.stops.map((s) => {
          const planting = plantings.find((p) => p.id === s.plantingId);
          return (
            <Row
              key={s.plantingId}
              mark={MARKS[s.state]}
              title={planting?.name ?? 'A planting that was removed'}
              end={WORDS[s.state]}
              sub={planting?.place}
              onPress={() => router.navigate(`/garden/${s.plantingId}`)}
            >
              {s.tallies.map((t) => {
                const card = findTroubleCard(t.troubleId);
                const before = plan.find((p) => p.plantingId === s.plantingId)?.watch.find((w) => w.troubleId === t.troubleId)?.before ?? null;
                const share = wilson(t.affected, t.looked);
                const so = sayEnough(t.affected, t.looked, thresholdFor(card?.threshold.share ?? 0.1, planting?.tolerance ?? 'usual'), card?.unit ?? 'units');
                return (
                  <View key={t.troubleId} className="pt-1">
                    <T kind="body">{`${card?.name ?? t.troubleId}: ${so.text}`}</T>
                    <T kind="small">{`${Math.round(share.share * 100)} in 100, between ${Math.round(share.low * 100)} and ${Math.round(share.high * 100)}; ${sayTrend(t, before)}.`}</T>
                  </View>
                );
              })}
            </Row>
          );
        })}
        <T kind="small" className="pt-4">
          Intervals: Wilson 1927. Enough looking: sequential test, Wald 1945. What acting is worth: by trouble, and by what you bear on this planting.
        </T>
      </View>
    </Page>
  );
}
