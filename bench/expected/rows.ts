import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';

const FOLDER = join(__dirname, '../../packages/core/test/expected');

const AS = ['edible', 'ornamental', 'house plant', 'lawn', 'tree'] as const;
const STANDS = ['', 'under glass', 'tall'] as const;
const REPORT = ['yes', 'no', 'either'] as const;
const MARKS = ['published', 'practice', 'memory'] as const;

/** What the trade does about one trouble, on one plant, at one place and time: written down before the product was asked. */
export interface Row {
  /** File and line. */
  readonly at: string;
  readonly trouble: string;
  readonly host: string;
  readonly as: (typeof AS)[number];
  readonly place: string;
  readonly country: string;
  /** 1 … 12. */
  readonly month: number;
  readonly stands: (typeof STANDS)[number];
  /** Sign ids. */
  readonly seen: readonly string[];
  /** Share affected, 0 … 1. */
  readonly share: number;
  /** Controls any of which is a right first step. */
  readonly first: readonly string[];
  readonly never: readonly string[];
  readonly report: (typeof REPORT)[number];
  /** Days to the next round; null where that is not said. */
  readonly days: readonly [number, number] | null;
  readonly judged: readonly [number, number] | null;
  /** Right first steps before it comes. */
  readonly before: readonly string[];
  readonly mark: (typeof MARKS)[number];
  /** Why the product answers otherwise and stays with it; empty for what must agree. */
  readonly answer: string;
}

export interface ExpectedPlace {
  readonly place: string;
  readonly country: string;
  readonly region: string;
  readonly latitude: number;
  readonly longitude: number;
  readonly zone: string;
  /** °C of the warmest and of the coldest month. */
  readonly warm: number;
  readonly cold: number;
}

type Cells = Readonly<Record<string, string>>;

/** The cells of a line as a row; throws with the place of what can not be read. */
function rowOf(c: Cells, at: string): Row {
  const text = (key: string) => c[key] ?? '';
  const wrong = (key: string): never => {
    throw new Error(`${at}: ${key} can not be "${text(key)}"`);
  };
  const oneOf = <T extends string>(key: string, all: readonly T[]): T => all.find((x) => x === text(key)) ?? wrong(key);
  const number = (key: string, least: number, most: number): number => {
    const n = text(key) === '' ? Number.NaN : Number(text(key));
    return n >= least && n <= most ? n : wrong(key);
  };
  const ids = (key: string) => text(key).split(' ').filter(Boolean);
  const span = (key: string): readonly [number, number] | null => {
    if (text(key) === '') return null;
    const m = /^(\d+)-(\d+)$/.exec(text(key));
    return m ? [Number(m[1]), Number(m[2])] : wrong(key);
  };
  const first = ids('first');
  if (first.length === 0) wrong('first');
  return {
    at,
    trouble: text('trouble'),
    host: text('host'),
    as: oneOf('as', AS),
    place: text('place'),
    country: text('country'),
    month: number('month', 1, 12),
    stands: oneOf('stands', STANDS),
    seen: ids('seen'),
    share: number('share', 0, 1),
    first,
    never: ids('never'),
    report: oneOf('report', REPORT),
    days: span('days'),
    judged: span('judged'),
    before: ids('before'),
    mark: oneOf('mark', MARKS),
    answer: text('answer'),
  };
}

export function read(file: string, folder = FOLDER): Cells[] {
  const [head = '', ...lines] = readFileSync(join(folder, file), 'utf8').trim().split('\n');
  const keys = head.split(',');
  // the answer comes last and may hold commas
  return lines.map((line) => {
    const cells = line.split(',');
    return Object.fromEntries(keys.map((k, i) => [k, i === keys.length - 1 ? cells.slice(i).join(',') : (cells[i] ?? '')]));
  });
}

const placeOf = (c: Cells): ExpectedPlace => ({
  place: c['place'] ?? '',
  country: c['country'] ?? '',
  region: c['region'] ?? '',
  latitude: Number(c['latitude']),
  longitude: Number(c['longitude']),
  zone: c['zone'] ?? '',
  warm: Number(c['warm']),
  cold: Number(c['cold']),
});

export const places: ReadonlyMap<string, ExpectedPlace> = new Map(read('places.csv').map((p) => [p['place'] ?? '', placeOf(p)]));

/** Every row of every file; a row that is struck out (its trouble begins with #) is left out. */
export const expectedRows = (): Row[] =>
  readdirSync(FOLDER)
    .filter((f) => f.endsWith('.csv') && f !== 'places.csv')
    .flatMap((f) => read(f).flatMap((cells, i) => (cells['trouble']?.startsWith('#') ? [] : [rowOf(cells, `${f}:${i + 2}`)])));
