import { CP, MEM } from '../../measure';
import type { Control } from '../schema';

export const captanSpray: Control = {
  id: 'captan-spray',
  name: 'Captan spray',
  act: 'Mix the captan',
  rung: 6,
  hazard: { people: 4, bees: 1, water: 3, helpers: 1, persistence: 1 },
  organic: false,
  sheet: 'captan-50-wp',
  needs: { maxSunWm2: 500, maxTempC: 30, minTempC: 5, maxWindMs: 4, rainFreeHours: 12, leaf: 'dry', bees: 'in-flower' },
  how: [
    { text: 'Through bloom: the flower is where it enters.', at: 'before' },
    { text: 'Choose hours without bees: before they fly or after.', at: 'before', open: true },
    { text: 'Every 7 days if wet, 10 if dry.', at: 'after' },
  ],
  works: { text: 'Guards flowers and fruit against spores; it does not cure.', prov: CP },
  cautions: [
    { text: 'Can harm eyes for good: goggles, always.', prov: CP },
    { text: 'Not with oil, nor within 14 days of it.', prov: MEM },
  ],
  doesNot: { text: 'It does not cure, and does nothing against mildews.', prov: CP },
  after: { text: 'Flowers set and stay green; count browned trusses after ten days.', prov: CP },
  means: ['protectant'],
  does: 'holds',
  when: {
    phases: ['coloured-bud', 'in-flower', 'petal-fall'],
    text: 'from the first open flower to the last petal, where the label allows it, before rain',
    prov: CP,
  },
  notFor: ['bacterium', 'virus', 'inside'],
  schools: [
    {
      topic: 'spraying in bloom',
      positions: ['Never spray anything on open flowers.', 'Against blossom infections the flower is the very thing to cover.'],
      ours: 'In bloom, in hours without bees, and only against what enters by the flower.',
      why: 'Before and after bloom it comes too early or too late for these.',
    },
  ],
  alsoFor: [{ pests: ['leaf-spots', 'black-spot'], effect: 0.6, why: 'Guards clean leaves.', prov: MEM }],
};
