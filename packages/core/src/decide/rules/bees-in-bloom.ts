import type { Rule } from '../types';

/** Material whose residue kills bees, or whose label says so, never goes on open flowers, at any hour. */
export const beesInBloom: Rule = (s, c) => {
  const toxic = c.sheet?.bees === 'toxic' && s.host.beePlant && s.planting.site !== 'indoors';
  if (s.planting.stage !== 'flowering' || !(toxic || c.line?.inBloom === 'never')) return null;
  return {
    code: 'bloom',
    weight: 'not-now',
    sentence: toxic ? 'In flower, and it kills bees for days after: never on open flowers.' : 'In flower: this label keeps it off open flowers.',
    inputs: [
      { name: 'Stage', value: 'flowering' },
      { name: 'Bees', value: c.sheet?.bees ?? '' },
    ],
    source: c.line?.prov ?? { mark: 'CP' },
    opens: {
      kind: 'event',
      event: 'when flowering is over',
      change: { code: 'petals', label: 'Wait until the petals have fallen', planting: { stage: 'fruiting' } },
    },
  };
};
