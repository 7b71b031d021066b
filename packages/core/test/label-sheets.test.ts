import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { findControl } from '../src/catalogue';
import { labelSheetSchema, lineFor, MOST_FILE_BYTES, rateOf, type LabelSheet } from '../src/label';
import { findSheet, SHEETS } from '../src/label/sheets';
import { checkSheet, looserThan, readRates, readSheetFile, writeRates, writeSheetFile } from '../src/label/files';
import { sheetFileJsonSchema } from '../src/label/file-schema';
import { planMix } from '../src/mix';
import { squareMetres } from '../src/measure';
import { runs } from './runs';

const malathion = findSheet('malathion-50-ec') as LabelSheet;
const own = (change: Partial<LabelSheet> = {}): LabelSheet => ({ ...malathion, id: 'own-x', specimen: false, basedOn: malathion.id, ...change });
const line0 = malathion.lines[0] as LabelSheet['lines'][number];

describe('the specimen sheets', () => {
  test('there are at least 25, each whole, without contradiction and for a control that is mixed from it', () => {
    expect(SHEETS.length).toBeGreaterThanOrEqual(25);
    for (const s of SHEETS) {
      expect(labelSheetSchema.safeParse(s).error?.issues ?? []).toEqual([]);
      expect({ id: s.id, faults: checkSheet(s) }).toEqual({ id: s.id, faults: [] });
      expect(s.specimen).toBe(true);
      expect(findControl(s.control)?.sheet).toBe(s.id);
    }
  });

  test('cover every material of the trade', () => {
    const actives = SHEETS.flatMap((s) => s.actives.map((a) => a.name.toLowerCase())).join(' | ');
    const materials =
      'kurstaki subtilis beauveria salts of fatty acids|oil|neem|sulfur|hydrogen carbonate|copper|lime|captan|diatomaceous|kaolin|ferric phosphate|pyrethrins|spinosad|carbaryl|malathion|imidacloprid|dinotefuran'.split(
        /[| ]/,
      );
    for (const m of materials) expect(actives).toContain(m);
  });

  // source: 40 CFR 156.208: re-entry by toxicity is 12, 24 or 48 h; the word danger stands for 48 h
  test('danger keeps out for 48 hours', () => {
    for (const s of SHEETS.filter((x) => x.signalWord === 'danger')) expect(s.reEntry).toEqual({ kind: 'hours', hours: 48 });
  });
});

test('the published schema is the one that checks files (run npm run sheets:schema)', () => {
  const published = JSON.parse(readFileSync(`${__dirname}/../../../docs/label-sheets.schema.json`, 'utf8'));
  expect(published).toEqual(JSON.parse(JSON.stringify(sheetFileJsonSchema())));
});

describe('what is wrong with a sheet is said at its field', () => {
  test.each<[string, Partial<LabelSheet>, string]>([
    ['nowhere to use it', { outdoors: false, indoors: false }, 'outdoors'],
    ['more than all of it', { actives: [...malathion.actives, { name: 'Something else', percent: 60, moa: '3A' }] }, 'actives'],
    ['no day would do', { minTempC: 29 }, 'minTempC'],
    ['a liquid by weight', { lines: [{ ...line0, rate: { ...line0.rate, unit: 'g' } }] }, 'lines.0.rate.unit'],
    ['a control by hand', { control: 'hand-pick' }, 'control'],
    ['no such control', { control: 'magic' }, 'control'],
    ['an unknown crop', { lines: [{ ...line0, crops: ['beans', 'bananarama'] }] }, 'lines.0.crops.1'],
    ['an unknown pest', { lines: [{ ...line0, pests: ['gremlins'] }] }, 'lines.0.pests.0'],
    ['a crop allowed and forbidden', { forbidden: [{ crop: 'beans', why: 'It burns them.' }] }, 'lines.0.crops.0'],
    ['too often for a year', { lines: [{ ...line0, maxPerSeason: 20 }] }, 'lines.0.maxPerSeason'],
    ['no water for a rate per litre', { lines: [{ ...line0, waterMlPerM2: 0 }] }, 'lines.0.waterMlPerM2'],
    ['two lines of one name', { lines: [line0, line0] }, 'lines.1.id'],
    ['a restricted product', { restricted: true }, 'restricted'],
  ])('%s', (_what, change, field) => {
    const faults = checkSheet(own(change));
    expect(faults.map((f) => f.field)).toContain(field);
    expect(faults.every((f) => f.message.length > 10)).toBe(true);
  });

  test.each<[string, unknown, string]>([
    ['a wait in words', { ...own(), lines: [{ ...line0, phiDays: 'seven' }] }, 'lines.0.phiDays'],
    ['rates upside down', { ...own(), lines: [{ ...line0, rate: { ...line0.rate, min: 5, max: 2 } }] }, 'lines.0.rate.min'],
    ['a strength of 150 %', { ...own(), actives: [{ name: 'Malathion', percent: 150, moa: '1B' }] }, 'actives.0.percent'],
    ['minus one day', { ...own(), lines: [{ ...line0, intervalDays: -1 }] }, 'lines.0.intervalDays'],
  ])('%s', (_what, sheet, field) => {
    const issues = labelSheetSchema.safeParse(sheet).error?.issues ?? [];
    expect(issues.map((i) => i.path.join('.'))).toContain(field);
  });
});

