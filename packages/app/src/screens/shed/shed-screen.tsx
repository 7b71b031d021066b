import type { Garden, Sprayer } from '@sleetbrook/core/api';
import { mustBeChecked, type LabelSheet } from '@sleetbrook/core/label';
import { millilitres, parseBounded, sayVolume, trim, type Measure } from '@sleetbrook/core/measure';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { v7 } from 'uuid';
import { useRemoveSprayer, useSaveGarden, useSaveSprayer } from '../../api/mutations';
import { useConfirmations, useGarden, useShedItems, useSheets, useSprayers } from '../../api/queries';
import { useNow } from '../../state/now';
import { Button } from '../../ui/button';
import { Choice, Field, Tick } from '../../ui/field';
import { Page } from '../../ui/page';
import { Row, Section } from '../../ui/row';
import { Sheet } from '../../ui/sheet';
import { Failed, Loading } from '../../ui/states';
import { T } from '../../ui/text';
import { Shelf } from './shelf';
import { SheetFiles } from './sheet-files';

/** Products by their label sheets, sprayers, and what is measured with. */
export function ShedScreen() {
  const router = useRouter();
  const garden = useGarden().data;
  const sprayers = useSprayers().data;
  const confirmations = useConfirmations().data;
  const sheets = useSheets().data;
  const items = useShedItems().data;
  const now = useNow();
  const [adding, setAdding] = useState<'sprayer' | 'measure' | null>(null);
  const [sprayer, setSprayer] = useState<Sprayer | null>(null);
  const [measure, setMeasure] = useState<Measure | null>(null);
  if (!garden || !sprayers || !confirmations || !sheets || !items || now === undefined)
    return (
      <Page title="Shed">
        <Loading />
      </Page>
    );
  const own = sheets.filter((s) => !s.specimen);
  const done = (id: string, version: number) => confirmations.some((c) => c.sheetId === id && c.version === version);
  return (
    <Page title="Shed">
      <View className="px-5">
        <Section>On the shelf</Section>
        <Shelf items={items} now={now} zone={garden.zone} units={garden.units} />
        <Section>Your own label sheets</Section>
        {own.length === 0 && <T kind="muted">None yet. A sheet of your own goes before the specimen: its rates, waits and limits are your pack’s.</T>}
        {own.map((s) => (
          <SheetRow key={s.id} sheet={s} confirmed={done(s.id, s.version)} onPress={() => router.navigate(`/shed/${s.id}`)} />
        ))}
        <View className="pt-3">
          <Button kind="quiet" title="Enter a label" onPress={() => router.navigate('/shed/new')} />
        </View>
        <Section>Sprayers</Section>
        {sprayers.length === 0 && <T kind="muted">None yet. Add the sprayer you own: loads are worked out for it.</T>}
        {sprayers.map((s) => (
          <Row
            key={s.id}
            mark={s.forWeedkiller ? 'stop' : 'open'}
            title={s.name}
            end={sayVolume(millilitres(s.capacityMl))}
            sub={s.forWeedkiller ? 'for weed-killer: never used here' : s.calibrations.length > 0 ? 'to the fill line; calibrated' : 'to the fill line'}
            onPress={() => setSprayer(s)}
          />
        ))}
        <View className="pt-3">
          <Button kind="quiet" title="Add a sprayer" onPress={() => setAdding('sprayer')} />
        </View>
        <Section>Spoons, jugs and scales</Section>
        {garden.measures.length === 0 && <T kind="muted">None yet. Amounts are shown in what you own.</T>}
        {garden.measures.map((m) => (
          <Row
            key={m.id}
            title={m.name}
            end={m.kind === 'scale' ? `to ${trim(m.resolutionG, 2)} g` : `${trim(m.capacityMl)} ml`}
            sub={m.kind === 'jug' ? `marks every ${trim(m.stepMl)} ml` : m.kind}
            onPress={() => setMeasure(m)}
          />
        ))}
        <View className="pt-3">
          <Button kind="quiet" title="Add a spoon, jug or scale" onPress={() => setAdding('measure')} />
        </View>
        <Section>Specimen sheets (check against your own label)</Section>
        {sheets
          .filter((s) => s.specimen)
          .map((s) => (
            <SheetRow key={s.id} sheet={s} confirmed={done(s.id, s.version)} onPress={() => router.navigate(`/shed/${s.id}`)} />
          ))}
        <SheetFiles any={own.length > 0} />
      </View>
      <AddSprayer open={adding === 'sprayer'} onClose={() => setAdding(null)} />
      <AddMeasure open={adding === 'measure'} garden={garden} onClose={() => setAdding(null)} />
      <SprayerSheet sprayer={sprayer} onClose={() => setSprayer(null)} />
      <MeasureSheet measure={measure} garden={garden} onClose={() => setMeasure(null)} />
    </Page>
  );
}

