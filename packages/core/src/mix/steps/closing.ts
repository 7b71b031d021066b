import { sayIn, sayRain, trim } from '../../measure';
import { step, type Step } from '../step';
import { linesAt, type Job } from './job';

/** After it is out: cleaned by what was used, and locked away. */
export function closing(job: Job): Step[] {
  const { sheet } = job.plan;
  const after = linesAt(job, 'after');
  const mixed = job.vessel !== null;
  return [
    ...wateredIn(job),
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

const ML_PER_LITRE = 1000;

/** Where the label wants it washed down to the roots: how much, and how one knows that it was. */
function wateredIn({ plan }: Job): Step[] {
  const mm = plan.line.waterInMm;
  if (mm === undefined) return [];
  const depth = `At once: ${sayRain(mm, plan.units)} of water over`;
  // a rate by the plant or the trunk says nothing of how much ground that is
  const byGround = plan.line.rate.form === 'per-m2' || plan.line.rate.form === 'per-litre';
  const all = sayIn(plan.area * mm * ML_PER_LITRE, 'volume', plan.units);
  return [
    step(
      'water-in',
      'Water it in',
      [
        byGround ? `${depth} ${sayIn(plan.area, 'area', plan.units)}. That is ${all} in all.` : `${depth} the ground it was put on.`,
        'By the can, or by a sprinkler until a straight-sided cup set under it holds so much.',
        'Evenly, and no more: it must not run off.',
      ],
      { caution: 'Nobody and no pet on it until it is dry and the keep-out time is over.' },
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
