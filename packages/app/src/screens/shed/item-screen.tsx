import { HAZARD_WORDS, type ShedItem } from '@sleetbrook/core/api';
import { sayRate, type LabelSheet } from '@sleetbrook/core/label';
import { instant, parseQuantity, sayIn, sayBoth, sayWhen, type UnitSystem } from '@sleetbrook/core/measure';
import { sayRateIn, treats } from '@sleetbrook/core/mix';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { useRemoveShedItem, useSaveShedItem } from '../../api/mutations';
import { useGarden, usePlantings, useShedCode, useShedItems, useSheets } from '../../api/queries';
import { useNow } from '../../state/now';
import { Button } from '../../ui/button';
import { Field } from '../../ui/field';
import { Page } from '../../ui/page';
import { Row, Section } from '../../ui/row';
import { Sheet } from '../../ui/sheet';
import { Empty, Failed, Loading } from '../../ui/states';
import { T } from '../../ui/text';
import { takeFile } from '../../ui/take-file';
import { PoisonHelp } from '../help/poison-help';
import { ShedCode } from './shed-code';

const BACK = { title: 'Shed', href: '/shed' } as const;
const KIND_WORDS: Readonly<Record<ShedItem['kind'], string>> = { product: 'Product', stock: 'Stock solution', soap: 'Soap you made', mix: 'Left-over mix' };

/** One thing that stands in the shed: how much is left, its warning label, and how to be rid of it. */
export function ItemScreen({ id }: { readonly id: string }) {
  const router = useRouter();
  const garden = useGarden().data;
  const items = useShedItems().data;
  const [removed, setRemoved] = useState<ShedItem | null>(null);
  if (!garden || !items)
    return (
      <Page back={BACK}>
        <Loading />
      </Page>
    );
  const item = items.find((i) => i.id === id);
  if (!item && removed?.id === id) return <Removed item={removed} onBack={() => setRemoved(null)} />;
  if (!item)
    return (
      <Page back={BACK}>
        <Empty title="Not in the shed any more" text="It was used up or removed." action={{ title: 'To the shed', onPress: () => router.navigate('/shed') }} />
      </Page>
    );
  return <Item item={item} units={garden.units} zone={garden.zone} onRemoved={() => setRemoved(item)} />;
}

interface Props {
  readonly item: ShedItem;
  readonly units: UnitSystem;
  readonly zone: string;
  readonly onRemoved: () => void;
}

