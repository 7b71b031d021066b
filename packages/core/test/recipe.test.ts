import fc from 'fast-check';
import type { LabelLine, LabelSheet } from '../src/label';
import { findSheet, SHEETS } from '../src/label/sheets';
import { parseQuantity, UNITS, type Dimension, type Quantity, type UnitSystem } from '../src/measure';
import { checkRecipe } from '../src/mix';
import { runs } from './runs';

const ANY: Dimension[] = ['volume', 'mass', 'length', 'area'];
const read = (text: string, system: UnitSystem = 'metric', wanted: readonly Dimension[] = ANY) => parseQuantity(text, system, wanted, 'f');
const si = (text: string, system: UnitSystem = 'metric') => {
  const q = read(text, system);
  return q.ok ? q.value.si : Number.NaN;
};

describe('amounts as people type them', () => {
  // source: NIST Handbook 44, Appendix C, for US units; Weights and Measures Act 1985 for imperial; metric and Australian spoons common practice
  test.each<[string, UnitSystem, number]>([
    ['1 1/2 tsp', 'us', 7.39338239],
    ['1½ tbsp', 'metric', 22.5],
    ['1½ tbsp', 'australian', 30],
    ['2 tablespoons', 'us', 29.5735296],
    ['0,5 l', 'metric', 500],
    ['.5 litre', 'metric', 500],
    ['500ml', 'metric', 500],
    ['2 fl oz', 'us', 59.147059],
    ['2 fl. oz', 'us', 59.147059],
    ['2 fl oz', 'imperial', 56.826125],
    ['1 gal', 'us', 3785.411784],
    ['1 imp gal', 'metric', 4546.09],
    ['2 US gal', 'imperial', 7570.823568],
    ['1 pt', 'us', 473.176473],
    ['1 quart', 'us', 946.352946],
    ['3 lb 4 oz', 'metric', 1474.1752],
    ['15in', 'metric', 0.381],
    ['5 ft 3 in', 'us', 1.6002],
    ['40 cm', 'metric', 0.4],
    ['1 l 200 ml', 'metric', 1200],
    ['20 m2', 'metric', 20],
    ['100 sq ft', 'us', 9.290304],
    ['1/4 acre', 'us', 1011.7141],
    ['¾ TSP', 'metric', 3.75],
    ['2 teaspoonfuls', 'us', 9.85784319],
    ['1 cubic yard', 'us', 764554.857984],
  ])('%s (%s) is %d', (text, system, expected) => expect(si(text, system) / expected).toBeCloseTo(1, 6));

  test.each<[string, string]>([
    ['', 'empty'],
    ['2', 'no-unit'],
    ['2 tbsp 3', 'no-unit'],
    ['ten ml', 'not-a-number'],
    ['2 handfuls', 'no-measure'],
    ['1 capful', 'no-measure'],
    ['2 heaped tbsp', 'level-meant'],
    ['20 ml -10 ml', 'two-figures'],
    ['1.000 ml', 'ambiguous'],
    ['1 to 2 tbsp', 'a-range'],
    ['10-20 ml', 'a-range'],
    ['½ or 1 tsp', 'a-range'],
    ['2 tsp per gallon', 'a-rate'],
    ['2 tsp/gal', 'a-rate'],
    ['2 dessertspoons', 'no-measure'],
    ['1 sachet', 'no-measure'],
    ['2 T', 'no-measure'],
    ['3 spoonfuls', 'no-measure'],
    ['1,500 ml', 'ambiguous'],
    ['2 fl oz', 'which-unit'],
    ['1 gallon', 'which-unit'],
    ['-1 tsp', 'too-small'],
    ['0 l', 'too-small'],
    ['2 g 3 ml', 'wrong-dimension'],
    ['999999999 l', 'too-large'],
    ['tsp', 'not-a-quantity'],
    ['1/0 l', 'not-a-number'],
  ])('“%s” is refused: %s, at its field', (text, code) => {
    const q = read(text);
    expect(q.ok ? null : q.reasons[0]).toMatchObject({ code, field: 'f' });
  });

  test('a US gallon is asked for in so many words', () => {
    const q = read('1 gallon');
    expect(q.ok ? '' : q.reasons[0]?.sentence).toContain('US or imperial');
  });

  test('what is said back says how it was understood', () => {
    const q = read('1½ tbsp', 'us');
    expect(q.ok && q.value.understood).toBe('1.5 US tablespoons, which is 22.18 ml');
    const ml = read('30 ml');
    expect(ml.ok && ml.value.understood).toBe('30 ml');
  });

  test('whatever the unit and system, what is written is read back the same', () => {
    const SYSTEM_OF: Readonly<Record<string, UnitSystem>> = { us: 'us', imp: 'imperial', au: 'australian', metric: 'metric' };
    fc.assert(
      fc.property(fc.constantFrom(...Object.values(UNITS)), fc.integer({ min: 1, max: 4000 }), (unit, quarter) => {
        const n = quarter / 4;
        const system = SYSTEM_OF[unit.id.split('-')[1] ?? 'metric'] ?? 'metric';
        const q = read(`${n} ${unit.label}`, system);
        // what is over a garden's size is refused as such
        if (!q.ok) return expect(q.reasons[0]?.code).toBe('too-large');
        expect(q.value.si).toBeCloseTo(n * unit.si, 6);
      }),
    );
  });

  test('no text at all breaks it', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 30 }), (text) => expect(typeof read(text).ok).toBe('boolean')),
      { numRuns: runs(2000) },
    );
  });
});

