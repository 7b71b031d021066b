import type { Case } from '@sleetbrook/core/api';
import { findControlCard, howFor } from '@sleetbrook/core/cards';
import { sayRate } from '@sleetbrook/core/label';
import { instant, millilitres, sayWhen, trim } from '@sleetbrook/core/measure';
import { isPast, lifeEnd, loadLog, stepsFor, tally, type Load, type LoadLog, type MixPlan, type Step } from '@sleetbrook/core/mix';
import { useRouter } from 'expo-router';
import { useCaseDetail } from '../../api/queries';
import { mixKey, useDrafts } from '../../state/drafts';
import { Button } from '../../ui/button';
import { MeasureCard } from '../../ui/measure-card';
import { Page } from '../../ui/page';
import { Empty, Read } from '../../ui/states';
import { T } from '../../ui/text';
import { PrintCard } from '../print/print-card';
import { StepCards } from '../steps/step-cards';
import type { MixJob } from './job-for';
import { bigAmount, measuredLines, shownOf } from './measured-lines';
import { sayMl } from '../../ui/say-ml';
import { mixCard } from './mix-card';
import { Remainder } from './remainder';
import { Slips } from './slips';
import { useCaseMix, type CaseMix } from './use-mix-job';

/** The running mix of a case: one act a card. It survives a reload and a locked phone. */
export function RunningMix({ caseId }: { readonly caseId: string }) {
  return <Read query={useCaseDetail(caseId)}>{(d) => <OfCase found={d.case} />}</Read>;
}

function OfCase({ found }: { readonly found: Case }) {
  const router = useRouter();
  const mix = useCaseMix(found);
  const lap = found.laps.at(-1);
  const back = { title: 'The case', href: `/cases/${found.id}` } as const;
  if (mix === undefined) return null;
  if (mix === null || !lap?.mixedAt || lap.treatmentId || !mix.confirmed) {
    return (
      <Page back={back}>
        <Empty
          title="Nothing to measure"
          text="Set the amounts in the case first."
          action={{ title: 'Go to the case', onPress: () => router.navigate(`/cases/${found.id}`) }}
        />
      </Page>
    );
  }
  const refusal = !mix.job.ok ? mix.job : !mix.job.value.plan.ok ? mix.job.value.plan : null;
  if (!mix.job.ok || !mix.job.value.plan.ok) {
    return (
      <Page back={back}>
        <Empty
          title="The amounts do not fit any more"
          text={refusal?.reasons[0]?.sentence ?? ''}
          action={{ title: 'Set them again in the case', onPress: () => router.navigate(`/cases/${found.id}`) }}
        />
      </Page>
    );
  }
  return <Cards found={found} mix={mix} job={mix.job.value} plan={mix.job.value.plan.value} />;
}

/** A control's own lines on how to do it, as they hold against a trouble. */
const linesFor = (controlId: string, troubleId: string) => howFor({ id: controlId, how: findControlCard(controlId)?.how ?? [] }, troubleId);

interface CardsProps {
  readonly found: Case;
  readonly mix: CaseMix;
  readonly job: MixJob;
  readonly plan: MixPlan;
}

