import Papa from 'papaparse';
import { amountUnitOf } from '../label/line-of';
import { asText } from '../label/sheet-file';
import type { GardenFileKind, GardenFileLine } from './kinds';

type Cell = string | number | null;
type Row = readonly Cell[];

/** A table for a spreadsheet, made of the lines of one kind. What is made of it is not read back. */
export interface Table<K extends GardenFileKind = GardenFileKind> {
  readonly name: string;
  readonly of: K;
  readonly columns: readonly string[];
  readonly rows: (line: GardenFileLine<K>) => readonly Row[];
}

const table = <K extends GardenFileKind>(name: string, of: K, columns: readonly string[], rows: (line: GardenFileLine<K>) => readonly Row[]): Table =>
  ({ name, of, columns, rows }) as unknown as Table;

/** The tables of a garden file: what was done (the fields that 7 CFR 110.3 asks of a record), what was counted, what grows. */
export const TABLES: readonly Table[] = [
  table(
    'treatments',
    'treatments',
    [
      'finished_at',
      'planting',
      'crop',
      'place',
      'control',
      'label',
      'area_m2',
      'amount',
      'unit',
      'mix_ml',
      'by',
      'why',
      'keep_out_until',
      'pick_from',
      'struck_at',
    ],
    (t) => [
      [
        t.finishedAt,
        t.plantingName,
        t.crop,
        t.place,
        t.controlName,
        t.sheet?.name ?? null,
        t.areaM2,
        t.amount,
        t.sheet ? amountUnitOf(t) : null,
        t.waterMl,
        t.by,
        t.why,
        t.keepOutUntil,
        t.pickUnknown ? 'not known' : t.pickFrom,
        t.struck?.at ?? null,
      ],
    ],
  ),
  table(
    'plantings',
    'plantings',
    ['name', 'plant', 'place', 'site', 'stage', 'eaten', 'area_m2', 'pick_from', 'pick_until', 'removed_at'],
    ({ planting: p, removedAt }) => [[p.name, p.hostId, p.place, p.site, p.stage, p.edible ? 'yes' : 'no', p.areaM2, p.pickFrom, p.pickUntil, removedAt]],
  ),
  table('counts', 'walks', ['at', 'planting_id', 'trouble', 'affected', 'looked'], (w) =>
    w.stops.flatMap((s) => s.tallies.map((c): Row => [s.at ?? w.startedAt, s.plantingId, c.troubleId, c.affected, c.looked])),
  ),
  table('cases', 'cases', ['opened_at', 'planting_id', 'trouble', 'confidence', 'status', 'closed_at', 'laps'], (c) => [
    [c.openedAt, c.plantingId, c.troubleId, c.confidence, c.status, c.closedAt, c.laps.length],
  ]),
];

/** A row as CSV (RFC 4180); a cell that a spreadsheet would run is made text. */
export const csvRow = (cells: Row): string => `${Papa.unparse([cells.map((c) => (typeof c === 'string' ? asText(c) : c))], { newline: '\n' })}\n`;
