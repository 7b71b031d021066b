import type { Garden, Sprayer } from '@sleetbrook/core/api';
import { mustBeChecked, type LabelSheet } from '@sleetbrook/core/label';
import { trim, type Measure, type UnitSystem } from '@sleetbrook/core/measure';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { useRemoveSprayer, useSaveGarden, useSaveSprayer } from '../../api/mutations';
import { useConfirmations, useGarden, useShedItems, useSheets, useSprayers } from '../../api/queries';
import { useNow } from '../../state/now';
import { Button } from '../../ui/button';
import { Page } from '../../ui/page';
import { Row, Section } from '../../ui/row';
import { Sheet } from '../../ui/sheet';
import { Failed, Loading } from '../../ui/states';
import { T } from '../../ui/text';
import { sayMl } from '../../ui/say-ml';
import { Unreadable } from '../reach/unreadable';
import { AddMeasure, AddSprayer } from './add-kit';
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
        <Unreadable kinds={['shed', 'soap', 'label-sheets', 'sprayers']} />
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
            end={sayMl(s.capacityMl, garden.units)}
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
            end={m.kind === 'scale' ? `to ${trim(m.resolutionG, 2)} g` : sayHolds(m.capacityMl, garden.units)}
            sub={m.kind === 'jug' ? `marks every ${sayHolds(m.stepMl, garden.units)}` : m.kind}
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
      <AddSprayer open={adding === 'sprayer'} units={garden.units} onClose={() => setAdding(null)} />
      <AddMeasure open={adding === 'measure'} garden={garden} onClose={() => setAdding(null)} />
      <SprayerSheet sprayer={sprayer} units={garden.units} onClose={() => setSprayer(null)} />
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
  const barred = s.restricted || (s.specimen && s.signalWord === 'danger');
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

function SprayerSheet({ sprayer, units, onClose }: { readonly sprayer: Sprayer | null; readonly units: UnitSystem; readonly onClose: () => void }) {
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
      <T>{`Holds ${sayMl(sprayer?.capacityMl ?? 0, units)}. ${sprayer?.forWeedkiller ? 'Kept for weed-killer: never used here.' : ''}`}</T>
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

/** What a spoon, cup or jug holds: as it is marked where the grower lives, exactly beside it. */
const sayHolds = (ml: number, units: UnitSystem) => (units === 'us' || units === 'imperial' ? `${sayMl(ml, units)} (${trim(ml, 1)} ml)` : `${trim(ml)} ml`);
