import type { Batch } from '@sleetbrook/core/api';
import {
  findOil,
  nextDue,
  READY_TESTS,
  readyAt,
  REST_HOURS,
  SOAP_DOSES,
  SOAP_STAGES,
  STAGE_NAMES,
  stageOf,
  type BatchTimes,
  type SoapStage,
} from '@sleetbrook/core/bench';
import { instant, sayBoth, sayDuration, sayIn, sayWhen, trim, type Instant, type UnitSystem } from '@sleetbrook/core/measure';
import { sayRateIn } from '@sleetbrook/core/mix';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import Svg, { Path } from 'react-native-svg';
import { useRemoveBatch, useSaveBatch } from '../../api/mutations';
import { useBatches, useGarden } from '../../api/queries';
import { useNow } from '../../state/now';
import { ActionBar, Button } from '../../ui/button';
import { Tick } from '../../ui/field';
import { Row, Section } from '../../ui/row';
import { Sheet } from '../../ui/sheet';
import { Stone } from '../../ui/stone';
import { Empty, Failed } from '../../ui/states';
import { T } from '../../ui/text';
import { useTokens } from '../../ui/tokens';
import { usePutOn } from '../records/use-put-on';
import { ToolLoading, ToolPage } from './parts';

const at = (iso: string | null): Instant | null => (iso === null ? null : instant(Date.parse(iso)));
const timesOf = (b: Batch): BatchTimes => ({
  blended: at(b.blendedAt),
  thinned: at(b.thinnedAt),
  stirs: b.stirs.map((s) => instant(Date.parse(s))),
  ready: at(b.readyAt),
  tempC: b.tempC,
});

/** One batch of soap over its days: what to do next, when, and the doses once it is ready. */
export function SoapBatch({ id }: { readonly id: string }) {
  const router = useRouter();
  const garden = useGarden().data;
  const batches = useBatches().data;
  const now = useNow();
  const [removed, setRemoved] = useState<Batch | null>(null);
  if (!garden || !batches || now === undefined) return <ToolLoading />;
  const batch = batches.find((b) => b.id === id);
  if (removed?.id === id && !batch) return <Removed batch={removed} onBack={() => setRemoved(null)} />;
  if (!batch)
    return (
      <ToolPage title="Potassium soap" sub="">
        <Empty
          title="There is no such batch"
          text="It was removed, or the address is wrong."
          action={{ title: 'To the soap', onPress: () => router.navigate('/bench/soap') }}
        />
      </ToolPage>
    );
  return <Days batch={batch} now={now} zone={garden.zone} units={garden.units} onRemoved={() => setRemoved(batch)} />;
}

interface DaysProps {
  readonly batch: Batch;
  readonly now: Instant;
  readonly zone: string;
  readonly units: UnitSystem;
  readonly onRemoved: () => void;
}

/** Height of a stage on the line, px. */
const STEP = 40;

function Days({ batch, now, zone, units, onRemoved }: DaysProps) {
  const router = useRouter();
  const putOn = usePutOn();
  const save = useSaveBatch();
  const [looking, setLooking] = useState(false);
  const [seen, setSeen] = useState<readonly string[]>([]);
  const times = timesOf(batch);
  const stage = stageOf(times);
  const due = nextDue(times);
  const ready = readyAt(times);
  const put = (change: Partial<Batch>) => void save.mutateAsync({ ...batch, ...change }).catch(() => undefined);
  const stamp = new Date(now).toISOString();
  const resting = stage === 'rest' && due !== null && due.at > now;
  const thin = batch.yieldMl - batch.oils.reduce((sum, o) => sum + o.g / (findOil(o.oilId)?.gPerMl ?? 0.92), 0) - batch.waterG - batch.lyeG / 2;
  return (
    <ToolPage
      title={batch.name}
      sub={batch.oils.map((o) => `${sayIn(o.g, 'mass', units)} ${findOil(o.oilId)?.name.toLowerCase() ?? o.oilId}`).join(', ')}
      footer={
        stage === 'ready' ? undefined : (
          <ActionBar>
            {stage === 'rest' && <Button title="It is thinned" disabled={resting} busy={save.isPending} onPress={() => put({ thinnedAt: stamp })} />}
            {stage === 'stir' && <Button title="Stirred, 4 or 5 slow turns" busy={save.isPending} onPress={() => put({ stirs: [...batch.stirs, stamp] })} />}
            {stage === 'stir' && <Button kind="quiet" title="Is it ready?" onPress={() => setLooking(true)} />}
          </ActionBar>
        )
      }
    >
      {save.error && <Failed error={save.error} />}
      <Line stage={stage} />
      {due && (
        <View>
          <T kind="label">Next</T>
          <T className="font-bold text-[34px] leading-[40px]" live>
            {due.at > now ? sayWhen(due.at, now, zone) : 'Now'}
          </T>
          <T>{due.text}</T>
          {due.at > now && <T kind="muted">{`in ${sayDuration(due.at - now)}`}</T>}
        </View>
      )}
      {stage === 'rest' && (
        <View className="gap-2">
          <Section>To thin it</Section>
          <T className="font-bold text-[34px] leading-[40px]">{sayBoth(thin, 'volume', units)}</T>
          <T>Rain water, poured slowly down the side over the paste. Leave it to take the water up; never whip it: froth is soap that is lost.</T>
          <T kind="muted">{`It rests ${REST_HOURS} hours first: until then there may be lye in it. Gloves and goggles on when you open it.`}</T>
        </View>
      )}
      {stage === 'stir' && (
        <View>
          <Section>Stirring</Section>
          <Row
            title="Stirred so far"
            end={String(batch.stirs.length)}
            sub={batch.stirs.length > 0 ? `last ${sayWhen(instant(Date.parse(batch.stirs.at(-1) ?? '')), now, zone)}` : 'twice a day, morning and evening'}
          />
          {ready !== null && (
            <Row title="Should be ready" end={sayWhen(ready, now, zone)} sub={`standing at ${trim(batch.tempC, 0)} °C; look, do not go by the day alone`} />
          )}
          {batch.stirs.length > 0 && <Button kind="link" title="Take the last stir back" onPress={() => put({ stirs: batch.stirs.slice(0, -1) })} />}
        </View>
      )}
      {stage === 'ready' && (
        <View>
          <Section>Doses</Section>
          {SOAP_DOSES.map((d) => (
            <Row key={d.name} title={d.name} end={sayRateIn(d.mlPerL, 'ml', 'per-litre', units)} sub={d.how} />
          ))}
          <T kind="small">
            Only wet and only where it hits: both sides of the leaves, in the evening or under cloud. Patch-test first. Keep it out of ponds and drains: it
            kills fish.
          </T>
          <View className="gap-3 pt-4">
            <Button title="Used some: write it down" onPress={() => putOn({ control: 'soap-spray', made: batch.name })} />
            <Button kind="quiet" title="Its place in the shed" onPress={() => router.navigate(`/shed/item/${batch.id}`)} />
          </View>
        </View>
      )}
      <Remove batch={batch} onRemoved={onRemoved} />
      <Sheet open={looking} title="Is it ready?" onClose={() => setLooking(false)}>
        <T>All of it, or it goes on standing.</T>
        {READY_TESTS.map((g) => (
          <Tick key={g} label={g} checked={seen.includes(g)} onChange={(yes) => setSeen(yes ? [...seen, g] : seen.filter((x) => x !== g))} />
        ))}
        <Button
          title="It is ready: put it in the shed"
          disabled={!READY_TESTS.every((g) => seen.includes(g))}
          busy={save.isPending}
          onPress={() =>
            void save
              .mutateAsync({ ...batch, readyAt: stamp })
              .then(() => setLooking(false))
              .catch(() => undefined)
          }
        />
      </Sheet>
    </ToolPage>
  );
}

