import { CONTROLS, doesOn, HOSTS, TROUBLES, usesOn, type Trouble } from '../../packages/core/src/catalogue';
import { LAW_ENTRIES } from '../../packages/core/src/catalogue/made/law';
import { whenOn } from '../../packages/core/src/catalogue/used-on';
import { actsOnWhatIsThere, gentlestOf, WORTH_TRYING, type Advice, type Situation, type Verdict } from '../../packages/core/src/decide';
import { isCare } from '../../packages/core/src/decide/guard-plan';
import { activesOf, allowedIn, lineFor } from '../../packages/core/src/label';
import { SHEETS } from '../../packages/core/src/label/sheets';
import { hostWeight } from '../../packages/core/src/scout';

export const FAULTS = [
  'preventionForWhatIsThere',
  'licensedWhileHomeOrPast',
  'destructiveBeforeLesser',
  'noListedEffect',
  'sheetCoversNoHost',
  'labelPestNoLadder',
  'firstInherited',
  'listedNeverOpen',
  'careSkipped',
  'laxerByCountry',
  'oppositeByOneSign',
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
      // what holds in general only is never a step
      !v.inherited &&
      actsOnWhatIsThere(v) &&
      !v.control.destroys &&
      v.effect >= WORTH_TRYING,
  );
  const past = failed.length === 0 && home.some((v) => v.reasons.some((r) => r.code === 'pest-stage'));
  if (verdict.control.rung === LICENSED && !s.trouble.notAtHome && (home.some((v) => v.status === 'usable') || past)) faults.push('licensedWhileHomeOrPast');
  // what the trade does first against this trouble on this plant goes before what is gentler
  if (needed && steps.some((v) => v.control.destroys && v.first === null)) {
    const lesser = verdicts.filter(
      (v) => v.status === 'usable' && !v.inherited && !v.control.destroys && v.control.rung > 0 && v.control.rung < LICENSED && v.effect > 0,
    );
    const free = lesser.filter((v) => !failed.includes(v.control.id) && (actsOnWhatIsThere(v) || v.does === 'aids'));
    if (gentlestOf(free, needed.stop) !== null) faults.push('destructiveBeforeLesser');
  }
  if (steps.some((v) => v.control.rung > 0 && v.control.id !== 'report-it' && v.effect <= 0)) faults.push('noListedEffect');
  if (steps.some((v) => v.inherited)) faults.push('firstInherited');
  return faults;
}

/** Lines that an entry lists itself though no stage of its life is ever open to them. */
export const neverOpen = (troubles: readonly Trouble[] = TROUBLES): { readonly trouble: string; readonly control: string }[] =>
  troubles.flatMap((t) =>
    t.controls.flatMap((u) => {
      const control = CONTROLS.find((c) => c.id === u.control);
      if (!control || u.inherited || control.means.length === 0 || u.reaches || u.effect < WORTH_LISTING) return [];
      const does = doesOn(control, t);
      if (does === 'next-year' || does === 'prevents' || does === 'aids') return [];
      return t.life.some((l) => l.open.some((m) => control.means.includes(m))) ? [] : [{ trouble: t.id, control: u.control }];
    }),
  );
/** Less is there to say that it does nothing. */
const WORTH_LISTING = 0.15;

/** Whether care that may be done for this crop now was passed over for something else. */
export const careSkipped = (advice: Advice, verdicts: readonly Verdict[], s: Situation): boolean => {
  const chosen = (v: Verdict) => whenOn(v.control, s.trouble)?.phases.every((p) => p === 'before-planting') ?? false;
  const care = verdicts.filter((v) => isCare(v) && !v.inherited && v.effect > 0 && v.status === 'usable' && v.does !== 'next-year' && !chosen(v));
  return care.length > 0 && !isCare(advice.verdict);
};

/** Specimens that are freer in a country than where none is named, though nothing there lists one of their actives as allowed. */
export const laxerByCountry = (): { readonly sheet: string; readonly country: string }[] =>
  LAW_ENTRIES.flatMap((e) => e.places.filter((p) => p.length === 2)).flatMap((country) =>
    SHEETS.flatMap((sheet) => {
      const [here, nowhere] = [allowedIn(sheet, { country }), allowedIn(sheet, { country: null })];
      const laxer = nowhere !== null && (here === null || (nowhere.is === 'barred' && here.is === 'ask'));
      const listed = activesOf(sheet).some((a) => LAW_ENTRIES.some((e) => e.places.includes(country) && e.actives[a.id]?.home === 'yes'));
      return laxer && !listed ? [{ sheet: sheet.id, country }] : [];
    }),
  );

/** From this rung on it is sprayed. */
const SPRAYED = 4;
/** Left by one and sprayed by the other, though nothing but one more sign was seen. */
export const opposite = (a: Advice | null, b: Advice | null): boolean => {
  const rungs = [a?.verdict.control.rung ?? 0, b?.verdict.control.rung ?? 0];
  return Math.min(...rungs) === 0 && Math.max(...rungs) >= SPRAYED && Math.max(...rungs) < LICENSED;
};

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
