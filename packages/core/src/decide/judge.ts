import type { Control, HourNeeds } from '../catalogue';
import { effectIn, firstOn, type PairSetting } from '../catalogue/pair';
import { doesOn, usesOn } from '../catalogue/used-on';
import type { LabelSheet } from '../label';
import { instant, sayWhen, type Instant } from '../measure';
import { needsOf, openSpans, reasonsAt, SLOT_MS, type Conditions, type Setting, type Span } from '../weather';
import { thresholdFor } from '../scout/count';
import { candidateFor, keyOf, sheetsOf } from './candidates';
import { flowersOpen } from './flowers';
import { keepOutMs, meetings } from './plans';
import { DATED_RULES, RULES } from './rules';
import type { Candidate, Opening, Reason, Situation, Verdict } from './types';

const dated = (s: Situation, c: Candidate, at: Instant): Reason[] => DATED_RULES.map((rule) => rule(s, c, at)).filter((r): r is Reason => r !== null);
const against = (s: Situation, c: Candidate, at: Instant): Reason[] => RULES.map((rule) => rule(s, c, at)).filter((r): r is Reason => r !== null);

/** Curled leaves keep what is put on the outside from this share of them (from memory). */
const CURLED = 0.5;

const pairSetting = ({ host, planting, trouble, share }: Situation, curled: boolean): PairSetting => ({
  host,
  site: planting.site,
  stage: planting.stage,
  heightM: planting.heightM,
  curled,
  many: share === undefined || share === null || share >= thresholdFor(trouble.threshold.share, planting.tolerance),
});

/**
 * Whether a control may be used in this situation, with every reason.
 * A 'not-now' names a moment or an event; at that moment all rules and the hours were checked again
 * and it is usable, as far as the weather is known.
 */
export function judge(control: Control, s: Situation, sheet: LabelSheet | null = sheetsOf(control, s)[0] ?? null): Verdict {
  const c = candidateFor(control, sheet, s);
  const reasons = against(s, c, s.now);
  const known = usesOn(s.trouble).find((x) => x.control === control.id);
  const setting: Setting = {
    site: s.planting.site,
    inFlower: (flowersOpen(s) && s.host.beePlant) || s.planting.about.includes('weeds-in-flower'),
  };
  const atBest = known?.effect ?? 0;
  const curled = reasons.some((r) => r.code === 'curled');
  const here = known ? effectIn(known, pairSetting(s, curled)) : { share: 0, by: null };
  const base = {
    key: keyOf(control, c.sheet),
    setting,
    control,
    sheet: c.sheet,
    line: c.line,
    does: doesOn(control, s.trouble),
    effect: here.share * (curled && here.by !== 'curled' ? CURLED : 1),
    effectAtBest: Math.max(atBest, here.share),
    effectWhy: known?.inherited ? `In general: ${known.why}` : (known?.why ?? ''),
    alsoPrevents: known?.alsoPrevents ?? false,
    inherited: known?.inherited ?? false,
    first: known ? firstOn(known, s.host) : null,
  };
  const never = reasons.some((r) => r.weight === 'never');
  const event = reasons.find((r) => r.opens?.kind === 'event');
  if (never || event) {
    return { ...base, status: never ? 'never' : 'not-now', reasons: order(reasons), opens: never ? null : (event?.opens ?? null), openSpans: [] };
  }

  const needs = needsOf(control, c.sheet);
  const hours = openSpansOf(s.conditions, needs, setting);
  const openSpans = withoutPlans(hours, s, c).flatMap((span) => clip(s, c, span));
  const first = openSpans[0];
  const waits = reasons.some((r) => r.weight === 'not-now');
  // without weather, what asks for any is not open: nobody knows that it is dry, calm or mild
  if (s.conditions.length === 0) {
    const unknown = lookUp(needs);
    if (unknown) return { ...base, status: 'not-now', reasons: order([...reasons, unknown]), opens: unknown.opens ?? null, openSpans: [] };
    return { ...base, status: waits ? 'not-now' : 'usable', reasons: order(reasons), opens: waits ? beyond(s, c, reasons) : null, openSpans: [] };
  }
  const nowHere = s.conditions[0];
  const closedNow = nowHere ? reasonsAt(nowHere, needs, setting) : [];
  // `now` falls between two quarter hours: an opening from the very next one counts as now
  const openNow = first !== undefined && nowHere !== undefined && first.from <= nowHere.at && !waits;
  if (openNow) return { ...base, status: 'usable', reasons: order(reasons), opens: null, openSpans };

  const opens: Opening = first ? { kind: 'at', at: first.from } : beyond(s, c, reasons);
  const saidNow = closedNow.length > 0 ? sayNow(s) : '';
  const hourReasons: Reason[] =
    waits && closedNow.length === 0
      ? []
      : closedNow.map((h) => ({
          code: `hour-${h.code}`,
          weight: 'not-now',
          sentence: `${h.sentence}.`,
          inputs: [{ name: 'Now', value: saidNow }],
          source: { mark: 'CP' },
          opens,
        }));
  if (!waits && hourReasons.length === 0) {
    hourReasons.push({
      code: 'hour-none',
      weight: 'not-now',
      sentence: first ? 'Open for less than half an hour just now.' : 'No open hour is in sight yet.',
      inputs: [],
      source: { mark: 'CP' },
      opens,
    });
  }
  return { ...base, status: 'not-now', reasons: order([...reasons, ...hourReasons]), opens, openSpans };
}

