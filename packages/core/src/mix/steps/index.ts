import { step, type Step } from '../step';
import type { MixPlan } from '../types';
import { closing } from './closing';
import { intoWater, measureStep } from './into-water';
import { isReady, jobOf, linesAt, nounOf, type Job, type JobAbout } from './job';
import { putOn } from './put-on';
import { wearFor } from './wear';

/**
 * The step cards of a running mix, in the order in which nothing goes wrong: what must be so beforehand, protection,
 * the sprayer checked, water before product, then onto the plants in the label's way, and cleaned by what was used.
 * What the product is, how it goes on, where the plants stand and the control's own lines make the words: no card
 * speaks of another job. Order: common practice.
 */
export function stepsFor(plan: MixPlan, about: JobAbout): Step[] {
  const job = jobOf(plan, about);
  const before = linesAt(job, 'before');
  return [
    ...(before.length > 0 ? [step('before', 'Before you begin', before)] : []),
    step('protect', 'Put on before you open it', ['Children, pets and bare skin stay away.'], {
      gate: wearFor(plan.sheet, job.method),
      caution: job.vessel === null ? null : 'The concentrate is the most dangerous part of the job.',
    }),
    ...(job.vessel === null ? [] : [checkVessel(job)]),
    ...plan.loads.flatMap((load) => [...(job.vessel === null ? [asItComes(job, load)] : intoWater(job, load)), putOn(job, load)]),
    ...closing(job),
  ];
}

function checkVessel({ vessel, sprayer }: Job): Step {
  const name = vessel === 'can' ? 'The can' : (sprayer ?? (vessel === 'hose-end' ? 'The hose-end sprayer' : 'The sprayer'));
  return step('check', vessel === 'can' ? 'Check the can' : 'Check the sprayer', [`${name} is clean, and not the weed-killer one.`], {
    gate: ['Clean, and never held weed-killer'],
  });
}

/** What goes on without water: measured out, or, ready to use, only put by. */
function asItComes(job: Job, load: MixPlan['loads'][number]): Step {
  if (!isReady(job.plan.sheet)) {
    const measured = measureStep(job, load);
    return job.method === 'stations' || job.method === 'scattered' ? { ...measured, title: 'Measure it out' } : measured;
  }
  return step(
    `measure-${load.number}`,
    `Have the ${nounOf(job.plan.sheet)} ready`,
    ['Used as it comes: never thinned, and no more than this.', 'Shake it; nozzle open.'],
    {
      load: load.number,
      measure: load,
    },
  );
}

export { protectionList } from './wear';
export type { JobAbout } from './job';
