import type { RateForm } from './rate';
import type { LabelLine } from './schema';

/**
 * Water in ml for one of what a rate goes by, where a label names none: a low planting is wetted by about a US gallon
 * on 1,000 sq ft and to run-off by some ten times as much, a drench wants a few litres at each plant to be carried
 * in. Common practice and from memory: it is proposed, shown as proposed, and open to change.
 */
export const WATER_PROPOSALS: Readonly<Record<RateForm, { readonly wetted: number; readonly runOff: number; readonly drenched: number }>> = {
  'per-litre': { wetted: 100, runOff: 400, drenched: 2000 },
  'per-m2': { wetted: 100, runOff: 400, drenched: 2000 },
  'per-plant': { wetted: 100, runOff: 400, drenched: 500 },
  'per-m-row': { wetted: 60, runOff: 200, drenched: 1000 },
  'per-litre-soil': { wetted: 0, runOff: 0, drenched: 250 },
  'per-cm-trunk': { wetted: 12, runOff: 20, drenched: 200 },
  'per-m-height': { wetted: 250, runOff: 1000, drenched: 4000 },
};

/**
 * The water that goes with a line for one of what its rate is counted by (a square metre for rates by the litre).
 * @returns ml, and whether the label names it or it is only proposed
 * @example proposedWater({ … drench by the inch, none named }) // { ml: 200, named: false }
 */
export function proposedWater(line: Pick<LabelLine, 'waterMlPerM2' | 'waterMostMlPerM2' | 'coverage' | 'rate'>): {
  readonly ml: number;
  readonly named: boolean;
} {
  if (line.waterMlPerM2 !== null) {
    const most = line.waterMostMlPerM2 ?? line.waterMlPerM2;
    return { ml: (line.waterMlPerM2 + Math.max(most, line.waterMlPerM2)) / 2, named: true };
  }
  const by = WATER_PROPOSALS[line.rate.form];
  const ml = line.coverage === 'drenched' ? by.drenched : line.coverage === 'run-off' ? by.runOff : line.coverage === 'scattered' ? 0 : by.wetted;
  return { ml, named: false };
}
