import type { Means, Phase } from '../../catalogue';
import { whenOn } from '../../catalogue/used-on';
import type { Rule } from '../types';

/** Signs of leaves that have closed round what lives in them. */
const CURLS = ['curled-tips', 'leaves-rolled', 'leaves-rolled-tight', 'rolled-yellow-edge', 'red-blisters-currant'];
const SHOWS = new Set(['always', 'often', 'sometimes']);
/** What acts only where it lands. */
const ON_THE_SURFACE: readonly Means[] = ['water', 'soap', 'oil', 'contact', 'stomach', 'protectant', 'kickback', 'eradicant'];

/** No leaf is curled then. */
const LEAFLESS: readonly Phase[] = ['leaf-fall', 'bare', 'bud-swell'];

/** What is put on the outside does not reach inside curled leaves. */
export const curledLeaves: Rule = (s, c) => {
  const { means } = c.control;
  const surface = means.length > 0 && means.every((m) => ON_THE_SURFACE.includes(m));
  const animal = s.trouble.kind === 'insect' || s.trouble.kind === 'mite';
  const onBareWood = whenOn(c.control, s.trouble)?.phases.every((p) => LEAFLESS.includes(p)) ?? false;
  if (!surface || !animal || onBareWood) return null;
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
