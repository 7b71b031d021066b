import type { CaseDetail, Garden, Planting } from '@sleetbrook/core/api';
import { findControlCard, findHost, findTroubleCard } from '@sleetbrook/core/cards';
import { lineFor } from '@sleetbrook/core/label';
import { readSize, squareMetres, trim, UNITS, usualUnit, type Instant } from '@sleetbrook/core/measure';
import { useRouter } from 'expo-router';
import { DateTime } from 'luxon';
import { useState } from 'react';
import { View } from 'react-native';
import { v7 } from 'uuid';
import { ApiProblem } from '../../api/client';
import { useSaveTreatment } from '../../api/mutations';
import { useCaseDetail, useGarden, usePlantings, useSprayers } from '../../api/queries';
import { EMPTY_MIX, useDrafts } from '../../state/drafts';
import { useNow } from '../../state/now';
import { ActionBar, Button } from '../../ui/button';
import { Field } from '../../ui/field';
import { Page } from '../../ui/page';
import { SizeField } from '../../ui/size-field';
import { Failed, Read } from '../../ui/states';
import { T } from '../../ui/text';
import { useSheetOf } from '../shed/use-sheet';
import { sayMl } from '../mix/measured-lines';
import { madeBy, mixFor } from '../mix/mix-for';

/** Station 6: write down what was done. The clocks start when it is kept. */
export function DoneScreen({ id }: { readonly id: string }) {
  const detail = useCaseDetail(id);
  const garden = useGarden().data;
  const plantings = usePlantings().data;
  const now = useNow();
  return (
    <Read query={detail}>
      {(d) => {
        const planting = plantings?.find((p) => p.id === d.case.plantingId);
        return garden && planting && now !== undefined ? <Form detail={d} garden={garden} planting={planting} now={now} /> : null;
      }}
    </Read>
  );
}

function Form({ detail, garden, planting, now }: { readonly detail: CaseDetail; readonly garden: Garden; readonly planting: Planting; readonly now: Instant }) {
  const router = useRouter();
  const save = useSaveTreatment();
  const sprayers = useSprayers().data ?? [];
  const draft = useDrafts((d) => d.mixes[detail.case.id]) ?? EMPTY_MIX;
  const dropMix = useDrafts((d) => d.dropMix);
  const lap = detail.case.laps.at(-1);
  const control = findControlCard(lap?.controlId ?? '');
  const sheet = useSheetOf(lap?.controlId, lap?.sheetId);
  const host = findHost(planting.hostId);
  const trouble = findTroubleCard(detail.case.troubleId);
  const line = sheet && host && trouble ? lineFor(sheet, host, trouble) : null;
  const mix = sheet && line?.ok ? mixFor(draft, sheet, line.value, planting, sprayers, garden) : null;
  const plan = mix?.ok ? mix.value : null;

  const [id] = useState(() => v7());
  const [by, setBy] = useState('You');
  const [area, setArea] = useState(trim((plan?.area ?? planting.areaM2) / UNITS[usualUnit('area', garden.units)].si, 2));
  const [time, setTime] = useState(() => DateTime.fromMillis(now, { zone: garden.zone }).toFormat('yyyy-MM-dd HH:mm'));
  const [errors, setErrors] = useState<Record<string, string>>({});
  if (!control || !lap) return null;

  const submit = async () => {
    const a = readSize(area, 'area', garden.units, { min: 0.01, max: 10_000, what: 'The area' });
    const finished = DateTime.fromFormat(time.trim(), 'yyyy-MM-dd HH:mm', { zone: garden.zone });
    const wrong: Record<string, string> = {};
    if (!a.ok) wrong['areaM2'] = a.reasons[0]?.sentence ?? '';
    if (!finished.isValid) wrong['finishedAt'] = 'Type the time as 2026-05-24 21:40.';
    setErrors(wrong);
    if (!a.ok || !finished.isValid) return;
    await save.mutateAsync({
      id,
      caseId: detail.case.id,
      plantingId: planting.id,
      controlId: control.id,
      sheetId: lap.sheetId,
      trunkCm: plan?.line.rate.form === 'per-cm-trunk' ? plan.size : null,
      heightM: plan?.line.rate.form === 'per-m-height' ? plan.size : null,
      finishedAt: finished.toUTC().toISO({ suppressMilliseconds: false }) ?? '',
      areaM2: squareMetres(a.value),
      amount: plan ? Math.round(madeBy(plan) * 100) / 100 : null,
      waterMl: plan && plan.water > 0 ? plan.water : null,
      by: by.trim(),
      why: `${findTroubleCard(detail.case.troubleId)?.name ?? ''}${lap.whyHigher ? `; ${lap.whyHigher}` : ''}`,
    });
    dropMix(detail.case.id);
    router.replace(`/cases/${detail.case.id}`);
  };
  const server = save.error instanceof ApiProblem ? save.error : null;
  const errorAt = (field: string) => errors[field] ?? server?.for(field);

  return (
    <Page
      title="Write it down"
      sub={`${control.name} · ${planting.name}`}
      back={{ title: 'The case', href: `/cases/${detail.case.id}` }}
      footer={
        <ActionBar>
          <Button title="Keep the record" busy={save.isPending} onPress={() => void submit().catch(() => undefined)} />
        </ActionBar>
      }
    >
      <View className="gap-5 px-5 pt-5">
        {save.error && <Failed error={save.error} />}
        {plan && (
          <View>
            <T kind="label">Used</T>
            <T kind="strong">{`${trim(madeBy(plan), 1)} ${plan.unit} of ${plan.sheet.name.toLowerCase()}${plan.water > 0 ? ` in ${sayMl(plan.water, garden.units)}` : ''}`}</T>
            <T kind="small">As measured in your spoons. The label sheet is kept with the record as it is now.</T>
          </View>
        )}
        <SizeField label="Area treated" kind="area" units={garden.units} value={area} onChange={setArea} error={errorAt('areaM2')} />
        <Field
          label="Finished at"
          value={time}
          onChange={setTime}
          error={errorAt('finishedAt')}
          hint={`Local time, ${garden.zone}. The clocks run from here.`}
        />
        <Field label="By" value={by} onChange={setBy} error={errorAt('by')} />
        {errorAt('amount') && <T className="text-rowan">{errorAt('amount')}</T>}
        {errorAt('controlId') && <T className="text-rowan">{errorAt('controlId')}</T>}
      </View>
    </Page>
  );
}
