import type { Garden, Planting, Sprayer } from '@sleetbrook/core/api';
import { findControlCard, findHost, findTroubleCard } from '@sleetbrook/core/cards';
import { lineFor, mustBeChecked, sayRate, type LabelSheet } from '@sleetbrook/core/label';
import { instant, millilitres, sayWhen, trim } from '@sleetbrook/core/measure';
import { stepsFor, type Load, type MixPlan, type Step } from '@sleetbrook/core/mix';
import { useRouter } from 'expo-router';
import { useCaseDetail, useConfirmations, useGarden, usePlantings, useSheets, useSprayers } from '../../api/queries';
import { EMPTY_MIX, useDrafts } from '../../state/drafts';
import { useNow } from '../../state/now';
import { MeasureCard } from '../../ui/measure-card';
import { Page } from '../../ui/page';
import { Empty, Read } from '../../ui/states';
import { T } from '../../ui/text';
import { sheetOf } from '../shed/use-sheet';
import { PrintCard } from '../print/print-card';
import { StepCards } from '../steps/step-cards';
import { bigAmount, measuredLines, sayMl } from './measured-lines';
import { mixCard } from './mix-card';
import { mixFor, sprayerFor } from './mix-for';
import { Remainder } from './remainder';
import { Slips } from './slips';

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
  const now = useNow();
  const host = findHost(planting.hostId);
  const line = host ? lineFor(sheet, host, findTroubleCard(troubleId) ?? { labelAs: [] }) : null;
  const sprayer = sprayerFor(draft, sprayers);
  const mix = line?.ok ? mixFor(draft, sheet, line.value, planting, sprayers, garden) : null;
  const plan = mix?.ok ? mix.value : null;
  const back = { title: 'The case', href: `/cases/${caseId}` } as const;
  if (!plan)
    return (
      <Page back={back}>
        <Empty title="The amounts do not fit any more" text={mix && !mix.ok ? (mix.reasons[0]?.sentence ?? '') : 'Set them again in the case.'} />
      </Page>
    );
  const steps = stepsFor(plan, { sprayer: sprayer?.name ?? null, site: planting.site, how: findControlCard(sheet.control)?.how ?? [] });
  const life = draft.madeAt === null ? null : instant(draft.madeAt + sheet.mixLifeHours * 3_600_000);
  return (
    <StepCards
      draftKey={caseId}
      steps={steps}
      head={(step) =>
        `${plan.sheet.name} on ${planting.name.toLowerCase()}${step.load && plan.loads.length > 1 ? ` · load ${step.load} of ${plan.loads.length}` : ''}`
      }
      back={back}
      act={actOf}
      onBack={() => router.navigate(`/cases/${caseId}`)}
      onFinish={() => router.navigate(`/cases/${caseId}/done`)}
      onPass={(step) => {
        // product meets water: from here the mix ages
        if (step.id.startsWith('add-') && draft.madeAt === null && now !== undefined) setMix(caseId, { madeAt: now });
      }}
      card={(step) => (step.measure ? <Measure step={step} load={step.measure} plan={plan} /> : null)}
      under={(step) => (
        <>
          {step.measure && sprayer && <Slips key={step.id} load={step.measure} plan={plan} capacity={millilitres(sprayer.capacityMl)} />}
          {life !== null && now !== undefined && step.id !== 'store' && (
            <T kind="muted">
              {life > now ? `Mixed: good until ${sayWhen(life, now, garden.zone)}.` : 'This mix is past its life: do not spray it. It is waste now.'}
            </T>
          )}
          {step.id === 'store' && plan.water > 0 && <Remainder plan={plan} planting={planting} life={life} zone={garden.zone} />}
          {step.id === 'protect' && <PrintCard card={() => mixCard(plan, steps, planting.name)} />}
        </>
      )}
    />
  );
}

function actOf(step: Step, last: boolean): string {
  if (last) return 'Done: write it down';
  if (step.id === 'protect') return 'All of it is on';
  if (step.id === 'before') return 'It is so';
  if (step.id === 'check') return 'It is clean';
  if (step.measure) return 'Measured';
  if (step.id.startsWith('out-')) return 'This load is out';
  return 'Done';
}

/** The amount as the largest thing, in the grower's own measures. */
function Measure({ step, load, plan }: { readonly step: Step; readonly load: Load; readonly plan: MixPlan }) {
  const m = load.measured;
  const inTotal = plan.water > 0 ? ` in ${sayMl(load.water, plan.units)}` : '';
  const big = bigAmount(m.by === 'scale' ? m.reading : load.product, plan);
  return (
    <MeasureCard
      title={step.title}
      amount={big.figure}
      unit={big.unit}
      scoops={m.by === 'scale' ? [] : m.out.scoops}
      fine={[
        [
          `exact ${trim(load.product, 2)} ${plan.unit}${inTotal}`,
          ...measuredLines(load, plan).slice(m.by === 'scale' ? 0 : m.out.scoops.length),
          `label: ${sayRate(plan.line.rate)}`,
        ].join(' · '),
        ...load.ways.map((w) => w.sentence),
      ]}
    />
  );
}
