import type { Rule } from '../types';
import { dutyIn, type Duty } from '../../catalogue';
import { dutyToReport, meanwhileOf } from '../duty';
import { whereOf } from '../where';

const LICENSED = 7;

const sayDuty = (duty: Duty | null): string =>
  duty === null
    ? 'In some countries it must be reported: ask your plant-health office before you move, cut or spray it.'
    : duty === 'must'
      ? 'It must be reported where you live: do not move, cut or spray it before the plant-health office has answered.'
      : 'It is not known from where you live, and must be reported elsewhere: ask the plant-health office before you move, cut or spray it.';

/**
 * What must be reported is left where it is until the plant-health office has said what to do; where the finder is
 * asked to kill it at once, that is open, and the report is owed beside it.
 */
export const reportFirst: Rule = (s, c) => {
  if (s.preventing || dutyToReport(s) !== 'open' || c.control.rung === 0 || c.control.rung === LICENSED || c.control.id === 'report-it') return null;
  const change = { code: 'reported', label: 'I reported it, and have their answer', reported: true } as const;
  const inputs = [{ name: 'Country', value: s.country ?? 'not set' }];
  const source = s.trouble.report?.prov ?? ({ mark: 'MEM' } as const);
  const meanwhile = meanwhileOf(s);
  if (meanwhile?.kill.includes(c.control.id)) return { code: 'report-first', weight: 'note', sentence: meanwhile.say, inputs, source };
  return {
    code: 'report-first',
    weight: 'not-now',
    sentence: sayDuty(s.country ? dutyIn(s.trouble, s.host, whereOf(s)) : null),
    inputs,
    source,
    opens: { kind: 'event', event: 'when the plant-health office has answered', change },
  };
};