function Cards({ found, mix, job, plan }: CardsProps) {
  const router = useRouter();
  const setMix = useDrafts((d) => d.setMix);
  const { draft, sheet, planting, sprayer, garden, now } = mix;
  const log = draft.log ?? {};
  const steps = stepsFor(plan, { sprayer: sprayer?.name ?? null, site: planting.site, how: linesFor(sheet.control, found.troubleId) });
  const loadAt = (step: Step) => plan.loads.find((l) => l.number === step.load);
  const note = (load: Load, change: Partial<LoadLog>, slip?: string) =>
    setMix(mixKey(found), {
      log: { ...log, [load.number]: { ...log[load.number], ...change } },
      ...(slip ? { slips: [...(draft.slips ?? []), { at: new Date(now).toISOString(), text: `Load ${load.number}: ${slip}`.slice(0, 300) }] } : {}),
    });
  const spoilt = (load: Load) => {
    const l = loadLog(load, log);
    return l.waste || isPast(l, sheet, now);
  };
  const names = job.parts.map((p) => p.planting.name.toLowerCase()).join(', ');
  const waste = tally(plan, log).waste;
  return (
    <StepCards
      draftKey={mixKey(found)}
      sheet={sheet}
      steps={steps}
      head={(step) => `${sheet.name} on ${names}${step.load && plan.loads.length > 1 ? ` · load ${step.load} of ${plan.loads.length}` : ''}`}
      back={{ title: 'The case', href: `/cases/${found.id}` }}
      act={(step, last) => {
        const load = loadAt(step);
        return load && step.id.startsWith('out-') && spoilt(load) ? 'Put it by as waste' : actOf(step, last);
      }}
      onBack={() => router.navigate(`/cases/${found.id}`)}
      onFinish={() => router.navigate(`/cases/${found.id}/done`)}
      onPass={(step) => {
        const load = loadAt(step);
        if (!load) return;
        const was = loadLog(load, log);
        // product meets water: from here this load ages
        if (step.id.startsWith('add-') && was.madeAt === null && plan.water > 0 && !plan.line.rate.dial) {
          note(load, { madeAt: now });
          if (draft.madeAt === null) setMix(mixKey(found), { madeAt: now });
        }
        if (step.id.startsWith('out-') && was.outAt === null) note(load, spoilt(load) ? { waste: true } : { outAt: now });
      }}
      card={(step) => (step.measure ? <Measure step={step} load={step.measure} plan={plan} /> : null)}
      under={(step) => {
        const load = loadAt(step);
        return (
          <>
            {load && sprayer && MIXING.test(step.id) && (
              <Slips key={step.id} load={load} plan={plan} capacity={millilitres(sprayer.capacityMl)} onNote={(change, slip) => note(load, change, slip)} />
            )}
            {load && (
              <Life
                load={load}
                mix={mix}
                step={step}
                onOut={(at) => note(load, { outAt: at, waste: false })}
                onAgain={() => {
                  note(load, { product: load.made, water: load.water, madeAt: null, outAt: null, waste: false }, 'thrown away, made again');
                  setMix(mixKey(found), { step: steps.findIndex((s) => s.load === load.number) });
                }}
              />
            )}
            {step.id === 'store' && plan.water > 0 && (
              <Remainder plan={plan} planting={planting} life={lastLife(plan, mix)} zone={garden.zone} proposed={waste} />
            )}
            {step.id === 'protect' && <PrintCard card={() => mixCard(plan, steps, names)} />}
          </>
        );
      }}
    />
  );
}

/** Cards on which the hand may slip. */
const MIXING = /^(?:measure|add|rinse|fill|shake)-/;

function lastLife(plan: MixPlan, { draft, sheet }: CaseMix) {
  const ends = plan.loads.map((l) => lifeEnd(loadLog(l, draft.log ?? {}), sheet)).filter((n): n is number => n !== null);
  return ends.length > 0 ? instant(Math.min(...ends)) : null;
}

/** How long this load is good; past it, it is waste, unless it was out in time and only not tapped. */
interface LifeProps {
  readonly load: Load;
  readonly mix: CaseMix;
  readonly step: Step;
  readonly onOut: (at: number) => void;
  readonly onAgain: () => void;
}

function Life({ load, mix, step, onOut, onAgain }: LifeProps) {
  const l = loadLog(load, mix.draft.log ?? {});
  const end = lifeEnd(l, mix.sheet);
  if ((end === null && !l.waste) || l.outAt !== null) return null;
  if (end !== null && !isPast(l, mix.sheet, mix.now) && !l.waste)
    return <T kind="muted">{`Mixed: good until ${sayWhen(instant(end), mix.now, mix.garden.zone)}.`}</T>;
  return (
    <>
      <T kind="strong" className="text-rowan">
        {l.waste && !isPast(l, mix.sheet, mix.now)
          ? 'This load is noted as waste: do not put it on plants.'
          : `Past its life since ${sayWhen(instant(end ?? 0), mix.now, mix.garden.zone)}: it can not be put on plants any more, nor down a drain. Keep it closed and marked, out of reach, for a hazardous-waste day.`}
      </T>
      {step.id.startsWith('out-') && end !== null && isPast(l, mix.sheet, mix.now) && (
        <Button kind="link" title="It was out before then" onPress={() => onOut(end)} />
      )}
      <Button kind="link" title="Make this load again" onPress={onAgain} />
    </>
  );
}

function actOf(step: Step, last: boolean): string {
  if (last) return 'Done: write it down';
  if (step.id === 'before') return 'It is so';
  if (step.id === 'protect') return 'All of it is on';
  if (step.id === 'check') return 'It is clean';
  if (step.measure) return 'Measured';
  if (step.id.startsWith('out-')) return 'This load is out';
  return 'Done';
}

/** The amount as the largest thing, in the grower's own measures. */
function Measure({ step, load, plan }: { readonly step: Step; readonly load: Load; readonly plan: MixPlan }) {
  const m = load.measured;
  const inTotal = plan.water > 0 ? ` in ${sayMl(load.water, plan.units)}` : '';
  const big = bigAmount(m.by === 'scale' ? m.reading : shownOf(load), plan);
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
        ...step.text,
        ...load.ways.map((w) => w.sentence),
      ]}
    />
  );
}
