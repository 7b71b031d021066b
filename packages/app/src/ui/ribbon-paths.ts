import type { Conditions } from '@sleetbrook/core/weather';

export const HOUR_PX = 24;
export const SLOT_PX = HOUR_PX / 4;
export const SKY_TOP = 40;
export const SKY_HEIGHT = 150;

/** How light the sky is, 0 night … 1 day, smooth through dusk. @param altitude of the sun, degrees */
export const skyLight = (altitude: number) => Math.min(1, Math.max(0, (altitude + 9) / 18));

/** A trace through a run of values, from the low to the high mark, as a path. */
export function trace(values: readonly number[], top: number, bottom: number, low: number, high: number): string {
  const span = Math.max(high - low, 1e-6);
  return values.map((v, i) => `${i === 0 ? 'M' : 'L'}${(i * SLOT_PX).toFixed(1)} ${(bottom - ((v - low) / span) * (bottom - top)).toFixed(1)}`).join('');
}

/** Rain by the hour: the slot it starts at and how much. */
export function rainBars(ahead: readonly Conditions[]): { slot: number; mm: number }[] {
  const bars: { slot: number; mm: number }[] = [];
  ahead.forEach((c, slot) => {
    const fresh = slot === 0 || new Date(c.at).getUTCMinutes() === 0;
    if (fresh && c.rainMm > 0) bars.push({ slot, mm: c.rainMm });
  });
  return bars;
}

/** Runs of slots in which a condition holds. */
export function runs(ahead: readonly Conditions[], holds: (c: Conditions) => boolean): { from: number; to: number }[] {
  const out: { from: number; to: number }[] = [];
  ahead.forEach((c, i) => {
    if (!holds(c)) return;
    const last = out.at(-1);
    if (last && last.to === i) last.to = i + 1;
    else out.push({ from: i, to: i + 1 });
  });
  return out;
}
