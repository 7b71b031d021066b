import { byVersion } from '../src/api';
import { partOf, Refusal, type Part } from '../src/house';
import fc from 'fast-check';

const key = (x: { readonly k: string }) => x.k;
const lists = fc.uniqueArray(fc.uuid(), { maxLength: 40 }).map((ks) => ks.map((k) => ({ k })));

test('the parts of a list, one after the other, are the list: nothing twice, nothing short, and every part but the last is full', () => {
  fc.assert(
    fc.property(lists, fc.integer({ min: 1, max: 12 }), (list, limit) => {
      const told: unknown[] = [];
      const sizes: number[] = [];
      for (let after: string | null = '', n = 0; after !== null; n++) {
        expect(n).toBeLessThan(50);
        const part: Part<(typeof list)[number]> = partOf(list, after, key, limit);
        told.push(...part.list);
        sizes.push(part.list.length);
        after = part.next;
      }
      expect(told).toEqual(list);
      expect(sizes.slice(0, -1).every((s) => s === limit)).toBe(true);
      // a list that just fills its parts does not lead to an empty one
      expect(sizes.at(-1) === 0).toBe(list.length === 0);
    }),
  );
});

test('where the last one known has gone, it is said, and no part is told as if it were the next', () => {
  const list = ['a', 'b', 'c'].map((k) => ({ k }));
  expect(() => partOf(list, 'gone', key, 2)).toThrow(Refusal);
  expect(partOf(list, ['a'], key, 2).list).toHaveLength(2);
  expect(partOf(list, 'b', key, 2)).toEqual({ list: [{ k: 'c' }], next: null });
});

test('what has versions is known by both', () => {
  expect([byVersion({ id: 'own-a', version: 2 }), byVersion({ sheetId: 'own-a', version: 3 })]).toEqual(['own-a/2', 'own-a/3']);
});
