import type { CaseDetail, Garden, Planting } from '@sleetbrook/core/api';
import { findControlCard, findTroubleCard } from '@sleetbrook/core/cards';
import { readSize, trim, UNITS, usualUnit, type Instant, type Outcome } from '@sleetbrook/core/measure';
import { readPutIn, sayProduct, tally } from '@sleetbrook/core/mix';
import { sharesOf } from '@sleetbrook/core/record';
import { useRouter } from 'expo-router';
import { DateTime } from 'luxon';
import { useEffect, useRef, useState } from 'react';
import { View } from 'react-native';
import { v7 } from 'uuid';
import { ApiProblem } from '../../api/client';
import { useSaveTreatment } from '../../api/mutations';
import { useCaseDetail, useGarden, usePlantings } from '../../api/queries';
import { EMPTY_MIX, mixKey, useDrafts, type MixDraft } from '../../state/drafts';
import { useNow } from '../../state/now';
import { ActionBar, Button } from '../../ui/button';
import { Field } from '../../ui/field';
import { Page } from '../../ui/page';
import { SizeField } from '../../ui/size-field';
import { Failed, Read } from '../../ui/states';
import { T } from '../../ui/text';
import { sayMl } from '../../ui/say-ml';
import type { Part } from '../mix/job-for';
import { useCaseMix, type CaseMix } from '../mix/use-mix-job';

/** Station 6: write down what was done. The clocks start when it is kept. */
export function DoneScreen({ id }: { readonly id: string }) {
  const detail = useCaseDetail(id);
  const garden = useGarden().data;
  const plantings = usePlantings().data;
  const now = useNow();
  const mix = useCaseMix(detail.data?.case);
  return (
    <Read query={detail}>
      {(d) => {
        const planting = plantings?.find((p) => p.id === d.case.plantingId);
        return garden && planting && now !== undefined && mix !== undefined ? (
          <Form detail={d} garden={garden} planting={planting} now={now} mix={mix} />
        ) : null;
      }}
    </Read>
  );
}

interface FormProps {
  readonly detail: CaseDetail;
  readonly garden: Garden;
  readonly planting: Planting;
  readonly now: Instant;
  /** null for work by hand. */
  readonly mix: CaseMix | null;
}

const iso = (ms: number | null) => (ms === null ? null : new Date(ms).toISOString());

