import type { Rule } from '../types';

/** Knocking a plant out of its pot wants a pot. */
export const inPots: Rule = (s, c) =>
  c.control.inPots && s.host.group !== 'house' && s.planting.site !== 'indoors' && !s.planting.about.includes('in-pots')
    ? {
        code: 'in-pots',
        weight: 'not-now',
        sentence: 'Only for plants in pots.',
        inputs: [],
        source: { mark: 'CP' },
        opens: { kind: 'event', event: 'where they stand in pots', change: { code: 'in-pots', label: 'They stand in pots', withAbout: 'in-pots' } },
      }
    : null;
