import fc from 'fast-check';
import { readRates, readSheetFile, SHEET_FILE_FORMAT, writeRates, writeSheetFile } from '../src/label/files';
import { SHEETS } from '../src/label/sheets';
import { runs } from './runs';

/** The event loop of a household's server must not stand still for long; generous, for a busy machine. */
const MOST_MS = 1500;
const timed = <T>(work: () => T): [T, number] => {
  const from = performance.now();
  return [work(), performance.now() - from];
};
const [sheet] = SHEETS;
if (!sheet) throw new Error('no sheets');
const [line] = sheet.lines;
if (!line) throw new Error('no lines');

describe('files that mean ill, or went wrong', () => {
  test('brackets five thousand deep are a sentence, in every shape', () => {
    for (const text of [
      '['.repeat(5000),
      '{"a":'.repeat(5000),
      '['.repeat(450_000),
      `{"format":"${SHEET_FILE_FORMAT}","version":1,"sheets":${'['.repeat(5000)}${']'.repeat(5000)}}`,
    ]) {
      const [read, ms] = timed(() => readSheetFile(text));
      expect(read).toMatchObject({ ok: false, faults: [{ line: 1, field: 'file', message: expect.stringMatching(/brackets deep/) }] });
      expect(ms).toBeLessThan(MOST_MS);
    }
    // brackets in words are words
    expect(readSheetFile(writeSheetFile([{ ...sheet, name: '['.repeat(45) }])).ok).toBe(true);
  });

  test('hundreds of faulty sheets take no longer than the first thirty faults', () => {
    const text = JSON.stringify({ format: SHEET_FILE_FORMAT, version: 1, sheets: Array.from({ length: 4000 }, () => ({ a: 1, b: [[], [], []] })) }, null, 1);
    expect(text.length).toBeGreaterThan(200_000);
    const [read, ms] = timed(() => readSheetFile(text));
    expect(read.ok).toBe(false);
    if (!read.ok) {
      expect(read.faults.length).toBe(30);
      // each with its own line, the first of the first sheet
      expect(read.faults[0]?.line).toBe(text.slice(0, text.indexOf('"a": 1')).split('\n').length - 1);
    }
    expect(ms).toBeLessThan(MOST_MS);
  });

  test('a megabyte of commas, and of lines', () => {
    const [head] = writeRates([line]).split('\n');
    for (const text of [','.repeat(990_000), `${head}\n${','.repeat(900_000)}`, `${head}\n${'x,\n'.repeat(300_000)}`, '\n'.repeat(990_000)]) {
      const [read, ms] = timed(() => readRates(text));
      expect(read.ok).toBe(false);
      if (!read.ok) expect(read.faults.length).toBeLessThanOrEqual(40);
      expect(ms).toBeLessThan(MOST_MS);
    }
  });

  // OWASP, CSV injection: a cell that begins with = + - @, a tab or a carriage return is run as a formula
  test('no cell of a rate table is a formula, and what was written is read back', () => {
    const words = fc.tuple(fc.constantFrom('=', '+', '-', '@', "'", "'=", "''+", ''), fc.stringMatching(/^[a-z0-9(!|"]{6,20}$/)).map(([a, b]) => a + b);
    fc.assert(
      fc.property(words, (text) => {
        const lines = [{ ...line, id: 'line-1', prov: { mark: 'PUB' as const, source: text } }];
        const csv = writeRates(lines);
        for (const cell of csv.split('\n').slice(1).join('\n').split(/,|\n/)) expect(cell.replace(/^"/, '')).not.toMatch(/^[=+\-@\t\r]/);
        const read = readRates(csv);
        expect(read.ok && read.value[0]?.prov).toEqual(text === 'MEM' || text === 'CP' ? expect.anything() : { mark: 'PUB', source: text });
      }),
      { numRuns: runs(500) },
    );
  });
});
