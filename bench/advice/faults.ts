import { CONTROLS, HOSTS, TROUBLES, usesOn, type Trouble } from '../../packages/core/src/catalogue';
import { actsOnWhatIsThere, gentlestOf, WORTH_TRYING, type Advice, type Situation, type Verdict } from '../../packages/core/src/decide';
import { lineFor } from '../../packages/core/src/label';
import { SHEETS } from '../../packages/core/src/label/sheets';
import { hostWeight } from '../../packages/core/src/scout';

export const FAULTS = [
  'preventionForWhatIsThere',
  'licensedWhileHomeOrPast',
  'destructiveBeforeLesser',
  'noListedEffect',
  'sheetCoversNoHost',
  'labelPestNoLadder',
] as const;
export type Fault = (typeof FAULTS)[number];

const LICENSED = 7;

/** What is wrong with one advice. */
export function faultsOf(advice: Advice, verdicts: readonly Verdict[], s: Situation, failed: readonly string[]): Fault[] {
  const faults: Fault[] = [];
  const { verdict, steps, needed } = advice;
  const acts = verdict.control.rung === 0 || verdict.control.id === 'report-it' || actsOnWhatIsThere(verdict);
  if (!acts || (verdict.does === 'aids' && verdict.control.rung > 0)) faults.push('preventionForWhatIsThere');
  const home = verdicts.filter(
    (v) =>
      v.control.rung > 0 &&
      v.control.rung < LICENSED &&
      !failed.includes(v.control.id) &&
      actsOnWhatIsThere(v) &&
      !v.control.destroys &&
      v.effect >= WORTH_TRYING,
  );
  const past = failed.length === 0 && home.some((v) => v.reasons.some((r) => r.code === 'pest-stage'));
  if (verdict.control.rung === LICENSED && !s.trouble.notAtHome && (home.some((v) => v.status === 'usable') || past)) faults.push('licensedWhileHomeOrPast');
  if (needed && steps.some((v) => v.control.destroys)) {
    const lesser = verdicts.filter((v) => v.status === 'usable' && !v.control.destroys && v.control.rung > 0 && v.control.rung < LICENSED && v.effect > 0);
    const free = lesser.filter((v) => !failed.includes(v.control.id) && (actsOnWhatIsThere(v) || v.does === 'aids'));
    if (gentlestOf(free, needed.stop) !== null) faults.push('destructiveBeforeLesser');
  }
  if (steps.some((v) => v.control.rung > 0 && v.control.id !== 'report-it' && v.effect <= 0)) faults.push('noListedEffect');
  return faults;
}

/** Controls that an entry names though their sheet is for none of the plants it lives on. */
export const deadLines = (troubles: readonly Trouble[] = TROUBLES): { readonly trouble: string; readonly control: string }[] =>
  troubles.flatMap((t) =>
    t.controls.flatMap((u) => {
      const sheet = SHEETS.find((x) => x.id === CONTROLS.find((c) => c.id === u.control)?.sheet);
      if (!sheet || u.effect < WORTH_TRYING) return [];
      return HOSTS.some((h) => hostWeight(t, h) > 0 && lineFor(sheet, h, t).ok) ? [] : [{ trouble: t.id, control: u.control }];
    }),
  );

/** Troubles on a specimen's lines that no ladder offers it for. */
export const unoffered = (): { readonly sheet: string; readonly pest: string }[] =>
  SHEETS.flatMap((sheet) =>
    [...new Set(sheet.lines.flatMap((l) => l.pests))].flatMap((pest) => {
      const meant = TROUBLES.filter((t) => t.labelAs.includes(pest));
      return meant.some((t) => usesOn(t).some((u) => u.control === sheet.control)) ? [] : [{ sheet: sheet.id, pest }];
    }),
  );
