import { doesOn } from '../../catalogue/used-on';
import { timingOf } from '../timing';
import type { Rule } from '../types';

const STAGE_WORDS = { seedling: 'seedlings', growing: 'growing', flowering: 'in flower', fruiting: 'fruiting', dormant: 'dormant' } as const;

/** Against what is not there yet, everything has its time in the year of the plant: before it, it waits; at it, it is said. */
export const itsTime: Rule = (s, c) => {
  if (!s.preventing || doesOn(c.control, s.trouble) === 'next-year') return null;
  const timing = timingOf(c.control, s.trouble, s.planting.stage);
  if (!timing) return null;
  const inputs = [{ name: 'Stage', value: s.planting.stage }];
  if (timing.is === 'now') return { code: 'its-time', weight: 'note', sentence: `Its time: ${timing.text}.`, inputs, source: timing.prov };
  return {
    code: 'not-its-time',
    weight: 'not-now',
    sentence: `Its time: ${timing.text}. Yours are ${STAGE_WORDS[s.planting.stage]}.`,
    inputs,
    source: timing.prov,
    opens: {
      kind: 'event',
      event: timing.text,
      change: { code: `stage-${timing.stage}`, label: `Wait until they are ${STAGE_WORDS[timing.stage]}`, planting: { stage: timing.stage } },
    },
  };
};
