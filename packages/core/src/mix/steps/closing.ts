import { trim } from '../../measure';
import { step, type Step } from '../step';
import { linesAt, type Job } from './job';

/** After it is out: cleaned by what was used, and locked away. */
export function closing(job: Job): Step[] {
  const { sheet } = job.plan;
  const after = linesAt(job, 'after');
  const mixed = job.vessel !== null;
  return [
    step('clean', mixed ? 'Rinse and wash' : 'Wash', [...CLEAN[cleaned(job)], 'Hands, then face.']),
    step(
      'store',
      'Lock it away',
      [
        `Closed, labelled, out of reach. ${sheet.disposal}`,
        ...(mixed && job.vessel !== 'hose-end'
          ? [
              `Left-over mix keeps ${trim(sheet.mixLifeHours, 0)} h at most: ${job.method === 'soil-drench' ? 'pour' : 'spray'} it out over the same plants, within the label rate.`,
            ]
          : ['Never near food or feed.']),
        ...after,
      ],
      { caution: 'Never in a food or drink container.' },
    ),
  ];
}

type Cleaned = 'sprayer' | 'can' | 'dust' | 'pan' | 'measure';

function cleaned({ vessel, method, plan }: Job): Cleaned {
  if (vessel === 'can') return 'can';
  if (vessel !== null) return 'sprayer';
  if (method === 'vaporised') return 'pan';
  return method === 'dust-film' || plan.sheet.formulation === 'D' ? 'dust' : 'measure';
}

const CLEAN: Readonly<Record<Cleaned, readonly string[]>> = {
  sprayer: ['Rinse the sprayer and the measures three times; the rinsings go over the treated plants, never down a drain.', 'Clothes apart from the rest.'],
  can: ['Rinse the can and the measures; the rinsings go onto the same soil, never down a drain.', 'Clothes apart from the rest.'],
  dust: ['Knock the duster out over the treated plants, wipe it dry: no water into it.', 'Clothes apart from the rest, shaken outside.'],
  pan: ['Let the pan cool before you touch it.'],
  measure: ['Wipe the measure and keep it for this only.'],
};