function Form({ detail, garden, planting, now, mix }: FormProps) {
  const router = useRouter();
  const save = useSaveTreatment();
  const caseId = detail.case.id;
  const key = mixKey(detail.case);
  const draft = useDrafts((d) => d.mixes[key]) ?? EMPTY_MIX;
  const dropMix = useDrafts((d) => d.dropMix);
  const lap = detail.case.laps.at(-1);
  const control = findControlCard(lap?.controlId ?? '');
  const job = mix?.job.ok ? mix.job.value : null;
  const plan = job?.plan.ok ? job.plan.value : null;
  const went = plan ? tally(plan, draft.log ?? {}) : null;
  const { units } = garden;
  // what the amounts are typed in, also where they no longer fit the label
  const by = plan ?? (mix && job ? { sheet: mix.sheet, unit: job.line.rate.unit, units } : null);
  const wet = plan ? plan.water > 0 : mix !== null && mix.sheet.into !== 'not-mixed';
  const parts: readonly Part[] = job?.parts ?? [{ planting, troubleId: detail.case.troubleId, caseId, size: planting.areaM2 }];
  const alone = parts.length === 1;

  const setMix = useDrafts((d) => d.setMix);
  const [id] = useState(() => draft.doneId ?? v7());
  const kept = useRef(false);
  const [errors, setErrors] = useState<Record<string, string>>({});
  const sharers = parts
    .slice(1)
    .map((p) => p.planting.id)
    .join(' ');
  // kept before anything is sent: a lost answer, a reload or a second press is the same record
  useEffect(() => {
    // once it is kept nothing of it is left over
    if (kept.current) return;
    const ids = draft.doneIds ?? {};
    const missing = sharers.split(' ').filter((p) => p !== '' && ids[p] === undefined);
    if (draft.doneId !== id || missing.length > 0) setMix(key, { doneId: id, doneIds: { ...ids, ...Object.fromEntries(missing.map((p) => [p, v7()])) } });
  }, [draft.doneId, draft.doneIds, id, key, setMix, sharers]);
  if (!control || !lap) return null;

  const typed = draft.done ?? {};
  const change = (more: NonNullable<MixDraft['done']>) => setMix(key, { done: { ...typed, ...more } });
  const area = typed.area ?? trim((alone && plan ? plan.area : planting.areaM2) / UNITS[usualUnit('area', units)].si, 4);
  const person = typed.by ?? 'You';
  const time = typed.time ?? DateTime.fromMillis(went?.outAt ?? now, { zone: garden.zone }).toFormat('yyyy-MM-dd HH:mm');

  const submit = async () => {
    const wrong: Record<string, string> = {};
    const read = <T,>(out: Outcome<T>, field: string): T | null => {
      if (!out.ok) wrong[field] = out.reasons[0]?.sentence ?? '';
      return out.ok ? out.value : null;
    };
    // what was not touched is taken as it is, to the last figure
    const m2 =
      typed.area === undefined
        ? alone && plan
          ? plan.area
          : planting.areaM2
        : read(readSize(area, 'area', units, { min: 1e-4, max: 10_000, what: 'The area' }), 'areaM2');
    const amount =
      by === null ? null : typed.amount === undefined ? (went?.product ?? null) : (read(readPutIn(typed.amount, by, 'amount'), 'amount')?.usual ?? null);
    const mixed = !wet
      ? null
      : typed.mix === undefined
        ? (went?.water ?? null)
        : read(readSize(typed.mix, 'mix', units, { min: 1, max: 2e6, what: 'The mix' }), 'waterMl');
    const left =
      typed.left === undefined || typed.left.trim() === ''
        ? 0
        : (read(readSize(typed.left, 'mix', units, { min: 0, max: mixed ?? 0, what: 'What is left' }), 'leftMl') ?? 0);
    const finished = DateTime.fromFormat(time.trim(), 'yyyy-MM-dd HH:mm', { zone: garden.zone });
    if (!finished.isValid) wrong['finishedAt'] = 'Type the time as 2026-05-24 21:40.';
    setErrors(wrong);
    if (Object.keys(wrong).length > 0 || m2 === null) return;
    if (amount === 0)
      return setErrors({
        amount: went && went.waste > 0 ? 'All of it was waste: then nothing was put on. Type what was, or mix again.' : 'Type how much was used, more than 0.',
      });
    // of what was mixed, the part that is left is not on the plants
    const share = mixed !== null && mixed > 0 ? (mixed - left) / mixed : 1;
    if (share === 0) return setErrors({ leftMl: 'All of it is left: then nothing was put on.' });
    // said once: sent again after a lost answer it is the same time
    change({ time });
    const form = job?.line.rate.form;
    const shares = sharesOf(parts.map((p) => ({ plantingId: p.planting.id, size: p.size })));
    // one after the other, the case's own last: until it is kept, pressing again sends them all again, and each is one
    for (const [i, part] of [...parts.entries()].reverse()) {
      const mine = (alone ? 1 : (shares[i]?.part ?? 0)) * share;
      await save.mutateAsync({
        id: i === 0 ? id : (draft.doneIds?.[part.planting.id] ?? v7()),
        caseId: part.caseId,
        plantingId: part.planting.id,
        controlId: control.id,
        troubleId: part.caseId === null ? part.troubleId : null,
        purpose: detail.case.purpose,
        mixId: alone ? null : id,
        sheetId: lap.sheetId,
        trunkCm: form === 'per-cm-trunk' ? part.size : null,
        heightM: form === 'per-m-height' ? part.size : null,
        count: form === 'per-plant' || form === 'per-m-row' || form === 'per-litre-soil' ? part.size : null,
        madeAt: iso(went?.madeAt ?? draft.madeAt),
        finishedAt: finished.toUTC().toISO({ suppressMilliseconds: false }) ?? '',
        areaM2: i === 0 ? m2 : form === 'per-litre' || form === 'per-m2' ? part.size : part.planting.areaM2,
        amount: amount === null ? null : amount * mine,
        waterMl: mixed === null ? null : mixed * mine,
        leftMl: mixed === null ? null : i === 0 ? left + (went?.waste ?? 0) : 0,
        loads: (typed.amount === undefined && typed.mix === undefined && plan && plan.water > 0 ? (went?.loads ?? []) : []).map((l) => ({
          number: l.number,
          product: l.product,
          waterMl: l.water,
          madeAt: iso(l.madeAt),
          outAt: iso(l.outAt),
          waste: l.waste,
        })),
        slips: [...(draft.slips ?? [])],
        by: person.trim(),
        why: `${findTroubleCard(part.troubleId)?.name ?? ''}${lap.whyHigher ? `; ${lap.whyHigher}` : ''}`,
      });
    }
    kept.current = true;
    dropMix(key);
    router.replace(`/cases/${caseId}`);
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
        {mix && by && (
          <View className="gap-4">
            <T kind="muted">{`${mix.sheet.name}. ${went ? 'As measured in your spoons; change what was otherwise.' : 'The amounts no longer fit the label: type what was used.'} It is always taken, and what it broke stands beside it.`}</T>
            <Field
              label="Product used"
              value={typed.amount ?? ''}
              placeholder={went ? sayProduct(went.product, by.unit, units) : ''}
              onChange={(amount) => change({ amount })}
              error={errorAt('amount')}
              hint={
                went
                  ? `Empty: ${[...new Set([sayProduct(went.product, by.unit, units), `${trim(went.product, 3)} ${by.unit}`])].join(', ')}. Or type spoons, ml, g.`
                  : 'In spoons, ml or g.'
              }
            />
            {wet && (
              <>
                <SizeField
                  label="Mix made"
                  kind="mix"
                  units={units}
                  value={typed.mix ?? ''}
                  placeholder={went ? sayMl(went.water, units) : ''}
                  onChange={(mix) => change({ mix })}
                  error={errorAt('waterMl')}
                  hint={went ? `Empty: ${sayMl(went.water, units)}.` : undefined}
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
        {went && went.waste > 0 && <T kind="muted">{`${sayMl(went.waste, units)} of it was waste and is not counted as put on.`}</T>}
        {(draft.slips ?? []).map((slip) => (
          <T key={slip.at} kind="muted">
            {slip.text}
          </T>
        ))}
        {!alone && job && (
          <View>
            <T kind="label">Shared out by size, each with its own record and clocks</T>
            {sharesOf(parts.map((p) => ({ plantingId: p.planting.id, size: p.size }))).map((x) => (
              <T key={x.plantingId}>{`${parts.find((p) => p.planting.id === x.plantingId)?.planting.name ?? ''}: ${trim(x.part * 100, 0)} %`}</T>
            ))}
          </View>
        )}
        <SizeField
          label={alone ? 'Area treated' : `Area of ${planting.name.toLowerCase()}`}
          kind="area"
          units={units}
          value={area}
          onChange={(a) => change({ area: a })}
          error={errorAt('areaM2')}
        />
        <Field
          label="Finished at"
          value={time}
          onChange={(t) => change({ time: t })}
          error={errorAt('finishedAt')}
          hint={`Local time, ${garden.zone}. The clocks run from here.`}
        />
        <Field label="By" value={person} onChange={(b) => change({ by: b })} error={errorAt('by')} />
        {!by && errorAt('amount') && <T className="text-rowan">{errorAt('amount')}</T>}
        {errorAt('controlId') && <T className="text-rowan">{errorAt('controlId')}</T>}
      </View>
    </Page>
  );
}
