import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import fc from 'fast-check';
import Papa from 'papaparse';
import { HOSTS, SIGNS, TROUBLES } from '../src/catalogue';
import { finder, findPages, findPlants, findSigns } from '../src/find';
import { othersFor, termsOf } from '../src/find/words';
import { runs } from './runs';

interface Row {
  readonly where: 'plant' | 'sign' | 'almanac';
  readonly phrase: string;
  readonly 'one of': string;
}
const phrases = Papa.parse<Row>(readFileSync(join(__dirname, '../../../bench/words/phrases.csv'), 'utf8'), { header: true, skipEmptyLines: true }).data;
const find = (r: Row) => (r.where === 'plant' ? findPlants : r.where === 'sign' ? findSigns : findPages)(r.phrase).map((id) => id.replace(/^control-/, ''));

describe('what growers type', () => {
  test('of over 400 phrases 97 in 100 are found in sight, and 2 in 100 at most show something else first', () => {
    expect(phrases.length).toBeGreaterThanOrEqual(400);
    const missed = phrases.filter(
      (r) =>
        !find(r)
          .slice(0, 6)
          .some((id) => r['one of'].split(' ').includes(id)),
    );
    expect(missed.length / phrases.length).toBeLessThanOrEqual(0.03);
    expect(missed.filter((r) => find(r).length > 0).length / phrases.length).toBeLessThanOrEqual(0.02);
  });

  // each with what was found before, or not at all: common names
  test.each([
    ['cherry', ['cherry', 'flowering-cherry']],
    ['ash', ['ash-tree']],
    ['holly', ['holly']],
    ['lemon', ['citrus']],
    ['zucchini', ['courgette']],
  ])('the plant "%s" comes first', (text, ids) => {
    expect(findPlants(text).slice(0, ids.length).sort()).toEqual([...ids].sort());
  });

  test('every plant, sign and trouble is found first by its own name', () => {
    for (const h of HOSTS) expect([h.id, findPlants(h.name)[0]]).toEqual([h.id, h.id]);
    for (const s of SIGNS) expect([s.id, findSigns(s.name)[0]]).toEqual([s.id, s.id]);
    for (const t of TROUBLES) expect([t.id, findPages(t.name).slice(0, 3)]).toEqual([t.id, expect.arrayContaining([t.id])]);
  });

  test('in any order, in capitals, in the plural, with an accent and with a slip', () => {
    for (const text of ['leaves curling', 'curling leaves', 'CURLING LEAVES!', 'curled leaf', 'cürling leaves', 'currling leaves'])
      expect([text, findSigns(text)[0]]).toEqual([text, 'curled-tips']);
  });

  test('two spellings and one word for another', () => {
    expect(findSigns('gray mold')).toEqual(findSigns('grey mould'));
    expect(findSigns('white fluff')).toContain('cottony-tufts');
    expect(findSigns('caterpillar poop')[0]).toBe('droppings');
    expect(termsOf('The leaves are dying')).toEqual(termsOf('leaf die'));
    expect(othersFor(termsOf('gnats')[0] ?? '')).toContain(termsOf('flies')[0]);
  });

  test('whatever is typed, nothing breaks, nothing comes twice, and all of it is there', () => {
    const ids = new Set(SIGNS.map((s) => s.id));
    fc.assert(
      fc.property(fc.oneof(fc.string({ maxLength: 40 }), fc.constantFrom('(', '*', 'a', '  ', '🐛', 'the of', 'x'.repeat(300))), (text) => {
        const found = findSigns(text);
        expect(new Set(found).size).toBe(found.length);
        expect(found.every((id) => ids.has(id))).toBe(true);
      }),
      { numRuns: runs(500) },
    );
    expect(findSigns('')).toEqual([]);
    expect(findSigns('qqzx')).toEqual([]);
  });

  test('from typing to results in well under 12 ms here: 50 ms on a phone four times slower', () => {
    findSigns('warm');
    const t = performance.now();
    for (const r of phrases) if (r.where === 'sign') findSigns(r.phrase);
    expect((performance.now() - t) / phrases.filter((r) => r.where === 'sign').length).toBeLessThan(12);
  });
});

describe('a finder', () => {
  const list = [
    { id: 'a', name: 'Dragon fruit', also: ['pitaya'] },
    { id: 'b', name: 'Fruit flies', also: [], words: 'a dragon is not meant' },
    { id: 'c', name: 'Pear', also: ['alligator pear'] },
  ];
  const look = finder(list);
  test('names before other names before words; all of it before half of it', () => {
    expect(look('dragon fruit')[0]).toBe('a');
    expect(look('dragon')).toEqual(['a']);
    expect(look('fruit')[0]).toBe('b');
    expect(look('pear')).toEqual(['c']);
  });
  test('two words as one, and one as two', () => {
    expect(look('dragonfruit')).toEqual(['a']);
    expect(look('pit aya')).toEqual(['a']);
  });
});
