import { CP } from '../../measure';
import type { Control } from '../schema';

export const sulfurSpray: Control = {
  id: 'sulfur-spray',
  name: 'Wettable sulfur',
  act: 'Mix the sulfur',
  rung: 4,
  hazard: { people: 2, bees: 0, water: 1, helpers: 2, persistence: 1 },
  organic: true,
  sheet: 'wettable-sulfur',
  needs: { maxTempC: 30, maxSunWm2: 500, maxWindMs: 4.5, rainFreeHours: 24, leaf: 'dry', daylight: true },
  how: [
    { text: 'Make a slurry with a little water first.', at: 'list' },
    { text: 'A drop of soap helps it spread. Keep shaking.', at: 'on', mixed: true, by: ['fine-spray', 'run-off'] },
    { text: 'Cover new leaves before the wet spell.', at: 'before', open: true, by: ['fine-spray', 'run-off'] },
  ],
  works: { text: 'Guards against spores; better before than after.', prov: CP },
  cautions: [
    { text: 'Never within 14 days of any oil, either way.', prov: CP },
    { text: 'Kills predatory mites. Leaves a white film.', prov: CP },
  ],
  doesNot: { text: 'It does not cure leaves that are white all over, and harms helpful mites.', prov: CP },
  after: { text: 'No new white patches after a week; a pale film is the sulfur.', prov: CP },
  means: ['protectant', 'eradicant', 'contact'],
  does: 'holds',
  when: {
    phases: ['green-tip', 'coloured-bud', 'growing', 'petal-fall', 'fruit-growing'],
    text: 'from bud break on, before it shows; again every 10 to 14 days',
    prov: CP,
  },
  notFor: ['bacterium', 'virus', 'water-mould', 'inside'],
};
