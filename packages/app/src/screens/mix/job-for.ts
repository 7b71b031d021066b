import type { Case, Garden, Planting, Sprayer } from '@sleetbrook/core/api';
import { findHost, findTroubleCard } from '@sleetbrook/core/cards';
import { copperOfPlan, type PastTreatment } from '@sleetbrook/core/decide-light';
import { lineFor, sharedLine, type LabelLine, type LabelSheet } from '@sleetbrook/core/label';
import { done, refused, type Instant, type Outcome } from '@sleetbrook/core/measure';
import type { MixPlan } from '@sleetbrook/core/mix';
import type { MixDraft } from '../../state/drafts';
import { mixFor, sizeOn } from './mix-for';

/** One planting's part of a mix. */
export interface Part {
  readonly planting: Planting;
  readonly troubleId: string;
  /** Its open case for which this control was chosen; null without one. */
  readonly caseId: string | null;
  /** What the rate is counted by, in its own count. */
  readonly size: number;
}

export interface MixJob {
  /** The strictest of all the plantings' lines. */
  readonly line: LabelLine;
  readonly plan: Outcome<MixPlan>;
  /** The case's own planting first. */
  readonly parts: readonly Part[];
}

export interface JobFacts {
  readonly found: Case;
  readonly sheet: LabelSheet;
  readonly planting: Planting;
  readonly plantings: readonly Planting[];
  readonly openCases: readonly Case[];
  readonly sprayers: readonly Sprayer[];
  readonly garden: Garden;
  /** What stands against a sharing planting; null where nothing does, or where it is in the tank already. */
  readonly against: (plantingId: string) => string | null;
  /** What a planting has had: copper is counted by the ground. */
  readonly had: (plantingId: string) => readonly PastTreatment[];
  /** Now; null once it is mixed, and the act is seen through. */
  readonly at: Instant | null;
}

/**
 * The mix of a case, for its planting and for those that share it, each by its own line.
 * @returns refused where the case's own planting is not on the label; `plan` carries what is wrong with the rest
 */
export function jobFor(draft: MixDraft, f: JobFacts): Outcome<MixJob> {
  const own = lineOn(f.sheet, f.planting, f.found.troubleId);
  if (!own.ok) return own;
  const sharing = (draft.also ?? []).flatMap((a) => {
    const planting = f.plantings.find((p) => p.id === a.plantingId && p.id !== f.planting.id);
    const own = planting && sharerCase(f.found, f.openCases, planting);
    return planting ? [{ planting, typed: a.size, troubleId: (own ?? f.found).troubleId, caseId: own?.id ?? null }] : [];
  });
  const lines = [{ line: own.value, name: f.planting.name }];
  let wrong: Outcome<never> | null = null;
  for (const s of sharing) {
    const line = lineOn(f.sheet, s.planting, s.troubleId);
    const why = line.ok ? f.against(s.planting.id) : line.reasons[0]?.sentence;
    if (why) wrong ??= refused('barred', `${s.planting.name}: ${why}`, 'also');
    if (line.ok) lines.push({ line: line.value, name: s.planting.name });
  }
  const shared = sharedLine(lines);
  const line = shared.ok ? shared.value : own.value;
  const made = wrong ?? (shared.ok ? mixFor(draft, f.sheet, line, f.planting, f.sprayers, f.garden, sharing) : shared);
  const parts = [{ planting: f.planting, troubleId: f.found.troubleId, caseId: f.found.id, typed: draft.area }, ...sharing].map((s): Part => {
    const size = sizeOn(line, s.planting, s.typed, f.garden.units);
    return { planting: s.planting, troubleId: s.troubleId, caseId: s.caseId, size: size.ok ? size.value : 0 };
  });
  return done({ line, plan: made.ok ? (tooMuchCopper(made.value, parts, f) ?? made) : made, parts });
}

/** More copper than the ground of one of them may have: refused, with what would be within. */
function tooMuchCopper(plan: MixPlan, parts: readonly Part[], f: JobFacts): Outcome<never> | null {
  const { at } = f;
  const whole = parts.reduce((sum, p) => sum + p.size, 0);
  if (at === null || !(whole > 0)) return null;
  const bySize = plan.line.rate.form === 'per-litre' || plan.line.rate.form === 'per-m2';
  for (const { planting, size } of parts) {
    const deed = { sheet: f.sheet, product: (plan.product * size) / whole, groundM2: bySize ? size : planting.areaM2 };
    const word = copperOfPlan(deed, f.had(planting.id), at, f.garden);
    if (word?.over) return refused('copper-load', parts.length > 1 ? `${planting.name}: ${word.sentence}` : word.sentence, 'water');
  }
  return null;
}

function lineOn(sheet: LabelSheet, planting: Planting, troubleId: string): Outcome<LabelLine> {
  const host = findHost(planting.hostId);
  return host
    ? lineFor(sheet, host, findTroubleCard(troubleId) ?? { labelAs: [] }, planting.stage)
    : refused('no-host', `What ${planting.name} is is not known.`, 'also');
}

/** A planting's own open case for which the same thing was chosen. */
export const sharerCase = (found: Case, openCases: readonly Case[], planting: Planting): Case | undefined => {
  const lap = found.laps.at(-1);
  return openCases.find((c) => {
    const own = c.laps.at(-1);
    return c.plantingId === planting.id && own?.controlId === lap?.controlId && own?.treatmentId === null && own.sheetId === lap?.sheetId;
  });
};
