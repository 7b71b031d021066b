import type { Control } from '../catalogue';
import { findSheet, lineFor } from '../label';
import { instant, sayWhen, type Instant } from '../measure';
import { needsOf, openHours, reasonsAt, SLOT_MS, type Setting, type Span } from '../weather';
import { RULES } from './rules';
import type { Candidate, Opening, Reason, Situation, Verdict } from './types';

/** The control with the label line that covers this crop and trouble. */
export function candidateFor(control: Control, s: Situation): Candidate {
  const sheet = control.sheet ? (findSheet(control.sheet) ?? null) : null;
  if (!sheet) return { control, sheet: null, line: null, refusal: null };
  const line = lineFor(sheet, s.host, s.trouble);
  return line.ok
    ? { control, sheet, line: line.value, refusal: null }
    : { control, sheet, line: null, refusal: line.reasons[0]?.sentence ?? 'Not on this label.' };
}

const against = (s: Situation, c: Candidate, at: Instant): Reason[] => RULES.map((rule) => rule(s, c, at)).filter((r): r is Reason => r !== null);

/**
 * Whether a control may be used in this situation, with every reason.
 * A 'not-now' names a moment or an event; at that moment all rules and the hours were checked again
 * and it is usable, as far as the weather is known.
 */
export function judge(control: Control, s: Situation): Verdict {
  const c = candidateFor(control, s);
  const reasons = against(s, c, s.now);
  const known = s.trouble.controls.find((x) => x.control === control.id);
  const setting: Setting = { site: s.planting.site, inFlower: s.planting.stage === 'flowering' && s.host.beePlant };
  const base = { setting, control, sheet: c.sheet, line: c.line, effect: known?.effect ?? 0, effectWhy: known?.why ?? '' };
  const never = reasons.some((r) => r.weight === 'never');
  const event = reasons.find((r) => r.opens?.kind === 'event');
  if (never || event) {
    return { ...base, status: never ? 'never' : 'not-now', reasons: order(reasons), opens: never ? null : (event?.opens ?? null), openSpans: [] };
  }

  const needs = needsOf(control, c.sheet);
  const hours = openHours(s.conditions, needs, setting).open;
  const openSpans = hours.flatMap((span) => clip(s, c, span));
  const first = openSpans[0];
  const dated = reasons.some((r) => r.weight === 'not-now');
  const here = s.conditions[0];
  const closedNow = here ? reasonsAt(here, needs, setting) : [];
  // `now` falls between two quarter hours: an opening from the very next one counts as now
  const openNow = first !== undefined && here !== undefined && first.from <= here.at && !dated;
  if (openNow) return { ...base, status: 'usable', reasons: order(reasons), opens: null, openSpans };

  const opens: Opening = first ? { kind: 'at', at: first.from } : beyond(s, c, reasons);
  const hourReasons: Reason[] =
    dated && closedNow.length === 0
      ? []
      : closedNow.map((h) => ({
          code: `hour-${h.code}`,
          weight: 'not-now',
          sentence: `${h.sentence}.`,
          inputs: [{ name: 'Now', value: sayWhen(s.now, s.now, s.place.zone) }],
          source: { mark: 'CP' },
          opens,
        }));
  if (!dated && hourReasons.length === 0) {
    hourReasons.push({ code: 'hour-none', weight: 'not-now', sentence: 'No open hour is in sight yet.', inputs: [], source: { mark: 'CP' }, opens });
  }
  return { ...base, status: 'not-now', reasons: order([...reasons, ...hourReasons]), opens, openSpans };
}

/**
 * The part of an open span in which no dated rule speaks. Waits open once; only a picking that comes
 * near closes again, for a day at least, so a span is looked at by its ends and halved between.
 */
function clip(s: Situation, c: Candidate, span: Span): Span[] {
  const closedAt = (t: Instant) => against(s, c, t).filter((r) => r.weight === 'not-now');
  let from: number = span.from;
  for (let closed = closedAt(span.from); closed.length > 0; closed = closedAt(instant(from))) {
    const dates = closed.flatMap((r) => (r.opens?.kind === 'at' ? [r.opens.at] : []));
    const next = Math.ceil(Math.max(from + STEP_MS, ...dates) / STEP_MS) * STEP_MS;
    if (next > span.to - 2 * STEP_MS) return [];
    from = next;
  }
  let to: number = span.to;
  if (closedAt(instant(span.to - STEP_MS)).length > 0) {
    let clear = from;
    while (to - clear > STEP_MS) {
      const mid = clear + Math.floor((to - clear) / STEP_MS / 2) * STEP_MS;
      if (closedAt(instant(mid)).length > 0) to = mid;
      else clear = mid;
    }
  }
  return to - from >= 2 * STEP_MS ? [{ from: instant(from), to: instant(to) }] : [];
}
const STEP_MS = SLOT_MS;

/** No open hour within the known weather: the day its dated rules open, or the event of better weather. */
function beyond(s: Situation, c: Candidate, reasons: readonly Reason[]): Opening {
  let at: Instant = s.now;
  let pending = reasons;
  for (let i = 0; i < 12; i++) {
    const dates = pending.flatMap((r) => (r.opens?.kind === 'at' && r.weight === 'not-now' ? [r.opens.at] : []));
    if (dates.length === 0) break;
    at = instant(Math.max(at, ...dates));
    pending = against(s, c, at);
  }
  const last = s.conditions.at(-1);
  return at > s.now && (!last || at > last.at) ? { kind: 'at', at } : { kind: 'event', event: 'when the weather changes: no open hour in the days ahead' };
}

const RANK = { never: 0, 'not-now': 1, note: 2 } as const;
const order = (reasons: readonly Reason[]) => [...reasons].sort((a, b) => RANK[a.weight] - RANK[b.weight]);
