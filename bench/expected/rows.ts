import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { z } from 'zod';

const FOLDER = join(__dirname, '../../packages/core/test/expected');

const ids = z.string().transform((t) => t.split(' ').filter(Boolean));
/** `7-10` or empty. */
const span = z
  .string()
  .regex(/^(\d+-\d+)?$/, 'days as 7-10')
  .transform((t) => (t === '' ? null : (t.split('-').map(Number) as [number, number])));

/** What the trade does about one trouble, on one plant, at one place and time: written down before the product was asked. */
const rowSchema = z.object({
  trouble: z.string().min(1),
  host: z.string().min(1),
  as: z.enum(['edible', 'ornamental', 'house plant', 'lawn', 'tree']),
  place: z.string().min(1),
  country: z.string().regex(/^[A-Z]{2}$/),
  month: z.coerce.number().int().min(1).max(12),
  stands: z.enum(['', 'under glass', 'tall']),
  seen: ids,
  share: z.coerce.number().min(0).max(1),
  /** Controls any of which is a right first step. */
  first: ids.refine((f) => f.length > 0, 'a first step'),
  never: ids,
  report: z.enum(['yes', 'no', 'either']),
  days: span,
  judged: span,
  before: ids,
  mark: z.enum(['published', 'practice', 'memory']),
  /** Why the product answers otherwise and stays with it; empty for what must agree. */
  answer: z.string(),
});
export type Row = z.infer<typeof rowSchema> & { readonly at: string };

const placeSchema = z.object({
  place: z.string(),
  country: z.string(),
  region: z.string(),
  latitude: z.coerce.number(),
  longitude: z.coerce.number(),
  zone: z.string(),
  warm: z.coerce.number(),
  cold: z.coerce.number(),
});
export type ExpectedPlace = z.infer<typeof placeSchema>;

function read(file: string): Record<string, string>[] {
  const [head = '', ...lines] = readFileSync(join(FOLDER, file), 'utf8').trim().split('\n');
  const keys = head.split(',');
  // the answer comes last and may hold commas
  return lines.map((line) => {
    const cells = line.split(',');
    return Object.fromEntries(keys.map((k, i) => [k, i === keys.length - 1 ? cells.slice(i).join(',') : (cells[i] ?? '')]));
  });
}

export const places: ReadonlyMap<string, ExpectedPlace> = new Map(read('places.csv').map((p) => [p['place'] as string, placeSchema.parse(p)]));

/** Every row of every file; a row that is struck out (its trouble begins with #) is left out. */
export const expectedRows = (): Row[] =>
  readdirSync(FOLDER)
    .filter((f) => f.endsWith('.csv') && f !== 'places.csv')
    .flatMap((f) =>
      read(f).flatMap((cells, i) => {
        if (cells['trouble']?.startsWith('#')) return [];
        const parsed = rowSchema.safeParse(cells);
        if (!parsed.success) throw new Error(`${f}:${i + 2}: ${parsed.error.issues.map((x) => `${x.path.join('.')} ${x.message}`).join('; ')}`);
        return [{ ...parsed.data, at: `${f}:${i + 2}` }];
      }),
    );
