import type { Control } from '../catalogue/light';
import { lineFor, strictSheet, type LabelSheet } from '../label';
import { findSheet } from '../label/sheets';
import type { Candidate, Situation } from './types';

/**
 * The sheets a control can be mixed from: the grower's own, or else the specimen. None for work by hand.
 */
export function sheetsOf(control: Control, s: Pick<Situation, 'sheets'>): readonly LabelSheet[] {
  const own = s.sheets.filter((x) => x.control === control.id);
  if (own.length > 0) return own;
  const specimen = control.sheet ? findSheet(control.sheet) : undefined;
  return specimen ? [specimen] : [];
}

/** The control with the label line that covers this crop and trouble; what its actives are counts, whatever was typed. */
export function candidateFor(control: Control, typed: LabelSheet | null, s: Situation): Candidate {
  if (!typed) return { control, sheet: null, line: null, refusal: null };
  const sheet = strictSheet(typed);
  const line = lineFor(sheet, s.host, s.trouble, s.planting.stage);
  return line.ok
    ? { control, sheet, line: line.value, refusal: null }
    : { control, sheet, line: null, refusal: line.reasons[0]?.sentence ?? 'Not on this label.' };
}

/** What a verdict goes by: the control, and the grower's own sheet where there is one. */
export const keyOf = (control: Control, sheet: LabelSheet | null): string => (sheet && !sheet.specimen ? `${control.id}~${sheet.id}` : control.id);
