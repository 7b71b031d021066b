import { CONTROLS } from '../catalogue/controls';
import type { Control } from '../catalogue/light';
import { isOn } from '../catalogue/pair';
import { usesOn } from '../catalogue/used-on';
import type { LabelSheet } from '../label';
import { sheetsOf } from './candidates';
import { dutyToReport } from './duty';
import { judge } from './judge';
import type { Situation, Verdict } from './types';

const SIGNAL = { none: 0, caution: 1, warning: 3, danger: 4 } as const;

/**
 * How harmful a control is beside others on its rung: harm to people, bees, water life, helpers and
 * how long it stays, people counting double. Where the label is sterner than the control's own figures, the
 * label counts: its signal word for people, its warnings for bees and fish.
 * Order: integrated pest management, common practice; weights from memory.
 */
export function hazardScore(control: Control, sheet: LabelSheet | null = null): number {
  return hazardParts(control, sheet).reduce((sum, part) => sum + part.weight * part.harm, 0);
}

/** The score taken apart, for saying why one stands before another. */
export function hazardParts(control: Control, sheet: LabelSheet | null = null) {
  const h = control.hazard;
  const bees = sheet?.bees === 'toxic' ? 3 : sheet?.bees === 'wet' ? 1 : 0;
  return [
    { to: 'people', weight: 2, harm: Math.max(h.people, sheet ? SIGNAL[sheet.signalWord] : 0) },
    { to: 'bees', weight: 1, harm: Math.max(h.bees, bees) },
    { to: 'water life', weight: 1, harm: Math.max(h.water, sheet?.fish ? 2 : 0) },
    { to: 'helpers', weight: 1, harm: h.helpers },
    { to: 'the time it stays', weight: 1, harm: h.persistence },
  ] as const;
}

const byGentleness = (a: Verdict, b: Verdict) =>
  a.control.rung - b.control.rung || hazardScore(a.control, a.sheet) - hazardScore(b.control, b.sheet) || b.effect - a.effect;

/**
 * Why one verdict stands before the next, in a sentence.
 * @example whyBefore(soap, neem) // 'Same rung; milder on bees.'
 */
export function whyBefore(first: Verdict, next: Verdict, rungNames: readonly string[]): string {
  if (first.control.rung !== next.control.rung) {
    return `A lower rung: ${rungNames[first.control.rung] ?? ''} before ${rungNames[next.control.rung] ?? ''}.`.replace(/(: |before )(\w)/g, (m) =>
      m.toLowerCase(),
    );
  }
  const [a, b] = [hazardParts(first.control, first.sheet), hazardParts(next.control, next.sheet)];
  const milder = a.filter((p, i) => p.harm < (b[i]?.harm ?? 0)).map((p) => p.to);
  if (hazardScore(first.control, first.sheet) < hazardScore(next.control, next.sheet)) return `Same rung; less harm in all, milder on ${milder.join(', ')}.`;
  if (first.effect > next.effect) return 'Same rung, the same harm; expected to do more.';
  return 'Same rung, the same harm, the same effect: either will do.';
}

/**
 * Verdicts on every control of the trouble, least toxic first: rung, then hazard, then what does more.
 */
export function ladder(s: Situation): Verdict[] {
  // nobody is told to report what need not be reported where they live
  const ids = new Set(usesOn(s.trouble).flatMap((u) => (!isOn(u, s.host) || (u.control === 'report-it' && dutyToReport(s) === 'none') ? [] : [u.control])));
  return CONTROLS.filter((c) => ids.has(c.id))
    .flatMap((c) => {
      const sheets = sheetsOf(c, s);
      return sheets.length > 0 ? sheets.map((sheet) => judge(c, s, sheet)) : [judge(c, s)];
    })
    .sort(byGentleness);
}
