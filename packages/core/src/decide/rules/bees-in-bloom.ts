import { flowersOpen, NONE_OPEN, petalsFallen } from '../flowers';
import type { Rule } from '../types';

/** Material whose residue kills bees, or whose label says so, never goes on open flowers, at any hour. */
export const beesInBloom: Rule = (s, c) => {
  const toxic = c.sheet?.bees === 'toxic' && s.host.beePlant && s.planting.site !== 'indoors';
  if (!flowersOpen(s) || !(toxic || c.line?.inBloom === 'never')) return null;
  const fruiting = s.planting.stage !== 'flowering';
  return {
    code: 'bloom',
    weight: 'not-now',
    sentence: toxic
      ? fruiting
        ? 'It flowers on while it fruits, and this kills bees for days after: never on open flowers.'
        : 'In flower, and it kills bees for days after: never on open flowers.'
      : `${fruiting ? 'It flowers on while it fruits' : 'In flower'}: this label keeps it off open flowers.`,
    inputs: [
      { name: 'Stage', value: s.planting.stage },
      { name: 'Bees', value: c.sheet?.bees ?? '' },
    ],
    source: c.line?.prov ?? { mark: 'CP' },
    opens: fruiting
      ? { kind: 'event', event: 'when no flower is open', change: NONE_OPEN }
      : { kind: 'event', event: 'when flowering is over', change: petalsFallen(s) },
  };
};
