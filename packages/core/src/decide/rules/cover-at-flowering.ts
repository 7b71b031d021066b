import { petalsFallen } from '../flowers';
import type { Rule } from '../types';

/** A cover shuts out the insects that set the crop. */
export const coverAtFlowering: Rule = (s, c) =>
  c.control.covers && s.planting.stage === 'flowering' && s.host.beePlant
    ? {
        code: 'cover-flowering',
        weight: 'not-now',
        sentence: 'In flower: the cover would shut out the bees that set the crop.',
        inputs: [{ name: 'Stage', value: 'flowering' }],
        source: { mark: 'CP' },
        opens: {
          kind: 'event',
          event: 'when flowering is over',
          change: petalsFallen(s),
        },
      }
    : null;
