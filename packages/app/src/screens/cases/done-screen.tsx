import type { CaseDetail, Garden, Planting } from '@sleetbrook/core/api';
import { findControlCard, findHost, findTroubleCard } from '@sleetbrook/core/cards';
import { lineFor } from '@sleetbrook/core/label';
import { readSize, trim, UNITS, usualUnit, type Instant, type Outcome } from '@sleetbrook/core/measure';
import { readPutIn, sayProduct } from '@sleetbrook/core/mix';
import { useRouter } from 'expo-router';
import { DateTime } from 'luxon';
import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { v7 } from 'uuid';
import { ApiProblem } from '../../api/client';
import { useSaveTreatment } from '../../api/mutations';
import { useCaseDetail, useGarden, usePlantings, useSprayers } from '../../api/queries';
import { EMPTY_MIX, useDrafts, type MixDraft } from '../../state/drafts';
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

  const setMix = useDrafts((d) => d.setMix);
  const [id] = useState(() => draft.doneId ?? v7());
  const [errors, setErrors] = useState<Record<string, string>>({});
  // kept before anything is sent: a lost answer, a reload or a second press is the same record
  useEffect(() => {
    if (draft.doneId !== id) setMix(detail.case.id, { doneId: id });
  }, [draft.doneId, id, detail.case.id, setMix]);
  if (!control || !lap) return null;

  const { units } = garden;
  const typed = draft.done ?? {};
  const change = (more: NonNullable<MixDraft['done']>) => setMix(detail.case.id, { done: { ...typed, ...more } });
  const area = typed.area ?? trim((plan?.area ?? planting.areaM2) / UNITS[usualUnit('area', units)].si, 4);
  const by = typed.by ?? 'You';
  const time = typed.time ?? DateTime.fromMillis(now, { zone: garden.zone }).toFormat('yyyy-MM-dd HH:mm');

  const submit = async () => {
    const wrong: Record<string, string> = {};
    const read = <T,>(out: Outcome<T>, field: string): T | null => {
      if (!out.ok) wrong[field] = out.reasons[0]?.sentence ?? '';
      return out.ok ? out.value : null;
    };
    // what was not touched is taken as it is, to the last figure
    const m2 =
      typed.area === undefined ? (plan?.area ?? planting.areaM2) : read(readSize(area, 'area', units, { min: 1e-4, max: 10_000, what: 'The area' }), 'areaM2');
    const amount = plan === null ? null : typed.amount === undefined ? madeBy(plan) : (read(readPutIn(typed.amount, plan, 'amount'), 'amount')?.usual ?? null);
    const mixed =
      plan === null || plan.water === 0
        ? null
        : typed.mix === undefined
          ? plan.water
          : read(readSize(typed.mix, 'mix', units, { min: 1, max: 2e6, what: 'The mix' }), 'waterMl');
    const left =
      typed.left === undefined || typed.left.trim() === ''
        ? 0
        : (read(readSize(typed.left, 'mix', units, { min: 0, max: mixed ?? 0, what: 'What is left' }), 'leftMl') ?? 0);
    const finished = DateTime.fromFormat(time.trim(), 'yyyy-MM-dd HH:mm', { zone: garden.zone });
    if (!finished.isValid) wrong['finishedAt'] = 'Type the time as 2026-05-24 21:40.';
    setErrors(wrong);
    if (Object.keys(wrong).length > 0 || m2 === null) return;
    // of what was mixed, the part that is left is not on the plants
    const share = mixed !== null && mixed > 0 ? (mixed - left) / mixed : 1;
    if (share === 0) return setErrors({ leftMl: 'All of it is left: then nothing was put on.' });
    const form = plan?.line.rate.form;
    await save.mutateAsync({
      id,
      caseId: detail.case.id,
      plantingId: planting.id,
      controlId: control.id,
      sheetId: lap.sheetId,
      trunkCm: form === 'per-cm-trunk' ? (plan?.size ?? null) : null,
      heightM: form === 'per-m-height' ? (plan?.size ?? null) : null,
      count: form === 'per-plant' || form === 'per-m-row' || form === 'per-litre-soil' ? (plan?.size ?? null) : null,
      madeAt: draft.madeAt === null ? null : new Date(draft.madeAt).toISOString(),
      finishedAt: finished.toUTC().toISO({ suppressMilliseconds: false }) ?? '',
      areaM2: m2,
      amount: amount === null ? null : amount * share,
      waterMl: mixed === null ? null : mixed * share,
      leftMl: mixed === null ? null : left,
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
          <View className="gap-4">
            <T kind="muted">{`${plan.sheet.name}. As measured in your spoons; change what was otherwise. It is always taken, and what it broke stands beside it.`}</T>
            <Field
              label="Product used"
              value={typed.amount ?? ''}
              placeholder={sayProduct(madeBy(plan), plan.unit, units)}
              onChange={(amount) => change({ amount })}
              error={errorAt('amount')}
              hint={`Empty: ${sayProduct(madeBy(plan), plan.unit, units)}, ${trim(madeBy(plan), 3)} ${plan.unit}. Or type spoons, ml, g.`}
            />
            {plan.water > 0 && (
              <>
                <SizeField
                  label="Mix made"
                  kind="mix"
                  units={units}
                  value={typed.mix ?? ''}
                  placeholder={sayMl(plan.water, units)}
                  onChange={(mix) => change({ mix })}
                  error={errorAt('waterMl')}
                  hint={`Empty: ${sayMl(plan.water, units)}.`}
                />
                <SizeField
                  label="Left unsprayed"
                  kind="mix"
                  units={units}
                  value={typed.left ?? ''}
                  onChange={(left) => change({ left })}
                  error={errorAt('leftMl')}
                  hint="Empty: nothing was left."
                />
              </>
            )}
          </View>
        )}
        <SizeField label="Area treated" kind="area" units={units} value={area} onChange={(a) => change({ area: a })} error={errorAt('areaM2')} />
        <Field
          label="Finished at"
          value={time}
          onChange={(t) => change({ time: t })}
          error={errorAt('finishedAt')}
          hint={`Local time, ${garden.zone}. The clocks run from here.`}
        />
        <Field label="By" value={by} onChange={(b) => change({ by: b })} error={errorAt('by')} />
        {!plan && errorAt('amount') && <T className="text-rowan">{errorAt('amount')}</T>}
        {errorAt('controlId') && <T className="text-rowan">{errorAt('controlId')}</T>}
      </View>
    </Page>
  );
}
