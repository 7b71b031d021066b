import { findNodeAtLocation, getNodeValue, parseTree, printParseErrorCode, type JSONPath, type Node, type ParseError } from 'jsonc-parser';
import Papa from 'papaparse';
import { CP, MEM, type Provenance } from '../measure';
import { MOST_FILE_BYTES } from './file-limit';
import { checkSheet } from './check-sheet';
import { labelLineSchema, labelSheetSchema, type LabelLine, type LabelSheet } from './schema';
import { isCropWord, isPestWord } from './words';

export const SHEET_FILE_FORMAT = 'sleetbrook-label-sheets';
export const SHEET_FILE_VERSION = 1;
const MOST_FAULTS = 30;

export interface FileFault {
  /** 1 for the first line. */
  readonly line: number;
  readonly field: string;
  readonly message: string;
}

export type ReadFile<T> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly faults: readonly FileFault[] };

/** Sheets as a file that another garden can read. Documented in docs/label-sheets.md. */
export const writeSheetFile = (sheets: readonly LabelSheet[]): string =>
  `${JSON.stringify({ format: SHEET_FILE_FORMAT, version: SHEET_FILE_VERSION, sheets }, null, 2)}\n`;

/**
 * Label sheets from a JSON file, each checked in full.
 * @returns every fault with its line and field; a file with any fault yields no sheet at all
 */
export function readSheetFile(text: string): ReadFile<readonly LabelSheet[]> {
  const tooLarge = sizeFault(text);
  if (tooLarge) return tooLarge;
  const errors: ParseError[] = [];
  const source = text.replace(/^\uFEFF/, '');
  if (deepest(source) > DEEPEST)
    return failed([{ line: 1, field: 'file', message: `No sheet goes ${DEEPEST} brackets deep: this is no file of label sheets.` }]);
  const root = parseTree(source, errors, { disallowComments: true });
  const lineAt = linesOf(source);
  const [broken] = errors;
  if (!root || broken) {
    return failed([{ line: lineAt(broken?.offset ?? 0), field: 'file', message: `This is not JSON: ${broken ? sayParse(broken) : 'it is empty'}.` }]);
  }
  const lineOf = (path: JSONPath) => lineAt(nearest(root, path).offset);
  const file = getNodeValue(root) as { format?: unknown; version?: unknown; sheets?: unknown };
  if (typeof file !== 'object' || file === null || file.format !== SHEET_FILE_FORMAT) {
    return failed([{ line: lineOf(['format']), field: 'format', message: `This file does not say “format”: “${SHEET_FILE_FORMAT}”.` }]);
  }
  if (file.version !== SHEET_FILE_VERSION)
    return failed([{ line: lineOf(['version']), field: 'version', message: 'Only version 1 of this format is known here.' }]);
  if (!Array.isArray(file.sheets) || file.sheets.length === 0)
    return failed([{ line: lineOf(['sheets']), field: 'sheets', message: 'The file holds no sheets.' }]);

  const faults: FileFault[] = [];
  const sheets: LabelSheet[] = [];
  for (const [i, raw] of (file.sheets as unknown[]).entries()) {
    // nobody reads on past these, and looking each up takes its time
    if (faults.length >= MOST_FAULTS) break;
    const parsed = labelSheetSchema.safeParse(raw);
    const wrong = parsed.success
      ? checkSheet(parsed.data).map((f) => ({ path: f.field.split('.').map(asKey), message: f.message }))
      : parsed.error.issues.map((issue) => ({ path: issue.path as JSONPath, message: issue.message }));
    for (const w of wrong.slice(0, MOST_FAULTS))
      faults.push({ line: lineOf(['sheets', i, ...w.path]), field: ['sheets', i, ...w.path].join('.'), message: w.message });
    if (parsed.success) sheets.push(parsed.data);
  }
  return faults.length > 0 ? failed(faults) : { ok: true, value: sheets };
}

/** Brackets within brackets of a sheet, and some to spare: a reader that goes down into each must not run out of room. */
const DEEPEST = 40;
function deepest(source: string): number {
  let depth = 0;
  let most = 0;
  for (const c of source.replace(/"(?:[^"\\\n]|\\.)*"/g, '')) {
    if (c === '[' || c === '{') most = Math.max(most, ++depth);
    else if (c === ']' || c === '}') depth--;
  }
  return most;
}