describe('somebody’s recipe beside the label', () => {
  const soap = findSheet('potassium-soap') as LabelSheet;
  const bt = findSheet('bt-kurstaki') as LabelSheet;
  const q = (text: string, system: UnitSystem = 'metric'): Quantity => {
    const read = parseQuantity(text, system, ANY);
    if (!read.ok) throw new Error(text);
    return read.value;
  };
  const check = (sheet: LabelSheet, product: string, over: string, system: UnitSystem = 'metric', line = sheet.lines[0] as LabelLine) =>
    checkRecipe({ sheet, line, product: q(product, system), over: q(over, system) });

  // label 10 to 20 ml a litre; common practice: 4 US fl oz of soap in a US gallon is 31 ml a litre
  test.each<[string, string, UnitSystem, string, RegExp]>([
    ['15 ml', '1 l', 'metric', 'within', /15 ml per litre: within/],
    ['2 tbsp', '1 l', 'metric', 'above', /30 ml per litre: 1\.5 times our specimen’s maximum\. .*your own label decides/],
    ['4 fl oz', '1 gal', 'us', 'above', /31\.25 ml per litre: 1\.56 times/],
    ['2 fl oz', '1 gal', 'us', 'within', /15\.63 ml per litre/],
    ['1 tsp', '1 l', 'metric', 'below', /5 ml per litre: weaker than our specimen’s 10 to 20/],
  ])('%s of soap in %s (%s): %s', (product, over, system, verdict, sentence) => {
    const r = check(soap, product, over, system);
    expect(r.ok && r.value.verdict).toBe(verdict);
    expect(r.ok && r.value.sentences.join(' ')).toMatch(sentence);
  });

  test('a correction, followed, is within the label', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...SHEETS),
        fc.double({ min: 0.5, max: 500, noNaN: true }),
        fc.double({ min: 0.2, max: 50, noNaN: true }),
        (sheet, amount, over) => {
          const line = sheet.lines[0] as LabelLine;
          if (line.rate.form !== 'per-litre') return;
          const product: Quantity = { dimension: line.rate.unit === 'ml' ? 'volume' : 'mass', si: amount, understood: '' };
          const litres = (l: number): Quantity => ({ dimension: 'volume', si: l * 1000, understood: '' });
          const first = checkRecipe({ sheet, line, product, over: litres(over) });
          if (!first.ok || first.value.verdict !== 'above') return;
          const said = first.value.sentences.join(' ');
          const most = Number(/take at most ([\d.]+)/.exec(said)?.[1]);
          const water = Number(/within (?:the label|our specimen) in ([\d.]+) l/.exec(said)?.[1]);
          if (most > 0) expect(most / over).toBeLessThanOrEqual(line.rate.max + 1e-9);
          expect(amount / water).toBeLessThanOrEqual(line.rate.max + 1e-9);
        },
      ),
      { numRuns: runs(500) },
    );
  });

  test('a powder by the spoon is taken on the heavy side; one without a density is asked to be weighed', () => {
    // 1 level teaspoon of 5 ml at 0.4 g/ml, 15 % heavier: 2.3 g in a litre, over the 1 g of the label
    const r = check(bt, '1 tsp', '1 l');
    expect(r.ok && r.value.rate).toBeCloseTo(2.3, 6);
    const { levelDensity: _none, ...bare } = bt;
    expect(check(bare as LabelSheet, '2 tbsp', '4 l')).toMatchObject({ ok: false, reasons: [{ code: 'no-density', field: 'product' }] });
  });

  test('a liquid by weight and a bait by the litre are refused', () => {
    expect(check(soap, '15 g', '1 l')).toMatchObject({ ok: false, reasons: [{ code: 'by-volume' }] });
    expect(check(findSheet('iron-phosphate') as LabelSheet, '10 g', '1 l')).toMatchObject({ ok: false, reasons: [{ code: 'wrong-over' }] });
  });
});

describe('what can not be', () => {
  test.each([
    ['1e9 gal', 'us', 'not-a-number'],
    ['1000000000 gal', 'us', 'too-large'],
    ['-1 tsp', 'us', 'too-small'],
    ['ten tsp', 'us', 'not-a-number'],
    ['1,500 ml', 'metric', 'ambiguous'],
    ['2 quarts', 'metric', 'which-unit'],
    ['0 l', 'metric', 'too-small'],
  ] as const)('“%s” is refused at its field: %s %s', (text, system, code) => {
    const r = parseQuantity(text, system, ['volume'], 'over');
    expect(r.ok ? {} : { code: r.reasons[0]?.code, field: r.reasons[0]?.field }).toEqual({ code, field: 'over' });
  });
});
