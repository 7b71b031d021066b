import type { Planting, ShedItem } from '@sleetbrook/core/api';
import {
  bordeauxFor,
  bordeauxSteps,
  COPPER_SALTS,
  copperLoad,
  fromStocks,
  LEVEL,
  LIMES,
  readFormula,
  slaking,
  sayFormula,
  sayStock,
  STOCK_G_PER_L,
  stockOf,
  type BordeauxAmounts,
  type CopperSalt,
  type FromStocks,
  type Lime,
} from '@sleetbrook/core/bench';
import { copperBefore } from '@sleetbrook/core/decide-light';
import {
  done,
  millilitres,
  readSize,
  sayBoth,
  sayIn,
  sayVolume,
  squareMetres,
  trim,
  writeQuantity,
  type Outcome,
  type UnitSystem,
} from '@sleetbrook/core/measure';
import { cardFor, type Step } from '@sleetbrook/core/mix';
import { pastOf } from '@sleetbrook/core/situation';
import { useRouter } from 'expo-router';
import { DateTime } from 'luxon';
import { useState } from 'react';
import { View } from 'react-native';
import { v7 } from 'uuid';
import { useSaveShedItem } from '../../api/mutations';
import { useGarden, usePlantings, usePlantingTreatments, useShedItems } from '../../api/queries';
import { useDrafts } from '../../state/drafts';
import { useNow } from '../../state/now';
import { useTool } from '../../state/tools';
import { ActionBar, Button } from '../../ui/button';
import { Choice, Field } from '../../ui/field';
import { Mark } from '../../ui/mark';
import { Pick } from '../../ui/pick';
import { Row, Section } from '../../ui/row';
import { Sheet } from '../../ui/sheet';
import { SizeField } from '../../ui/size-field';
import { Empty, Failed } from '../../ui/states';
import { T } from '../../ui/text';
import { Why } from '../../ui/why';
import { PrintCard } from '../print/print-card';
import { usePutOn } from '../records/use-put-on';
import { StepCards } from '../steps/step-cards';
import { homeMadeBarred, HomeMadeLaw } from './law';
import { errorAt, InMyMeasures, ToolLoading, ToolPage } from './parts';

const KEY = 'bordeaux';
const FORMULAS = ['10-10-100', '8-8-100', '5-5-100'] as const;
const USUAL = { formula: '10-10-100', own: '', volume: '5', salt: 'pentahydrate', lime: 'hydrated', from: 'dry', plantingId: '', area: '' };
const optionsOf = (table: Readonly<Record<string, { name: string }>>) => Object.entries(table).map(([value, { name }]) => ({ value, label: name }));

interface Worked {
  readonly amounts: BordeauxAmounts;
  readonly stocks: FromStocks | null;
  readonly salt: CopperSalt;
  readonly lime: Lime;
}

/** Everything that follows from what was filled in. Stocks in the shed go before the usual strength. */
function workOut(v: typeof USUAL, units: UnitSystem, items: readonly ShedItem[]): Outcome<Worked> {
  const f = readFormula(v.formula === 'own' ? v.own : v.formula);
  if (!f.ok) return f;
  const volume = readSize(v.volume, 'mix', units, { min: 100, max: 400_000, what: 'The mix' }, 'volume');
  if (!volume.ok) return volume;
  const [salt, lime] = [v.salt as CopperSalt, v.lime as Lime];
  const amounts = bordeauxFor(f.value, millilitres(volume.value), salt, lime);
  if (!amounts.ok) return amounts;
  if (v.from === 'dry') return done({ amounts: amounts.value, stocks: null, salt, lime });
  const strength = (of: 'copper' | 'lime') => items.find((i) => i.kind === 'stock' && i.strength?.of === of && i.amount > 0)?.strength?.gPerL ?? STOCK_G_PER_L;
  const stocks = fromStocks(amounts.value, salt, lime, strength('copper'), strength('lime'));
  return stocks.ok ? done({ amounts: amounts.value, stocks: stocks.value, salt, lime }) : stocks;
}

