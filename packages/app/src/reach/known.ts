type Doc = Readonly<Record<string, unknown>>;

/** Documents as the house last had them, by their address: a change is held against the one that it was made from. */
const known = new Map<string, Doc>();
const MOST = 5000;

const isDoc = (x: unknown): x is Doc => typeof x === 'object' && x !== null && !Array.isArray(x);
const counterOf = (d: Doc): unknown => d['revision'] ?? d['version'];

const COLLECTIONS = new Set(['plantings', 'cases', 'shed-items', 'sprayers', 'batches', 'sheets', 'readings', 'milestones', 'hushes']);

function put(address: string, document: unknown): void {
  if (!isDoc(document) || counterOf(document) === undefined) return;
  if (known.size > MOST) known.clear();
  known.set(address, document);
}

/** Takes note of what an address answered. */
export function takeNote(path: string, body: unknown): void {
  const [address = ''] = path.split('?');
  const [, collection = '', id] = address.split('/');
  if (address === '/garden') return put(address, body);
  if (address === '/today' && isDoc(body)) return takeNote('/cases', body['openCases']);
  if (!COLLECTIONS.has(collection)) return;
  if (Array.isArray(body)) {
    for (const d of body) if (isDoc(d)) put(`/${collection}/${String(d['id'])}`, d);
    return;
  }
  if (id) put(`/${collection}/${id}`, collection === 'cases' && isDoc(body) && 'case' in body ? body['case'] : body);
}

/** The document that a changed one was made from, if it is the very one; null where it is new or not known. */
export function baseOf(path: string, body: unknown): Doc | null {
  const found = known.get(path.split('?')[0] ?? '');
  if (!found || !isDoc(body)) return null;
  const [had, sent] = [counterOf(found), counterOf(body)];
  // an own label sheet is sent as the next version, everything else with the revision it was made from
  return had === sent || (!('revision' in body) && typeof had === 'number' && sent === had + 1) ? found : null;
}

export const nameOf = (address: string): string | undefined => {
  const name = known.get(address)?.['name'];
  return typeof name === 'string' ? name : undefined;
};
