/**
 * The fields by which a request names another document, in its body or its query, and in which collection that is.
 * A test holds it complete: every field of a request that takes a document's id stands here or is said to name none.
 */
export const REFERENCES = {
  plantingId: 'plantings',
  caseId: 'cases',
  lookId: 'looks',
  afterLookId: 'looks',
  treatmentId: 'treatments',
  /** The record that another one puts right: an object that holds its id. */
  corrects: 'treatments',
  sheetId: 'sheets',
} as const satisfies Readonly<Record<string, string>>;

const collectionOf: Readonly<Record<string, string | undefined>> = REFERENCES;

/** Collections that stand two steps below the API's root. */
const NESTED = 'weather/sky';

/**
 * The document that a request changes.
 * @param path below the API's root, with its query
 * @example documentOf('/treatments/0197a000/strike') // "treatments/0197a000"
 * @example documentOf('/garden') // "garden"
 */
export function documentOf(path: string): string {
  const [address = ''] = path.split('?');
  const parts = address.split('/').filter((part) => part !== '');
  return parts.slice(0, address.startsWith(`/${NESTED}/`) ? 3 : 2).join('/');
}

/**
 * The documents that a request names beside its own: where one of them is not at home, neither can this be.
 * @param body as it is sent; a picture names nothing
 */
export function referencesOf(path: string, body: unknown): ReadonlySet<string> {
  const found = new Set<string>();
  for (const [field, value] of new URLSearchParams(path.split('?')[1] ?? '')) add(field, value, found);
  collect(body, found);
  return found;
}

function add(field: string, value: unknown, found: Set<string>): void {
  const collection = Object.hasOwn(REFERENCES, field) ? collectionOf[field] : undefined;
  if (collection === undefined || value === null || value === undefined) return;
  const id = typeof value === 'object' ? (value as { readonly id?: unknown }).id : value;
  if (typeof id === 'string') found.add(`${collection}/${id}`);
}

function collect(value: unknown, found: Set<string>): void {
  if (Array.isArray(value)) for (const item of value) collect(item, found);
  else if (typeof value === 'object' && value !== null)
    for (const [field, inner] of Object.entries(value)) {
      add(field, inner, found);
      collect(inner, found);
    }
}
