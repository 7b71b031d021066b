import type { Rule } from '../types';

/** Stages of the plant at which the label's line holds, such as dormant wood. */
export const labelStage: Rule = (s, c) => {
  const [first] = c.line?.stages ?? [];
  if (!c.line || !first || c.line.stages?.includes(s.planting.stage)) return null;
  return {
    code: 'label-stage',
    weight: 'not-now',
    sentence: `This label is for ${c.line.stages?.join(' or ')} plants, and yours are ${s.planting.stage}.`,
    inputs: [{ name: 'Stage', value: s.planting.stage }],
    source: c.line.prov,
    opens: {
      kind: 'event',
      event: `when they are ${first}`,
      change: { code: `stage-${first}`, label: `Wait until they are ${first}`, planting: { stage: first } },
    },
  };
};
