import type { Rule } from '../types';

/** Material whose residue kills bees never goes on open flowers, at any hour. */
export const beesInBloom: Rule = (s, c) =>
  c.sheet?.bees === 'toxic' && s.planting.stage === 'flowering' && s.host.beePlant && s.planting.site !== 'indoors'
    ? {
        code: 'bloom',
        weight: 'not-now',
        sentence: 'In flower, and it kills bees for days after: never on open flowers.',
        inputs: [
          { name: 'Stage', value: 'flowering' },
          { name: 'Bees', value: 'toxic' },
        ],
        source: { mark: 'CP' },
        opens: { kind: 'event', event: 'when flowering is over' },
      }
    : null;
