import { labelSheetSchema, type LabelSheet } from '@sleetbrook/core/label';
import { findSheet, SHEETS } from '@sleetbrook/core/sheets';
import { freshLine, readSheet, sheetFormOf, type SheetForm } from '../src/screens/shed/sheet-form';

const ID = 'own-0197c000-0000-7000-8000-000000000001';
const soap = findSheet('potassium-soap') as LabelSheet;
const form = (change: Partial<SheetForm> = {}): SheetForm => ({ ...sheetFormOf(soap, 'us'), name: 'My soap', ...change });
const errorsOf = (f: SheetForm) => {
  const read = readSheet(f, ID, 1);
  return 'errors' in read ? read.errors : {};
};
const firstLine = form().lines[0] as SheetForm['lines'][number];
const withLine = (change: Partial<typeof firstLine>) => form({ lines: [{ ...firstLine, ...change }] });

describe('a label sheet as it is typed', () => {
  test('every specimen that may be used comes back as it was, under a name of one’s own', () => {
    for (const s of SHEETS.filter((x) => x.signalWord !== 'danger')) {
      const read = readSheet({ ...sheetFormOf(s, 'us'), name: 'Mine own' }, ID, 1);
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
    ['rates upside down', withLine({ rate: '30 to 20 ml per litre' }), 'lines.0.rate', /lower figure/],
    ['no rate', withLine({ rate: '' }), 'lines.0.rate', /missing/],
    ['no crop', withLine({ crops: [] }), 'lines.0.crops', /at least one crop/],
    ['an unknown crop', withLine({ crops: ['bananarama'] }), 'lines.0.crops', /no crop known/],
    ['a strength of 150 %', form({ actives: [{ name: 'Soap', percent: '150', metallic: '', moa: 'none' }] }), 'actives.0.percent', /100 %/],
    ['a liquid by weight', withLine({ rate: '15 g per litre' }), 'lines.0.rate', /measured by volume/],
    ['nowhere', form({ outdoors: false, indoors: false }), 'outdoors', /outdoors/],
    ['no protection', form({ protection: [] }), 'protection', /gloves/],
    ['a keep-out in words', form({ reEntryHours: 'until dry' }), 'reEntryHours', /not a number/],
    ['no day would do', form({ minTemp: '95' }), 'minTempC', /no day/],
    ['days apart in words', form({ gaps: { ...form().gaps, oil: 'two weeks' } }), 'gaps.oil', /not a number/],
    ['a crop that stands on a line', form({ forbidden: ['vegetables'] }), 'lines.0.crops', /forbidden further down/],
    ['licensed only', form({ restricted: true }), 'restricted', /licensed/],
  ])('%s is told at its field', (_what, f, field, message) => expect(errorsOf(f)[field]).toMatch(message));

  test('an added line wants everything', () => {
    const errors = errorsOf(form({ lines: [firstLine, freshLine()] }));
    expect(Object.keys(errors)).toEqual(expect.arrayContaining(['lines.1.rate', 'lines.1.interval']));
  });

  test('one rate stands for both ends', () => {
    const read = readSheet(withLine({ rate: '12 ml per litre' }), ID, 1);
    expect('sheet' in read && read.sheet.lines[0]?.rate).toMatchObject({ min: 12, max: 12 });
  });

  // source: NIST Handbook 44, Appendix C: 1 gal = 3.785411784 l = 128 fl oz = 768 tsp, 1 ft = 0.3048 m
  test.each([
    ['1 fl oz/gal', 'per-litre', 7.8125],
    ['2 tsp per gallon of water', 'per-litre', 2.604166667],
    ['1 to 2 pints per 100 gal', 'per-litre', 2.5],
    ['3 fl oz per foot of height', 'per-m-height', 291.078047],
    ['1 fl oz per inch round the trunk', 'per-cm-trunk', 11.6431219],
  ] as const)('“%s” is kept as printed, with the exact figure beside it, and shown again as it was typed', (rate, formOf, max) => {
    const read = readSheet(withLine({ rate }), ID, 1);
    if ('errors' in read) throw new Error(JSON.stringify(read.errors));
    const kept = read.sheet.lines[0]?.rate;
    expect(kept).toMatchObject({ form: formOf, printed: { text: rate, system: 'us' } });
    expect((kept?.max ?? 0) / max).toBeCloseTo(1, 8);
    const again = sheetFormOf(read.sheet, 'metric');
    expect(again.lines[0]?.rate).toBe(rate);
    // untouched it stays what it was, also for a reader with other spoons
    const second = readSheet({ ...again, name: 'My soap' }, ID, 2);
    expect('sheet' in second && second.sheet.lines[0]?.rate).toEqual(kept);
  });

  test('an own label says what it is', () => {
    const read = readSheet(form({ formulation: 'WP', lines: [{ ...firstLine, rate: '2 tsp/gal' }] }), ID, 1);
    expect('sheet' in read && [read.sheet.state, read.sheet.into, read.sheet.lines[0]?.rate.unit]).toEqual(['dry', 'slurry-first', 'ml']);
  });

  test('a specimen’s words of first aid are not this pack’s; what is typed is kept, and shown again', () => {
    const malathion = findSheet('malathion-50-ec') as LabelSheet;
    const blank = { ...sheetFormOf(malathion, 'us'), name: 'Mine' };
    expect([blank.firstAid, blank.hazards, blank.physician]).toEqual(['', '', '']);
    const bare = readSheet(blank, ID, 1);
    expect('sheet' in bare && [bare.sheet.firstAid, bare.sheet.hazards, bare.sheet.physician]).toEqual([undefined, undefined, undefined]);
    const read = readSheet({ ...blank, firstAid: ' Call a poison centre. ', physician: 'Atropine is antidotal.' }, ID, 1);
    if ('errors' in read) throw new Error(JSON.stringify(read.errors));
    expect(read.sheet).toMatchObject({ firstAid: 'Call a poison centre.', physician: 'Atropine is antidotal.' });
    expect(sheetFormOf(read.sheet, 'us')).toMatchObject({ firstAid: 'Call a poison centre.', hazards: '' });
    expect(errorsOf(form({ firstAid: 'x'.repeat(2001) }))['firstAid']).toMatch(/2000/);
  });

  test('how long it lasts and the rain after which it goes on again, in the grower’s depths', () => {
    const read = readSheet(form({ lastsDays: '10', washedOff: '1' }), ID, 1);
    if ('errors' in read) throw new Error(JSON.stringify(read.errors));
    // source: NIST Special Publication 811: 1 in = 25.4 mm
    expect(read.sheet).toMatchObject({ lastsDays: 10, washedOffMm: 25.4 });
    expect(sheetFormOf(read.sheet, 'us')).toMatchObject({ lastsDays: '10', washedOff: '1' });
    expect(sheetFormOf(read.sheet, 'imperial')).toMatchObject({ washedOff: '25.4' });
    const none = readSheet(sheetFormOf({ ...read.sheet }, 'us'), ID, 2);
    expect('sheet' in none && none.sheet.washedOffMm).toBe(25.4);
    const emptied = readSheet({ ...sheetFormOf(read.sheet, 'us'), lastsDays: '', washedOff: '' }, ID, 2);
    expect('sheet' in emptied && [emptied.sheet.lastsDays, emptied.sheet.washedOffMm]).toEqual([undefined, undefined]);
    expect(errorsOf(form({ lastsDays: '2.5' }))['lastsDays']).toMatch(/Whole days/);
    expect(errorsOf(form({ washedOff: '9' }))['washedOffMm']).toMatch(/At most 200 mm/);
  });

  test('water over it once it is out, in the grower’s rain', () => {
    const typed = form({ lines: [{ ...firstLine, waterIn: '0.25' }] });
    const read = readSheet(typed, ID, 1);
    if ('errors' in read) throw new Error(JSON.stringify(read.errors));
    // source: NIST Handbook 44, Appendix C: 1 in = 25.4 mm
    expect(read.sheet.lines[0]?.waterInMm).toBe(6.35);
    expect(sheetFormOf(read.sheet, 'us').lines[0]?.waterIn).toBe('0.25');
    expect(sheetFormOf(read.sheet, 'metric').lines[0]?.waterIn).toBe('6.35');
    const emptied = readSheet({ ...typed, lines: [{ ...firstLine, waterIn: '' }] }, ID, 2);
    expect('sheet' in emptied && emptied.sheet.lines[0]).not.toHaveProperty('waterInMm');
    expect(errorsOf(withLine({ waterIn: '3' }))['lines.0.waterIn']).toMatch(/At most 50 mm/);
    expect(errorsOf(withLine({ waterIn: 'some' }))['lines.0.waterIn']).toMatch(/not a number/);
  });

  test('times in a row, and the distance to water in the grower’s lengths', () => {
    const typed = form({ waterBuffer: '25', lines: [{ ...firstLine, running: '2' }] });
    const read = readSheet(typed, ID, 1);
    if ('errors' in read) throw new Error(JSON.stringify(read.errors));
    // source: NIST Handbook 44, Appendix C: 1 ft = 0.3048 m
    expect(read.sheet.waterBufferM).toBeCloseTo(7.62, 9);
    expect(read.sheet.lines[0]?.mostRunning).toBe(2);
    expect(sheetFormOf(read.sheet, 'us')).toMatchObject({ waterBuffer: '25' });
    expect(sheetFormOf(read.sheet, 'metric')).toMatchObject({ waterBuffer: '7.6' });
    expect(sheetFormOf(read.sheet, 'us').lines[0]?.running).toBe('2');
    expect(errorsOf(form({ waterBuffer: 'far' }))['waterBufferM']).toMatch(/not a number/);
    expect(errorsOf(withLine({ running: '0' }))['lines.0.running']).toMatch(/At least 1/);
  });

  test('copper as metal is a figure of its own', () => {
    const typed = (metallic: string) => form({ actives: [{ name: 'Copper octanoate', percent: '10', metallic, moa: 'M01' }] });
    const read = readSheet(typed('1.8'), ID, 1);
    expect('sheet' in read && read.sheet.actives[0]).toEqual({ name: 'Copper octanoate', percent: 10, metallic: 1.8, moa: 'M01' });
    expect(errorsOf(typed('two'))['actives.0.metallic']).toMatch(/not a number/);
    expect(errorsOf(typed('0'))['actives.0.metallic']).toMatch(/more than 0/);
  });

  test('where the label names no water none is made up', () => {
    const read = readSheet(withLine({ water: '' }), ID, 1);
    expect('sheet' in read && read.sheet.lines[0]?.waterMlPerM2).toBeNull();
  });
});