/** The line of an offset, 1 for the first: looked up among the ends of lines. */
function linesOf(source: string): (offset: number) => number {
  const ends: number[] = [];
  for (let at = source.indexOf('\n'); at >= 0; at = source.indexOf('\n', at + 1)) ends.push(at);
  return (offset) => {
    let low = 0;
    let high = ends.length;
    while (low < high) {
      const middle = (low + high) >> 1;
      if ((ends[middle] as number) < offset) low = middle + 1;
      else high = middle;
    }
    return low + 1;
  };
}

const asKey = (s: string) => (/^\d+$/.test(s) ? Number(s) : s);
const failed = (faults: readonly FileFault[]) => ({ ok: false as const, faults: faults.slice(0, MOST_FAULTS) });
const sayParse = (e: ParseError) =>
  printParseErrorCode(e.error)
    .replace(/([a-z])([A-Z])/g, '$1 $2')
    .toLowerCase();

/** The value at a path, or the innermost thing around it that is there. */
function nearest(root: Node, path: JSONPath): Node {
  for (let n = path.length; n > 0; n--) {
    const found = findNodeAtLocation(root, path.slice(0, n));
    if (found) return found;
  }
  return root;
}

function sizeFault(text: string) {
  if (text.length <= MOST_FILE_BYTES) return null;
  return failed([
    { line: 1, field: 'file', message: `This file has ${(text.length / 1e6).toFixed(1)} MB. A file of label sheets has at most ${MOST_FILE_BYTES / 1e6} MB.` },
  ]);
}

const COLUMNS = [
  'crops',
  'pests',
  'form',
  'unit',
  'min',
  'max',
  'water_ml',
  'coverage',
  'picking_wait_days',
  'interval_days',
  'most_a_year',
  'in_bloom',
  'stages',
  'source',
  'printed',
  'units',
  'method',
  'water_most_ml',
  'most_running',
  'water_in_mm',
] as const;
/** Columns that older files lack. */
const LATER: readonly string[] = ['printed', 'units', 'method', 'water_most_ml', 'most_running', 'water_in_mm'];
const LIST = ';';
/** In the column of water: the label names none. */
const NO_WATER = 'none';

/** The rate table of a sheet as CSV; lists are apart by semicolons, an empty picking wait means "not on food". */
export function writeRates(lines: readonly LabelLine[]): string {
  const rows = lines.map((l) => ({
    crops: l.crops.join(LIST),
    pests: l.pests.join(LIST),
    form: l.rate.form,
    unit: l.rate.unit,
    min: l.rate.min,
    max: l.rate.max,
    printed: l.rate.printed?.text ?? '',
    units: l.rate.printed?.system ?? '',
    water_ml: l.waterMlPerM2 ?? NO_WATER,
    water_most_ml: l.waterMostMlPerM2 ?? '',
    coverage: l.coverage,
    method: l.method ?? '',
    picking_wait_days: l.phiDays ?? '',
    interval_days: l.intervalDays,
    most_a_year: l.maxPerSeason ?? '',
    most_running: l.mostRunning ?? '',
    water_in_mm: l.waterInMm ?? '',
    in_bloom: l.inBloom ?? '',
    stages: l.stages?.join(LIST) ?? '',
    source: l.prov.source ?? l.prov.mark,
  }));
  const harmless = rows.map((r) => Object.fromEntries(Object.entries(r).map(([k, v]) => [k, typeof v === 'string' ? asText(v) : v])));
  return `${Papa.unparse(harmless, { columns: [...COLUMNS], newline: '\n' })}\n`;
}

/** A spreadsheet takes a cell that begins so for a formula, and runs it (OWASP, CSV injection): an apostrophe makes it text. */
const FORMULA = /^'*[=+\-@\t\r]/;
export const asText = (cell: string) => (FORMULA.test(cell) ? `'${cell}` : cell);
const fromText = (cell: string) => (cell.startsWith("'") && FORMULA.test(cell) ? cell.slice(1) : cell);

/** Names of columns fit in this; a first line that is longer is none of ours, and would be taken apart for long. */
const LONGEST_HEAD = 2000;
const MOST_LINES = 2000;

