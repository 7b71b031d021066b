import { chosen, mergeDocuments, type Clash } from '@sleetbrook/core/merge';
import { LIST_A_PAGE, type Problem } from '@sleetbrook/core/api';
import type { Entry } from './entry';
import { takeNote } from './known';
import { ApiProblem, NoAnswer, send } from './wire';

type Doc = Readonly<Record<string, unknown>>;

/** What became of a write that was sent. */
export type Delivery =
  | { readonly is: 'home'; readonly answer: unknown; /** As it was sent in the end. */ readonly body: unknown }
  | { readonly is: 'refused'; readonly problem: Problem }
  | { readonly is: 'asks'; readonly home: Doc; readonly clashes: readonly Clash[] }
  | {
      readonly is: 'no-answer';
      readonly message: string;
      /** This device is not let in. */ readonly shut: boolean;
      /** It is there, and busy. */ readonly busy: boolean;
    };

/** How often a change is brought together anew when others write at the same moment. */
const TRIES = 4;

/** Where a document is found again that was changed at home, too. */
async function atHome(path: string): Promise<Doc | null> {
  const [address = ''] = path.split('?');
  const [, collection = '', id = ''] = address.split('/');
  if (AS_A_LIST.has(collection)) return inList(collection, id);
  const body = await send({ method: 'GET', path: address });
  return collection === 'cases' ? (body as { case: Doc }).case : (body as Doc);
}

const AS_A_LIST = new Set(['sprayers', 'sheets', 'readings', 'milestones', 'hushes']);

/** Part by part until it is there. */
async function inList(collection: string, id: string): Promise<Doc | null> {
  for (let after = ''; ;) {
    const part = (await send({ method: 'GET', path: `/${collection}${after}` })) as readonly Doc[];
    const found = part.find((d) => d['id'] === id);
    if (found || part.length < LIST_A_PAGE) return found ?? null;
    after = `?after=${encodeURIComponent(String(part.at(-1)?.['id']))}`;
  }
}

/** Documents that two people may change; everything else is written once. */
const SHARED = /^\/(garden$|(plantings|cases|shed-items|sprayers|batches|readings|milestones|hushes)\/[^/]+$|sheets\/[^/]+$)/;

/** The next number of a document over the one at home. */
const numbered = (document: Doc, home: Doc): Doc => {
  const version = home['version'];
  return typeof version === 'number' && !('revision' in home) ? { ...document, version: version + 1 } : { ...document, revision: home['revision'] };
};

const unnumbered = ({ revision: _r, version: _v, ...rest }: Doc) => JSON.stringify(Object.entries(rest).sort(([a], [b]) => (a < b ? -1 : 1)));

/** Brings a change together with what is at home meanwhile, and sends that. */
async function together(entry: Entry, refused: ApiProblem, tries: number): Promise<Delivery> {
  if (entry.path.endsWith('/strike')) {
    // somebody has struck it out already: it is out
    const answer = await send({ method: 'GET', path: entry.path.replace(/\/strike$/, '') });
    return { is: 'home', answer, body: entry.body };
  }
  if (!SHARED.test(entry.path.split('?')[0] ?? '') || tries === 0) return { is: 'refused', problem: refused.problem };
  const home = await atHome(entry.path);
  if (!home) return { is: 'refused', problem: refused.problem };
  takeNote(entry.path, home);
  const { document, clashes } = mergeDocuments(entry.base, entry.body as Doc, home);
  if (clashes.length > 0) return { is: 'asks', home, clashes };
  if (unnumbered(document) === unnumbered(home)) return { is: 'home', answer: home, body: entry.body };
  return attempt({ ...entry, base: home, body: numbered(document, home) }, tries - 1);
}

async function attempt(entry: Entry, tries: number): Promise<Delivery> {
  try {
    const answer = await send(entry);
    return { is: 'home', answer, body: entry.body };
  } catch (e) {
    if (!(e instanceof ApiProblem)) throw e;
    const { status } = e.problem;
    // what was to go is gone
    if (entry.method === 'DELETE' && status === 404) return { is: 'home', answer: null, body: entry.body };
    return status === 409 ? together(entry, e, tries) : { is: 'refused', problem: e.problem };
  }
}

/**
 * Sends one write to the house. Sent twice it is taken once; changed there meanwhile it is brought together, or somebody
 * is asked. Whatever comes of it is told: nothing is thrown.
 */
export async function deliver(entry: Entry): Promise<Delivery> {
  try {
    return await attempt(entry, TRIES);
  } catch (e) {
    if (e instanceof NoAnswer) return { is: 'no-answer', message: e.message, shut: e.shut, busy: e.busy };
    if (e instanceof ApiProblem) return { is: 'refused', problem: e.problem };
    throw e;
  }
}

/**
 * The change as somebody chose it between here and home, made from what is at home now.
 * @param takeHere fields that shall be as this device has them
 * @returns null where all of it is as it is at home
 */
export function asChosen(entry: Entry, home: Doc, takeHere: ReadonlySet<string>): Pick<Entry, 'body' | 'base'> | null {
  const document = chosen(mergeDocuments(entry.base, entry.body as Doc, home), takeHere);
  return unnumbered(document) === unnumbered(home) ? null : { body: numbered(document, home), base: home };
}
