import type { Garden, ShedItem, Sprayer } from '@sleetbrook/core/api';
import { findHost, TROUBLE_CARDS } from '@sleetbrook/core/cards';
import { buyList, type Pack } from '@sleetbrook/core/bench';
import { lineFor, type LabelSheet } from '@sleetbrook/core/label';
import { done, parseNumber, parseQuantity, refused, sayBoth, type Outcome, type UnitSystem } from '@sleetbrook/core/measure';
import { DateTime } from 'luxon';
import { useState } from 'react';
import { View } from 'react-native';
import { v7 } from 'uuid';
import { useSaveShedItem } from '../../api/mutations';
import { useGarden, usePlantings, useSheets, useShedItems, useSprayers } from '../../api/queries';
import { useNow } from '../../state/now';
import { useTool } from '../../state/tools';
import { Button } from '../../ui/button';
import { Field } from '../../ui/field';
import { Pick } from '../../ui/pick';
import { PickMany } from '../../ui/pick-many';
import { Row, Section } from '../../ui/row';
import { Failed } from '../../ui/states';
import { T } from '../../ui/text';
import { EMPTY_MIX } from '../../state/drafts';
import { mixFor } from '../mix/mix-for';
import { errorAt, ToolLoading, ToolPage } from './parts';

const USUAL = { sheetId: 'potassium-soap', plantings: '', times: '2', packs: '', extra: '' };

/** What one treatment of a planting takes, by the middle of the label's first line that fits it. */
function oneTreatment(
  sheet: LabelSheet,
  planting: { hostId: string; areaM2: number; trunkCm: number | null; heightM: number | null },
  { sprayers, garden }: { sprayers: readonly Sprayer[]; garden: Garden },
): Outcome<number> {
  const host = findHost(planting.hostId);
  const trouble = host && TROUBLE_CARDS.find((t) => lineFor(sheet, host, t).ok);
  const line = host && trouble ? lineFor(sheet, host, trouble) : null;
  if (!line?.ok) return refused('not-on-label', 'Not on this label.', 'plantings');
  // whether the spoons can measure it is no matter in the shop
  const mix = mixFor(EMPTY_MIX, sheet, line.value, planting, sprayers, {
    ...garden,
    measures: [
      { kind: 'jug', id: 'any', name: 'any', capacityMl: 20_000, stepMl: 0.1 },
      { kind: 'scale', id: 'fine', name: 'any', resolutionG: 0.001, capacityG: 100_000 },
    ],
  });
  return mix.ok ? done(mix.value.product) : mix;
}

/** "250 ml 9.50; 1 l 24": packs of the shop with their prices. */
function readPacks(text: string, unit: 'ml' | 'g', units: UnitSystem): Outcome<Pack[]> {
  const out: Pack[] = [];
  for (const part of text.split(/[;\n]/).map((p) => p.trim())) {
    if (part === '') continue;
    const m = /^(.*?[a-z²])\s*(?:at|for|=|:)?\s*[€£$]?\s*(\d+(?:[.,]\d{1,2})?)?$/i.exec(part);
    const size = parseQuantity(m?.[1] ?? part, units, [unit === 'ml' ? 'volume' : 'mass'], 'packs');
    if (!size.ok) return size;
    const price = m?.[2] === undefined ? done(null) : parseNumber(m[2], 'packs');
    if (!price.ok) return price;
    out.push({ size: size.value.si, price: price.value });
  }
  return done(out);
}