/** Bordeaux mixture from dry or from stocks, with its order, its lime check and the year's copper. */
export function BordeauxScreen() {
  const router = useRouter();
  const garden = useGarden().data;
  const items = useShedItems().data;
  const plantings = usePlantings().data;
  const now = useNow();
  const { values: v, set } = useTool(KEY, USUAL);
  const treatments = usePlantingTreatments(v.plantingId || undefined).data;
  const setMix = useDrafts((d) => d.setMix);
  if (!garden || !items || !plantings || now === undefined) return <ToolLoading />;
  const { units } = garden;
  const out = workOut(v, units, items);
  const planting = plantings.find((p) => p.id === v.plantingId);
  const area = v.area.trim() === '' ? done(planting?.areaM2 ?? 0) : readSize(v.area, 'area', units, { min: 0.1, max: 10_000, what: 'The area' }, 'area');
  const before = planting && treatments ? copperBefore(pastOf(treatments.treatments), now) : undefined;
  // while it is not known what the ground has had, nothing is said to be within
  const known = planting === undefined || before !== undefined;
  const load =
    known && out.ok && area.ok && area.value > 0 ? copperLoad(out.value.amounts.metal, squareMetres(area.value), before, units, garden.country) : null;
  const steps = out.ok ? bordeauxSteps(out.value.amounts, out.value.salt, out.value.lime, out.value.stocks, units) : [];
  return (
    <ToolPage
      title="Bordeaux mixture"
      sub="Copper sulfate and lime, for dormant fruit trees"
      footer={
        <ActionBar>
          <Button
            title="Make it, card by card"
            disabled={!out.ok || load === null || load.over || homeMadeBarred(garden)}
            onPress={() => {
              setMix(KEY, { step: 0, ticked: [], timers: {}, madeAt: null });
              router.navigate('/bench/bordeaux/mix');
            }}
          />
        </ActionBar>
      }
    >
      <HomeMadeLaw garden={garden} instead="Take a copper product with a label from the shed." />
      <Choice
        label="Formula: copper sulfate, lime, water"
        value={v.formula}
        onChange={(formula) => set({ formula })}
        options={[...FORMULAS.map((f) => ({ value: f as string, label: f })), { value: 'own', label: 'Another' }]}
      />
      {v.formula === 'own' && (
        <Field
          label="Pounds, pounds, US gallons"
          value={v.own}
          onChange={(own) => set({ own })}
          placeholder="4-4-50"
          error={v.own.trim() === '' ? undefined : errorAt(out, 'formula')}
        />
      )}
      <SizeField label="Mix to make" kind="mix" units={units} value={v.volume} onChange={(volume) => set({ volume })} error={errorAt(out, 'volume')} />
      <Pick label="Copper" value={v.salt} onChange={(salt) => set({ salt })} options={optionsOf(COPPER_SALTS)} />
      <Pick label="Lime" value={v.lime} onChange={(lime) => set({ lime })} options={optionsOf(LIMES)} />
      <Choice
        label="From"
        value={v.from}
        onChange={(from) => set({ from })}
        options={[
          { value: 'dry', label: 'Dry' },
          { value: 'stocks', label: 'Stocks' },
        ]}
      />
      {out.ok ? (
        <Amounts worked={out.value} units={units} kit={garden.measures} />
      ) : (
        errorAt(out, 'copperStock', 'limeStock', 'lime') && <T className="text-rowan">{errorAt(out, 'copperStock', 'limeStock', 'lime')}</T>
      )}
      {v.from === 'stocks' && (
        <Stocks
          items={items}
          units={units}
          today={DateTime.fromMillis(now, { zone: garden.zone }).toISODate() ?? ''}
          salt={v.salt as CopperSalt}
          lime={v.lime as Lime}
        />
      )}
      <Section>Copper on the ground</Section>
      <Pick
        label="Under"
        value={v.plantingId}
        onChange={(plantingId) => set({ plantingId, area: '' })}
        options={[{ value: '', label: 'Choose the trees' }, ...plantings.map((p) => ({ value: p.id, label: p.name }))]}
      />
      <SizeField
        label="Ground under the leaves"
        kind="area"
        units={units}
        value={v.area || (planting ? writeBare(planting, units) : '')}
        onChange={(a) => set({ area: a })}
        error={errorAt(area, 'area')}
      />
      {!known && <T kind="muted">What this ground has had is being read; without an answer choose no trees and type the ground.</T>}
      {out.ok && known && load === null && (
        <T className="text-ochre">Choose the trees, or type the ground under the leaves: its copper stays there, and is counted before it is made.</T>
      )}
      {load && (
        <View className="gap-3">
          <View className="flex-row items-start gap-3">
            <Mark state={load.over ? 'stop' : 'open'} />
            <T className="min-w-0 flex-1">{load.sentence}</T>
          </View>
          {load.over && out.ok && load.room > 0 && (
            <T kind="strong">{`On this ground at most ${sayBoth((out.value.amounts.volume * load.room) / load.now, 'volume', units)} of this mix.`}</T>
          )}
          <Why title="Why this ceiling" working={[load.working]} />
        </View>
      )}
      {out.ok && (
        <>
          <Why working={out.value.amounts.working} />
          <PrintCard card={() => printed(out.value, steps, units)} />
        </>
      )}
      <T kind="small">
        Stone fruit: in late autumn after the leaves are off, and again before the buds swell. Where a label is on your packs, its figures go before these;
        check that home mixing is allowed where you are.
      </T>
    </ToolPage>
  );
}