/** The days on a line: done, now, ahead. */
function Line({ stage }: { readonly stage: SoapStage }) {
  const t = useTokens();
  const here = SOAP_STAGES.indexOf(stage);
  return (
    <View className="flex-row gap-3">
      <Svg width={44} height={SOAP_STAGES.length * STEP} aria-hidden>
        <Path d={`M22 ${STEP / 2} V${(SOAP_STAGES.length - 0.5) * STEP}`} stroke={t.line} strokeWidth={5} strokeLinecap="round" />
        <Path d={`M22 ${STEP / 2} V${(here + 0.5) * STEP}`} stroke={t.brook} strokeWidth={5} strokeLinecap="round" />
        {SOAP_STAGES.map((s, i) => (
          <Stone
            key={s}
            seed={i + 3}
            cx={22}
            cy={(i + 0.5) * STEP}
            state={i < here || stage === 'ready' ? 'behind' : i === here ? 'here' : 'ahead'}
            colour={t.brook}
            ground={t.frost}
            quiet={t.drift}
          />
        ))}
      </Svg>
      <View>
        {SOAP_STAGES.map((s, i) => (
          <View key={s} className="h-[40px] justify-center" {...(i === here ? { 'aria-current': 'step' as const } : {})}>
            <T kind={i === here ? 'strong' : 'muted'}>{`${STAGE_NAMES[s]}${i < here || stage === 'ready' ? ', done' : ''}`}</T>
          </View>
        ))}
      </View>
    </View>
  );
}

function Remove({ batch, onRemoved }: { readonly batch: Batch; readonly onRemoved: () => void }) {
  const remove = useRemoveBatch();
  const [asking, setAsking] = useState(false);
  return (
    <View>
      <Button kind="link" title="Remove this batch" onPress={() => setAsking(true)} />
      <Sheet open={asking} title="Remove this batch?" onClose={() => setAsking(false)}>
        {remove.error && <Failed error={remove.error} />}
        <T>{batch.readyAt ? 'Its soap stays in the shed.' : 'Raw soap is corrosive: take it to a hazardous-waste day, never down a drain.'}</T>
        <Button
          kind="stop"
          title="Remove it"
          busy={remove.isPending}
          onPress={() => {
            onRemoved();
            void remove.mutateAsync(batch.id).catch(() => undefined);
          }}
        />
      </Sheet>
    </View>
  );
}

function Removed({ batch, onBack }: { readonly batch: Batch; readonly onBack: () => void }) {
  const save = useSaveBatch();
  return (
    <ToolPage title="The batch is removed" sub={batch.name}>
      {save.error && <Failed error={save.error} />}
      <Button
        title="Take it back"
        busy={save.isPending}
        onPress={() =>
          void save
            .mutateAsync({ ...batch, revision: 0 })
            .then(onBack)
            .catch(() => undefined)
        }
      />
    </ToolPage>
  );
}
