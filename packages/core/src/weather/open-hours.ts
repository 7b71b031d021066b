import type { HourNeeds } from '../catalogue';
import { instant, type Instant } from '../measure';
import { SLOT_MS, type Conditions } from './conditions';
import { hourRulesFor, type HourReason, type Setting } from './rules';

export interface Span {
  readonly from: Instant;
  readonly to: Instant;
}

export interface ClosedSpan extends Span {
  /** All that speaks against the start of it, most serious first. */
  readonly reasons: readonly HourReason[];
}

export interface OpenHours {
  readonly open: readonly Span[];
  /** Runs that close for the same first reason. */
  readonly closed: readonly ClosedSpan[];
}

/** A shorter opening is no use to a person with a sprayer. */
const SHORTEST_MS = 30 * 60_000;

/** What speaks against treating at one moment; empty when it is open. */
export function reasonsAt(c: Conditions, needs: HourNeeds, setting: Setting): HourReason[] {
  return hourRulesFor(needs)
    .filter((r) => r.closes(c, needs, setting))
    .map((r) => ({ code: r.code, sentence: r.say(c, needs, setting) }));
}

/**
 * The hours in which this control may be used, and why the others are closed.
 * @param conditions consecutive quarter hours
 * @returns open spans of at least half an hour; a shorter gap is listed as closed, `too-short`
 */
export function openHours(conditions: readonly Conditions[], needs: HourNeeds, setting: Setting): OpenHours {
  const runs: { from: number; to: number; code: string | null; reasons: readonly HourReason[] }[] = [];
  const rules = hourRulesFor(needs);
  for (const c of conditions) {
    const code = rules.find((r) => r.closes(c, needs, setting))?.code ?? null;
    const last = runs[runs.length - 1];
    if (last && last.to === c.at && last.code === code) last.to = c.at + SLOT_MS;
    else runs.push({ from: c.at, to: c.at + SLOT_MS, code, reasons: code === null ? [] : reasonsAt(c, needs, setting) });
  }
  const open: Span[] = [];
  const closed: ClosedSpan[] = [];
  for (const run of runs) {
    const span = { from: instant(run.from), to: instant(run.to) };
    if (run.reasons.length > 0) closed.push({ ...span, reasons: run.reasons });
    else if (run.to - run.from >= SHORTEST_MS) open.push(span);
    else closed.push({ ...span, reasons: [{ code: 'too-short', sentence: 'Open for less than half an hour' }] });
  }
  return { open, closed };
}

/** The open spans of `openHours` alone: asked for every control of a case, where why the rest is closed is not. */
export function openSpans(conditions: readonly Conditions[], needs: HourNeeds, setting: Setting): Span[] {
  const rules = hourRulesFor(needs);
  const open: Span[] = [];
  let from: number | null = null;
  let to = 0;
  const end = () => {
    if (from !== null && to - from >= SHORTEST_MS) open.push({ from: instant(from), to: instant(to) });
    from = null;
  };
  for (const c of conditions) {
    const closed = rules.some((r) => r.closes(c, needs, setting));
    if (closed || c.at !== to) end();
    if (closed) continue;
    from ??= c.at;
    to = c.at + SLOT_MS;
  }
  end();
  return open;
}
