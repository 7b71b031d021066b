import type { Garden, Planting, Sprayer } from '@sleetbrook/core/api';
import { findHost, findTroubleCard } from '@sleetbrook/core/cards';
import { lineFor, mustBeChecked, sayRate, type LabelSheet } from '@sleetbrook/core/label';
import { millilitres, sayVolume, trim } from '@sleetbrook/core/measure';
import { stepsFor, type MixPlan, type Step } from '@sleetbrook/core/mix';
import { useRouter } from 'expo-router';
import { useEffect } from 'react';
import { View } from 'react-native';
import { useCaseDetail, useConfirmations, useGarden, usePlantings, useSheets, useSprayers } from '../../api/queries';
import { EMPTY_MIX, useDrafts } from '../../state/drafts';
import { ActionBar, Button } from '../../ui/button';
import { Tick } from '../../ui/field';
import { Warning } from '../../ui/icons';
import { MeasureCard } from '../../ui/measure-card';
import { Page } from '../../ui/page';
import { Empty, Read } from '../../ui/states';
import { T } from '../../ui/text';
import { useTokens } from '../../ui/tokens';
import { sheetOf } from '../shed/use-sheet';
import { PoisonHelp } from '../help/poison-help';
import { measuredLines } from './measured-lines';
import { mixFor, sprayerFor } from './mix-for';
import { Overshoot } from './overshoot';
import { useAwake } from './use-awake';

/** The running mix of a case: one act a card. It survives a reload and a locked phone. */
export function RunningMix({ caseId }: { readonly caseId: string }) {
  const detail = useCaseDetail(caseId);
  const plantings = usePlantings().data;
  const garden = useGarden().data;
  const sprayers = useSprayers().data;
  const confirmations = useConfirmations().data;
  const sheets = useSheets().data;
  const router = useRouter();
  return (
    <Read query={detail}>
      {(d) => {
        const planting = plantings?.find((p) => p.id === d.case.plantingId);
        if (!planting || !garden || !sprayers || !confirmations || !sheets) return null;
        const lap = d.case.laps.at(-1);
        const sheet = sheetOf(sheets, lap?.controlId, lap?.sheetId);
        const confirmed = sheet && (!mustBeChecked(sheet) || confirmations.some((c) => c.sheetId === sheet.id && c.version === sheet.version));
        if (!sheet || !lap?.mixedAt || lap.treatmentId || !confirmed) {
          return (
            <Page back={{ title: 'The case', href: `/cases/${caseId}` }}>
              <Empty
                title="Nothing to measure"
                text="Set the amounts in the case first."
                action={{ title: 'Go to the case', onPress: () => router.navigate(`/cases/${caseId}`) }}
              />
            </Page>
          );
        }
        return <Cards caseId={caseId} troubleId={d.case.troubleId} sheet={sheet} planting={planting} garden={garden} sprayers={sprayers} />;
      }}
    </Read>
  );
}

interface CardsProps {
  readonly caseId: string;
  readonly troubleId: string;
  readonly sheet: LabelSheet;
  readonly planting: Planting;
  readonly garden: Garden;
  readonly sprayers: readonly Sprayer[];
}

