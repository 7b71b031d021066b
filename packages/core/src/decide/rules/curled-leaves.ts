import type { Means } from '../../catalogue';
import type { Rule } from '../types';

/** Signs of leaves that have closed round what lives in them. */
const CURLS = ['curled-tips', 'leaves-rolled', 'leaves-rolled-tight', 'rolled-yellow-edge', 'red-blisters-currant'];
const SHOWS = new Set(['always', 'often', 'sometimes']);
/** What acts only where it lands. */
const ON_THE_SURFACE: readonly Means[] = ['water', 'soap', 'oil', 'contact', 'stomach', 'protectant', 'kickback', 'eradicant'];

/** What is put on the outside does not reach inside curled leaves. */
export const curledLeaves: Rule = (s, c) => {
  const { means } = c.control;
  const surface = means.length > 0 && means.every((m) => ON_THE_SURFACE.includes(m));
  const animal = s.trouble.kind === 'insect' || s.trouble.kind === 'mite';
  if (!surface || !animal) return null;
  const curled = s.seenSigns.some((id) => CURLS.includes(id) && (SHOWS.has(s.trouble.signs[id] ?? '') || (id === 'curled-tips' && s.trouble.hidesInCurl)));
  return curled
    ? {
        code: 'curled',
        weight: 'note',
        sentence: 'Curled leaves shelter them: pinch those out first, what is put on does not reach inside.',
        inputs: [],
        source: { mark: 'CP' },
      }
    : null;
};
