import fc from 'fast-check';
import { readSize } from '../src/measure';

const area = (text: string, system: 'us' | 'metric') => readSize(text, 'area', system, { min: 0.01, max: 10_000, what: 'The area' });

describe('ground by its sides', () => {
  // 1 ft = 0.3048 m exactly (NIST SP 811)
  test.each([
    ['12 x 4 ft', 'us', 48 * 0.09290304],
    ['12x4', 'us', 48 * 0.09290304],
    ['12 ft by 4 ft', 'us', 48 * 0.09290304],
    ['3 m × 1.2 m', 'metric', 3.6],
    ['3 x 1.2', 'metric', 3.6],
    ['5 m x 60 cm', 'metric', 3],
    ['3 rows of 5 m x 60 cm', 'metric', 9],
    ['2 beds 4 ft x 8 ft', 'us', 64 * 0.09290304],
    ['round 2 m', 'metric', Math.PI],
    ['round bed of 6 ft across', 'us', (Math.PI / 4) * 36 * 0.09290304],
    ['40', 'us', 40 * 0.09290304],
    ['40 sq ft', 'metric', 40 * 0.09290304],
  ] as const)('“%s” (%s)', (text, system, m2) => expect(area(text, system)).toEqual({ ok: true, value: expect.closeTo(m2, 9) }));

  test('whatever the sides are, it is their product', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 90 }), fc.integer({ min: 1, max: 90 }), (a, b) => {
        expect(area(`${a} x ${b} m`, 'us')).toEqual({ ok: true, value: expect.closeTo(a * b, 6) });
        expect(area(`${a} m x ${b} m`, 'metric')).toEqual({ ok: true, value: expect.closeTo(a * b, 6) });
      }),
    );
  });

  test.each(['x', '3 x', 'x 4', '3 x tall', '3 kg x 2 m', 'round', '300 x 300 km'])('“%s” is asked or refused', (text) =>
    expect(area(text, 'metric').ok).toBe(false),
  );
});