interface SheetRowProps {
  readonly sheet: LabelSheet;
  readonly confirmed: boolean;
  readonly onPress: () => void;
}

/** A sheet in the list: whether it must be checked against the label in the hand first. */
function SheetRow({ sheet: s, confirmed, onPress }: SheetRowProps) {
  const barred = s.restricted || s.signalWord === 'danger';
  const needed = mustBeChecked(s) && !confirmed;
  return (
    <Row
      mark={barred ? 'stop' : needed ? 'wait' : confirmed ? 'done' : 'open'}
      title={s.name}
      end={barred ? 'Licensed only' : needed ? 'Check first' : confirmed ? 'Checked' : s.signalWord}
      tone={needed && !barred ? 'wait' : 'plain'}
      sub={`${s.actives.map((a) => `${a.name} ${a.percent} %`).join(', ')}${s.organicListed ? ' · organic' : ''}`}
      onPress={onPress}
    />
  );
}

function AddSprayer({ open, onClose }: { readonly open: boolean; readonly onClose: () => void }) {
  const save = useSaveSprayer();
  const [name, setName] = useState('');
  const [litres, setLitres] = useState('');
  const [weed, setWeed] = useState(false);
  const [errors, setErrors] = useState<{ name?: string; litres?: string }>({});
  const submit = async () => {
    const size = parseBounded(litres, { min: 0.1, max: 200, unit: 'l', what: 'What it holds' });
    const wrong = { ...(name.trim() ? {} : { name: 'Give it a name.' }), ...(size.ok ? {} : { litres: size.reasons[0]?.sentence ?? '' }) };
    setErrors(wrong);
    if (!size.ok || !name.trim()) return;
    await save.mutateAsync({ id: v7(), revision: 0, name: name.trim(), capacityMl: size.value * 1000, forWeedkiller: weed, calibrations: [] });
    setName('');
    setLitres('');
    onClose();
  };
  return (
    <Sheet open={open} title="Add a sprayer" onClose={onClose}>
      {save.error && <Failed error={save.error} />}
      <Field label="Name" value={name} onChange={setName} error={errors.name} placeholder="Pump sprayer" />
      <Field label="Holds, to the fill line" unit="l" numeric value={litres} onChange={setLitres} error={errors.litres} />
      <Tick label="Kept for weed-killer: never used here" checked={weed} onChange={setWeed} />
      <Button title="Add it" busy={save.isPending} onPress={() => void submit().catch(() => undefined)} />
    </Sheet>
  );
}

const KINDS = [
  { value: 'spoon', label: 'Spoon' },
  { value: 'jug', label: 'Jug or syringe with marks' },
  { value: 'scale', label: 'Scale' },
] as const;

