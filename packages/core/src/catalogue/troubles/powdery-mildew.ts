import { CP, MEM } from '../../measure';
import type { Trouble } from '../schema';

export const powderyMildew: Trouble = {
  id: 'powdery-mildew',
  name: 'Powdery mildew',
  kind: 'fungus',
  hosts: { courgette: 2, gooseberry: 1, apple: 1, rose: 1.5, 'sweet-pea': 1, 'family:Fabaceae': 0.4, 'family:Rosaceae': 0.7, 'family:Asteraceae': 0.4, 'family:Solanaceae': 0.4 },
  signs: {
    powder: 'always', 'curled-tips': 'sometimes', bronzed: 'rarely', 'vein-marbling': 'rarely', 'white-film': 'rarely',
    ants: 'rarely', sticky: 'never', webbing: 'never', 'dark-crowd': 'never', slime: 'never', pustules: 'never',
  },
  facts: [
    { text: 'Grows on dry leaves in warm days and cool nights, and on plants short of water at the root.', prov: CP },
    { text: 'Sulfur works better before than after.', prov: CP },
  ],
  months: [5, 6, 7, 8, 9],
  favours: ['dry', 'warm'],
  unit: 'leaves',
  vulnerable: { text: 'New spots, while the powder is thin; treated leaves stay marked.', prov: CP },
  tolerate: { text: 'On old leaves late in the season it costs little.', prov: CP },
  threshold: { share: 0.1, prov: MEM },
  lookAgainDays: 7,
  enemies: [],
  lookAlikes: ['squash-marbling', 'spray-residue'],
  hidesInCurl: false,
  controls: [
    { control: 'leave-it', effect: 0, why: 'Late in the season on old leaves it costs little.', prov: CP },
    { control: 'pick-off-leaves', effect: 0.4, why: 'Takes the first spots away before they spread.', prov: CP },
    { control: 'water-and-air', effect: 0.3, why: 'Water at the root and air round the leaves slow it.', prov: CP },
    { control: 'sulfur-spray', effect: 0.8, why: 'Stops new spots; resistance is rare.', prov: CP },
    { control: 'neem-spray', effect: 0.5, why: 'Slows light attacks.', prov: MEM },
    { control: 'licensed-person', effect: 0.9, why: 'For what is beyond home means.', prov: CP },
  ],
};