test('a strength that nobody printed, or of nothing, is no strength to reckon a rate by', () => {
  const of = (percent: number | undefined) =>
    rateOf({ ...own(), actives: [{ name: 'Soap', ...(percent === undefined ? {} : { percent }), moa: 'UN' }] as LabelSheet['actives'] }).product;
  expect([of(0), of(undefined)]).toEqual([null, null]);
  expect(of(0.1)).toMatchObject({ strength: { by: 'weight', percent: 0.1 } });
});

describe('files of sheets', () => {
  test('what is written is read back the same', () => {
    const read = readSheetFile(writeSheetFile(SHEETS));
    expect(read).toEqual({ ok: true, value: SHEETS });
  });

  test.each<[string, (text: string) => string, string, RegExp]>([
    ['a wait in words', (t) => t.replace('"phiDays": 7', '"phiDays": "seven"'), 'sheets.0.lines.0.phiDays', /figure, such as 7/],
    ['rates upside down', (t) => t.replace('"min": 1.5', '"min": 99'), 'sheets.0.lines.0.rate.min', /lower rate is above/],
    ['an unknown crop', (t) => t.replace('"beans"', '"bananarama"'), 'sheets.0.lines.0.crops.0', /no crop known here/],
    ['another format', (t) => t.replace('sleetbrook-label-sheets', 'shopping-list'), 'format', /does not say/],
    ['a version to come', (t) => t.replace('"version": 1,\n  "sheets"', '"version": 9,\n  "sheets"'), 'version', /Only version 1/],
    ['remarks', (t) => t.replace('"bees": "toxic"', '"bees": "toxic" /* from the pack */'), 'file', /not JSON/],
    ['not JSON', (t) => t.replace('"bees": "toxic"', '"bees": toxic'), 'file', /not JSON/],
  ])('%s: named with its line, and nothing is taken', (_what, spoil, field, message) => {
    const text = spoil(writeSheetFile([own()]));
    const read = readSheetFile(text);
    expect(read.ok).toBe(false);
    if (read.ok) return;
    const fault = read.faults[0];
    expect(fault?.field).toBe(field);
    expect(fault?.message).toMatch(message);
    // the line named is the line that was spoilt
    const before = writeSheetFile([own()]).split('\n');
    const spoilt = text.split('\n').findIndex((l, i) => l !== before[i]);
    expect(Math.abs((fault?.line ?? 0) - 1 - spoilt)).toBeLessThanOrEqual(field === 'file' ? 2 : 0);
  });

  test('3 MB are refused with the size', () => {
    const read = readSheetFile(`{"format":"${'x'.repeat(3_000_000)}"}`);
    expect(read).toMatchObject({ ok: false, faults: [{ field: 'file', message: expect.stringContaining('3.0 MB') }] });
    expect(MOST_FILE_BYTES).toBeLessThan(3_000_000);
  });

  test('no text at all breaks the reader', () => {
    fc.assert(
      fc.property(fc.oneof(fc.string(), fc.json()), (text) => {
        const read = readSheetFile(text);
        if (!read.ok) expect(read.faults.every((f) => f.line >= 1 && f.message.length > 5)).toBe(true);
      }),
      { numRuns: runs(500) },
    );
  });

  test('the examples of docs/label-sheets.md are what they say', () => {
    const page = readFileSync(`${__dirname}/../../../docs/label-sheets.md`, 'utf8');
    const csv = /```csv\n([\s\S]*?)```/.exec(page)?.[1] ?? '';
    const read = readRates(csv);
    expect(read.ok && read.value.map((l) => [l.crops, l.rate, l.phiDays, l.inBloom])).toEqual([
      [['beans', 'brassicas'], { form: 'per-litre', unit: 'ml', min: 1.5, max: 2.5 }, 7, 'never'],
    ]);
  });

  test('the rate table goes out and in as CSV', () => {
    for (const s of SHEETS) {
      const lines = s.lines.map((l, i) => (i % 2 === 0 ? { ...l, waterInMm: 6.35 } : l));
      const read = readRates(writeRates(lines));
      expect(read.ok).toBe(true);
      if (!read.ok) continue;
      const bare = (l: (typeof s.lines)[number]) => ({ ...l, id: '', mostPerM2Year: undefined, asPrinted: undefined });
      expect(read.value.map(bare)).toEqual(lines.map(bare));
    }
  });

  test.each<[string, string, string, RegExp]>(
    [
      ['beans,aphids,per-litre,ml,1.5,2.5,100,wetted,seven,30,3,,,MEM', 'picking_wait_days', 'seven', /figure/],
      ['beans,aphids,per-litre,ml,9,2.5,100,wetted,7,30,3,,,MEM', 'min', 'upside down', /lower rate/],
      ['bananarama,aphids,per-litre,ml,1.5,2.5,100,wetted,7,30,3,,,MEM', 'crops', 'unknown', /no crop/],
      ['beans,gremlins,per-litre,ml,1.5,2.5,100,wetted,7,30,3,,,MEM', 'pests', 'unknown', /no pest/],
      ['beans,aphids,per-acre,ml,1.5,2.5,100,wetted,7,30,3,,,MEM', 'form', 'no such form', /per-acre/],
    ].map(([row, field, , message]) => [row as string, field as string, '', message as RegExp]),
  )('%s is wrong at %s', (row, field, _none, message) => {
    const header = writeRates([line0]).split('\n')[0];
    const read = readRates(`${header}\n${row}\n`);
    expect(read.ok ? null : read.faults[0]).toMatchObject({ line: 2, field, message: expect.stringMatching(message) });
  });
});