/** A rate table from CSV. @returns every fault with line and column; with any fault, no line at all */
export function readRates(text: string): ReadFile<readonly LabelLine[]> {
  const tooLarge = sizeFault(text);
  if (tooLarge) return tooLarge;
  if (text.search(/\r?\n|$/) > LONGEST_HEAD) return failed([{ line: 1, field: 'file', message: 'The first line is too long to be the names of the columns.' }]);
  const table = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    preview: MOST_LINES + 1,
    transformHeader: (h) => h.trim(),
    transform: fromText,
  });
  if (table.data.length > MOST_LINES) return failed([{ line: MOST_LINES + 2, field: 'file', message: `At most ${MOST_LINES} lines in one table.` }]);
  const missing = COLUMNS.filter((c) => !LATER.includes(c) && !table.meta.fields?.includes(c));
  if (missing.length > 0) return failed([{ line: 1, field: missing.join(', '), message: `The first line lacks ${missing.join(', ')}.` }]);
  if (table.data.length === 0) return failed([{ line: 2, field: 'crops', message: 'The file holds no lines.' }]);
  const faults: FileFault[] = [];
  const lines: LabelLine[] = [];
  for (const [i, row] of table.data.entries()) {
    if (faults.length >= MOST_FAULTS) break;
    const parsed = labelLineSchema.safeParse(lineFrom(row, i));
    if (!parsed.success) {
      for (const issue of parsed.error.issues) {
        const field = COLUMN_OF[issue.path.join('.')] ?? COLUMN_OF[String(issue.path[0])] ?? issue.path.join('.');
        faults.push({ line: i + 2, field, message: `“${row[field] ?? ''}”: ${issue.message}` });
      }
      continue;
    }
    for (const c of parsed.data.crops) if (!isCropWord(c)) faults.push({ line: i + 2, field: 'crops', message: `“${c}” is no crop known here.` });
    for (const p of parsed.data.pests) if (!isPestWord(p)) faults.push({ line: i + 2, field: 'pests', message: `“${p}” is no pest known here.` });
    lines.push(parsed.data);
  }
  return faults.length > 0 ? failed(faults) : { ok: true, value: lines };
}

const COLUMN_OF: Readonly<Record<string, string>> = {
  crops: 'crops',
  pests: 'pests',
  'rate.form': 'form',
  'rate.unit': 'unit',
  'rate.min': 'min',
  'rate.max': 'max',
  'rate.printed.text': 'printed',
  'rate.printed.system': 'units',
  waterMlPerM2: 'water_ml',
  waterMostMlPerM2: 'water_most_ml',
  coverage: 'coverage',
  method: 'method',
  phiDays: 'picking_wait_days',
  intervalDays: 'interval_days',
  maxPerSeason: 'most_a_year',
  mostRunning: 'most_running',
  waterInMm: 'water_in_mm',
  inBloom: 'in_bloom',
  stages: 'stages',
  prov: 'source',
};

function lineFrom(row: Record<string, string>, i: number): unknown {
  const text = (k: (typeof COLUMNS)[number]) => (row[k] ?? '').trim();
  const list = (k: (typeof COLUMNS)[number]) =>
    text(k)
      .split(LIST)
      .map((s) => s.trim())
      .filter(Boolean);
  const figure = (k: (typeof COLUMNS)[number]) => (text(k) === '' || Number.isNaN(Number(text(k))) ? text(k) : Number(text(k)));
  const orNull = (k: (typeof COLUMNS)[number]) => (text(k) === '' ? null : figure(k));
  return {
    id: `line-${i + 1}`,
    crops: list('crops'),
    pests: list('pests'),
    rate: {
      form: text('form'),
      unit: text('unit'),
      min: figure('min'),
      max: figure('max'),
      ...(text('printed') ? { printed: { text: text('printed'), system: text('units') } } : {}),
    },
    waterMlPerM2: text('water_ml') === NO_WATER ? null : figure('water_ml'),
    ...(text('water_most_ml') ? { waterMostMlPerM2: figure('water_most_ml') } : {}),
    coverage: text('coverage'),
    ...(text('method') ? { method: text('method') } : {}),
    phiDays: orNull('picking_wait_days'),
    intervalDays: figure('interval_days'),
    maxPerSeason: orNull('most_a_year'),
    ...(text('most_running') ? { mostRunning: figure('most_running') } : {}),
    ...(text('water_in_mm') ? { waterInMm: figure('water_in_mm') } : {}),
    ...(text('in_bloom') ? { inBloom: text('in_bloom') } : {}),
    ...(text('stages') ? { stages: list('stages') } : {}),
    prov: provenance(text('source')),
  };
}

function provenance(source: string): Provenance {
  if (source === 'CP') return CP;
  return source === '' || source === 'MEM' ? MEM : { mark: 'PUB', source };
}
