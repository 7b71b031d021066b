import type { Rule } from '../types';

/** Harmful to fish, with water within a few strides: no. With a pond in the garden: a word. */
export const pond: Rule = (s, c) => {
  if (!c.sheet?.fish || s.planting.site === 'indoors') return null;
  const near = s.planting.about.includes('pond-near');
  if (!near && !s.around.includes('fish-pond')) return null;
  return {
    code: 'pond',
    weight: near ? 'never' : 'note',
    sentence: near ? 'It kills fish, and water is within a few strides of these plants.' : 'It kills fish: nothing may drift or wash into the pond.',
    inputs: [{ name: 'Fish', value: 'harmful' }],
    source: { mark: 'CP' },
  };
};
