import { doesOn } from '../../catalogue/used-on';
import type { Rule } from '../types';

const SAID = {
  prevents: 'It keeps more from coming and does nothing to what is there.',
  'next-year': 'It is for the next planting: nothing changes for this one.',
  aids: 'It helps other means along and is not enough alone.',
} as const;

/** Says of what does not act on what is there that it does not. */
export const tooLate: Rule = (s, c) => {
  const does = doesOn(c.control, s.trouble);
  return s.preventing || c.control.rung === 0 || c.control.id === 'report-it' || does === 'cures' || does === 'holds'
    ? null
    : { code: `only-${does}`, weight: 'note', sentence: SAID[does], inputs: [], source: { mark: 'CP' } };
};
