import type { Rule } from '../types';

/** Contact sprays do not reach inside curled leaves. */
export const curledLeaves: Rule = (s, c) =>
  c.sheet && !c.control.means.includes('systemic') && s.trouble.hidesInCurl && s.seenSigns.includes('curled-tips')
    ? {
        code: 'curled',
        weight: 'note',
        sentence: 'Curled leaves shelter them: pinch those out first, sprays do not reach inside.',
        inputs: [],
        source: { mark: 'CP' },
      }
    : null;
