import { trim } from '../../measure';
import type { Rule } from '../types';

/** A label's own distance to water, and what is harmful to fish, with water within a few strides: no. With a pond in the garden: a word. */
export const pond: Rule = (s, c) => {
  if (!c.sheet || s.planting.site === 'indoors') return null;
  if (c.sheet.waterBufferM !== undefined && s.planting.about.includes('pond-near')) {
    return {
      code: 'pond',
      weight: 'never',
      sentence: `Its label wants ${trim(c.sheet.waterBufferM, 1)} m to water, and water is within a few strides of these plants.`,
      inputs: [{ name: 'To water, at least', value: `${trim(c.sheet.waterBufferM, 1)} m` }],
      source: { mark: 'PUB', source: 'the label' },
    };
  }
  if (!c.sheet.fish) return null;
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
