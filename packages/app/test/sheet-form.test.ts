import fc from 'fast-check';
import { labelSheetSchema, type LabelSheet } from '@sleetbrook/core/label';
import { findSheet, SHEETS } from '@sleetbrook/core/sheets';
import { freshLine, RATE_UNITS, readSheet, sheetFormOf, type SheetForm } from '../src/screens/shed/sheet-form';

const ID = 'own-0197c000-0000-7000-8000-000000000001';
const soap = findSheet('potassium-soap') as LabelSheet;
const form = (change: Partial<SheetForm> = {}): SheetForm => ({ ...sheetFormOf(soap), name: 'My soap', ...change });
const errorsOf = (f: SheetForm) => {
  const read = readSheet(f, ID, 1);
  return 'errors' in read ? read.errors : {};
};
const firstLine = form().lines[0] as SheetForm['lines'][number];
const withLine = (change: Partial<typeof firstLine>) => form({ lines: [{ ...firstLine, ...change }] });

describe('a label sheet as it is typed', () => {
  test('every specimen that may be used comes back as it was, under a name of one’s own', () => {
    for (const s of SHEETS.filter((x) => x.signalWord !== 'danger')) {
      const read = readSheet({ ...sheetFormOf(s), name: 'Mine own' }, ID, 1);
      if ('errors' in read) throw new Error(`${s.id}: ${JSON.stringify(read.errors)}`);
      expect(labelSheetSchema.safeParse(read.sheet).success).toBe(true);
      const bare = (x: LabelSheet) =>
        x.lines.map((l) => [l.crops, l.pests, l.rate, l.waterMlPerM2, l.coverage, l.phiDays, l.intervalDays, l.maxPerSeason, l.inBloom, l.stages]);
      expect(bare(read.sheet)).toEqual(bare(s));
      expect([read.sheet.control, read.sheet.reEntry, read.sheet.bees, read.sheet.gaps, read.sheet.basedOn]).toEqual([
        s.control,
        s.reEntry,
        s.bees,
        s.gaps,
        s.id,
      ]);
      expect([read.sheet.forbidden, read.sheet.notMixedWith ?? [], read.sheet.minTempC]).toEqual([s.forbidden, s.notMixedWith ?? [], s.minTempC]);
    }
  });

  test.each<[string, SheetForm, string, RegExp]>([
    ['no name', form({ name: '' }), 'name', /At least 3/],
    ['a wait in words', withLine({ phi: 'seven' }), 'lines.0.phi', /not a number/],
    ['half a day', withLine({ phi: '1.5' }), 'lines.0.phi', /Whole days/],
    ['rates upside down', withLine({ min: '30', max: '20' }), 'lines.0.min', /lower rate/],
    ['no rate', withLine({ min: '', max: '' }), 'lines.0.max', /missing/],
    ['no crop', withLine({ crops: [] }), 'lines.0.crops', /at least one crop/],
    ['an unknown crop', withLine({ crops: ['bananarama'] }), 'lines.0.crops', /no crop known/],
    ['a strength of 150 %', form({ actives: [{ name: 'Soap', percent: '150', moa: 'none' }] }), 'actives.0.percent', /100 %/],
    ['a liquid by weight', withLine({ rateUnit: 'g-l' }), 'lines.0.rateUnit', /measured in ml/],
    ['nowhere', form({ outdoors: false, indoors: false }), 'outdoors', /outdoors/],
    ['no protection', form({ protection: [] }), 'protection', /gloves/],
    ['a keep-out in words', form({ reEntryHours: 'until dry' }), 'reEntryHours', /not a number/],
    ['no day would do', form({ minTempC: '35' }), 'minTempC', /no day/],
    ['days apart in words', form({ gaps: { ...form().gaps, oil: 'two weeks' } }), 'gaps.oil', /not a number/],
    ['a crop that stands on a line', form({ forbidden: ['vegetables'] }), 'lines.0.crops', /forbidden further down/],
    ['licensed only', form({ restricted: true }), 'restricted', /licensed/],
  ])('%s is told at its field', (_what, f, field, message) => expect(errorsOf(f)[field]).toMatch(message));

  test('an added line wants everything', () => {
    const errors = errorsOf(form({ lines: [firstLine, freshLine(false)] }));
    expect(Object.keys(errors)).toEqual(expect.arrayContaining(['lines.1.max', 'lines.1.interval']));
  });

  test('one rate stands for both ends', () => {
    const read = readSheet(withLine({ min: '', max: '12' }), ID, 1);
    expect('sheet' in read && read.sheet.lines[0]?.rate).toMatchObject({ min: 12, max: 12 });
  });

  test('the label’s own unit is quoted as printed', () => {
    const read = readSheet(withLine({ min: '1', max: '2', rateUnit: 'floz-gal' }), ID, 1);
    expect('sheet' in read && read.sheet.lines[0]?.asPrinted).toBe('1 to 2 fl oz per US gallon');
  });
});

describe('units of rates', () => {
  const times = (id: string) => RATE_UNITS.find((u) => u.id === id)?.times ?? Number.NaN;
  // source: NIST Handbook 44, Appendix C: 1 gal = 3.785411784 l = 128 fl oz = 256 tbsp = 768 tsp, 1 lb = 453.59237 g, 1 ft = 0.3048 m
  test.each([
    ['floz-gal', 7.8125],
    ['tbsp-gal', 3.90625],
    ['tsp-gal', 1.3020833],
    ['pt-100gal', 1.25],
    ['oz-gal', 7.4891517],
    ['lb-100gal', 1.1982643],
    ['oz-1000', 0.3051517],
    ['floz-in', 11.6431219],
    ['floz-ft', 97.0260156],
  ])('%s', (id, expected) => expect(times(id) / expected).toBeCloseTo(1, 6));

  // common practice: 1 fl oz a gallon is about 7.8 ml a litre; 2 tablespoons a gallon is the same
  test('an ounce to the gallon is two tablespoons to the gallon', () => {
    expect(times('floz-gal')).toBeCloseTo(7.81, 2);
    expect(times('tbsp-gal') * 2).toBeCloseTo(times('floz-gal'), 10);
  });

  test('twice as much typed is twice as much kept, in any unit', () => {
    fc.assert(
      fc.property(fc.constantFrom(...RATE_UNITS.filter((u) => u.unit === 'ml' && u.form === 'per-litre')), fc.integer({ min: 1, max: 20 }), (u, n) => {
        const rate = (max: number) => {
          const read = readSheet(withLine({ min: '', max: String(max), rateUnit: u.id }), ID, 1);
          return 'sheet' in read ? (read.sheet.lines[0]?.rate.max ?? 0) : Number.NaN;
        };
        expect(rate(2 * n) / rate(n)).toBeCloseTo(2, 4);
      }),
      { numRuns: 100 },
    );
  });
});