const writeBare = (p: Planting, units: UnitSystem) =>
  units === 'us' || units === 'imperial' ? writeQuantity(Number((p.areaM2 / 0.09290304).toPrecision(3)) * 0.09290304, 'ft2') : trim(p.areaM2, 2);

function printed({ amounts: a, stocks, salt, lime }: Worked, steps: readonly Step[], units: UnitSystem) {
  return cardFor({
    title: `Bordeaux mixture ${sayFormula(a.formula)}`,
    sub: `${sayBoth(a.volume, 'volume', units)}, for today only`,
    figures: stocks
      ? [
          { name: 'Water first', value: sayBoth(stocks.water, 'volume', units) },
          { name: 'Copper stock', value: sayBoth(stocks.copperStock, 'volume', units) },
          { name: 'Lime stock', value: sayBoth(stocks.limeStock, 'volume', units) },
        ]
      : [
          { name: COPPER_SALTS[salt].name, value: sayBoth(a.copper, 'mass', units) },
          { name: LIMES[lime].name, value: sayBoth(a.lime, 'mass', units) },
        ],
    steps,
    cautions: ['Harms eyes, lungs and fish. Stains walls and evergreens. Never with another product.'],
    working: a.working,
  });
}

function Amounts({
  worked: { amounts: a, stocks, salt, lime },
  units,
  kit,
}: {
  readonly worked: Worked;
  readonly units: UnitSystem;
  readonly kit: Parameters<typeof InMyMeasures>[0]['kit'];
}) {
  if (stocks)
    return (
      <View>
        <Row title="Water first" end={sayBoth(stocks.water, 'volume', units)} />
        <Row title="Copper stock, shaken" end={sayBoth(stocks.copperStock, 'volume', units)} />
        <Row title="Lime stock, shaken hard" end={sayBoth(stocks.limeStock, 'volume', units)} />
      </View>
    );
  return (
    <View className="gap-4">
      <Dry name={COPPER_SALTS[salt].name} g={a.copper} gPerMl={salt === 'pentahydrate' ? LEVEL.copper : null} units={units} kit={kit} />
      <Dry name={LIMES[lime].name} g={a.lime} gPerMl={lime === 'hydrated' ? LEVEL.lime : null} units={units} kit={kit} />
    </View>
  );
}

