import type { Case, Garden, Planting, Sprayer, Treatment } from '@sleetbrook/core/api';
import { findHost, findTroubleCard } from '@sleetbrook/core/cards';
import { lineFor, sharedLine, type LabelLine, type LabelSheet } from '@sleetbrook/core/label';
import { done, instant, refused, type Instant, type Outcome } from '@sleetbrook/core/measure';
import type { MixPlan } from '@sleetbrook/core/mix';
import { barredBy } from '@sleetbrook/core/record';
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
  readonly controlId: string;
  readonly sheet: LabelSheet;
  readonly planting: Planting;
  readonly plantings: readonly Planting[];
  readonly openCases: readonly Case[];
  readonly sprayers: readonly Sprayer[];
  readonly garden: Garden;
  /** Newest records, of any planting. */
  readonly log: readonly Treatment[];
  readonly confirmed: boolean;
  readonly now: Instant;
}

/**
 * The mix of a case, for its planting and for those that share it, each checked by its own line, its flowers, its
 * place and what it has had.
 * @returns refused where the case's own planting is not on the label; `plan` carries what is wrong with the rest
 */
export function jobFor(draft: MixDraft, f: JobFacts): Outcome<MixJob> {
  const own = lineOn(f.sheet, f.planting, f.found.troubleId);
  if (!own.ok) return own;
  const sharing = (draft.also ?? []).flatMap((a) => {
    const planting = f.plantings.find((p) => p.id === a.plantingId && p.id !== f.planting.id);
    return planting ? [{ planting, typed: a.size, ...caseOn(f, planting) }] : [];
  });
  const lines = [{ line: own.value, name: f.planting.name }];
  let wrong: Outcome<never> | null = null;
  for (const s of sharing) {
    const line = lineOn(f.sheet, s.planting, s.troubleId);
    const why = line.ok ? barsOn(f, s.planting, s.troubleId) : line.reasons[0]?.sentence;
    if (why) wrong ??= refused('barred', `${s.planting.name}: ${why}`, 'also');
    if (line.ok) lines.push({ line: line.value, name: s.planting.name });
  }
  const shared = sharedLine(lines);
  const line = shared.ok ? shared.value : own.value;
  const plan = wrong ?? (shared.ok ? mixFor(draft, f.sheet, line, f.planting, f.sprayers, f.garden, sharing) : shared);
  const parts = [{ planting: f.planting, troubleId: f.found.troubleId, caseId: f.found.id, typed: draft.area }, ...sharing].map((s): Part => {
    const size = sizeOn(line, s.planting, s.typed, f.garden.units);
    return { planting: s.planting, troubleId: s.troubleId, caseId: s.caseId, size: size.ok ? size.value : 0 };
  });
  return done({ line, plan, parts });
}

function lineOn(sheet: LabelSheet, planting: Planting, troubleId: string): Outcome<LabelLine> {
  const host = findHost(planting.hostId);
  return host ? lineFor(sheet, host, findTroubleCard(troubleId) ?? { labelAs: [] }) : refused('no-host', `What ${planting.name} is is not known.`, 'also');
}

/** A planting's own open case for which the same thing was chosen, else the trouble that this mix is for. */
function caseOn({ found, controlId, sheet, openCases }: JobFacts, planting: Planting): { troubleId: string; caseId: string | null } {
  const mine = openCases.find((c) => {
    const lap = c.laps.at(-1);
    return (
      c.plantingId === planting.id && lap?.controlId === controlId && lap.treatmentId === null && (lap.sheetId ?? null) === (sheet.specimen ? null : sheet.id)
    );
  });
  return mine ? { troubleId: mine.troubleId, caseId: mine.id } : { troubleId: found.troubleId, caseId: null };
}

/** What stands against it on another planting: flowers, place, days between, gaps. */
function barsOn(f: JobFacts, planting: Planting, troubleId: string): string | undefined {
  const host = findHost(planting.hostId);
  if (!host) return undefined;
  return barredBy({
    sheet: f.sheet,
    host,
    trouble: findTroubleCard(troubleId) ?? null,
    amount: null,
    waterMl: null,
    size: null,
    madeAt: null,
    finishedAt: f.now,
    air: null,
    zone: f.garden.zone,
    planting,
    confirmed: f.confirmed,
    before: f.log
      .filter((t) => t.plantingId === planting.id && t.struck === null)
      .map((t) => ({ at: instant(Date.parse(t.finishedAt)), controlId: t.controlId, sheet: t.sheet, lineId: t.lineId, amount: t.amount, areaM2: t.areaM2 }))
      .sort((a, b) => a.at - b.at),
  })[0];
}
