import { z } from 'zod';
import * as api from '../src/api';
import { documentOf, REFERENCES, referencesOf } from '../src/api';

/** What is sent to be kept, a document each. */
const REQUESTS = {
  garden: api.gardenSchema,
  planting: api.plantingSchema,
  look: api.lookSchema,
  photo: api.photoSchema,
  case: api.caseSchema,
  treatment: api.treatmentRequestSchema,
  walk: api.walkSchema,
  'shed item': api.shedItemSchema,
  sprayer: api.sprayerSchema,
  batch: api.batchSchema,
  reading: api.readingSchema,
  milestone: api.milestoneSchema,
  hush: api.hushSchema,
  sky: api.skyLookSchema,
  confirmation: api.confirmationSchema,
};

/** Ids that name no document: its own, and the mix that several records came out of. */
const NO_DOCUMENT = ['id', 'mixId'];

interface Node {
  readonly format?: string;
  readonly properties?: Readonly<Record<string, Node>>;
  readonly items?: Node;
  readonly anyOf?: readonly Node[];
  readonly allOf?: readonly Node[];
}

const takesId = (node: Node): boolean => node.format === 'uuid' || [...(node.anyOf ?? []), ...(node.allOf ?? [])].some(takesId);

/** The names of all fields, at any depth, that take a document's id. */
function idFields(node: Node): string[] {
  const own = Object.entries(node.properties ?? {}).flatMap(([name, inner]) => [...(takesId(inner) ? [name] : []), ...idFields(inner)]);
  const below = [node.items, ...(node.anyOf ?? []), ...(node.allOf ?? [])].flatMap((inner) => (inner ? idFields(inner) : []));
  return [...own, ...below];
}

test.each(Object.entries(REQUESTS))('every id that a %s holds is known to name a document, or none', (_what, schema) => {
  const fields = idFields(z.toJSONSchema(schema, { io: 'input', unrepresentable: 'any' }) as Node);
  expect(fields.filter((name) => !(name in REFERENCES) && !NO_DOCUMENT.includes(name))).toEqual([]);
});

test('the walk through the schemas finds what is there', () => {
  const all = Object.values(REQUESTS).flatMap((schema) => idFields(z.toJSONSchema(schema, { io: 'input', unrepresentable: 'any' }) as Node));
  expect([...new Set(all)].sort()).toEqual(['afterLookId', 'caseId', 'id', 'lookId', 'mixId', 'plantingId', 'treatmentId']);
});

test.each([
  ['/garden', 'garden'],
  ['/plantings/a/restore', 'plantings/a'],
  ['/photos/p?lookId=l', 'photos/p'],
  ['/weather/sky/s', 'weather/sky/s'],
  ['/readings/2026-05-24', 'readings/2026-05-24'],
])('%s changes %s', (path, document) => expect(documentOf(path)).toBe(document));

test('names are read out of the query, of lists and of what puts right; null names nothing', () => {
  expect([...referencesOf('/photos/p?lookId=l&takenAt=x', new Blob(['x']))]).toEqual(['looks/l']);
  expect([...referencesOf('/walks/w', { stops: [{ plantingId: 'a' }, { plantingId: 'b' }] })]).toEqual(['plantings/a', 'plantings/b']);
  expect([...referencesOf('/treatments/t', { caseId: null, plantingId: 'a', corrects: { id: 'r', reason: 'x' }, sheetId: 'own-s' })].sort()).toEqual([
    'plantings/a',
    'sheets/own-s',
    'treatments/r',
  ]);
  expect(referencesOf('/garden', { constructor: 'x', toString: 'y' }).size).toBe(0);
});