function Dry({
  name,
  g,
  gPerMl,
  units,
  kit,
}: {
  readonly name: string;
  readonly g: number;
  readonly gPerMl: number | null;
  readonly units: UnitSystem;
  readonly kit: Parameters<typeof InMyMeasures>[0]['kit'];
}) {
  return (
    <View className="gap-2">
      <View className="flex-row flex-wrap items-baseline justify-between gap-x-3">
        <T kind="strong" className="min-w-0 flex-shrink">
          {name}
        </T>
        <T className="font-bold text-[34px] leading-[42px]">{`${trim(g, 1)} g`}</T>
      </View>
      <T kind="muted">{sayIn(g, 'mass', units === 'imperial' ? 'imperial' : 'us')}</T>
      <InMyMeasures amount={g} unit="g" gPerMl={gPerMl} kit={kit} />
    </View>
  );
}

/** Stock containers in the shed, and making new ones. */
function Stocks({
  items,
  units,
  today,
  salt,
  lime,
}: {
  readonly items: readonly ShedItem[];
  readonly units: UnitSystem;
  readonly today: string;
  readonly salt: CopperSalt;
  readonly lime: Lime;
}) {
  const router = useRouter();
  const [making, setMaking] = useState<'copper' | 'lime' | null>(null);
  const stocks = items.filter((i) => i.kind === 'stock');
  return (
    <View>
      <Section>Stocks in the shed</Section>
      {stocks.length === 0 && <T kind="muted">{`None yet. The usual stock holds ${sayStock(STOCK_G_PER_L)}.`}</T>}
      {stocks.map((s) => (
        <Row
          key={s.id}
          title={s.name}
          end={sayVolume(millilitres(s.amount))}
          sub={s.strength ? sayStock(s.strength.gPerL) : ''}
          onPress={() => router.navigate(`/shed/item/${s.id}`)}
        />
      ))}
      <View className="gap-3 pt-3">
        <Button kind="quiet" title="Make a copper stock" onPress={() => setMaking('copper')} />
        <Button kind="quiet" title="Make a lime stock" onPress={() => setMaking('lime')} />
      </View>
      <Sheet open={making !== null} title={making === 'lime' ? 'Make a lime stock' : 'Make a copper stock'} onClose={() => setMaking(null)}>
        {making && <MakeStock of={making} units={units} today={today} salt={salt} lime={lime} onKept={(id) => router.navigate(`/shed/item/${id}`)} />}
      </Sheet>
    </View>
  );
}

function MakeStock({
  of,
  units,
  today,
  salt,
  lime,
  onKept,
}: {
  readonly of: 'copper' | 'lime';
  readonly units: UnitSystem;
  readonly today: string;
  readonly salt: CopperSalt;
  readonly lime: Lime;
  readonly onKept: (id: string) => void;
}) {
  const save = useSaveShedItem();
  const [text, setText] = useState('2 l');
  const volume = readSize(text, 'mix', units, { min: 250, max: 20_000, what: 'The stock' }, 'volume');
  const g = volume.ok ? stockOf(of, millilitres(volume.value), salt, lime) : null;
  const slaked = of === 'lime' && lime === 'burnt' && volume.ok && g !== null ? slaking(g, volume.value) : null;
  const what = of === 'copper' ? COPPER_SALTS[salt].name : LIMES[lime].name;
  const keep = async () => {
    if (!volume.ok) return;
    const id = v7();
    await save.mutateAsync({
      id,
      revision: 0,
      kind: 'stock',
      name: of === 'copper' ? 'Copper stock' : 'Lime stock',
      sheetId: null,
      unit: 'ml',
      amount: Math.round(volume.value),
      packSize: Math.round(volume.value),
      price: null,
      strength: { gPerL: Math.round(STOCK_G_PER_L * 100) / 100, of },
      hazards: of === 'copper' ? ['swallowed', 'eyes', 'fish'] : ['corrosive', 'eyes'],
      on: today,
      goodUntil: null,
      useBy: null,
      plantingId: null,
      where: '',
      note: '',
    });
    onKept(id);
  };
  return (
    <>
      {save.error && <Failed error={save.error} />}
      <SizeField label="How much stock" kind="mix" units={units} value={text} onChange={setText} error={errorAt(volume, 'volume')} />
      {g !== null && <T className="font-bold text-[40px] leading-[48px]">{`${trim(g, 1)} g`}</T>}
      {slaked?.ok && (
        <T kind="strong">{`Slaked first: spoon by spoon into ${sayIn(slaked.value.water, 'volume', units)} of cold water of its own, in a steel vessel of ${sayIn(slaked.value.vesselAtLeast, 'volume', units)} or more; two hours, until it is cold. Goggles, gloves, outside.`}</T>
      )}
      {slaked && !slaked.ok && <T className="text-rowan">{slaked.reasons[0]?.sentence}</T>}
      <T>{`${what}, ${slaked ? 'slaked, ' : ''}stirred into water and filled up. ${of === 'copper' ? 'Plastic or glass: it eats metal. A warm day’s water, a night to dissolve.' : 'It settles: shake it hard before each use.'}`}</T>
      <T kind="strong">Each stock in a container of its own, sealed, marked, locked away. Never in a drink bottle.</T>
      <Button
        title="It is made: keep it and print its label"
        disabled={!volume.ok || slaked?.ok === false}
        busy={save.isPending}
        onPress={() => void keep().catch(() => undefined)}
      />
    </>
  );
}

