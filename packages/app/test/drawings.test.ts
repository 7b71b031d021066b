import { SIGNS, type Drawing } from '@sleetbrook/core/catalogue';
import { canDraw, compose } from '../src/screens/look/drawings/compose';
import { even } from '../src/screens/look/drawings/shape';
import type { Tokens } from '../src/ui/tokens';

/** Every colour named after itself, so that a missing one shows. */
const t = new Proxy({}, { get: (_o, name) => `#${String(name)}` }) as Tokens;
const drawn = SIGNS.flatMap((s): [string, Drawing][] => (s.drawing ? [[s.id, s.drawing]] : []));

describe('pictures of signs', () => {
  test.each(drawn)('%s has one, with whole paths', (_id, drawing) => {
    expect(canDraw(drawing)).toBe(true);
    const shapes = compose(drawing, t);
    expect(shapes.length).toBeGreaterThan(1);
    for (const s of shapes) {
      expect(s.d).toMatch(/^M/);
      expect(s.d).not.toMatch(/NaN|undefined|Infinity/);
      expect(s.fill ?? s.stroke).toMatch(/^#[a-zA-Z]+$/);
      if (s.at) expect(s.at.every(Number.isFinite)).toBe(true);
    }
  });

  test('signs that mean different things do not look the same', () => {
    const seen = new Map<string, string>();
    const same: string[] = [];
    for (const [id, drawing] of drawn) {
      const look = JSON.stringify(compose(drawing, t));
      const other = seen.get(look);
      if (other) same.push(`${other} = ${id}`);
      seen.set(look, id);
    }
    expect(same).toEqual([]);
  });

  test('the same picture each time', () => {
    for (const [, drawing] of drawn.slice(0, 40)) expect(compose(drawing, t)).toEqual(compose(drawing, t));
  });

  test('a motif nobody drew leaves the bare plant part', () => {
    const bare: Drawing = { on: 'leaf', motif: 'no-such-motif' };
    expect(canDraw(bare)).toBe(false);
    expect(compose(bare, t).length).toBe(2);
  });

  test('marks are spread over all quarters', () => {
    const quarters = new Set(
      Array.from({ length: 8 }, (_, i) =>
        even(i, 3)
          .map((v) => v > 0.5)
          .join(),
      ),
    );
    expect(quarters.size).toBe(4);
  });
});