function Item({ item, units, zone, onRemoved }: Props) {
  const router = useRouter();
  const now = useNow();
  const save = useSaveShedItem();
  const sheet = useSheets().data?.find((s) => s.id === item.sheetId);
  const planting = usePlantings().data?.find((p) => p.id === item.plantingId);
  const code = useShedCode(item.id).data;
  const [left, setLeft] = useState('');
  const [where, setWhere] = useState(item.where);
  const dimension = item.unit === 'ml' ? 'volume' : 'mass';
  const read = parseQuantity(left, units, [dimension], 'amount');
  const over = item.useBy !== null && now !== undefined && Date.parse(item.useBy) <= now;
  const empty = (amount: number) =>
    void save
      .mutateAsync({ ...item, amount })
      .then(() => setLeft(''))
      .catch(() => undefined);
  return (
    <Page title={item.name} sub={KIND_WORDS[item.kind]} back={BACK} aside={<PoisonHelp />}>
      <View className="gap-4 px-5 pt-4">
        {save.error && <Failed error={save.error} />}
        <View>
          <T kind="label">Left</T>
          <T className="font-bold text-[44px] leading-[50px]">{sayIn(item.amount, dimension, units)}</T>
          {item.packSize !== null && <T kind="muted">{`of ${sayBoth(item.packSize, dimension, units)}`}</T>}
        </View>
        {item.useBy !== null && now !== undefined && (
          <T kind="strong" className={over ? 'text-rowan' : 'text-ochre'}>
            {over
              ? `Past its life: do not spray it. ${sheet?.disposal ?? 'Take it to a hazardous-waste day, never down a drain.'}`
              : `Good until ${sayWhen(instant(Date.parse(item.useBy)), now, zone)}${planting ? `: spray it out over ${planting.name.toLowerCase()}, within the label rate` : ''}.`}
          </T>
        )}
        <View>
          {item.strength && (
            <Row
              title="Strength"
              end={sayRateIn(item.strength.gPerL, 'g', 'per-litre', units)}
              sub={item.strength.of === 'copper' ? 'copper sulfate crystals' : 'hydrated lime'}
            />
          )}
          <Row title={item.kind === 'product' ? 'Bought' : 'Made'} end={item.on} />
          {item.goodUntil && <Row title="Good until" end={item.goodUntil} />}
          {item.price !== null && <Row title="Paid" end={String(item.price)} />}
          {item.hazards.map((h) => (
            <Row key={h} mark="stop" title={HAZARD_WORDS[h]} />
          ))}
          {item.kind === 'product' && sheet && <Goes item={item} sheet={sheet} units={units} />}
          {sheet && <Row title={sheet.name} sub="its label sheet" onPress={() => router.navigate(`/shed/${sheet.id}`)} />}
        </View>
        <Field
          label="There is now"
          value={left}
          onChange={setLeft}
          placeholder={item.unit === 'ml' ? '180 ml' : '60 g'}
          error={left.trim() === '' || read.ok ? undefined : read.reasons[0]?.sentence}
          {...(read.ok ? { hint: `Understood: ${read.value.understood}` } : {})}
        />
        <Button kind="quiet" title="Set what is left" disabled={!read.ok} busy={save.isPending} onPress={() => read.ok && empty(read.value.si)} />
        <Button kind="quiet" title="It is used up" onPress={() => empty(0)} />
        <Field label="Where it stands" value={where} onChange={setWhere} placeholder="Locked cupboard, top shelf" />
        {where.trim() !== item.where && (
          <Button kind="quiet" title="Keep the place" busy={save.isPending} onPress={() => void save.mutateAsync({ ...item, where }).catch(() => undefined)} />
        )}
        {item.kind !== 'mix' && (
          <View className="gap-3">
            <Section>Warning label</Section>
            {code && <ShedCode code={code} />}
            <T kind="muted">Print it and stick it on the container. A phone’s camera opens this page by the code.</T>
            <Button kind="quiet" title="Print the label" onPress={() => takeFile(`/api/v1/shed-items/${item.id}/label.pdf`)} />
          </View>
        )}
        <Remove item={item} onRemoved={onRemoved} />
      </View>
    </Page>
  );
}

function Remove({ item, onRemoved }: { readonly item: ShedItem; readonly onRemoved: () => void }) {
  const remove = useRemoveShedItem();
  const [asking, setAsking] = useState(false);
  return (
    <View>
      <Button kind="link" title="Remove it" onPress={() => setAsking(true)} />
      <Sheet open={asking} title={`Remove ${item.name.toLowerCase()}?`} onClose={() => setAsking(false)}>
        {remove.error && <Failed error={remove.error} />}
        <T>
          {item.amount > 0
            ? 'There is some left. Old product goes to a hazardous-waste day: never down a drain, never in the bin.'
            : 'Rinse the empty pack three times over treated plants first.'}
        </T>
        <Button
          kind="stop"
          title="Remove it"
          busy={remove.isPending}
          onPress={() => {
            onRemoved();
            void remove.mutateAsync(item.id).catch(() => undefined);
          }}
        />
      </Sheet>
    </View>
  );
}

function Removed({ item, onBack }: { readonly item: ShedItem; readonly onBack: () => void }) {
  const save = useSaveShedItem();
  return (
    <Page title="It is removed" sub={item.name} back={BACK}>
      <View className="gap-4 px-5 pt-4">
        {save.error && <Failed error={save.error} />}
        <Button
          title="Take it back"
          busy={save.isPending}
          onPress={() =>
            void save
              .mutateAsync({ ...item, revision: 0 })
              .then(onBack)
              .catch(() => undefined)
          }
        />
      </View>
    </Page>
  );
}

/** How far what is left goes, line by line of its label: the inverse of each rate. */
function Goes({ item, sheet, units }: { readonly item: ShedItem; readonly sheet: LabelSheet; readonly units: UnitSystem }) {
  const far = sheet.lines.flatMap((line) => {
    const t = line.rate.unit === item.unit ? treats(line, item.amount, units) : null;
    return t ? [{ id: line.id, words: t.words, rate: sayRate(line.rate), on: line.crops.slice(0, 3).join(', ') }] : [];
  });
  return (
    <>
      {far.map((f) => (
        <Row key={f.id} title={`Goes for ${f.words}`} sub={`${f.on}: ${f.rate}`} />
      ))}
    </>
  );
}