/** The running cards of a Bordeaux mix. */
export function BordeauxMix() {
  const router = useRouter();
  const garden = useGarden().data;
  const items = useShedItems().data;
  const save = useSaveShedItem();
  const { values: v } = useTool(KEY, USUAL);
  const putOn = usePutOn();
  const dropMix = useDrafts((d) => d.dropMix);
  if (!garden || !items) return <ToolLoading />;
  const out = workOut(v, garden.units, items);
  if (!out.ok)
    return (
      <ToolPage title="Bordeaux mixture" sub="">
        <Empty
          title="The amounts do not fit any more"
          text={out.reasons[0]?.sentence ?? ''}
          action={{ title: 'Set them again', onPress: () => router.navigate('/bench/bordeaux') }}
        />
      </ToolPage>
    );
  const { amounts, stocks, salt, lime } = out.value;
  // what was taken out of the stock containers is taken off in the shed
  const finish = async () => {
    for (const [of, ml] of stocks
      ? ([
          ['copper', stocks.copperStock],
          ['lime', stocks.limeStock],
        ] as const)
      : []) {
      const item = items.find((i) => i.kind === 'stock' && i.strength?.of === of && i.amount > 0);
      if (item) await save.mutateAsync({ ...item, amount: Math.max(0, Math.round(item.amount - ml)) });
    }
    dropMix(KEY);
    const dry = amounts.copper + amounts.lime;
    putOn({
      control: 'bordeaux-spray',
      made: `Bordeaux mixture ${sayFormula(amounts.formula)}`,
      // what is counted as product is the dry weight of both: its copper is known exactly
      percent: (amounts.metal / dry) * 100,
      amount: dry,
      unit: 'g',
      waterMl: amounts.volume,
      on: v.plantingId ? [v.plantingId] : [],
    });
  };
  return (
    <StepCards
      draftKey={KEY}
      steps={bordeauxSteps(amounts, salt, lime, stocks, garden.units)}
      head={() => `Bordeaux mixture ${sayFormula(amounts.formula)}, ${sayBoth(amounts.volume, 'volume', garden.units)}`}
      back={{ title: 'Bordeaux mixture', href: '/bench/bordeaux' }}
      act={(step, last) => (last ? 'Done: write it down' : step.id === 'protect' ? 'All of it is on' : 'Done: next')}
      busy={save.isPending}
      onBack={() => router.navigate('/bench/bordeaux')}
      onFinish={() => void finish().catch(() => undefined)}
      under={() => (save.error ? <Failed error={save.error} /> : null)}
    />
  );
}
