import { trim } from '../../measure';
import type { Rule } from '../types';

/** As high as an arm with a hand sprayer wets from the ground, and as high as a long lance does (from memory). */
const REACH_M = 3;
const LANCE_M = 4.5;
const LARGE_M2 = 1000;

/** Spraying overhead, or over a large area, is licensed work. By hand: only what is reached standing. */
export const outOfReach: Rule = (s, c) => {
  const height = s.planting.heightM ?? 0;
  const sprayed = c.line?.coverage === 'wetted' || c.line?.coverage === 'run-off';
  if (c.sheet && s.planting.areaM2 > LARGE_M2) {
    return {
      code: 'too-large',
      weight: 'never',
      sentence: `${trim(s.planting.areaM2, 0)} m² is work for a licensed applicator.`,
      inputs: [{ name: 'Area', value: `${trim(s.planting.areaM2, 1)} m²` }],
      source: { mark: 'MEM' },
    };
  }
  if (s.planting.heightM === null && sprayed && s.host.parts.includes('trunk') && s.planting.site !== 'indoors') {
    return {
      code: 'height-not-known',
      weight: 'note',
      sentence: `How tall? Nobody said. Over ${trim(LANCE_M, 1)} m it is work for a licensed applicator: write the height down with the planting.`,
      inputs: [{ name: 'Height', value: 'not known' }],
      source: { mark: 'MEM' },
    };
  }
  if (height <= REACH_M) return null;
  if (sprayed && c.line?.rate.form !== 'per-cm-trunk') {
    const tall = `${trim(height, 1)} m`;
    return height > LANCE_M
      ? {
          code: 'too-tall',
          weight: 'never',
          sentence: `${tall} tall: spraying so far above your head is work for a licensed applicator.`,
          inputs: [{ name: 'Height', value: tall }],
          source: { mark: 'MEM' },
        }
      : {
          code: 'tall-spray',
          weight: 'note',
          sentence: `${tall} tall: a long lance from the ground, upwind, goggles and a hood on. What it does not reach stays unsprayed: never a ladder.`,
          inputs: [{ name: 'Height', value: tall }],
          source: { mark: 'MEM' },
        };
  }
  return c.control.means.includes('hand')
    ? {
        code: 'tall',
        weight: 'note',
        sentence: 'Only what you reach standing on the ground: no ladder with a tool in the hand.',
        inputs: [{ name: 'Height', value: `${trim(height, 1)} m` }],
        source: { mark: 'CP' },
      }
    : null;
};
