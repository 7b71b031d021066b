import type { Rule } from '../types';

/** Higher than a lance reaches from the ground (from memory). */
const REACH_M = 3;
const LARGE_M2 = 1000;

/** Spraying overhead, or over a large area, is licensed work. By hand: only what is reached standing. */
export const outOfReach: Rule = (s, c) => {
  const height = s.planting.heightM ?? 0;
  const sprayed = c.line?.coverage === 'wetted' || c.line?.coverage === 'run-off';
  if (c.sheet && s.planting.areaM2 > LARGE_M2) {
    return {
      code: 'too-large',
      weight: 'never',
      sentence: `${s.planting.areaM2} m² is work for a licensed applicator.`,
      inputs: [{ name: 'Area', value: `${s.planting.areaM2} m²` }],
      source: { mark: 'MEM' },
    };
  }
  if (height <= REACH_M) return null;
  if (sprayed && c.line?.rate.form !== 'per-cm-trunk') {
    return {
      code: 'too-tall',
      weight: 'never',
      sentence: `${height} m tall: spraying above your head is work for a licensed applicator.`,
      inputs: [{ name: 'Height', value: `${height} m` }],
      source: { mark: 'CP' },
    };
  }
  return c.control.means.includes('hand')
    ? {
        code: 'tall',
        weight: 'note',
        sentence: 'Only what you reach standing on the ground: no ladder with a tool in the hand.',
        inputs: [{ name: 'Height', value: `${height} m` }],
        source: { mark: 'CP' },
      }
    : null;
};
