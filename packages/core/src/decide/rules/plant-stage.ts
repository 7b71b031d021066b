import type { Candidate, Rule, Situation } from '../types';

type Stage = Situation['planting']['stage'];
const ORDER: readonly Stage[] = ['dormant', 'seedling', 'growing', 'flowering', 'fruiting'];

/** The next stage of growth at which the control does make sense. */
function next(s: Situation, c: Candidate): Stage {
  const barred = new Set(c.control.notAt?.map((n) => n.stage));
  const from = ORDER.indexOf(s.planting.stage);
  const turn = ORDER.map((_, i) => ORDER[(from + 1 + i) % ORDER.length] as Stage);
  return turn.find((x) => !barred.has(x)) ?? s.planting.stage;
}

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
        opens: {
          kind: 'event',
          event: `when they are past the ${s.planting.stage} stage`,
          change: { code: 'stage-next', label: `Wait until they are past the ${s.planting.stage} stage`, planting: { stage: next(s, c) } },
        },
      }
    : null;
};
