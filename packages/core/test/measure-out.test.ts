import fc from 'fast-check';
import { measureOut, millilitres, MOST_SCOOPS, STARTER_KITS, type Measure } from '../src/measure';
import { runs } from './runs';

const spoon = (id: string, capacityMl: number): Measure => ({ kind: 'spoon', id, name: id, capacityMl });

/** Every combination of up to MOST_SCOOPS spoons, the slow way. */
function bruteForce(wanted: number, sizes: readonly number[], ceiling: number): number {
  let best = Infinity;
  const walk = (i: number, left: number, sum: number) => {
    if (i === sizes.length) {
      if (sum > 0 && sum <= ceiling + 1e-9) best = Math.min(best, Math.abs(sum - wanted));
      return;
    }
    for (let n = 0; n <= left; n++) walk(i + 1, left - n, sum + n * (sizes[i] as number));
  };
  walk(0, MOST_SCOOPS, 0);
  return best;
}

describe('measuring out with the grower’s spoons', () => {
  // common practice: level metric spoons of 15, 5, 2.5 and 1.25 ml
  test('75 ml is five tablespoons, exactly', () => {
    const out = measureOut(millilitres(75), STARTER_KITS.metric);
    expect(out).toMatchObject({ ok: true, value: { total: 75, error: 0, scoops: [{ count: 5, eachMl: 15 }] } });
  });

  test('a marked jug takes the bulk, spoons the rest', () => {
    const out = measureOut(millilitres(265), [...STARTER_KITS.metric, { kind: 'jug', id: 'jug', name: 'jug', capacityMl: 1000, stepMl: 50 }]);
    expect(out).toMatchObject({
      ok: true,
      value: {
        total: 265,
        error: 0,
        scoops: [
          { count: 1, eachMl: 250 },
          { count: 1, eachMl: 15 },
        ],
      },
    });
  });

  test('never over the ceiling, even where over would be nearer', () => {
    const out = measureOut(millilitres(14.5), [spoon('tbsp', 15), spoon('tsp', 5)], millilitres(14.5));
    expect(out).toMatchObject({ ok: true, value: { total: 10 } });
  });

  test.each([
    [0.1, 'too-small'],
    [5000, 'too-many'],
    [0, 'not-positive'],
    [Number.NaN, 'not-positive'],
  ])('%d ml: %s', (ml, code) => {
    expect(measureOut(millilitres(ml), STARTER_KITS.metric)).toMatchObject({ ok: false, reasons: [{ code }] });
  });

  test('without a spoon it asks for one', () => expect(measureOut(millilitres(5), [])).toMatchObject({ ok: false, reasons: [{ code: 'no-measures' }] }));

  test('the error is the true minimum', () => {
    const size = fc.integer({ min: 2, max: 80 }).map((q) => q / 4);
    fc.assert(
      fc.property(fc.uniqueArray(size, { minLength: 1, maxLength: 3 }), fc.double({ min: 1, max: 120, noNaN: true }), fc.boolean(), (sizes, wanted, strict) => {
        const ceiling = strict ? wanted : Infinity;
        const out = measureOut(
          millilitres(wanted),
          sizes.map((s) => spoon(String(s), s)),
          millilitres(ceiling),
        );
        const best = bruteForce(wanted, sizes, ceiling);
        if (out.ok) {
          expect(Math.abs(out.value.total - wanted)).toBeCloseTo(best, 6);
          expect(out.value.total).toBeLessThanOrEqual(ceiling + 1e-9);
        } else if (out.reasons[0]?.code === 'too-small') expect(best).toBeGreaterThanOrEqual(wanted - 1e-9);
        else expect(MOST_SCOOPS * Math.max(...sizes)).toBeLessThan(wanted);
      }),
      { numRuns: runs(300) },
    );
  });
});