/** Packs to buy for the jobs ahead, against what the shed holds. */
export function BuyScreen() {
  const garden = useGarden().data;
  const sheets = useSheets().data;
  const sprayers = useSprayers().data;
  const plantings = usePlantings().data;
  const items = useShedItems().data;
  const now = useNow();
  const { values: v, set } = useTool('buy', USUAL);
  if (!garden || !sheets || !sprayers || !plantings || !items || now === undefined) return <ToolLoading />;
  const sheet = sheets.find((s) => s.id === v.sheetId) ?? sheets[0];
  if (!sheet) return <ToolLoading />;
  const unit = sheet.lines[0]?.rate.unit ?? 'ml';
  const dimension = unit === 'ml' ? 'volume' : 'mass';
  const chosen = v.plantings.split(' ').filter(Boolean);
  const today = DateTime.fromMillis(now, { zone: garden.zone }).toISODate() ?? '';
  const times = parseNumber(v.times, 'times');
  const whole: Outcome<number> =
    times.ok && Number.isInteger(times.value) && times.value >= 1 && times.value <= 30 ? times : refused('times', 'How often: 1 to 30 times.', 'times');
  const jobs = chosen.flatMap((id) => {
    const p = plantings.find((x) => x.id === id);
    return p ? [{ planting: p, one: oneTreatment(sheet, p, { sprayers, garden }) }] : [];
  });
  const extra = v.extra.trim() === '' ? done(0) : mapOk(parseQuantity(v.extra, garden.units, [dimension], 'extra'), (q) => q.si);
  const held = items.filter((i) => i.sheetId === sheet.id && i.kind === 'product' && (i.goodUntil === null || i.goodUntil >= today));
  const have = held.reduce((sum, i) => sum + i.amount, 0);
  const packs = readPacks(v.packs, unit, garden.units);
  const needs = [
    ...jobs.flatMap((j) => (j.one.ok && whole.ok ? [{ what: j.planting.name, amount: j.one.value * whole.value }] : [])),
    ...(extra.ok && extra.value > 0 ? [{ what: 'More', amount: extra.value }] : []),
  ];
  const list = needs.length > 0 && packs.ok && whole.ok && extra.ok ? buyList({ unit, needs, have, packs: packs.value, units: garden.units }) : null;
  const say = (n: number) => sayBoth(n, dimension, garden.units);
  return (
    <ToolPage title="What to buy" sub="Before going to the shop">
      <Pick
        label="Product"
        value={sheet.id}
        onChange={(sheetId) => set({ sheetId, packs: '' })}
        options={sheets.map((s) => ({ value: s.id, label: s.name }))}
      />
      <PickMany label="For" value={chosen} onChange={(ids) => set({ plantings: ids.join(' ') })} options={plantings.map((p) => ({ id: p.id, name: p.name }))} />
      <Field label="Treatments of each" numeric value={v.times} onChange={(t) => set({ times: t })} error={errorAt(whole, 'times')} />
      <Field
        label="And for anything else"
        value={v.extra}
        onChange={(t) => set({ extra: t })}
        placeholder={unit === 'ml' ? '100 ml' : '50 g'}
        error={errorAt(extra, 'extra')}
      />
      <View>
        {jobs.map((j) =>
          j.one.ok ? (
            <Row
              key={j.planting.id}
              title={j.planting.name}
              end={whole.ok ? say(j.one.value * whole.value) : ''}
              sub={`${say(j.one.value)} each time, the middle of the label`}
            />
          ) : (
            <Row key={j.planting.id} mark="stop" tone="stop" title={j.planting.name} sub={j.one.reasons[0]?.sentence} />
          ),
        )}
        <Row
          title="In the shed"
          end={have > 0 ? say(have) : 'none'}
          sub={held.length === 0 ? 'none of it is written down there' : held.map((i) => i.name).join(', ')}
        />
      </View>
      <Field
        label="Packs that the shop has"
        value={v.packs}
        onChange={(t) => set({ packs: t })}
        placeholder={unit === 'ml' ? '250 ml 9.50; 1 l 24' : '100 g 6; 500 g 18'}
        hint="Size and price of each, with ; between. Without prices the least is left over."
        multiline
        error={errorAt(packs, 'packs') ?? (v.packs.trim() === '' ? undefined : errorAt(list, 'packs'))}
      />
      {list?.ok && (
        <View className="gap-2">
          <Section>Buy</Section>
          {list.value.sentences.map((s) => (
            <T key={s} kind="strong" live>
              {s}
            </T>
          ))}
          {list.value.take.length > 0 && <Bought sheet={sheet} unit={unit} take={list.value.take} today={today} onKept={() => set({ packs: '' })} />}
        </View>
      )}
      {list && !list.ok && v.packs.trim() === '' && (
        <T kind="muted">{`Still needed: ${say(needs.reduce((s, n) => s + n.amount, 0) - have)}. Type the packs that the shop has.`}</T>
      )}
    </ToolPage>
  );
}

const mapOk = <A, B>(o: Outcome<A>, f: (a: A) => B): Outcome<B> => (o.ok ? done(f(o.value)) : o);

interface BoughtProps {
  readonly sheet: LabelSheet;
  readonly unit: 'ml' | 'g';
  readonly take: readonly { readonly pack: Pack; readonly count: number }[];
  readonly today: string;
  readonly onKept: () => void;
}

/** Puts the packs into the shed. */
function Bought({ sheet, unit, take, today, onKept }: BoughtProps) {
  const save = useSaveShedItem();
  const [kept, setKept] = useState(false);
  const keep = async () => {
    for (const { pack, count } of take) {
      for (let n = 0; n < count; n++) {
        const item: ShedItem = {
          id: v7(),
          revision: 0,
          kind: 'product',
          name: sheet.name,
          sheetId: sheet.id,
          unit,
          amount: pack.size,
          packSize: pack.size,
          price: pack.price,
          strength: null,
          hazards: [],
          on: today,
          goodUntil: sheet.shelfLifeMonths ? DateTime.fromISO(today).plus({ months: sheet.shelfLifeMonths }).toISODate() : null,
          useBy: null,
          plantingId: null,
          where: '',
          note: '',
        };
        await save.mutateAsync(item);
      }
    }
    setKept(true);
    onKept();
  };
  if (kept) return <T kind="strong">In the shed now.</T>;
  return (
    <>
      {save.error && <Failed error={save.error} />}
      <Button kind="quiet" title="I bought it: put it in the shed" busy={save.isPending} onPress={() => void keep().catch(() => undefined)} />
    </>
  );
}
