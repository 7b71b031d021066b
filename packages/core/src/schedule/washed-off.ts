import { addDays, dayEnd, dayOf, type LocalDay } from './local-day';
import { protectionLeft, shareInWords, type ProtectionFacts } from './protection';

/** A day on which rain took a good part of what had been put on. */
export interface WashedOff {
  readonly day: LocalDay;
  readonly mm: number;
  /** Of what was put on, 0 … 1. */
  readonly share: number;
}

/** Less than this of it is not worth a line. */
const TOLD = 0.2;

/**
 * Days whose rain washed off a fifth or more of a round, in the order they came; today's up to now.
 * @param facts as for the protection that is left at `now`
 */
export function washedOffBy(facts: ProtectionFacts, zone: string): WashedOff[] {
  const out: WashedOff[] = [];
  let before = { share: 1, mm: 0 };
  for (let day = dayOf(facts.finishedAt, zone); ; day = addDays(day, 1)) {
    const end = dayEnd(day, zone);
    const p = protectionLeft({ ...facts, now: end < facts.now ? end : facts.now });
    if (!p) return [];
    const lost = before.share - p.rain.likely;
    if (lost >= TOLD) out.push({ day, mm: p.mm - before.mm, share: lost });
    before = { share: p.rain.likely, mm: p.mm };
    if (end >= facts.now) return out;
  }
}

/** @example sayWashedOff({ day: '2026-06-13', mm: 31, share: 0.55 }, '31 mm') // '31 mm washed about half of it off' */
export const sayWashedOff = (w: WashedOff, rain: string): string => `${rain} washed ${shareInWords(w.share)} of it off`;
