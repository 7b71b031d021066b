import type { Treatment } from '@sleetbrook/core/api';
import { instant, sayIn, sayProvenance, sayWhen, trim, type Instant, type UnitSystem } from '@sleetbrook/core/measure';
import { useState } from 'react';
import { FlatList, View } from 'react-native';
import { useGarden, useTreatmentLog } from '../../api/queries';
import { useNow } from '../../state/now';
import { Row } from '../../ui/row';
import { Sheet } from '../../ui/sheet';
import { Empty, Failed, Loading } from '../../ui/states';
import { T } from '../../ui/text';
import { sayMl } from '../mix/measured-lines';

/** Every treatment, newest first; more are read as you scroll. */
export function RecordsScreen() {
  const log = useTreatmentLog();
  const garden = useGarden().data;
  const now = useNow();
  const [shown, setShown] = useState<Treatment | null>(null);
  const rows = log.data?.pages.flatMap((p) => p.treatments) ?? [];
  if (!garden || now === undefined) return <Loading />;
  const zone = garden.zone;
  return (
    <View className="min-h-0 flex-1 bg-frost" role="main">
      <FlatList
        data={rows}
        keyExtractor={(t) => t.id}
        contentContainerClassName="max-w-[900px] px-5 pb-10"
        onEndReached={() => {
          if (log.hasNextPage && !log.isFetchingNextPage) void log.fetchNextPage();
        }}
        ListHeaderComponent={
          <View className="pb-2 pt-6">
            <T kind="title" level={1}>
              Records
            </T>
            <T kind="muted">{rows.length > 0 ? 'Newest first' : ''}</T>
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
            sub={amountOf(t, garden.units)}
            onPress={() => setShown(t)}
          />
        )}
      />
      {shown && <Detail record={shown} now={now} zone={zone} units={garden.units} onClose={() => setShown(null)} />}
    </View>
  );
}

const unitOf = (t: Treatment) => t.sheet?.lines.find((l) => l.id === t.lineId)?.rate.unit ?? '';
const amountOf = (t: Treatment, units: UnitSystem) =>
  t.amount === null
    ? `${sayIn(t.areaM2, 'area', units)}, by hand`
    : `${trim(t.amount, 1)} ${unitOf(t)}${t.waterMl ? ` in ${sayMl(t.waterMl, units)}` : ''} on ${sayIn(t.areaM2, 'area', units)}`;

interface DetailProps {
  readonly record: Treatment;
  readonly now: Instant;
  readonly zone: string;
  readonly units: UnitSystem;
  readonly onClose: () => void;
}

function Detail({ record: t, now, zone, units, onClose }: DetailProps) {
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
    ['Weather', `${trim(t.weather.temperatureC, 0)} °C, ${trim(t.weather.humidityPct, 0)} % damp, wind ${trim(t.weather.windMs * 3.6, 0)} km/h`],
    ...(t.keepOutUntil ? [['Keep out until', when(t.keepOutUntil)] as [string, string]] : []),
    ...(t.pickFrom ? [['Pick from', when(t.pickFrom)] as [string, string]] : []),
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
      {t.working.map((w) => (
        <T key={w.title} kind="small">{`${w.title}: ${w.formula}. Source: ${sayProvenance(w.source)}.`}</T>
      ))}
    </Sheet>
  );
}
