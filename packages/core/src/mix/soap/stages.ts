import { instant, type Instant } from '../../measure';

/** The days of a batch, in order. */
export const SOAP_STAGES = ['lye', 'blend', 'rest', 'thin', 'stir', 'ready'] as const;
export type SoapStage = (typeof SOAP_STAGES)[number];

export const STAGE_NAMES: Readonly<Record<SoapStage, string>> = {
  lye: 'Dissolve the lye',
  blend: 'Blend',
  rest: 'Rest',
  thin: 'Thin',
  stir: 'Stir',
  ready: 'Ready',
};

const HOUR = 3_600_000;
export const REST_HOURS = 48;

/**
 * Days of stirring until the soap is thin, golden and without lumps: 3 at 30 °C and 7½ at 21 °C (common practice);
 * between and beyond them in the same proportion a degree, and never said of the cold or of great heat.
 * @param tempC where it stands, 10 to 38 °C; outside it is held to those
 * @example readyDays(21) // 7.5
 */
export function readyDays(tempC: number): number {
  const t = Math.min(38, Math.max(10, tempC));
  return 7.5 * (3 / 7.5) ** ((t - 21) / 9);
}

/** Where a batch stands. @example stageOf({ blended: null, … }) // 'blend' */
export const stageOf = (b: BatchTimes): SoapStage => (b.ready !== null ? 'ready' : b.thinned !== null ? 'stir' : b.blended !== null ? 'rest' : 'blend');

/**
 * What must be seen before a batch counts as ready; the strip says that no lye is left: made soap is 9 to 10.5, lye
 * far above. Common practice. Never tried on the tongue or bare skin.
 */
export const READY_TESTS = [
  'Thin as water',
  'Golden and clear',
  'No lumps at the bottom',
  'A pH strip in one part with ten of rain water shows 10.5 or less: no lye is left',
] as const;

/** What was done with a batch and when; times are UTC. */
export interface BatchTimes {
  /** Blended to thick. */
  readonly blended: Instant | null;
  /** Thinned with water. */
  readonly thinned: Instant | null;
  readonly stirs: readonly Instant[];
  /** Looked at and found thin, golden and without lumps. */
  readonly ready: Instant | null;
  readonly tempC: number;
}

export interface SoapDue {
  readonly what: 'thin' | 'stir' | 'look';
  readonly at: Instant;
  readonly text: string;
}

/** Morning and evening, with room for a late hand. */
const BETWEEN_STIRS = 10 * HOUR;

/**
 * What a batch waits for next.
 * @returns null before it is blended and once it is ready
 */
export function nextDue(b: BatchTimes): SoapDue | null {
  if (b.blended === null || b.ready !== null) return null;
  if (b.thinned === null) {
    return { what: 'thin', at: instant(b.blended + REST_HOURS * HOUR), text: 'Rested to a stiff paste: thin it with water, poured slowly, never whipped.' };
  }
  const ready = readyAt(b);
  const last = b.stirs.at(-1) ?? b.thinned;
  const stir = instant(last + BETWEEN_STIRS);
  if (ready !== null && ready <= stir) return { what: 'look', at: ready, text: 'Look at it: thin, golden and without lumps is ready.' };
  return { what: 'stir', at: stir, text: 'Stir 4 or 5 slow turns.' };
}

/** When it should be ready. @returns null before it is thinned */
export const readyAt = (b: Pick<BatchTimes, 'thinned' | 'tempC'>): Instant | null =>
  b.thinned === null ? null : instant(b.thinned + readyDays(b.tempC) * 24 * HOUR);
