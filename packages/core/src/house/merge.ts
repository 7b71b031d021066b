import { dequal } from 'dequal/lite';

type Doc = Readonly<Record<string, unknown>>;

/** A field that was changed on both sides, each in another way. */
export interface Clash {
  readonly field: string;
  readonly here: unknown;
  readonly home: unknown;
}

export interface Merged {
  /** With what is at home wherever the two clash. */
  readonly document: Doc;
  readonly clashes: readonly Clash[];
}

/** Counted by whoever keeps it: no change of anybody's. */
const COUNTERS = new Set(['revision', 'version']);

const isDoc = (x: unknown): x is Doc => typeof x === 'object' && x !== null && !Array.isArray(x);
const isList = (x: unknown): x is readonly unknown[] => Array.isArray(x);
const isWord = (x: unknown) => typeof x === 'string' || typeof x === 'number';

type Both = { readonly value: unknown } | null;

/** One value of a document, as far as it can be brought together by rule; null where it can not. */
function together(base: unknown, here: unknown, home: unknown): Both {
  if (dequal(here, home)) return { value: home };
  if (dequal(base, here)) return { value: home };
  if (dequal(base, home)) return { value: here };
  if (isDoc(base) && isDoc(here) && isDoc(home)) {
    const { document, clashes } = mergeDocuments(base, here, home);
    return clashes.length === 0 ? { value: document } : null;
  }
  if (isList(base) && isList(here) && isList(home)) return lists(base, here, home);
  return null;
}

/** What was done belongs to what was decided: another decision on one side, and a treatment on the other, are no plan. */
function parted(base: unknown, here: unknown, home: unknown): boolean {
  if (!isDoc(base) || !isDoc(here) || !isDoc(home)) return false;
  const changed = (side: Doc, field: string) => !dequal(base[field], side[field]);
  const against = (a: Doc, b: Doc) => changed(a, 'treatmentId') && (changed(b, 'controlId') || changed(b, 'sheetId'));
  return against(here, home) || against(home, here);
}

/**
 * Lists of words are sets of things chosen: what either side put in is in, what either took out is out. Of other lists
 * each place is brought together by itself, and one that was made longer on one side only stays so: the laps of a case.
 */
function lists(base: readonly unknown[], here: readonly unknown[], home: readonly unknown[]): Both {
  if ([...base, ...here, ...home].every(isWord)) {
    const kept = home.filter((x) => here.includes(x) || !base.includes(x));
    return { value: [...kept, ...here.filter((x) => !home.includes(x) && !base.includes(x))] };
  }
  if (here.length < base.length || home.length < base.length || (here.length > base.length && home.length > base.length)) return null;
  const longest = here.length > home.length ? here : home;
  const value: unknown[] = [];
  for (const [i, theirs] of longest.entries()) {
    if (parted(base[i], here[i], home[i])) return null;
    const one: Both = i < base.length ? together(base[i], here[i], home[i]) : { value: theirs };
    if (!one) return null;
    value.push(one.value);
  }
  return { value };
}

/**
 * Brings two changes of one document together, field by field: what only one side changed is as that side has it. Where
 * both changed a field in another way, and no rule says how, it is told, and somebody has to choose.
 *
 * @param base as it was before either change; null where that is not known: then every difference is told
 * @param here as this device has it @param home as the house has it
 */
export function mergeDocuments(base: Doc | null, here: Doc, home: Doc): Merged {
  const fields = [...new Set([...Object.keys(home), ...Object.keys(here)])].filter((f) => !COUNTERS.has(f));
  const clashes: Clash[] = [];
  const document: Record<string, unknown> = { ...home };
  for (const field of fields) {
    const both = base ? together(base[field], here[field], home[field]) : dequal(here[field], home[field]) ? { value: home[field] } : null;
    if (!both) clashes.push({ field, here: here[field], home: home[field] });
    else if (both.value !== undefined) document[field] = both.value;
    else delete document[field];
  }
  return { document, clashes };
}

/** The document that comes of it once somebody has chosen. @param takeHere fields that shall be as this device has them */
export function chosen({ document, clashes }: Merged, takeHere: ReadonlySet<string>): Doc {
  return { ...document, ...Object.fromEntries(clashes.filter((c) => takeHere.has(c.field)).map((c) => [c.field, c.here])) };
}