/**
 * The parts of hours that nobody has told the weather of in which no rule, label or plan of people speaks against a
 * control; none where one speaks that no day takes away.
 * @param hours as they are usual for it
 */
export function openAmong(control: Control, s: Situation, sheet: LabelSheet | null, hours: readonly Span[]): readonly Span[] {
  const c = candidateFor(control, sheet, s);
  if (RULES.some((rule) => bars(rule(s, c, s.now)))) return [];
  return withoutPlans(hours, s, c).flatMap((span) => clip(s, c, span));
}
const bars = (r: Reason | null): boolean => r !== null && (r.weight === 'never' || r.opens?.kind === 'event');

/** What closes a control at a moment, but for the weather; the most serious first. */
export function closedAt(control: Control, s: Situation, sheet: LabelSheet | null, at: Instant): readonly Reason[] {
  const c = candidateFor(control, sheet, s);
  const always = against(s, c, s.now).filter((r) => bars(r));
  return order([...always, ...dated(s, c, at).filter((r) => r.weight !== 'note' && !always.some((a) => a.code === r.code))]);
}

/**
 * The part of an open span in which no dated rule speaks. Waits open once; only a picking that comes
 * near closes again, for a day at least, so a span is looked at by its ends and halved between.
 */
function clip(s: Situation, c: Candidate, span: Span): Span[] {
  const closedAt = (t: Instant) => dated(s, c, t).filter((r) => r.weight === 'not-now');
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

const LOOK_UP: Readonly<Partial<Record<keyof HourNeeds, string>>> = {
  maxTempC: 'how warm it is',
  minTempC: 'how warm it is',
  maxSunWm2: 'the sun',
  maxWindMs: 'the wind',
  rainFreeHours: 'whether rain is coming',
  leaf: 'whether leaves are wet',
  bees: 'whether bees fly',
};

/** Nobody measured or forecast the weather: what to look at; null where the hour does not matter. */
function lookUp(needs: HourNeeds): Reason | null {
  const what = [...new Set((Object.keys(needs) as (keyof HourNeeds)[]).flatMap((k) => LOOK_UP[k] ?? []))];
  if (what.length === 0) return null;
  return {
    code: 'hour-unknown',
    weight: 'not-now',
    sentence: `No weather is known here: look for yourself (${what.join(', ')}).`,
    inputs: [],
    source: { mark: 'CP' },
    opens: { kind: 'event', event: 'after a look at the sky', change: null },
  };
}

/** Open spans less the hours after which somebody would have to go in too early. */
function withoutPlans(spans: readonly Span[], s: Situation, c: Candidate): readonly Span[] {
  const [first, last] = [spans[0], spans.at(-1)];
  if (!c.sheet || s.plans.length === 0 || !first || !last) return spans;
  const out = keepOutMs(c.sheet);
  let left = [...spans];
  for (const met of meetings(s.plans, first.from, instant(last.to + out), s.place.zone)) {
    const [shut, opens] = [met.from - out, Math.ceil(met.to / STEP_MS) * STEP_MS];
    left = left.flatMap((span) => [
      ...(span.from < shut ? [{ from: span.from, to: instant(Math.min(span.to, Math.floor(shut / STEP_MS) * STEP_MS)) }] : []),
      ...(span.to > opens ? [{ from: instant(Math.max(span.from, opens)), to: span.to }] : []),
    ]);
  }
  return left.filter((span) => span.to - span.from >= 2 * STEP_MS);
}

/** Many controls ask the same of an hour: worked out once for one run of weather. */
const hoursKnown = new WeakMap<readonly Conditions[], Map<string, readonly Span[]>>();
function openSpansOf(conditions: readonly Conditions[], needs: HourNeeds, setting: Setting): readonly Span[] {
  const key = JSON.stringify([needs, setting]);
  let known = hoursKnown.get(conditions);
  if (!known) hoursKnown.set(conditions, (known = new Map()));
  let spans = known.get(key);
  if (!spans) known.set(key, (spans = openSpans(conditions, needs, setting)));
  return spans;
}

const nowSaid = new WeakMap<readonly Conditions[], { readonly now: Instant; readonly said: string }>();
function sayNow({ now, place, conditions }: Situation): string {
  const known = nowSaid.get(conditions);
  if (known?.now === now) return known.said;
  const said = sayWhen(now, now, place.zone);
  nowSaid.set(conditions, { now, said });
  return said;
}

/** No open hour within the known weather: the day its dated rules open, or the event of better weather. */
function beyond(s: Situation, c: Candidate, reasons: readonly Reason[]): Opening {
  let at: Instant = s.now;
  let pending = reasons;
  for (let i = 0; i < 12; i++) {
    const dates = pending.flatMap((r) => (r.opens?.kind === 'at' && r.weight === 'not-now' ? [r.opens.at] : []));
    if (dates.length === 0) break;
    at = instant(Math.max(at, ...dates));
    pending = dated(s, c, at);
  }
  const last = s.conditions.findLast((x) => x.knownHours > 0);
  return at > s.now && (!last || at > last.at)
    ? { kind: 'at', at }
    : { kind: 'event', event: 'when the weather changes: no open hour in the days ahead', change: null };
}

const RANK = { never: 0, 'not-now': 1, note: 2 } as const;
const order = (reasons: readonly Reason[]) => [...reasons].sort((a, b) => RANK[a.weight] - RANK[b.weight]);
