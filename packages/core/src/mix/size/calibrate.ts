import { convert, done, millilitres, refused, trim, type Millilitres, type Outcome, type SquareMetres, type Working } from '../../measure';

/** One calibration walk with plain water, as it was measured. */
export interface Walked {
  readonly areaM2: number;
  /** Water that went on, ml. */
  readonly ml: number;
  /** Time it took, s; null when it was not timed. */
  readonly seconds: number | null;
}

export interface Calibrated {
  /** Mix that goes on a square metre at this walk. */
  readonly mlPerM2: number;
  /** What leaves the nozzle, ml a minute; null when it was not timed. */
  readonly mlPerMinute: number | null;
  /** US gallons an acre, for labels that ask for it. */
  readonly galPerAcre: number;
  readonly working: Working;
}

/**
 * What a sprayer and its walker put on, from a walk with plain water over a marked plot.
 * @returns refused `bad-walk` at `areaM2`, `ml` or `seconds`
 * @example calibrate({ areaM2: 20, ml: 2000, seconds: 100 }) // 100 ml a m², 1200 ml a minute
 */
export function calibrate(w: Walked): Outcome<Calibrated> {
  if (!(w.areaM2 >= 1 && w.areaM2 <= 1000)) return refused('bad-walk', 'Walk over 1 to 1,000 m².', 'areaM2');
  if (!(w.ml >= 10 && w.ml <= 200_000)) return refused('bad-walk', 'The water used must be 10 ml to 200 l.', 'ml');
  if (w.seconds !== null && !(w.seconds >= 3 && w.seconds <= 7200)) return refused('bad-walk', 'The time must be 3 seconds to 2 hours.', 'seconds');
  const mlPerM2 = w.ml / w.areaM2;
  const galPerAcre = convert<'volume'>(w.ml, 'ml', 'gal-us') / convert<'area'>(w.areaM2, 'm2', 'acre');
  return done({
    mlPerM2,
    mlPerMinute: w.seconds === null ? null : (w.ml / w.seconds) * 60,
    galPerAcre,
    working: {
      title: 'What you put on',
      result: `${trim(mlPerM2, 1)} ml a m²`,
      inputs: [
        { name: 'Water used', value: `${trim(w.ml, 0)} ml` },
        { name: 'Plot', value: `${trim(w.areaM2, 2)} m²` },
        { name: 'Which is', value: `${trim(galPerAcre, 1)} US gallons an acre` },
      ],
      formula: 'water ÷ plot',
      source: { mark: 'CP' },
    },
  });
}

/** One 128th of an acre, m²: 340.3 square feet. Sprayed there, US fluid ounces are US gallons an acre. */
export const PLOT_128 = (convert<'area'>(1, 'acre', 'm2') / 128) as SquareMetres;

/** The side of a square plot of one 128th of an acre, m. */
export const PLOT_128_SIDE_M = Math.sqrt(PLOT_128);

/**
 * The 1/128-acre method: the plot is sprayed with water and timed; the nozzle then runs as long into a jug.
 * @param seconds for the plot, each walk once; their mean is used
 * @param caughtMl in the jug over that mean time
 * @returns the same as `calibrate`; refused `bad-walk`, or `uneven` when the walks differ by more than a fifth
 * @example oneOf128([60, 62], 1183) // 40 US gallons an acre
 * Source: extension sprayer-calibration guides.
 */
export function oneOf128(seconds: readonly number[], caughtMl: number): Outcome<Calibrated> {
  if (seconds.length === 0) return refused('bad-walk', 'Time one walk at least.', 'seconds');
  const mean = meanOf(seconds);
  if (Math.max(...seconds) - Math.min(...seconds) > mean * 0.2) {
    return refused('uneven', 'Your walks differ by more than a fifth: walk again at an even pace.', 'seconds');
  }
  return calibrate({ areaM2: PLOT_128, ml: caughtMl, seconds: mean });
}

/** @example meanOf([60, 62]) // 61 */
export const meanOf = (list: readonly number[]): number => list.reduce((a, b) => a + b, 0) / list.length;

/** A nozzle this far from its first flow is worn or blocked. Source: extension sprayer-calibration guides. */
export const DRIFT = 0.1;

export interface Drift {
  readonly state: 'steady' | 'worn' | 'blocked';
  /** (now − first) ÷ first. */
  readonly share: number;
  readonly sentence: string;
}

/**
 * Whether a nozzle still lets through what it did when it was first measured.
 * @param flows ml a minute, oldest first @returns null with fewer than two
 */
export function nozzleDrift(flows: readonly number[]): Drift | null {
  const [first] = flows;
  const now = flows.at(-1);
  if (first === undefined || now === undefined || flows.length < 2) return null;
  const share = (now - first) / first;
  const pct = trim(Math.abs(share) * 100, 0);
  if (share > DRIFT)
    return { state: 'worn', share, sentence: `The nozzle lets through ${pct} % more than at first: it is worn. Put in a new one and calibrate again.` };
  if (share < -DRIFT)
    return {
      state: 'blocked',
      share,
      sentence: `The nozzle lets through ${pct} % less than at first: wash it and its filter in clean water, never with the mouth, then measure again.`,
    };
  return { state: 'steady', share, sentence: `Steady: within ${pct === '0' ? '1' : pct} % of the first time.` };
}

/**
 * Mix for an area at a calibrated walk.
 * @returns ml
 * @example mixFor(20 m², { mlPerM2: 100 }) // 2000
 */
export const mixAt = (area: SquareMetres, c: Pick<Calibrated, 'mlPerM2'>): Millilitres => millilitres(area * c.mlPerM2);
