import { inSentence } from '@sleetbrook/core/measure';
import { HOSTS, TROUBLE_CARDS } from '@sleetbrook/core/cards';
import { lineFor, mustBeChecked } from '@sleetbrook/core/label';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { useConfirmations, useGarden, usePlantings, useSheets, useSprayers } from '../../api/queries';
import { EMPTY_MIX, useDrafts } from '../../state/drafts';
import { Button } from '../../ui/button';
import { Pick } from '../../ui/pick';
import { PickMany } from '../../ui/pick-many';
import { Empty } from '../../ui/states';
import { T } from '../../ui/text';
import { MixFields } from '../mix/mix-fields';
import { mixFor } from '../mix/mix-for';
import { usePutOn } from '../records/use-put-on';
import { SheetLaw, sheetLaw } from './law';
import { ToolLoading, ToolPage } from './parts';
import { usePlantOptions } from '../plant-options';

const KEY = 'bench';

const NO_PEST = { labelAs: [] };

/** The arithmetic without a case: an amount for an area and a tank, by a label's line. */
export function AmountScreen() {
  const router = useRouter();
  const putOn = usePutOn();
  const garden = useGarden().data;
  const sprayers = useSprayers().data;
  const confirmations = useConfirmations().data;
  const plantings = usePlantings().data ?? [];
  const mixes = useDrafts((d) => d.mixes);
  const setMix = useDrafts((d) => d.setMix);
  const plants = usePlantOptions();
  const [sheetId, setSheetId] = useState('potassium-soap');
  const [hostId, setHostId] = useState('broad-bean');
  const [plantingId, setPlantingId] = useState('');
  const [also, setAlso] = useState<readonly string[]>([]);
  const sheets = useSheets().data ?? [];
  const sheet = sheets.find((s) => s.id === sheetId);
  const planting = plantings.find((p) => p.id === plantingId);
  const host = HOSTS.find((h) => h.id === hostId);
  const pests = sheet && host ? TROUBLE_CARDS.filter((t) => lineFor(sheet, host, t).ok) : [];
  const [pest, setPest] = useState('');
  const trouble = pests.find((t) => t.id === pest) ?? pests[0];
  const line = sheet && host ? lineFor(sheet, host, trouble ?? NO_PEST) : null;
  const law = garden && sheet ? sheetLaw(sheet, garden, planting ?? null) : null;
  const draft = mixes[KEY] ?? EMPTY_MIX;
  if (!garden || !sprayers || !confirmations || !sheet || !host) return <ToolLoading />;
  const unconfirmed = mustBeChecked(sheet) && !confirmations.some((c) => c.sheetId === sheet.id && c.version === sheet.version);
  const typed = { ...draft, area: draft.area || (planting ? '' : '10') };
  // other plantings that the very same line of the label covers go into the same tank
  const byArea = line?.ok && (line.value.rate.form === 'per-litre' || line.value.rate.form === 'per-m2');
  const sameLine = byArea
    ? plantings.filter((p) => {
        const other = HOSTS.find((h) => h.id === p.hostId);
        const its = p.id !== planting?.id && other ? lineFor(sheet, other, trouble ?? NO_PEST) : null;
        return its?.ok && its.value.id === line.value.id;
      })
    : [];
  const together = planting && { ...planting, areaM2: planting.areaM2 + sameLine.filter((p) => also.includes(p.id)).reduce((sum, p) => sum + p.areaM2, 0) };
  const mix = line?.ok ? mixFor(typed, sheet, line.value, together ?? null, sprayers, garden) : null;
  return (
    <ToolPage title="An amount by the label" sub="For an area, a trunk or a height, and your tank">
      <Pick
        label="Product"
        value={sheetId}
        onChange={(id) => {
          setSheetId(id);
          setMix(KEY, { ...EMPTY_MIX, area: draft.area });
        }}
        options={sheets.map((s) => ({ value: s.id, label: s.name }))}
      />
      <Pick
        label="On"
        value={planting ? planting.id : hostId}
        onChange={(id) => {
          const chosen = plantings.find((p) => p.id === id);
          setPlantingId(chosen?.id ?? '');
          setAlso([]);
          setHostId(chosen?.hostId ?? id);
          setMix(KEY, { area: '', water: '' });
        }}
        options={[...plantings.map((p) => ({ value: p.id, label: `${p.name}, in your garden` })), ...plants]}
      />
      {pests.length > 1 && trouble && (
        <Pick label="Against" value={trouble.id} onChange={setPest} options={pests.map((t) => ({ value: t.id, label: t.name }))} />
      )}
      <SheetLaw law={law} />
      {!line?.ok ? (
        <Empty
          title="Not on this label"
          text={line && !line.ok ? (line.reasons[0]?.sentence.replace(/This trouble is/, 'No trouble known here is') ?? '') : ''}
        />
      ) : unconfirmed || !mix ? (
        <View className="gap-3">
          <T>{`${sheet.name} ${sheet.specimen ? 'is a conventional product' : 'was not compared with your label yet'}. Check its figures against the label in your hand before you mix it.`}</T>
          <Button title="Check it against my label" onPress={() => router.navigate(`/shed/${sheet.id}`)} />
        </View>
      ) : (
        <>
          {pests.length === 1 && trouble && <T kind="muted">{`Against ${inSentence(trouble.name)}.`}</T>}
          <MixFields
            draft={typed}
            onChange={(c) => setMix(KEY, c)}
            sheet={sheet}
            line={line.value}
            planting={together ?? null}
            sprayers={sprayers}
            garden={garden}
            mix={mix}
          />
          {planting && sameLine.length > 0 && (
            <PickMany
              label="In the same go"
              value={also}
              onChange={(ids) => {
                setAlso(ids);
                setMix(KEY, { area: '', water: '' });
              }}
              options={sameLine.map((p) => ({ id: p.id, name: p.name }))}
            />
          )}
          {mix.ok && (
            <Button
              kind="quiet"
              title="It was put on: write it down"
              onPress={() =>
                putOn({
                  control: sheet.control,
                  ...(sheet.specimen ? {} : { sheetId: sheet.id }),
                  made: '',
                  amount: mix.value.loads.reduce((sum, l) => sum + l.made, 0),
                  unit: mix.value.unit,
                  waterMl: mix.value.water,
                  on: planting ? [planting.id, ...also] : [],
                  trouble: pest,
                })
              }
            />
          )}
          <T kind="small">To be led through it card by card, with the clocks started at the end, open a case from a planting.</T>
        </>
      )}
    </ToolPage>
  );
}
