import type { Rule } from '../types';

/** Stages at which a control makes no sense; opens when the plants are past it. */
export const plantStage: Rule = (s, c) => {
  const hit = c.control.notAt?.find((n) => n.stage === s.planting.stage);
  return hit
    ? {
        code: 'stage',
        weight: 'not-now',
        sentence: hit.why,
        inputs: [{ name: 'Stage', value: s.planting.stage }],
        source: { mark: 'CP' },
        opens: { kind: 'event', event: `when they are past the ${s.planting.stage} stage` },
      }
    : null;
};