describe('looser than the specimen', () => {
  test('no specimen is looser than itself, nor a sheet that is stricter all round', () => {
    for (const s of SHEETS) expect({ id: s.id, looser: looserThan({ ...s, id: 'own-x', specimen: false }, s) }).toEqual({ id: s.id, looser: [] });
    const strict = own({
      signalWord: 'danger',
      lines: malathion.lines.map((l) => ({ ...l, phiDays: l.phiDays === null ? null : 14, rate: { ...l.rate, max: 2 } })),
    });
    expect(looserThan(strict, malathion)).toEqual([]);
  });
  test.each<[string, Partial<LabelSheet>, RegExp]>([
    ['a shorter picking wait', { lines: [{ ...line0, phiDays: 3 }] }, /3 days to wait before picking, the specimen has 7/],
    ['a higher rate', { lines: [{ ...line0, rate: { ...line0.rate, max: 5 } }] }, /up to 5 ml per litre, the specimen has 2\.5/],
    [
      'the same rate of something twice as strong',
      { actives: [{ name: 'Malathion', percent: 100, moa: '1B' }] },
      /up to 2\.5 ml per litre, the specimen has 1\.25 at this strength/,
    ],
    [
      'on food where the specimen is not',
      { lines: [{ ...(malathion.lines.find((l) => l.phiDays === null) as typeof line0), phiDays: 1 }] },
      /for food, the specimen is not/,
    ],
    ['more often', { lines: [{ ...line0, intervalDays: 7 }] }, /7 days between, the specimen has 30/],
    ['without a yearly limit', { lines: [{ ...line0, maxPerSeason: null }] }, /no limit a year, the specimen has 3/],
    ['nothing said of flowers', { lines: [{ ...line0, inBloom: undefined }] }, /never for open flowers/],
    ['nothing said of bees', { bees: 'none' }, /minds bees less/],
    ['a milder word', { signalWord: 'caution' }, /Signal word caution, the specimen has warning/],
    ['back in sooner', { reEntry: { kind: 'until-dry' } }, /until dry, the specimen has 24 h/],
    ['less to wear', { protection: ['gloves'] }, /Without goggles, sleeves, boots, mask/],
    ['in more heat', { maxTempC: 35 }, /more heat than the specimen’s 29/],
  ])('%s is said', (_what, change, sentence) => expect(looserThan(own(change), malathion).join(' ')).toMatch(sentence));
});

describe('a rate that goes by the trunk', () => {
  const sheet = findSheet('dinotefuran-trunk') as LabelSheet;
  const line = sheet.lines[0] as LabelSheet['lines'][number];
  const request = {
    sheet,
    line,
    rate: 1,
    area: squareMetres(4),
    water: null,
    sprayer: { name: 'Pump', capacity: 5000 as never },
    kit: [{ kind: 'scale' as const, id: 's', name: 'scale', resolutionG: 0.1, capacityG: 500 }],
  };
  // common practice: grams for a centimetre round the trunk times the tape's reading
  test('40 cm at 1 g a cm is 40 g in 480 ml', () => {
    const plan = planMix({ ...request, trunkCm: 40 });
    expect(plan.ok && [plan.value.product, plan.value.water]).toEqual([40, 480]);
  });
  test('without the tape it asks for it', () => {
    expect(planMix(request)).toMatchObject({ ok: false, reasons: [{ code: 'bad-trunk', field: 'trunkCm' }] });
  });
  test('above the label it is refused', () => {
    expect(planMix({ ...request, trunkCm: 40, rate: 1.2 })).toMatchObject({ ok: false, reasons: [{ code: 'above-label' }] });
  });
});

test('lines of an own sheet are found as those of a specimen', () => {
  const beans = { ...own(), lines: [{ ...line0, crops: ['broad-bean'] }] };
  expect(lineFor(beans, { crops: ['broad-bean', 'beans'], name: 'Broad beans' } as never, { labelAs: ['aphids'] }).ok).toBe(true);
});
