import fc from 'fast-check';
import { celsius } from '../src/measure';
import { degreeDays, degreeDaysOfHours, extremesOf } from '../src/weather';
import { runs } from './runs';

/** What the closed form stands for: a sine day cut off between its thresholds, summed in small steps. */
function integral(least: number, most: number, lower: number, upper: number, steps = 20_000): number {
  let sum = 0;
  for (let i = 0; i < steps; i++) {
    const c = (most + least) / 2 + ((most - least) / 2) * Math.sin((2 * Math.PI * (i + 0.5)) / steps);
    sum += Math.max(0, Math.min(c, upper) - lower) / steps;
  }
  return sum;
}

const days = fc
  .tuple(fc.double({ min: -15, max: 35, noNaN: true }), fc.double({ min: 0, max: 28, noNaN: true }))
  .map(([least, range]) => ({ least, most: least + range }));
const thresholds = fc.constantFrom({ lower: 10, upper: 31.1 }, { lower: 7.3, upper: Infinity }, { lower: 10.6, upper: 32.2 }, { lower: 0, upper: 12 });

test('the sum of a day is the area under its sine between the thresholds, whichever of the six cases it is', () => {
  fc.assert(
    fc.property(days, thresholds, ({ least, most }, t) => {
      expect(degreeDays(celsius(least), celsius(most), t)).toBeCloseTo(integral(least, most, t.lower, t.upper), 3);
    }),
    { numRuns: runs(300) },
  );
});

// by hand from the definition: above both thresholds all day, below the lower all day, between them all day
test.each([
  ['too cold all day', 2, 9.9, { lower: 10 }, 0],
  ['just at the threshold', 2, 10, { lower: 10 }, 0],
  ['between all day: the mean less the threshold', 12, 20, { lower: 10 }, 6],
  ['too hot all day: no more than the span', 33, 40, { lower: 10, upper: 31.1 }, 21.1],
  ['even', 15, 15, { lower: 10, upper: 31.1 }, 5],
  // half the day above, mean at the threshold: W / π
  ['a mean at the threshold', 5, 15, { lower: 10 }, 5 / Math.PI],
  // both thresholds as far from the mean: 10 ± 5 within 0 to 20
  ['a mean at the middle of the span', 0, 20, { lower: 5, upper: 15 }, 5],
])('%s', (_, least, most, t, expected) => expect(degreeDays(celsius(least), celsius(most), t)).toBeCloseTo(expected, 9));

test('warmer never counts less, and no day counts more than the span', () => {
  fc.assert(
    fc.property(days, fc.double({ min: 0, max: 10, noNaN: true }), thresholds, ({ least, most }, more, t) => {
      const a = degreeDays(celsius(least), celsius(most), t);
      const b = degreeDays(celsius(least + more), celsius(most + more), t);
      expect(b).toBeGreaterThanOrEqual(a - 1e-9);
      expect(b).toBeLessThanOrEqual((Number.isFinite(t.upper) ? t.upper - t.lower : Infinity) + 1e-9);
    }),
  );
});

test('hours that follow the same sine come to the same sum', () => {
  const hours = Array.from({ length: 24 }, (_, i) => ({ temperatureC: 15 + 9 * Math.sin((2 * Math.PI * (i + 0.5)) / 24) }));
  expect(degreeDaysOfHours(hours, { lower: 10, upper: 31.1 })).toBeCloseTo(degreeDays(celsius(6), celsius(24), { lower: 10, upper: 31.1 }), 1);
  expect(extremesOf([])).toBeNull();
  expect(extremesOf([{ temperatureC: 4 }, { temperatureC: -2 }, { temperatureC: 9 }])).toEqual({ least: -2, most: 9 });
});
