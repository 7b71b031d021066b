import { CP, MEM } from '../../measure';
import type { Friend } from '../schema';

/** Where aphids and mites are, these come: any plant may carry them. */
const ANYWHERE = { any: 0.35 };

export const HELPERS: readonly Friend[] = [
  {
    id: 'ladybird-larva',
    name: 'Ladybird larvae',
    kind: 'helper',
    hosts: ANYWHERE,
    signs: {
      'spiky-larva': 'always',
      'dark-crowd': 'sometimes',
      'tan-husks': 'rarely',
      ants: 'rarely',
      sticky: 'rarely',
      'ragged-holes': 'never',
      powder: 'never',
      caterpillar: 'rarely',
    },
    facts: [{ text: 'Seeing larvae means they breed here. They leave when the food is gone.', prov: CP }],
    advice: 'Friend: leave it. A broad spray would kill it with the pest.',
  },
  {
    id: 'hoverfly-larva',
    name: 'Hoverfly larvae',
    kind: 'helper',
    hosts: ANYWHERE,
    signs: {
      'slug-like-larva': 'always',
      'dark-crowd': 'sometimes',
      ants: 'rarely',
      sticky: 'rarely',
      slime: 'rarely',
      'ragged-holes': 'never',
      powder: 'never',
    },
    facts: [{ text: 'Pale, legless and slow, they empty aphids one after another.', prov: MEM }],
    advice: 'Friend: leave it. It eats aphids and harms no leaf.',
  },
  {
    id: 'lacewing-larva',
    name: 'Lacewing larvae',
    kind: 'helper',
    hosts: ANYWHERE,
    signs: { 'jawed-larva': 'always', 'dark-crowd': 'rarely', ants: 'rarely', sticky: 'rarely', 'ragged-holes': 'never', powder: 'never' },
    facts: [{ text: 'Eggs stand on thin stalks; larvae hunt aphids, mites and small eggs.', prov: MEM }],
    advice: 'Friend: leave it, eggs on stalks as well.',
  },
];
