import type { Treatment } from '@sleetbrook/core/api';
import { findControlCard } from '@sleetbrook/core/cards';
import { amountUnitOf, WHOM_TO_ASK } from '@sleetbrook/core/label';
import { instant, sayIn, sayProvenance, sayWhen, trim, type Instant, type UnitSystem } from '@sleetbrook/core/measure';
import { sayProduct } from '@sleetbrook/core/mix';
import { useRouter } from 'expo-router';
import { DateTime } from 'luxon';
import { useState } from 'react';
import { FlatList, View } from 'react-native';
import { useStrike } from '../../api/mutations';
import { useGarden, usePlantings, useSheets, useTreatmentLog } from '../../api/queries';
import { useNow } from '../../state/now';
import { asTyped } from '../../state/as-typed';
import { useRecording } from '../../state/recording';
import { Button } from '../../ui/button';
import { Field } from '../../ui/field';
import { Row } from '../../ui/row';
import { Sheet } from '../../ui/sheet';
import { Empty, Failed, Loading } from '../../ui/states';
import { T } from '../../ui/text';
import { useWords } from '../../ui/words';
import { Unreadable } from '../reach/unreadable';
import { sayMl } from '../../ui/say-ml';

const LIST = { maxWidth: 900, paddingHorizontal: 20, paddingBottom: 40 } as const;

/** Every treatment, newest first; more are read as you scroll. */
export function RecordsScreen() {
  const router = useRouter();
  const log = useTreatmentLog();
  const garden = useGarden().data;
  const now = useNow();
  const [shownId, setShown] = useState<string | null>(null);
  const rows = log.data?.pages.flatMap((p) => p.treatments) ?? [];
  const shown = rows.find((t) => t.id === shownId);
  if (!garden || now === undefined) return <Loading />;
  const zone = garden.zone;
  return (
    <View className="min-h-0 flex-1 bg-frost" role="main">
      <FlatList
        data={rows}
        keyExtractor={(t) => t.id}
        // a list takes no class names here: src/lean/class-names.js says which components do
        contentContainerStyle={LIST}
        onEndReached={() => {
          if (log.hasNextPage && !log.isFetchingNextPage) void log.fetchNextPage();
        }}
        ListHeaderComponent={
          <View className="pb-2 pt-6">
            <T kind="title" level={1}>
              Records
            </T>
            <T kind="muted">{rows.length > 0 ? 'Newest first' : ''}</T>
            <Button kind="quiet" title="Write down something done" onPress={() => router.navigate('/records/new')} />
            <NotKept />
            <Unreadable kinds={['treatments']} />
          </View>
        }
        ListEmptyComponent={
          log.isError ? (
            <Failed error={log.error} again={() => void log.refetch()} />
          ) : log.isPending ? (
            <Loading />
          ) : (
            <Empty title="Nothing done yet" text="Each treatment you write down in a case stands here, with its label sheet as it was." />
          )
        }
        renderItem={({ item: t }) => (
          <Row
            title={`${t.controlName}, ${t.plantingName.toLowerCase()}`}
            end={sayWhen(instant(Date.parse(t.finishedAt)), now, zone)}
            sub={`${t.struck ? 'Struck out. ' : t.broke.length > 0 ? 'Outside the label. ' : ''}${amountOf(t, garden.units)}`}
            onPress={() => setShown(t.id)}
          />
        )}
      />
      {shown && <Detail record={shown} now={now} zone={zone} units={garden.units} onClose={() => setShown(null)} />}
    </View>
  );
}

const amountOf = (t: Treatment, units: UnitSystem) =>
  t.amount === null
    ? `${sayIn(t.areaM2, 'area', units)}, by hand`
    : `${sayProduct(t.amount, amountUnitOf(t), units)}${t.waterMl ? ` in ${sayMl(t.waterMl, units)}` : ''} on ${sayIn(t.areaM2, 'area', units)}`;

interface DetailProps {
  readonly record: Treatment;
  readonly now: Instant;
  readonly zone: string;
  readonly units: UnitSystem;
  readonly onClose: () => void;
}

function Detail({ record: t, now, zone, units, onClose }: DetailProps) {
  const words = useWords();
  const when = (iso: string) => sayWhen(instant(Date.parse(iso)), now, zone);
  const lines: [string, string][] = [
    ['What', t.controlName],
    ...(t.sheet ? [['Product', `${t.sheet.name}, sheet version ${t.sheet.version}`] as [string, string]] : []),
    ['How much', amountOf(t, units)],
    ['Where', [t.plantingName, t.place].filter(Boolean).join(', ')],
    ['Crop', t.crop],
    ['Finished', when(t.finishedAt)],
    ['By', t.by],
    ['Why', t.why],
    ...(t.purpose === 'seen' ? [] : [['For', t.purpose === 'prevent' ? 'against what may come' : 'upkeep'] as [string, string]]),
    ...(t.loads.length > 1
      ? t.loads.map((l): [string, string] => [
          `Load ${l.number}`,
          `${sayProduct(l.product, amountUnitOf(t), units)} in ${sayMl(l.waterMl, units)}${l.waste ? ', waste' : l.outAt ? `, out ${when(l.outAt)}` : ''}`,
        ])
      : []),
    ...t.slips.map((x): [string, string] => ['Slip', x.text]),
    ['Weather', words(sayWeather(t.weather))],
    ...(t.keepOutUntil ? [['Keep out until', when(t.keepOutUntil)] as [string, string]] : []),
    ...(t.pickFrom ? [['Pick from', when(t.pickFrom)] as [string, string]] : []),
    ...(t.leftMl ? [['Left unsprayed', sayMl(t.leftMl, units)] as [string, string]] : []),
  ];
  return (
    <Sheet open title="Record" onClose={onClose}>
      {lines.map(([name, value]) => (
        <View key={name} className="flex-row flex-wrap justify-between gap-x-4">
          <T kind="muted">{name}</T>
          <T kind="strong" className="flex-shrink text-right">
            {value}
          </T>
        </View>
      ))}
      {t.struck && <T kind="strong">{`Struck out on ${when(t.struck.at)}: ${t.struck.reason}`}</T>}
      {t.broke.map((b) => (
        <T key={b} className="text-ochre">
          {b}
        </T>
      ))}
      {t.pickUnknown && !t.struck && <T className="text-rowan">{WHOM_TO_ASK}</T>}
      {t.working.map((w) => (
        <T key={w.title} kind="small">{`${w.title}: ${w.formula}. Source: ${sayProvenance(w.source)}.`}</T>
      ))}
      {!t.struck && <Correct record={t} zone={zone} units={units} />}
      {!t.struck && <StrikeOut id={t.id} />}
    </Sheet>
  );
}

