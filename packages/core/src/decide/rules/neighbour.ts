import type { Rule } from '../types';

/** A neighbour who reacts to sprays is told beforehand of what drifts or smells; what is poured, scattered or laid out stays where it is. */
export const neighbour: Rule = (s, c) => {
  const airborne = c.line?.coverage === 'wetted' || c.line?.coverage === 'run-off' || c.sheet?.formulation === 'D' || c.sheet?.formulation === 'VP';
  if (!s.around.includes('sensitive-neighbour') || !c.sheet || s.planting.site !== 'outdoors' || !airborne) return null;
  const smells = c.sheet.groups.some((g) => g === 'sulfur' || g === 'oil');
  return {
    code: 'neighbour',
    weight: 'note',
    sentence: `A neighbour reacts to sprays: tell them what and when, and ${smells ? 'do it when the air moves away from them: it smells' : 'spray away from their side'}.`,
    inputs: [],
    source: { mark: 'CP' },
  };
};
