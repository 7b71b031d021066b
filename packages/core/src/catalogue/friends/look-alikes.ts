import { CP, MEM } from '../../measure';
import type { Friend } from '../schema';

export const LOOK_ALIKES: readonly Friend[] = [
  {
    id: 'squash-marbling', name: 'Natural silver marbling', kind: 'look-alike', hosts: { courgette: 1.5 },
    signs: { 'vein-marbling': 'always', powder: 'rarely', 'white-film': 'rarely', ants: 'rarely', sticky: 'never', webbing: 'never', 'ragged-holes': 'rarely' },
    facts: [{ text: 'Many squashes carry silver marks along the veins. They do not rub off and are often taken for mildew.', prov: CP }],
    advice: 'No trouble: it is how the leaf grows. Nothing to treat.',
  },
  {
    id: 'spray-residue', name: 'Dried spray residue', kind: 'look-alike', hosts: { any: 0.25 },
    signs: { 'white-film': 'always', powder: 'sometimes', 'vein-marbling': 'rarely', ants: 'rarely', sticky: 'rarely', webbing: 'never', pustules: 'never', 'dark-crowd': 'rarely' },
    facts: [{ text: 'Sulfur and hard water dry to a white film that is taken for mildew.', prov: CP }],
    advice: 'No trouble: it washes off. Nothing to treat.',
  },
  {
    id: 'aphid-mummies', name: 'Aphid mummies', kind: 'look-alike', hosts: { any: 0.3 },
    signs: { 'tan-husks': 'always', 'dark-crowd': 'sometimes', ants: 'rarely', sticky: 'rarely', powder: 'never', pustules: 'rarely', 'ragged-holes': 'never' },
    facts: [{ text: 'A tan, swollen, still aphid holds a young parasitic wasp: the next helper.', prov: CP }],
    advice: 'Friend: leave it. Each husk lets a helper out.',
  },
  {
    id: 'old-leaf-yellowing', name: 'Normal old-leaf yellowing', kind: 'look-alike', hosts: { any: 0.4 },
    signs: { 'old-leaves-yellow': 'always', bronzed: 'rarely', stipple: 'rarely', ants: 'rarely', sticky: 'never', webbing: 'never', pustules: 'never', 'dark-crowd': 'never', 'ragged-holes': 'rarely' },
    facts: [{ text: 'The lowest leaves yellow and fall as the plant grows; nothing crawls or spreads.', prov: MEM }],
    advice: 'No trouble: pick them off if you like. Nothing to treat.',
  },
];
