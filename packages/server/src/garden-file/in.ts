import { rmSync } from 'node:fs';
import type { Readable } from 'node:stream';
import { buffer } from 'node:stream/consumers';
import { StringDecoder } from 'node:string_decoder';
import {
  GARDEN_FILE_KINDS,
  GARDEN_FILE_VERSION,
  KIND_NAMES,
  manifestSchema,
  SINCE_VERSION_2,
  type GardenFileKind,
  type GardenFileLine,
} from '@sleetbrook/core/garden-file';
import { MAX_PHOTO_BYTES } from '@sleetbrook/core/api';
import Database from 'better-sqlite3';
import { imageSize } from 'image-size';
import { open, type Entry, type ZipFile } from 'yauzl';
import { migrate } from '../db/migrate';
import { HttpProblem as Refusal, invalid } from '../http/problem';
import { gardenRows, pictures } from './rows';

/** A garden of fifty years, with a dozen pictures a week, stays below. */
const MOST_ENTRIES = 100_000;
const MOST_BYTES = 8e9;
const LONGEST_LINE = 2_000_000;
const MANIFEST_BYTES = 5_000_000;
/** Text packs to a tenth, not to a five-hundredth. */
const MOST_PACKED = 200;
const SMALL = 1_000_000;

const refuse = (message: string): Error => invalid('file', `${message} Nothing was changed.`);
const PICTURE = /^photographs\/([0-9a-f-]{36})\.jpg$/;
const ASIDE = /^(README\.txt|tables\/[a-z-]+\.csv)$/;

type Entries = ReadonlyMap<string, Entry>;
interface Opened {
  readonly zip: ZipFile;
  readonly entries: Entries;
  readonly streamOf: (name: string) => Promise<Readable>;
}

/** Opens the file and looks at what it says of itself, before anything is unpacked. */
async function openZip(path: string): Promise<Opened> {
  const zip = await new Promise<ZipFile>((resolve, reject) => {
    open(path, { lazyEntries: true, autoClose: false, strictFileNames: true }, (error, opened) =>
      error ? reject(refuse(`It is no garden file, or not all of it is there (${error.message}).`)) : resolve(opened),
    );
  });
  const entries = new Map<string, Entry>();
  let bytes = 0;
  await new Promise<void>((resolve, reject) => {
    zip.on('error', (error: Error) => reject(refuse(`It is damaged, or was made by something else (${error.message}).`)));
    zip.on('end', resolve);
    zip.on('entry', (entry: Entry) => {
      const name = entry.fileName;
      const known = name === 'manifest.json' || ASIDE.test(name) || PICTURE.test(name) || KIND_NAMES.some((k) => name === `${k}.jsonl`);
      bytes += entry.uncompressedSize;
      if (!known) return reject(refuse(`“${name.slice(0, 80)}” in it is not of a garden.`));
      if (entries.has(name)) return reject(refuse(`“${name}” is in it twice.`));
      if (bytes > MOST_BYTES || entries.size >= MOST_ENTRIES) return reject(refuse('It holds more than any garden does.'));
      if (entry.uncompressedSize > SMALL && entry.uncompressedSize > MOST_PACKED * entry.compressedSize)
        return reject(refuse(`“${name}” would unpack to ${Math.round(entry.uncompressedSize / 1e6)} MB: no garden is packed so tightly.`));
      entries.set(name, entry);
      zip.readEntry();
    });
    zip.readEntry();
  });
  const streamOf = (name: string) =>
    new Promise<Readable>((resolve, reject) => {
      const entry = entries.get(name);
      if (!entry) return reject(refuse(`“${name}” is missing in it.`));
      zip.openReadStream(entry, (error, stream) => {
        if (error) return reject(refuse(`“${name}” can not be unpacked (${error.message}).`));
        resolve(stream);
      });
    });
  return { zip, entries, streamOf };
}

async function readManifest({ entries, streamOf }: Opened) {
  const entry = entries.get('manifest.json');
  if (!entry) throw refuse('It is no garden file: manifest.json is missing in it.');
  if (entry.uncompressedSize > MANIFEST_BYTES) throw refuse('Its manifest is longer than any is.');
  let said: unknown;
  try {
    said = JSON.parse((await buffer(await streamOf('manifest.json'))).toString('utf8'));
  } catch {
    throw refuse('Its manifest can not be read.');
  }
  const version = (said as { version?: unknown }).version;
  if (typeof version === 'number' && version > GARDEN_FILE_VERSION)
    throw refuse(`It is of a newer kind (${version}) than this program reads (${GARDEN_FILE_VERSION}): bring the program up to date first.`);
  const parsed = manifestSchema.safeParse(said);
  if (!parsed.success) throw refuse(`Its manifest says what can not be: ${parsed.error.issues[0]?.path.join('.')}: ${parsed.error.issues[0]?.message}.`);
  return parsed.data;
}

