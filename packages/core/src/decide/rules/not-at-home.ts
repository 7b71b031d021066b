import type { Rule } from '../types';

const LICENSED = 7;

/** What hurts who handles it is not for the home at all: keep away, report, licensed people. */
export const notAtHome: Rule = (s, c) =>
  s.trouble.notAtHome && c.control.rung > 0 && c.control.rung < LICENSED && c.control.id !== 'report-it'
    ? { code: 'not-at-home', weight: 'never', sentence: s.trouble.notAtHome.text, inputs: [], source: s.trouble.notAtHome.prov }
    : null;
