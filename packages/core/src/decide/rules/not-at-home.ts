import type { Rule } from '../types';

const LICENSED = 7;
/** To keep away is all that anybody may do. */
const KEEP_AWAY = 'hands-off';
/** Care of what has not got it harms nobody: clean stock, water. */
const CARE = 1;

/** What hurts who handles it is not for the home at all: keep away, report, licensed people. */
export const notAtHome: Rule = (s, c) => {
  const { rung, id } = c.control;
  const harmless = rung === 0 || id === KEEP_AWAY || id === 'report-it' || (s.preventing === true && rung === CARE);
  return s.trouble.notAtHome && !harmless && rung < LICENSED
    ? { code: 'not-at-home', weight: 'never', sentence: s.trouble.notAtHome.text, inputs: [], source: s.trouble.notAtHome.prov }
    : null;
};
