import { sayWhen } from '../../measure';
import type { Rule } from '../types';

const LICENSED = 7;

/** While a treatment keeps people out, nothing is done there: under glass that holds for the whole of it. */
export const keptOut: Rule = (s, c, at) => {
  const { keptOut: out } = s;
  if (!out || at >= out.until || c.control.rung === 0 || c.control.rung === LICENSED) return null;
  return {
    code: 'kept-out',
    weight: 'not-now',
    sentence: `Nobody goes in before ${sayWhen(out.until, s.now, s.place.zone)}: ${out.by}.`,
    inputs: [{ name: 'Keep out', value: out.by }],
    source: { mark: 'CP' },
    opens: { kind: 'at', at: out.until },
  };
};