/** Each line of a file, by its number. @throws Refusal where a line is longer than any is, or the file can not be unpacked */
async function* linesOf(stream: Readable, name: string): AsyncGenerator<readonly [number, string]> {
  const text = new StringDecoder('utf8');
  let held = '';
  let number = 0;
  try {
    for await (const chunk of stream as AsyncIterable<Buffer>) {
      const parts = (held + text.write(chunk)).split('\n');
      held = parts.pop() ?? '';
      for (const part of parts) yield [++number, part];
      if (held.length > LONGEST_LINE) throw refuse(`A line of “${name}” is longer than any is.`);
    }
  } catch (error) {
    throw error instanceof Refusal ? error : refuse(`“${name}” can not be unpacked (${(error as Error).message}).`);
  }
  if (held + text.end() !== '') throw refuse(`The last line of “${name}” has no end: it is not whole.`);
}

/**
 * Reads a garden file into a database of its own, which may then take the place of another.
 * @param path the file @param to where the database is made; nothing is there after a refusal
 * @throws Refusal in words, with the file and line, for whatever can not be
 */
export async function gardenIn({ path, to, migrations }: { readonly path: string; readonly to: string; readonly migrations: string }): Promise<void> {
  const opened = await openZip(path);
  const db = new Database(to);
  try {
    const manifest = await readManifest(opened);
    db.pragma('foreign_keys = ON');
    // whoever looks for it finds a whole one or none
    db.pragma('synchronous = OFF');
    migrate(db, migrations);
    db.exec('BEGIN');
    const rows = gardenRows(db);
    for (const kind of KIND_NAMES) await takeKind(opened, kind, manifest.lines[kind], rows[kind].write as (line: GardenFileLine<GardenFileKind>) => void);
    await takePictures(opened, db);
    db.exec('COMMIT');
    db.close();
  } catch (error) {
    db.close();
    for (const beside of ['', '-journal', '-wal', '-shm']) rmSync(`${to}${beside}`, { force: true });
    throw error;
  } finally {
    opened.zip.close();
  }
}

async function takeKind(opened: Opened, kind: GardenFileKind, said: number, write: (line: GardenFileLine<GardenFileKind>) => void): Promise<void> {
  const name = `${kind}.jsonl`;
  // a file of the first version has none of these
  if (said === 0 && SINCE_VERSION_2.has(kind) && !opened.entries.has(name)) return;
  let taken = 0;
  for await (const [number, text] of linesOf(await opened.streamOf(name), name)) {
    const at = `Line ${number} of “${name}”`;
    let line: unknown;
    try {
      line = JSON.parse(text);
    } catch {
      throw refuse(`${at} is no JSON.`);
    }
    const parsed = GARDEN_FILE_KINDS[kind].safeParse(line);
    if (!parsed.success) {
      const [issue] = parsed.error.issues;
      throw refuse(`${at} can not be: ${issue?.path.join('.') ?? ''}: ${issue?.message ?? ''}.`.replace('..', '.'));
    }
    try {
      write(parsed.data);
    } catch (error) {
      const { code, message } = error as { code?: string; message: string };
      if (code?.startsWith('SQLITE_CONSTRAINT_FOREIGNKEY')) throw refuse(`${at} names something that is not in the file.`);
      if (code?.startsWith('SQLITE_CONSTRAINT')) throw refuse(`${at} is there already, or says what can not be (${message}).`);
      throw error;
    }
    taken++;
  }
  if (taken !== said) throw refuse(`“${name}” has ${taken} lines, and the manifest says ${said}: it is not whole.`);
}

async function takePictures(opened: Opened, db: Database.Database): Promise<void> {
  const { write } = pictures(db);
  const wanted = db.prepare<[], { id: string; width: number; height: number }>('SELECT id, width, height FROM photo').all();
  const named = new Set(wanted.map((p) => `photographs/${p.id}.jpg`));
  for (const name of opened.entries.keys()) if (PICTURE.test(name) && !named.has(name)) throw refuse(`“${name}” belongs to nothing in it.`);
  for (const { id, width, height } of wanted) {
    const name = `photographs/${id}.jpg`;
    if ((opened.entries.get(name)?.uncompressedSize ?? 0) > MAX_PHOTO_BYTES) throw refuse(`“${name}” is larger than any picture here.`);
    const jpeg = await buffer(await opened.streamOf(name)).catch((error: Error) => {
      throw refuse(`“${name}” can not be unpacked (${error.message}).`);
    });
    if (!isPicture(jpeg, width, height)) throw refuse(`“${name}” is not the picture that it is said to be.`);
    write(id, jpeg);
  }
}

/** A JPEG of so many pixels, by its head: it is not opened here. */
function isPicture(jpeg: Buffer, width: number, height: number): boolean {
  try {
    const size = imageSize(jpeg);
    return size.type === 'jpg' && size.width === width && size.height === height;
  } catch {
    return false;
  }
}
