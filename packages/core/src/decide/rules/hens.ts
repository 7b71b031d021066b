import { activesOf } from '../../label';
import type { Rule } from '../types';

/** What animals that graze or scratch there take up, by what the material is: poisons, copper, baits and what stays. */
export const hens: Rule = (s, c) => {
  if (!s.around.includes('hens') || !c.sheet || !c.line || s.planting.site === 'indoors') return null;
  const bait = c.sheet.formulation === 'RB' || c.sheet.formulation === 'GB' || c.sheet.formulation === 'GR';
  const taken =
    bait ||
    c.sheet.groups.some((g) => g === 'broad-insecticide' || g === 'copper' || g === 'captan') ||
    c.sheet.signalWord === 'warning' ||
    activesOf(c.sheet).some((a) => a.synthetic);
  if (!taken) return null;
  const wait = c.line.phiDays;
  return {
    code: 'hens',
    weight: 'note',
    sentence: bait
      ? 'Hens and rabbits pick up bait: shut them out until none of it lies there.'
      : `No hens or rabbits on it, and nothing of it for them or the compost, ${wait === null ? 'this season' : wait === 0 ? 'until it is dry' : wait === 1 ? 'for a day' : `for ${wait} days`}.`,
    inputs: [{ name: 'Around', value: 'hens, rabbits' }],
    source: { mark: 'MEM' },
  };
};
