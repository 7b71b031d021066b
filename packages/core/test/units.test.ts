import fc from 'fast-check';
import { all, create, type Unit as MathUnit } from 'mathjs';
import { convert, inSentence, parseNumber, UNITS, type UnitId } from '../src/measure';

const math = create(all ?? {});

/** Our units by the name that mathjs gives them; spoons of other countries it does not know. */
const IN_MATHJS: Partial<Record<UnitId, string>> = {
  ml: 'ml',
  l: 'l',
  'tsp-metric': 'teaspoon',
  'tbsp-metric': 'tablespoon',
  'floz-us': 'fluidounce',
  'gal-us': 'gallon',
  g: 'g',
  kg: 'kg',
  oz: 'oz',
  lb: 'lb',
  m: 'm',
  cm: 'cm',
  in: 'inch',
  ft: 'ft',
  m2: 'm2',
  ft2: 'sqft',
  acre: 'acre',
  ha: 'hectare',
};

describe('units', () => {
  // source: NIST Handbook 44, Appendix C
  test.each([
    ['gal-us', 3785.411784],
    ['floz-us', 29.5735295625],
    ['tbsp-us', 14.78676478125],
    ['tsp-us', 4.92892159375],
    ['lb', 453.59237],
    ['in', 0.0254],
    ['acre', 4046.8564224],
  ] as const)('%s is as NIST Handbook 44 has it', (id, si) => expect(UNITS[id].si).toBeCloseTo(si, 10));

  // source: Weights and Measures Act 1985 (UK), Schedule 1: gallon 4.54609 l, of 160 fluid ounces
  test('the imperial gallon holds 160 imperial fluid ounces', () => expect(UNITS['gal-imp'].si / UNITS['floz-imp'].si).toBeCloseTo(160, 9));

  test.each([...Object.entries(IN_MATHJS)] as [UnitId, string][])('%s agrees with mathjs', (id, name) => {
    const base = { volume: 'ml', mass: 'g', length: 'm', area: 'm2' }[UNITS[id].dimension];
    // mathjs rounds its US volumes and the acre to four or five figures
    expect((math.unit(1, name) as MathUnit).toNumber(base) / UNITS[id].si).toBeCloseTo(1, 3);
  });

  test('there and back gives the same amount', () => {
    const volumes = ['ml', 'l', 'tsp-metric', 'tbsp-au', 'tsp-us', 'gal-us', 'floz-imp', 'gal-imp'] as const;
    fc.assert(
      fc.property(fc.constantFrom(...volumes), fc.constantFrom(...volumes), fc.double({ min: 1e-6, max: 1e9, noNaN: true }), (a, b, n) => {
        const back = convert<'volume'>(convert<'volume'>(n, a, b), b, a);
        expect(Math.abs(back - n)).toBeLessThanOrEqual(n * 1e-12);
      }),
    );
  });
});

describe('numbers as people type them', () => {
  test.each([
    ['12', 12],
    ['0,5', 0.5],
    ['0.5', 0.5],
    ['1½', 1.5],
    ['1 1/2', 1.5],
    ['3/4', 0.75],
    ['½', 0.5],
    ['-1.9', -1.9],
    [' 20 ', 20],
    ['.5', 0.5],
    ['1500', 1500],
  ])('%s', (text, value) => {
    expect(parseNumber(text)).toEqual({ ok: true, value });
  });

  test.each([
    ['', 'empty'],
    ['ten', 'not-a-number'],
    ['1,500', 'ambiguous'],
    ['1/0', 'not-a-number'],
    ['12 ml', 'not-a-number'],
    ['1e9', 'not-a-number'],
    ['NaN', 'not-a-number'],
    ['Infinity', 'not-a-number'],
    ['--1', 'not-a-number'],
  ])('%s is asked about', (text, code) => {
    expect(parseNumber(text, 'area')).toMatchObject({ ok: false, reasons: [{ code, field: 'area' }] });
  });

  test('what was written with two places is read as it was', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 10_000_000 }), (hundredths) => {
        expect(parseNumber((hundredths / 100).toFixed(2))).toEqual({ ok: true, value: hundredths / 100 });
      }),
    );
  });

  test('any text gives a finite number or a refusal', () => {
    fc.assert(
      fc.property(fc.string(), (text) => {
        const n = parseNumber(text);
        if (n.ok) expect(Number.isFinite(n.value)).toBe(true);
        else expect(n.reasons[0]?.sentence).toBeTruthy();
      }),
    );
  });
});

describe('a name within a sentence', () => {
  test.each([
    ['Black bean aphid', 'black bean aphid'],
    ['Colorado potato beetle', 'Colorado potato beetle'],
    ['B. subtilis spray', 'B. subtilis spray'],
    ['Bt for beetle grubs', 'Bt for beetle grubs'],
    ['Botrytis', 'botrytis'],
    ['Busy Lizzies', 'busy Lizzies'],
    ['White C-shaped grubs', 'white C-shaped grubs'],
    ['Brussels sprouts', 'Brussels sprouts'],
    ['Frenchy', 'frenchy'],
    ['', ''],
  ])('%s', (name, said) => expect(inSentence(name)).toBe(said));
});
