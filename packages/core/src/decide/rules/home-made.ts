import { homeMadeLaw } from '../../label';
import type { Rule } from '../types';

/** Home-made preparations count as pesticides in law in some places. */
export const homeMade: Rule = (s, c) => {
  if (!c.control.homeMade) return null;
  const barred = homeMadeLaw({ country: s.country ?? null, region: s.region ?? null }) === 'no';
  const never = barred || s.homeMade === 'not-allowed';
  if (!never && s.homeMade === 'allowed') return null;
  return {
    code: 'home-made',
    weight: never ? 'never' : 'note',
    sentence: never
      ? barred
        ? 'Home-made preparations may not be used as pesticides in your country.'
        : 'Home-made preparations may not be used as pesticides where you live (as set in Settings).'
      : 'Home-made: in some places not allowed as a pesticide. Check before you use it.',
    inputs: [{ name: 'Home-made', value: s.homeMade }],
    source: { mark: 'CP' },
  };
};
