import { flowersOpen } from '../flowers';
import type { Rule } from '../types';

/** Against blossom infections the open flower is the thing to cover; before and after it is no use. */
export const onlyInBloom: Rule = (s, c) =>
  c.line?.inBloom === 'only' && !flowersOpen(s)
    ? {
        code: 'bloom-only',
        weight: 'not-now',
        sentence: 'It guards open flowers, where this enters: no use before or after.',
        inputs: [{ name: 'Stage', value: s.planting.stage }],
        source: c.line.prov,
        opens: {
          kind: 'event',
          event: 'when the flowers open',
          change: { code: 'blossom', label: 'Wait until the flowers open', planting: { stage: 'flowering' } },
        },
      }
    : null;
