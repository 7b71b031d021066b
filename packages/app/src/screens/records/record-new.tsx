import type { Garden, Planting, TreatmentDraft } from '@sleetbrook/core/api';
import { CONTROL_CARDS, findControlCard, findTroubleCard, TROUBLE_CARDS } from '@sleetbrook/core/cards';
import { type LabelSheet } from '@sleetbrook/core/label';
import { readSize, type Instant, type Outcome } from '@sleetbrook/core/measure';
import { readPutIn } from '@sleetbrook/core/mix';
import { sharesOf } from '@sleetbrook/core/record';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { DateTime } from 'luxon';
import { useState } from 'react';
import { View } from 'react-native';
import { v7 } from 'uuid';
import { ApiProblem } from '../../api/client';
import { useSaveTreatment } from '../../api/mutations';
import { useGarden, usePlantings, useSheets } from '../../api/queries';
import { useNow } from '../../state/now';
import { meantBy } from '../../state/as-typed';
import { doneInstead, EMPTY_RECORD, useRecording, type RecordDraft } from '../../state/recording';
import { ActionBar, Button } from '../../ui/button';
import { Choice, Field } from '../../ui/field';
import { Page } from '../../ui/page';
import { Pick } from '../../ui/pick';
import { PickMany } from '../../ui/pick-many';
import { SizeField } from '../../ui/size-field';
import { Failed, Loading } from '../../ui/states';
import { T } from '../../ui/text';

/** What was done without a case: made on the bench, upkeep, before anything was seen, or long ago. It is always taken. */
export function RecordNew() {
  const garden = useGarden().data;
  const plantings = usePlantings().data;
  const sheets = useSheets().data;
  const now = useNow();
  const { on, draft } = useLocalSearchParams<{ on?: string; draft?: string }>();
  const [id] = useState(() => draft ?? v7());
  if (!garden || !plantings || !sheets || now === undefined)
    return (
      <Page title="Write it down">
        <Loading />
      </Page>
    );
  return <Form key={draft ?? id} id={draft ?? id} garden={garden} plantings={plantings} sheets={sheets} now={now} {...(on ? { on } : {})} />;
}

interface FormProps {
  /** Of the draft. */
  readonly id: string;
  readonly garden: Garden;
  readonly plantings: readonly Planting[];
  readonly sheets: readonly LabelSheet[];
  readonly now: Instant;
  /** The planting it was begun from. */
  readonly on?: string;
}

/** A control or an own sheet as one choice. */
function meant(what: string, sheets: readonly LabelSheet[]): { readonly controlId: string; readonly sheet: LabelSheet | null; readonly own: boolean } | null {
  const [kind, id] = what.split(':');
  const own = kind === 'sheet' ? sheets.find((s) => s.id === id) : undefined;
  if (own) return { controlId: own.control, sheet: own, own: true };
  const control = kind === 'control' ? findControlCard(id ?? '') : undefined;
  return control ? { controlId: control.id, sheet: sheets.find((s) => s.id === control.sheet) ?? null, own: false } : null;
}

const first = (out: Outcome<unknown>): string => (out.ok ? '' : (out.reasons[0]?.sentence ?? ''));