/** What is written down and not kept yet: it waits here. */
function NotKept() {
  const router = useRouter();
  const waiting = Object.entries(useRecording((r) => r.records));
  const plantings = usePlantings().data ?? [];
  const sheets = useSheets().data ?? [];
  const nameOf = (what: string) => {
    const [, id = ''] = what.split(':');
    return findControlCard(id)?.name ?? sheets.find((s) => s.id === id)?.name ?? 'a record';
  };
  return (
    <>
      {waiting.map(([id, d]) => (
        <Row
          key={id}
          mark="wait"
          title={`Not kept yet: ${d.made || nameOf(d.what)}`}
          sub={d.on.flatMap((x) => plantings.find((p) => p.id === x)?.name ?? []).join(', ')}
          onPress={() => router.navigate(`/records/new?draft=${id}`)}
        />
      ))}
    </>
  );
}

/** A record is put right by one of its own; the wrong one stays readable. */
function Correct({ record: t, zone, units }: { readonly record: Treatment; readonly zone: string; readonly units: UnitSystem }) {
  const router = useRouter();
  const begin = useRecording((r) => r.begin);
  const on = () => {
    const exact = {
      ...(t.amount === null ? {} : { amount: asTyped(t.amount, amountUnitOf(t) === 'ml' ? 'volume' : 'mass', units) }),
      ...(t.waterMl ? { mix: asTyped(t.waterMl, 'volume', units) } : {}),
      area: asTyped(t.areaM2, 'area', units),
    };
    const draft = begin({
      what: t.sheetId ? `sheet:${t.sheetId}` : `control:${t.controlId}`,
      made: t.made?.name ?? '',
      percent: t.made?.percent ? String(t.made.percent) : '',
      on: [t.plantingId],
      purpose: t.purpose,
      trouble: t.troubleId ?? '',
      amount: exact.amount?.text ?? '',
      mix: exact.mix?.text ?? '',
      area: exact.area.text,
      exact,
      time: DateTime.fromISO(t.finishedAt, { zone }).toFormat('yyyy-MM-dd HH:mm'),
      by: t.by,
      corrects: { id: t.id, caseId: t.caseId, count: t.count, why: t.why },
    });
    router.navigate(`/records/new?draft=${draft}`);
  };
  return <Button kind="quiet" title="Put this record right" onPress={on} />;
}

/** A wrong record is struck out with a reason: it stays to be read, and its clocks end. */
function StrikeOut({ id }: { readonly id: string }) {
  const strike = useStrike();
  const now = useNow();
  const [asking, setAsking] = useState(false);
  const [reason, setReason] = useState('');
  if (!asking) return <Button kind="link" title="Strike this record out" onPress={() => setAsking(true)} />;
  return (
    <>
      {strike.error && <Failed error={strike.error} />}
      <T>It stays readable; its keep-out and picking clocks end. Only for what was not done, or was written down wrongly.</T>
      <Field label="Why" value={reason} onChange={setReason} placeholder="It was the other bed" />
      <Button
        kind="stop"
        title="Strike it out"
        disabled={reason.trim() === '' || now === undefined}
        busy={strike.isPending}
        onPress={() => void strike.mutateAsync({ id, at: new Date(now ?? 0).toISOString(), reason: reason.trim() }).catch(() => undefined)}
      />
    </>
  );
}

/** The air at the time, and whose word it is. */
const WEATHER_FROM = {
  station: 'from your station',
  file: 'from loaded hours',
  reading: 'read off by hand',
  seen: 'by a look at the sky',
  demonstration: 'made up',
} as const;

function sayWeather(w: Treatment['weather']): string {
  if (w === null) return 'not known';
  const said = `${trim(w.temperatureC, 0)} °C, ${trim(w.humidityPct, 0)} % damp, wind ${trim(w.windMs * 3.6, 0)} km/h`;
  const from = w.source === undefined ? 'source not kept' : WEATHER_FROM[w.source];
  const how = w.certainty === undefined || w.certainty === 'known' ? '' : w.certainty === 'forecast' ? ', a forecast' : ', a guess';
  return `${said} (${from}${how})`;
}
