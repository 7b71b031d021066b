import type { Method } from '../../catalogue/methods';
import { inWordsOf, sayIn } from '../../measure';
import { step, type Step } from '../step';
import type { Load } from '../types';
import { linesAt, type Job } from './job';

interface Words {
  readonly title: string;
  readonly text: readonly string[];
  /** It drifts or splashes: walk out of it. */
  readonly drifts?: true;
  readonly caution?: string;
}

/** How each way is done. Common practice; the label goes before it. */
const WORDS: Readonly<Record<Method, (job: Job) => Words>> = {
  'fine-spray': () => ({ title: 'Spray', text: ['Fine drops on both sides of every leaf: just wetted, nothing runs off.'], drifts: true }),
  'run-off': () => ({ title: 'Spray', text: ['Both sides of every leaf, until it drips.'], drifts: true }),
  bark: () => ({
    title: 'Spray the bare wood',
    text: ['Every twig, crotch and crack of the bare wood, from all sides, until it just drips.'],
    drifts: true,
  }),
  'trunk-band': () => ({
    title: 'Spray the trunk',
    text: [
      'The bark must be dry.',
      'From the flare at the ground to the height the label names (often 1.2 to 1.5 m), all the way round.',
      'Coarse drops, low pressure, to the point of wet: it must not run.',
    ],
  }),
  'soil-drench': ({ site }) => ({
    title: 'Pour it on',
    text:
      site === 'indoors'
        ? ['Slowly over all the soil of the pot, until a little comes out below. Tip the saucer out into a plant that gets it too.']
        : ['Slowly and evenly over the soil, from the base out as far as the roots reach. It soaks in, it does not run away.'],
  }),
  'dust-film': ({ open }) => ({
    title: 'Dust it on',
    text: ['A thin, even film: the undersides and the base of the stem, off the flowers. Green still shows through.', 'On dry plants.'],
    drifts: true,
    ...(open ? {} : { caution: 'No fan, no draught. Nobody else in the room until it has settled.' }),
  }),
  scattered: ({ plan, open }) =>
    plan.sheet.formulation === 'GR'
      ? {
          title: 'Scatter it',
          text: [`Evenly over ${sayIn(plan.area, 'area', plan.units)}, in two goes crosswise.`, 'Worked in or watered in, as the label says.'],
        }
      : {
          title: 'Scatter it',
          text: [`Thinly over ${sayIn(plan.area, 'area', plan.units)}, a few pieces a hand apart.`],
          caution: open ? 'Never in heaps: pets and birds would eat it.' : 'Never in heaps: pets would eat it.',
        },
  stations: () => ({
    title: 'Set out the stations',
    text: ['Into closed stations only. Beside the run, not on it.', 'Never loose on soil, plants or plates.'],
    caution: 'Out of reach of children and pets.',
  }),
  vaporised: () => ({
    title: 'Run the vaporiser',
    text: ['Only this amount in the pan. The house closed, a note on the door, nobody and no animal inside.', 'Aired well before anyone goes in.'],
    caution: 'Hot sulfur burns and its fumes choke: a heater with a thermostat, nothing that burns near it.',
  }),
  'soil-mixed': () => ({ title: 'Mix it in', text: ['Turned through the potting mix until it looks the same all over, before anything is planted.'] }),
};

/** The card on which it goes onto the plants, or where they stand. */
export function putOn(job: Job, load: Load): Step {
  const { plan, method, open, vessel } = job;
  const words = WORDS[method](job);
  const share = plan.loads.length > 1 && plan.water > 0 ? [`This load is for ${sayIn((plan.area * load.water) / plan.water, 'area', plan.units)}.`] : [];
  const hose =
    vessel === 'hose-end'
      ? [`Water on, and evenly over the plants until the jar is empty: it takes about ${sayIn(load.water, 'volume', plan.units)} of water.`]
      : [];
  const air = words.drifts && open ? ['Walk backwards and upwind, into clean air.'] : [];
  const room = words.drifts && !open ? ['Lamps and fans off, food and fish tank covered. Out of the room until it is dry.'] : [];
  return step(
    `out-${load.number}`,
    words.title,
    [...words.text.map((line) => inWordsOf(line, plan.units)), ...hose, ...share, ...linesAt(job, 'on'), ...air, ...room],
    {
      load: load.number,
      caution: words.caution ?? (open && beesMatter(job) ? 'Bees still on the flowers? Stop and wait.' : null),
    },
  );
}

/** What stays in the soil or a closed station meets bees only when the plant takes it up into its flowers. */
function beesMatter({ plan, method }: Job): boolean {
  if (method === 'stations' || method === 'vaporised') return false;
  return method === 'soil-drench' || method === 'soil-mixed' ? plan.sheet.bees === 'toxic' : plan.sheet.bees !== 'none';
}
