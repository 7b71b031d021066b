import { isMap, isScalar, isSeq, LineCounter, parseDocument, type Document, type Node, type YAMLParseError } from 'yaml';
import { KIND_NAMES, KINDS, type Kind, type Library, type Wrong } from './library';

export interface EntryFile {
  /** From the root of the catalogue: `troubles/thrips.yaml`. */
  readonly path: string;
  readonly text: string;
}

/** What is wrong, by file and line, in words. */
export interface Fault {
  readonly path: string;
  readonly line: number;
  readonly text: string;
}

/** @example sayFault({ path: 'troubles/thrips.yaml', line: 12, text: 'host roze is not known' }) // 'troubles/thrips.yaml:12: host roze is not known' */
export const sayFault = (f: Fault): string => `${f.path}:${f.line}: ${f.text}`;

interface Open {
  readonly path: string;
  readonly doc: Document;
  readonly lines: LineCounter;
}

const FIRST_LINE = 1;

/** The line of what a way through the entry leads to, or of the nearest there is on that way. */
function lineOf({ doc, lines }: Open, at: readonly PropertyKey[]): number {
  let node: unknown = doc.contents;
  let offset = isMap(node) || isSeq(node) ? (node.range?.[0] ?? 0) : 0;
  for (const step of at) {
    if (isMap(node)) {
      const pair = node.items.find((p) => isScalar(p.key) && p.key.value === step);
      if (!pair) break;
      offset = (pair.key as Node).range?.[0] ?? offset;
      node = pair.value;
    } else if (isSeq(node)) {
      const item = node.items[Number(step)] as Node | undefined;
      if (!item) break;
      offset = item.range?.[0] ?? offset;
      node = item;
    } else break;
  }
  return Math.max(FIRST_LINE, lines.linePos(offset).line);
}

/** The commonest slip in words of its own, since the parser's would send nobody to the colon. */
const sayBroken = ({ code, message }: YAMLParseError) =>
  code === 'BLOCK_AS_IMPLICIT_KEY' ? 'a text with a colon in it stands in quotes' : (message.split('\n')[0] ?? 'this is no YAML');

/** What the document says; nothing where it refers to what is not there (`*name`). */
function valueOf(doc: Document): unknown {
  try {
    return doc.toJS();
  } catch {
    return undefined;
  }
}

const at = (path: readonly PropertyKey[]) => (path.length === 0 ? '' : `${path.map(String).join('.')}: `);

export interface Reading {
  readonly library: Library;
  readonly faults: readonly Fault[];
  /** Where in the files something is that is wrong with an entry. */
  place(wrong: Wrong): Fault;
}

/**
 * Reads the files of a catalogue: each against the schema of its folder. An entry that does not fit is named with file
 * and line, and left out of the library.
 * @param files in any order; the entries come out by id
 */
export function readLibrary(files: readonly EntryFile[]): Reading {
  const faults: Fault[] = [];
  const opened = new Map<string, Open>();
  const entries = Object.fromEntries(KIND_NAMES.map((k) => [k, [] as { id: string }[]])) as Record<Kind, { id: string }[]>;
  for (const { path, text } of files) {
    const say = (line: number, what: string) => faults.push({ path, line, text: what });
    const [folder = '', file = ''] = path.split('/');
    const id = file.replace(/\.yaml$/, '');
    if (!(folder in KINDS)) {
      say(FIRST_LINE, `${folder} is no folder of the catalogue: ${KIND_NAMES.join(', ')}`);
      continue;
    }
    const kind = folder as Kind;
    const lines = new LineCounter();
    const doc = parseDocument(text, { lineCounter: lines });
    const [broken] = doc.errors;
    if (broken) {
      say(Math.max(FIRST_LINE, lines.linePos(broken.pos[0]).line), sayBroken(broken));
      continue;
    }
    const open = { path, doc, lines };
    const read = KINDS[kind].schema.safeParse(valueOf(doc));
    if (!read.success) {
      for (const issue of read.error.issues) say(lineOf(open, issue.path), `${at(issue.path)}${issue.message}`);
      continue;
    }
    if (read.data.id !== id) say(lineOf(open, ['id']), `id ${read.data.id} stands in the file ${file}: name the file after it`);
    opened.set(`${kind}/${read.data.id}`, open);
    entries[kind].push(read.data);
  }
  for (const list of Object.values(entries)) list.sort((a, b) => (a.id < b.id ? -1 : 1));
  return {
    library: entries as unknown as Library,
    faults,
    place: (w) => {
      const open = opened.get(`${w.kind}/${w.id}`);
      return { path: open?.path ?? `${w.kind}/${w.id}.yaml`, line: open ? lineOf(open, w.at) : FIRST_LINE, text: w.text };
    },
  };
}