function AddMeasure({ open, garden, onClose }: { readonly open: boolean; readonly garden: Garden; readonly onClose: () => void }) {
  const save = useSaveGarden();
  const [kind, setKind] = useState<Measure['kind']>('spoon');
  const [name, setName] = useState('');
  const [size, setSize] = useState('');
  const [step, setStep] = useState('');
  const [errors, setErrors] = useState<{ name?: string; size?: string; step?: string }>({});
  const submit = async () => {
    const limit =
      kind === 'spoon' ? { min: 0.1, max: 50, unit: 'ml' } : kind === 'jug' ? { min: 1, max: 20_000, unit: 'ml' } : { min: 1, max: 100_000, unit: 'g' };
    const a = parseBounded(size, { ...limit, what: 'What it holds' });
    const b =
      kind === 'spoon' ? null : parseBounded(step, { min: kind === 'jug' ? 0.1 : 0.001, max: kind === 'jug' ? 1000 : 100, unit: limit.unit, what: 'The step' });
    setErrors({
      ...(name.trim() ? {} : { name: 'Give it a name.' }),
      ...(a.ok ? {} : { size: a.reasons[0]?.sentence ?? '' }),
      ...(b && !b.ok ? { step: b.reasons[0]?.sentence ?? '' } : {}),
    });
    if (!name.trim() || !a.ok || (b && !b.ok)) return;
    const id = v7();
    const s = b?.ok ? b.value : 1;
    const measure: Measure =
      kind === 'spoon'
        ? { kind, id, name: name.trim(), capacityMl: a.value }
        : kind === 'jug'
          ? { kind, id, name: name.trim(), capacityMl: a.value, stepMl: s }
          : { kind, id, name: name.trim(), resolutionG: s, capacityG: a.value };
    await save.mutateAsync({ ...garden, measures: [...garden.measures, measure] });
    setName('');
    setSize('');
    setStep('');
    onClose();
  };
  return (
    <Sheet open={open} title="Add a measure" onClose={onClose}>
      {save.error && <Failed error={save.error} />}
      <Choice label="Kind" value={kind} onChange={setKind} options={KINDS} />
      <Field
        label="Name"
        value={name}
        onChange={setName}
        error={errors.name}
        placeholder={kind === 'spoon' ? 'dessert spoon' : kind === 'jug' ? 'syringe' : 'kitchen scale'}
      />
      <Field
        label={kind === 'scale' ? 'Weighs up to' : 'Holds, level'}
        unit={kind === 'scale' ? 'g' : 'ml'}
        numeric
        value={size}
        onChange={setSize}
        error={errors.size}
      />
      {kind !== 'spoon' && (
        <Field
          label={kind === 'jug' ? 'Marks every' : 'Shows steps of'}
          unit={kind === 'jug' ? 'ml' : 'g'}
          numeric
          value={step}
          onChange={setStep}
          error={errors.step}
        />
      )}
      <Button title="Add it" busy={save.isPending} onPress={() => void submit().catch(() => undefined)} />
    </Sheet>
  );
}

function SprayerSheet({ sprayer, onClose }: { readonly sprayer: Sprayer | null; readonly onClose: () => void }) {
  const router = useRouter();
  const remove = useRemoveSprayer();
  const save = useSaveSprayer();
  const [gone, setGone] = useState<Sprayer | null>(null);
  if (gone) {
    return (
      <Sheet
        open
        title={`${gone.name} is removed`}
        onClose={() => {
          setGone(null);
          onClose();
        }}
      >
        <Button
          title="Take it back"
          busy={save.isPending}
          onPress={() =>
            void save
              .mutateAsync({ ...gone, revision: 0 })
              .then(() => {
                setGone(null);
                onClose();
              })
              .catch(() => undefined)
          }
        />
      </Sheet>
    );
  }
  return (
    <Sheet open={sprayer !== null} title={sprayer?.name ?? ''} onClose={onClose}>
      <T>{`Holds ${sayVolume(millilitres(sprayer?.capacityMl ?? 0))}. ${sprayer?.forWeedkiller ? 'Kept for weed-killer: never used here.' : ''}`}</T>
      {sprayer && !sprayer.forWeedkiller && <Button title="Calibrate it" onPress={() => router.navigate('/bench/calibrate')} />}
      {remove.error && <Failed error={remove.error} />}
      <Button
        kind="stop"
        title="Remove it"
        busy={remove.isPending}
        onPress={() =>
          sprayer &&
          void remove
            .mutateAsync(sprayer.id)
            .then(() => setGone(sprayer))
            .catch(() => undefined)
        }
      />
    </Sheet>
  );
}

function MeasureSheet({ measure, garden, onClose }: { readonly measure: Measure | null; readonly garden: Garden; readonly onClose: () => void }) {
  const save = useSaveGarden();
  const [gone, setGone] = useState<Measure | null>(null);
  const put = (measures: Measure[]) => save.mutateAsync({ ...garden, measures });
  if (gone) {
    return (
      <Sheet
        open
        title={`The ${gone.name} is removed`}
        onClose={() => {
          setGone(null);
          onClose();
        }}
      >
        <Button
          title="Take it back"
          busy={save.isPending}
          onPress={() =>
            void put([...garden.measures, gone])
              .then(() => {
                setGone(null);
                onClose();
              })
              .catch(() => undefined)
          }
        />
      </Sheet>
    );
  }
  return (
    <Sheet open={measure !== null} title={measure?.name ?? ''} onClose={onClose}>
      {save.error && <Failed error={save.error} />}
      <Button
        kind="stop"
        title="Remove it"
        busy={save.isPending}
        onPress={() =>
          measure &&
          void put(garden.measures.filter((m) => m.id !== measure.id))
            .then(() => setGone(measure))
            .catch(() => undefined)
        }
      />
    </Sheet>
  );
}
