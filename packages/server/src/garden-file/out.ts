import { createWriteStream } from 'node:fs';
import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import {
  csvRow,
  GARDEN_FILE_FORMAT,
  GARDEN_FILE_KINDS,
  GARDEN_FILE_VERSION,
  KIND_NAMES,
  TABLES,
  type GardenFileKind,
  type Manifest,
} from '@sleetbrook/core/garden-file';
import Database from 'better-sqlite3';
import { ZipFile } from 'yazl';
import { gardenRows, pictures } from './rows';

/** The same for every file: made twice of one garden it is the same, byte for byte. */
const OPTIONS = { mtime: new Date(1980, 0, 1), mode: 0o100644, forceDosTimestamp: true } as const;

const READ_ME = `A garden of Sleetbrook.

manifest.json says what is here. The files that end in .jsonl are the garden, a line of JSON for each thing; photographs/
holds the pictures. tables/ is for spreadsheets, made of the same, and not read back. The format is described in
docs/garden-file.md and docs/garden-file.schema.json of the program.
`;

/**
 * Writes the whole garden of a database into a file of open formats.
 * @param from the database; nobody else's work is held up by it, and what is written meanwhile is not in it
 * @returns what is in it
 */
export async function gardenOut({ from, to }: { readonly from: string; readonly to: string }): Promise<Manifest> {
  const db = new Database(from, { readonly: true });
  try {
    // one view of it for as long as it takes
    db.exec('BEGIN');
    const rows = gardenRows(db);
    const zip = new ZipFile();
    const lines = {} as Record<GardenFileKind, number>;
    const leftOut: Manifest['leftOut'][number][] = [];
    const texts = new Map<string, string[]>(TABLES.map((t) => [t.name, [csvRow(t.columns)]]));
    const shown: string[] = [];
    const parts: (readonly [string, Buffer])[] = [];
    for (const kind of KIND_NAMES) {
      const text: string[] = [];
      for (const id of rows[kind].ids()) {
        const line = readLine(kind, () => rows[kind].read(id));
        if ('why' in line) {
          leftOut.push({ kind, id, why: line.why });
          continue;
        }
        text.push(`${JSON.stringify(line.is)}\n`);
        if (kind === 'photographs') shown.push(id);
        for (const t of TABLES) if (t.of === kind) texts.get(t.name)?.push(...t.rows(line.is as never).map(csvRow));
      }
      lines[kind] = text.length;
      parts.push([`${kind}.jsonl`, Buffer.from(text.join(''))]);
    }
    const manifest: Manifest = { format: GARDEN_FILE_FORMAT, version: GARDEN_FILE_VERSION, lines, leftOut };
    zip.addBuffer(Buffer.from(`${JSON.stringify(manifest, null, 2)}\n`), 'manifest.json', OPTIONS);
    zip.addBuffer(Buffer.from(READ_ME), 'README.txt', OPTIONS);
    for (const [name, bytes] of parts) zip.addBuffer(bytes, name, OPTIONS);
    for (const [name, text] of texts) zip.addBuffer(Buffer.from(text.join('')), `tables/${name}.csv`, OPTIONS);
    const { read } = pictures(db);
    for (const id of shown)
      // one picture at a time is in memory
      zip.addReadStreamLazy(`photographs/${id}.jpg`, { ...OPTIONS, compress: false }, (hand) => hand(null, Readable.from([read(id) ?? Buffer.alloc(0)])));
    zip.end();
    await pipeline(zip.outputStream, createWriteStream(to, { mode: 0o600 }));
    return manifest;
  } finally {
    db.close();
  }
}

/** A line as the format has it, or why it can not be read. */
function readLine(kind: GardenFileKind, read: () => unknown): { readonly is: unknown } | { readonly why: string } {
  try {
    const parsed = GARDEN_FILE_KINDS[kind].safeParse(read());
    if (parsed.success) return { is: parsed.data };
    const [first] = parsed.error.issues;
    return { why: `${first?.path.join('.') ?? ''}: ${first?.message ?? ''}` };
  } catch (error) {
    return { why: (error as Error).message };
  }
}