function Form({ id, garden, plantings, sheets, now, on }: FormProps) {
  const router = useRouter();
  const save = useSaveTreatment();
  const kept = useRecording((r) => r.records[id]);
  const changeDraft = useRecording((r) => r.change);
  const drop = useRecording((r) => r.drop);
  const v: RecordDraft = { ...EMPTY_RECORD, ...(kept ?? { on: on ? [on] : [] }) };
  const set = (change: Partial<RecordDraft>) => {
    changeDraft(id, { ...(kept ? {} : { on: v.on }), ...change });
    // from the first thing filled in it has an address of its own: a reload finds it again
    if (!kept) router.setParams({ draft: id });
  };
  const [errors, setErrors] = useState<Readonly<Record<string, string>>>({});
  const { units, zone } = garden;
  const choice = meant(v.what, sheets);
  const unit = choice?.sheet?.lines[0]?.rate.unit ?? (choice?.sheet?.state === 'dry' ? 'g' : 'ml');
  const chosen = v.on.flatMap((x) => plantings.find((p) => p.id === x) ?? []);
  const wet = choice?.sheet ? choice.sheet.into !== 'not-mixed' : false;
  const time = v.time || DateTime.fromMillis(now, { zone }).toFormat('yyyy-MM-dd HH:mm');
  const options = [
    ...sheets.filter((s) => !s.specimen).map((s) => ({ value: `sheet:${s.id}`, label: s.name })),
    ...CONTROL_CARDS.filter((c) => c.rung > 0 && c.rung < 7).map((c) => ({ value: `control:${c.id}`, label: c.name })),
  ];

  // within a case it is the case that says why, and against what
  const inCase = v.corrects !== null && v.corrects.caseId !== null;

  const submit = async () => {
    const wrong: Record<string, string> = {};
    if (!choice) wrong['what'] = 'Choose what was done.';
    if (chosen.length === 0) wrong['on'] = 'Choose what it went on.';
    const amount = choice?.sheet && v.amount.trim() !== '' ? readPutIn(v.amount, { sheet: choice.sheet, unit, units }, 'amount') : null;
    if (amount && !amount.ok) wrong['amount'] = first(amount);
    const mix = wet && v.mix.trim() !== '' ? readSize(v.mix, 'mix', units, { min: 1, max: 2e6, what: 'The mix' }, 'mix') : null;
    if (mix && !mix.ok) wrong['mix'] = first(mix);
    const area = v.corrects ? readSize(v.area, 'area', units, { min: 1e-4, max: 10_000, what: 'The area' }, 'area') : null;
    if (area && !area.ok) wrong['area'] = first(area);
    const finished = DateTime.fromFormat(time.trim(), 'yyyy-MM-dd HH:mm', { zone });
    if (!finished.isValid) wrong['time'] = 'Type the time as 2026-05-24 21:40.';
    setErrors(wrong);
    if (!choice || Object.keys(wrong).length > 0) return;
    if (v.corrects && v.reason.trim() === '') return setErrors({ reason: 'Say what was wrong.' });
    const ids = { ...Object.fromEntries(chosen.map((p) => [p.id, v7()])), ...v.ids };
    // fixed before anything is sent: pressed again after a lost answer these are the same records
    set({ time, ids });
    const shares = sharesOf(chosen.map((p) => ({ plantingId: p.id, size: p.areaM2 })));
    const mixId = chosen.length > 1 ? (ids[chosen[0]?.id ?? ''] ?? null) : null;
    const percent = Number(v.percent);
    for (const [i, p] of chosen.entries()) {
      const part = shares[i]?.part ?? 1;
      const record: TreatmentDraft = {
        id: ids[p.id] ?? v7(),
        caseId: v.corrects?.caseId ?? null,
        plantingId: p.id,
        controlId: choice.controlId,
        troubleId: v.purpose === 'upkeep' || v.trouble === '' ? null : v.trouble,
        purpose: v.purpose,
        mixId,
        made: v.made.trim() === '' ? null : { name: v.made.trim().slice(0, 60), percent: percent > 0 ? percent : null },
        sheetId: choice.own ? (choice.sheet?.id ?? null) : null,
        finishedAt: finished.toUTC().toISO({ suppressMilliseconds: false }) ?? '',
        areaM2: area?.ok ? meantBy(v.area, v.exact.area, area.value) : p.areaM2,
        trunkCm: p.trunkCm,
        heightM: p.heightM,
        count: v.corrects?.count ?? null,
        corrects: v.corrects ? { id: v.corrects.id, reason: v.reason.trim() } : null,
        amount: amount?.ok && amount.value.usual > 0 ? meantBy(v.amount, v.exact.amount, amount.value.usual) * part : null,
        waterMl: mix?.ok ? meantBy(v.mix, v.exact.mix, mix.value) * part : null,
        by: v.by.trim(),
        why: inCase
          ? (v.corrects?.why ?? '')
          : [v.purpose === 'prevent' ? 'Against what may come' : v.purpose === 'upkeep' ? 'Upkeep' : '', findTroubleCard(v.trouble)?.name ?? '']
              .filter(Boolean)
              .join(': '),
      };
      await save.mutateAsync(record);
    }
    drop(id);
    router.replace('/records');
  };
  const server = save.error instanceof ApiProblem ? save.error : null;
  return (
    <Page
      title={v.corrects ? 'Put it right' : 'Write it down'}
      sub={v.corrects ? 'A record of its own, in place of the wrong one' : 'What was done, with or without a case'}
      back={{ title: 'Records', href: '/records' }}
      footer={
        <ActionBar>
          <Button title="Keep the record" busy={save.isPending} onPress={() => void submit().catch(() => undefined)} />
          {kept && (
            <Button
              kind="quiet"
              title="Drop it"
              onPress={() => {
                drop(id);
                router.replace('/records');
              }}
            />
          )}
        </ActionBar>
      }
    >
      <View className="gap-5 px-5 pt-4">
        {save.error && <Failed error={save.error} />}
        <Pick label="What" value={v.what} onChange={(what) => set(doneInstead(v, what))} options={options} error={errors['what']} />
        {v.corrects && (
          <T kind="muted">{`On ${chosen.map((p) => p.name.toLowerCase()).join(', ')}. The record as it was is struck out and stays readable; clocks, counts and copper follow this one.`}</T>
        )}
        {v.corrects && (
          <Field
            label="What was wrong"
            value={v.reason}
            onChange={(reason) => set({ reason })}
            error={errors['reason'] ?? server?.for('corrects')}
            placeholder="Typed 170 for 120"
          />
        )}
        {v.made !== '' && <T kind="muted">{`Made at home: ${v.made}. No label covers it; its waits are those of our specimen.`}</T>}
        {!v.corrects && (
          <PickMany
            label="On"
            value={chosen.map((p) => p.id)}
            options={plantings.map((p) => ({ id: p.id, name: p.name }))}
            onChange={(next) => set({ on: next })}
            error={errors['on'] ?? server?.for('plantingId')}
          />
        )}
        {!inCase && (
          <Choice
            label="Why"
            value={v.purpose}
            onChange={(purpose) => set({ purpose })}
            options={[
              { value: 'seen', label: 'It was there' },
              { value: 'prevent', label: 'It may come' },
              { value: 'upkeep', label: 'Upkeep' },
            ]}
          />
        )}
        {!inCase && v.purpose !== 'upkeep' && (
          <Pick
            label="Against"
            value={v.trouble}
            onChange={(trouble) => set({ trouble })}
            options={[{ value: '', label: 'Not named' }, ...TROUBLE_CARDS.map((t) => ({ value: t.id, label: t.name }))]}
          />
        )}
        {choice?.sheet && (
          <Field
            label="Product used, in all"
            unit={unit}
            value={v.amount}
            onChange={(amount) => set({ amount })}
            error={errors['amount'] ?? server?.for('amount')}
            hint="In spoons, ml or g. Empty: not known, and the record says so."
          />
        )}
        {v.corrects && (
          <SizeField
            label="Area treated"
            kind="area"
            units={units}
            value={v.area}
            onChange={(area) => set({ area })}
            error={errors['area'] ?? server?.for('areaM2')}
          />
        )}
        {wet && <SizeField label="Mix put on, in all" kind="mix" units={units} value={v.mix} onChange={(mix) => set({ mix })} error={errors['mix']} />}
        <Field
          label="Finished at"
          value={time}
          onChange={(t) => set({ time: t })}
          error={errors['time'] ?? server?.for('finishedAt')}
          hint={`Local time, ${zone}. The clocks run from here.`}
        />
        <Field label="By" value={v.by} onChange={(by) => set({ by })} error={server?.for('by')} />
        {chosen.length > 1 && <T kind="muted">Shared out by area: each planting gets a record and clocks of its own.</T>}
      </View>
    </Page>
  );
}
