import { done, refused, type Provenance } from '../../measure';
import { step } from '../step';
import { num, str, work } from './parts';
import type { Preparation } from './types';

const MEM: Provenance = { mark: 'MEM' };
/** 1,500 for one badly infested rose bush, taken for a square metre, and as many again a week later. */
const UC_IPM: Provenance = { mark: 'PUB', source: 'UC IPM Pest Notes 7404, Aphids' };

/** How many of which helper to a square metre of plants that have the pest; the supplier's card goes before. */
const HELPERS = [
  {
    value: 'ladybird',
    label: 'Ladybird adults',
    low: 1000,
    high: 1500,
    prov: UC_IPM,
    when: 'At dusk, plants wetted first: by day they fly off, and most go within days. As many again a week later.',
  },
  { value: 'lacewing', label: 'Lacewing larvae', low: 10, high: 20, prov: MEM, when: 'In the evening, spread out: they eat each other.' },
  { value: 'predatory-mite', label: 'Predatory mites', low: 20, high: 50, prov: MEM, when: 'On the leaves with mites, out of the sun, above 18 °C.' },
  {
    value: 'whitefly-wasp',
    label: 'Parasitic wasps for whitefly',
    low: 3,
    high: 5,
    prov: MEM,
    when: 'Cards low in the plants, every week or two, three times.',
  },
] as const;

/** Nobody sells or needs more than this for a garden (from memory). */
const MANY = 5000;

export const helperRelease: Preparation = {
  id: 'helper-release',
  control: 'release-ladybirds',
  name: 'Releasing helpers',
  use: 'How many, and when',
  group: 'helpers',
  homeMade: false,
  inputs: [
    { kind: 'choice', id: 'helper', label: 'Helper', options: HELPERS.map(({ value, label }) => ({ value, label })) },
    { kind: 'size', id: 'area', label: 'Area of the plants that have it', as: 'area', min: 0.5, max: 2000, usual: 2 },
    {
      kind: 'choice',
      id: 'before',
      label: 'Sprayed or dusted in the last month',
      options: [
        { value: 'none', label: 'Nothing, or soap only' },
        { value: 'broad', label: 'A broad insecticide' },
      ],
    },
  ],
  make: (v, say) => {
    const h = HELPERS.find((x) => x.value === str(v, 'helper'));
    if (!h) return refused('no-helper', 'Choose a helper.', 'helper');
    if (str(v, 'before') === 'broad')
      return refused('pointless', 'Pointless now: what was sprayed kills them too. Wait a month, and look for what survived.', 'before');
    const area = num(v, 'area');
    const low = Math.max(1, Math.ceil(area * h.low));
    const high = Math.max(low, Math.ceil(area * h.high));
    return done({
      amounts: [{ name: h.label, value: low, to: high, of: 'pieces' }],
      steps: [
        step('look', 'Is there food for them?', ['They leave when there is none. Count the pests first.'], {
          gate: ['Pests are there to eat', 'No ants on the stems, or they are barred'],
        }),
        step('release', 'Let them go', [h.when, 'At the base of the worst plants.']),
        step('leave', 'Leave it alone', ['No spray, no dust, no hose for a week.']),
      ],
      notes: [
        ...(h.value === 'ladybird' && low > MANY
          ? ['That is more than is worth letting go: most fly off. Draw off the ants and spare the wild ones instead; soap is surer.']
          : []),
        'Seeing larvae means that they breed.',
      ],
      cautions: ['Only kinds that live where you are: check that releasing them is allowed.'],
      working: [
        {
          ...work(h.label, `${low} to ${high}`, [{ name: 'Area', value: `${say(area, 'area')}` }], `${h.low} to ${h.high} a m² of plants that have the pest`),
          source: h.prov,
        },
      ],
    });
  },
};
