import type { Rule } from '../types';

/** Flowering weeds under the crop bring bees to it though it is not in flower itself. */
export const beesOnWeeds: Rule = (s, c) =>
  c.sheet?.bees === 'toxic' && s.planting.about.includes('weeds-in-flower') && s.planting.site !== 'indoors'
    ? {
        code: 'weeds-in-flower',
        weight: 'not-now',
        sentence: 'Weeds in flower beside it bring bees: mow or pull them first.',
        inputs: [{ name: 'Bees', value: 'toxic' }],
        source: { mark: 'CP' },
        opens: {
          kind: 'event',
          event: 'when the weeds are mown',
          change: { code: 'weeds-in-flower', label: 'Mow the flowering weeds first', without: 'weeds-in-flower' },
        },
      }
    : null;