function Cards({ caseId, troubleId, sheet, planting, garden, sprayers }: CardsProps) {
  const router = useRouter();
  const draft = useDrafts((d) => d.mixes[caseId]) ?? EMPTY_MIX;
  const setMix = useDrafts((d) => d.setMix);
  const host = findHost(planting.hostId);
  const line = host ? lineFor(sheet, host, findTroubleCard(troubleId) ?? { labelAs: [] }) : null;
  const sprayer = sprayerFor(draft, sprayers);
  const mix = line?.ok ? mixFor(draft, sheet, line.value, planting, sprayers, garden) : null;
  const plan = mix?.ok ? mix.value : null;
  const steps = plan ? stepsFor(plan, sprayer?.name ?? null) : [];
  const index = Math.min(Math.max(draft.step, 0), Math.max(steps.length - 1, 0));
  const step = steps[index];
  const gated = step ? step.gate.some((g) => !draft.ticked.includes(`${step.id}:${g}`)) : true;
  useAwake();

  const on = () => {
    if (!step || gated) return;
    if (index === steps.length - 1) router.navigate(`/cases/${caseId}/done`);
    else setMix(caseId, { step: index + 1 });
  };
  const backOne = () => (index === 0 ? router.navigate(`/cases/${caseId}`) : setMix(caseId, { step: index - 1 }));

  useEffect(() => {
    if (typeof document === 'undefined') return;
    const press = (e: KeyboardEvent) => {
      // a focused control keeps its own Space; the cards take it only from the page itself
      if (e.target !== document.body) return;
      if (e.key === ' ' || e.key === 'ArrowRight') {
        e.preventDefault();
        on();
      }
      if (e.key === 'ArrowLeft') {
        e.preventDefault();
        backOne();
      }
    };
    document.addEventListener('keydown', press);
    return () => document.removeEventListener('keydown', press);
  });

  if (!plan || !step)
    return (
      <Page back={{ title: 'The case', href: `/cases/${caseId}` }}>
        <Empty title="The amounts do not fit any more" text={mix && !mix.ok ? (mix.reasons[0]?.sentence ?? '') : 'Set them again in the case.'} />
      </Page>
    );
  return (
    <Page
      back={{ title: 'The case', href: `/cases/${caseId}` }}
      aside={<PoisonHelp />}
      footer={
        <ActionBar>
          <Button title={actOf(step, index === steps.length - 1)} disabled={gated} onPress={on} />
          <Button kind="quiet" title={index === 0 ? 'Back to the case' : `Back to step ${index}`} onPress={backOne} />
        </ActionBar>
      }
    >
      <View className="gap-4 px-5 pt-1">
        <T kind="muted">{`${plan.sheet.name} on ${planting.name.toLowerCase()}${step.load && plan.loads.length > 1 ? ` · load ${step.load} of ${plan.loads.length}` : ''}`}</T>
        <View className="flex-row gap-1" aria-hidden>
          {steps.map((s, i) => (
            <View key={s.id} className={`h-[8px] flex-1 rounded-full ${i < index ? 'bg-brook' : i === index ? 'bg-brook opacity-60' : 'bg-line'}`} />
          ))}
        </View>
        <T kind="label" live>{`Step ${index + 1} of ${steps.length}`}</T>
        <Card
          step={step}
          plan={plan}
          ticked={draft.ticked}
          onTick={(key, yes) => setMix(caseId, { ticked: yes ? [...draft.ticked, key] : draft.ticked.filter((k) => k !== key) })}
        />
        {step.caution && <Caution text={step.caution} />}
        {step.measure && sprayer && <Overshoot key={step.id} load={step.measure} plan={plan} capacity={millilitres(sprayer.capacityMl)} />}
      </View>
    </Page>
  );
}

function actOf(step: Step, last: boolean): string {
  if (last) return 'Done: write it down';
  if (step.id === 'protect') return 'All of it is on';
  if (step.id === 'check') return 'It is clean';
  if (step.measure) return 'Measured';
  if (step.id.startsWith('spray') || step.id === 'scatter') return 'This load is out';
  return 'Done';
}

interface CardProps {
  readonly step: Step;
  readonly plan: MixPlan;
  readonly ticked: readonly string[];
  readonly onTick: (key: string, yes: boolean) => void;
}

function Card({ step, plan, ticked, onTick }: CardProps) {
  const load = step.measure;
  if (load) {
    const m = load.measured;
    const exact = load.product;
    const inTotal = plan.water > 0 ? ` in ${sayVolume(load.water)}` : '';
    return (
      <MeasureCard
        title={step.title}
        amount={m.by === 'scale' ? trim(m.reading, 1) : trim(exact, 1)}
        unit={plan.unit}
        scoops={m.by === 'scale' ? [] : m.out.scoops}
        fine={[
          [
            `exact ${trim(exact, 2)} ${plan.unit}${inTotal}`,
            ...measuredLines(load, plan).slice(m.by === 'scale' ? 0 : m.out.scoops.length),
            `label: ${sayRate(plan.line.rate)}`,
          ].join(' · '),
        ]}
      />
    );
  }
  return (
    <View className="gap-3 rounded-3xl border border-line bg-slate px-5 py-6">
      <T kind="title" level={1} className="text-[30px] leading-[36px]">
        {step.title}
      </T>
      {step.text.map((t) => (
        <T key={t} className="text-[19px] leading-[27px]">
          {t}
        </T>
      ))}
      {step.gate.map((g) => (
        <Tick key={g} label={g} checked={ticked.includes(`${step.id}:${g}`)} onChange={(yes) => onTick(`${step.id}:${g}`, yes)} />
      ))}
    </View>
  );
}

function Caution({ text }: { readonly text: string }) {
  const t = useTokens();
  return (
    <View className="flex-row gap-3">
      <Warning size={26} color={t.ochre} />
      <T className="flex-1">{text}</T>
    </View>
  );
}
