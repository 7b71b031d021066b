import type { Rule } from '../types';

/** Not the same mode of action more than twice running. Groups that pests do not grow used to are exempt. */
export const rotation: Rule = (s, c) => {
  const moa = c.sheet?.actives[0]?.moa;
  if (!moa || EXEMPT.test(moa)) return null;
  const lastTwo = s.records.filter((r) => r.sheet).slice(-2);
  if (lastTwo.length < 2 || !lastTwo.every((r) => r.sheet?.actives[0]?.moa === moa)) return null;
  return {
    code: 'rotation',
    weight: 'not-now',
    sentence: `Group ${moa} twice running: use another mode of action in between.`,
    inputs: [{ name: 'Mode of action', value: moa }],
    source: { mark: 'MEM' },
    opens: { kind: 'event', event: 'after a treatment with another mode of action', change: null },
  };
};

const EXEMPT = /^(M\d|UN|NC|BM|none|contact|oil|8D|11A)/;
