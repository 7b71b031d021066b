import type { Rule } from '../types';

/** A drench on soaked soil runs off before roots take it up. */
export const soakedSoil: Rule = (s, c) =>
  c.line?.coverage === 'drenched' && s.planting.about.includes('soil-soaked')
    ? {
        code: 'soil-soaked',
        weight: 'not-now',
        sentence: 'The soil is soaked: a drench would run off and away.',
        inputs: [],
        source: { mark: 'CP' },
        opens: {
          kind: 'event',
          event: 'when the soil has drained',
          change: { code: 'soil-soaked', label: 'Wait until the soil has drained', without: 'soil-soaked' },
        },
      }
    : null;
