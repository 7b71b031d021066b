import {
  batchSchema,
  cardSchema,
  caseDetailSchema,
  caseSchema,
  clockSchema,
  copySchema,
  deviceSchema,
  doorSchema,
  knockSchema,
  lookedSchema,
  pairingSchema,
  passcodeChangeSchema,
  putBackSchema,
  countrySchema,
  codeSchema,
  confirmationSchema,
  gardenSchema,
  healthSchema,
  importedSchema,
  lookSchema,
  ownSheetSchema,
  photoSchema,
  plantingSchema,
  problemSchema,
  shedItemSchema,
  sheetFileSchema,
  sprayerSchema,
  todaySchema,
  treatmentPageSchema,
  strikeSchema,
  treatmentRequestSchema,
  treatmentSchema,
  walkPlanSchema,
  walkSchema,
  skyLookSchema,
  stationSchema,
  hushSchema,
  milestoneSchema,
  readingSchema,
  calendarSchema,
  seasonViewSchema,
  warningsSchema,
  townSchema,
  climateSchema,
  weatherDaySchema,
  weatherSchema,
  zoneSchema,
} from '@sleetbrook/core/api';
import { labelLineSchema, labelSheetSchema } from '@sleetbrook/core/label';
import { z, type ZodType } from 'zod';
import { createDocument } from 'zod-openapi';

const json = (schema: ZodType) => ({ 'application/json': { schema } });
const ok = (schema: ZodType, description: string) => ({ '200': { description, content: json(schema) } });
const wrong = { '422': { description: 'Some of this can not be', content: { 'application/problem+json': { schema: problemSchema } } } };
const conflict = { '409': { description: 'Changed meanwhile', content: { 'application/problem+json': { schema: problemSchema } } } };
const gone = { '404': { description: 'Not found', content: { 'application/problem+json': { schema: problemSchema } } } };
const byId = (name: string) => z.object({ [name]: z.string() });
const get = (summary: string, schema: ZodType, more = {}) => ({ summary, responses: { ...ok(schema, summary) }, ...more });
/** A list told in parts: the Link header of each leads to the next. */
const list = (summary: string, schema: ZodType, cursor: 'after' | 'before' = 'after', more: { readonly query?: z.ZodRawShape; readonly path?: ZodType } = {}) =>
  get(summary, z.array(schema), {
    requestParams: {
      ...(more.path ? { path: more.path } : {}),
      query: z.object({ ...more.query, [cursor]: z.string().optional().meta({ description: 'From the Link header of the part before' }) }),
    },
  });
const put = (summary: string, body: ZodType, answer: ZodType, id?: string) => ({
  summary,
  ...(id ? { requestParams: { path: byId(id) } } : {}),
  requestBody: { content: json(body) },
  responses: { ...ok(answer, summary), ...wrong, ...conflict },
});
const drop = (summary: string, id: string) => ({ summary, requestParams: { path: byId(id) }, responses: { '204': { description: 'Done' }, ...gone } });

/** The API described from the very schemas that check it. */
const described = createDocument({
  openapi: '3.1.0',
  info: {
    title: 'Sleetbrook',
    version: '1',
    description: 'A garden’s plantings, cases, treatments and weather. Units are in the field names; instants are UTC.',
  },
  servers: [{ url: '/api/v1' }],
  paths: {
    '/health': { get: get('Is it there', healthSchema) },
    '/pulse': { get: get('What the house is at: another mark says that something was written', z.object({ mark: z.string() })) },
    '/snapshot': {
      get: {
        summary: 'What a device takes along out of reach of the house: the whole garden but for old records',
        requestParams: { query: z.object({ have: z.string().max(64).optional().meta({ description: 'The mark of the copy that is there' }) }) },
        responses: { ...ok(z.looseObject({ kind: z.literal(2), mark: z.string() }), 'A copy'), '204': { description: 'Nothing is new' }, ...wrong },
      },
    },
    '/clock': {
      get: get('The clock every screen goes by', clockSchema),
      put: put('Move the demonstration’s clock on', z.object({ now: z.iso.datetime() }), clockSchema),
    },
    '/garden': { get: get('The garden and what its grower owns', gardenSchema), put: put('Change the garden', gardenSchema, gardenSchema) },
    '/plantings': { get: list('All plantings', plantingSchema) },
    '/plantings/{id}': {
      get: get('One planting', plantingSchema, { requestParams: { path: byId('id') } }),
      put: put('Add or change a planting', plantingSchema, plantingSchema, 'id'),
      delete: drop('Remove a planting', 'id'),
    },
    '/plantings/{id}/restore': { post: get('Take a removal back', plantingSchema, { requestParams: { path: byId('id') } }) },
    '/copies': {
      get: get('Copies of the whole garden, the newest first', z.array(copySchema)),
      post: { summary: 'Make a copy now', responses: { '201': { description: 'It is made, and was read back', content: json(copySchema) } } },
    },
    '/copies/{name}': {
      get: {
        summary: 'A copy to take away',
        requestParams: { path: byId('name') },
        responses: { '200': { description: 'An SQLite file', content: { 'application/vnd.sqlite3': { schema: z.string() } } }, ...gone },
      },
    },
    '/copies/{name}/holds': {
      get: get('What a copy holds, and what the garden here holds', lookedSchema, { requestParams: { path: byId('name') } }),
    },
    '/copies/{name}/restore': {
      post: {
        summary: 'Put a copy in the place of the garden; what was there is copied first',
        requestParams: { path: byId('name') },
        responses: { ...ok(putBackSchema, 'It is put back'), ...gone, ...wrong, ...conflict },
      },
    },
    '/copies/file': {
      post: {
        summary: 'Bring a garden: a copy that was taken away, or a garden file; it becomes a copy, and changes nothing',
        requestBody: { content: { 'application/octet-stream': {}, 'application/zip': {}, 'application/vnd.sqlite3': {} } },
        responses: { '201': { description: 'It was read through, and can be put back', content: json(copySchema) }, ...wrong },
      },
    },
    '/garden-file': {
      get: {
        summary: 'The whole garden in open formats: see docs/garden-file.md',
        responses: { '200': { description: 'ZIP', content: { 'application/zip': {} } } },
      },
    },
    '/door': {
      get: get('How the door stands to whoever asks', doorSchema),
      post: {
        summary: 'Be let in, by the passcode or by words of the moment; the answer sets the device’s cookie',
        requestBody: { content: json(knockSchema) },
        responses: { ...ok(doorSchema, 'In'), ...wrong },
      },
      delete: { summary: 'Go out: this device has to be let in anew', responses: { '204': { description: 'Out' } } },
    },
    '/door/passcode': {
      put: {
        summary: 'Change the passcode; every other device has to be let in anew',
        requestBody: { content: json(passcodeChangeSchema) },
        responses: { '204': { description: 'Changed' }, ...wrong },
      },
    },
    '/devices': { get: get('Devices that were let in, the last seen first', z.array(deviceSchema)) },
    '/devices/{id}': { delete: drop('Turn a device away', 'id') },
    '/devices/words': {
      post: {
        summary: 'Words that let in one device more, once, within ten minutes',
        responses: { '201': { description: 'Drawn', content: json(pairingSchema) } },
      },
    },
    '/sprayers': { get: list('All sprayers', sprayerSchema) },
    '/sprayers/{id}': { put: put('Add or change a sprayer', sprayerSchema, sprayerSchema, 'id'), delete: drop('Remove a sprayer', 'id') },
    '/shed-items': { get: list('What stands in the shed', shedItemSchema) },
    '/shed-items/{id}': {
      get: get('One item', shedItemSchema, { requestParams: { path: byId('id') } }),
      put: put('Add or change an item', shedItemSchema, shedItemSchema, 'id'),
      delete: drop('Remove an item', 'id'),
    },
    '/shed-items/{id}/code': { get: get('The code on its label', codeSchema, { requestParams: { path: byId('id') } }) },
    '/shed-items/{id}/label.pdf': {
      get: {
        summary: 'A warning label to print',
        requestParams: { path: byId('id') },
        responses: { '200': { description: 'PDF', content: { 'application/pdf': {} } }, ...gone },
      },
    },
    '/batches': { get: list('Batches of soap, newest first', batchSchema) },
    '/batches/{id}': {
      get: get('One batch', batchSchema, { requestParams: { path: byId('id') } }),
      put: put('Keep a batch', batchSchema, batchSchema, 'id'),
      delete: drop('Remove a batch', 'id'),
    },
    '/cards/pdf': {
      post: {
        summary: 'A card to print',
        requestBody: { content: json(cardSchema) },
        responses: { '200': { description: 'PDF', content: { 'application/pdf': {} } }, ...wrong },
      },
    },
    '/looks/{id}': { get: get('One look', lookSchema, { requestParams: { path: byId('id') } }), put: put('Keep a look', lookSchema, lookSchema, 'id') },
    '/walks': { get: list('Rounds of the garden, newest first', walkSchema, 'before') },
    '/walks/{id}': {
      get: get('One round', walkSchema, { requestParams: { path: byId('id') } }),
      put: put('Keep a round, finished or not', walkSchema, walkSchema, 'id'),
    },
    '/walk-plan': {
      get: get('What to look for now at each planting', walkPlanSchema, { requestParams: { query: z.object({ except: z.string().max(64).optional() }) } }),
    },
    '/photos': { get: get('Photographs of a look', z.array(photoSchema), { requestParams: { query: z.object({ look: z.uuid() }) } }) },
    '/photos/{id}': {
      get: {
        summary: 'The picture itself',
        requestParams: { path: byId('id') },
        responses: { '200': { description: 'JPEG', content: { 'image/jpeg': {} } }, ...gone },
      },
      put: {
        summary: 'Attach a photograph to a look: up to 10 MB, kept smaller and without its hidden data',
        requestParams: { path: byId('id'), query: z.object({ lookId: z.uuid(), takenAt: z.iso.datetime() }) },
        requestBody: { content: { 'image/jpeg': {}, 'image/png': {} } },
        responses: { ...ok(photoSchema, 'Kept'), ...wrong, ...conflict },
      },
      delete: drop('Remove a photograph', 'id'),
    },
    '/photos/{id}/restore': { post: get('Take a removal back', photoSchema, { requestParams: { path: byId('id') } }) },
    '/cases': {
      get: list('Open cases, or cleared ones', caseSchema, 'before', { query: { status: z.enum(['open', 'cleared']).optional() } }),
    },
    '/cases/{id}': {
      get: get('One case with its looks and treatments', caseDetailSchema, { requestParams: { path: byId('id') } }),
      put: put('Open or move a case', caseSchema, caseSchema, 'id'),
    },
    '/treatments': {
      get: get('Treatments, newest first', treatmentPageSchema, {
        requestParams: { query: z.object({ before: z.string().optional(), planting: z.string().optional() }) },
      }),
    },
    '/treatments/{id}': {
      get: get('One treatment', treatmentSchema, { requestParams: { path: byId('id') } }),
      put: put('Record a treatment; the clocks are computed here', treatmentRequestSchema, treatmentSchema, 'id'),
    },
    '/treatments/{id}/strike': { put: put('Strike a record out: it stays to be read, and counts for nothing', strikeSchema, treatmentSchema, 'id') },
    '/sheets': { get: list('Label sheets: the specimens, then the grower’s own', labelSheetSchema) },
    '/sheets/file': {
      get: get('The grower’s own sheets as a file: see docs/label-sheets.md', z.unknown()),
      post: {
        summary: 'Take in a file of label sheets; with any fault nothing is taken',
        requestBody: { content: json(sheetFileSchema) },
        responses: { ...ok(importedSchema, 'Taken in'), ...wrong },
      },
    },
    '/sheets/rates': {
      post: {
        summary: 'Read a rate table from CSV, for the form; nothing is kept',
        requestBody: { content: json(sheetFileSchema) },
        responses: { ...ok(z.array(labelLineSchema), 'The lines'), ...wrong },
      },
    },
    '/sheets/{id}': {
      put: put('Keep a version of an own sheet', ownSheetSchema, ownSheetSchema, 'id'),
      delete: drop('Remove an own sheet', 'id'),
    },
    '/sheets/{id}/versions': { get: list('Every version of an own sheet, newest first', labelSheetSchema, 'after', { path: byId('id') }) },
    '/sheets/{id}/rates': {
      get: {
        summary: 'The rate table as CSV',
        requestParams: { path: byId('id') },
        responses: { '200': { description: 'CSV', content: { 'text/csv': {} } }, ...gone },
      },
    },
    '/sheets/{id}/restore': { post: get('Take a removal back', ownSheetSchema, { requestParams: { path: byId('id') } }) },
    '/confirmations': { get: list('Sheets checked against the grower’s own label', confirmationSchema) },
    '/confirmations/{sheetId}': {
      put: put('Confirm a sheet', confirmationSchema, confirmationSchema, 'sheetId'),
      delete: drop('Take a confirmation back', 'sheetId'),
    },
    '/today': { get: get('What runs and what is due', todaySchema) },
    '/places/countries': { get: get('Countries to choose', z.array(countrySchema)) },
    '/places/towns': {
      get: get('Towns of a country, the larger first', z.array(townSchema), {
        requestParams: { query: z.object({ country: z.string(), q: z.string().optional() }) },
      }),
    },
    '/places/zone': {
      get: get('The zone of a place', zoneSchema, { requestParams: { query: z.object({ latitude: z.number(), longitude: z.number() }) } }),
    },
    '/weather': {
      get: get('Hourly weather: a real station could serve this very shape', weatherSchema, {
        requestParams: { query: z.object({ from: z.iso.datetime().optional(), hours: z.number().int().optional() }) },
      }),
    },
    '/weather/climate': {
      get: get('What is usual where nobody foretells, and the same weeks of earlier years', climateSchema, {
        requestParams: { query: z.object({ back: z.coerce.number().int().optional() }) },
      }),
    },
    '/weather/station': { get: get('The household’s own weather station, and what it last said', stationSchema) },
    '/weather/days': {
      get: get('Weather by the day', z.array(weatherDaySchema), { requestParams: { query: z.object({ back: z.coerce.number().int().optional() }) } }),
    },
    '/readings': { get: list('What was read off by hand, oldest first', readingSchema) },
    '/readings/{id}': {
      put: put('The least, the most and the rain of a day; the id is the local day', readingSchema, readingSchema, 'id'),
      delete: drop('Take a reading away', 'id'),
    },
    '/milestones': { get: list('What was seen on plants once a year', milestoneSchema) },
    '/milestones/{id}': { put: put('Say when it was seen', milestoneSchema, milestoneSchema, 'id') },
    '/hushes': { get: list('What is not to be told of a planting', hushSchema) },
    '/hushes/{id}': { put: put('Put a warning off, or silence it', hushSchema, hushSchema, 'id') },
    '/calendar': {
      get: get('Whether a calendar may read the garden’s', calendarSchema),
      post: {
        summary: 'A secret address for a calendar; the one before it ends',
        responses: { '200': { description: 'Its address, told this once', content: { 'application/json': { schema: calendarSchema } } }, ...wrong },
      },
      delete: { summary: 'End the address', responses: { '204': { description: 'Done' } } },
    },
    '/calendar/feed/{name}': {
      get: {
        summary: 'All that waits for a hand, as iCalendar (RFC 5545); its name is its key',
        requestParams: { path: z.object({ name: z.string() }) },
        responses: { '200': { description: 'iCalendar', content: { 'text/calendar': {} } }, ...gone },
      },
    },
    '/calendar/event/{uid}': {
      get: {
        summary: 'One round as an iCalendar file',
        requestParams: { path: z.object({ uid: z.string() }) },
        responses: { '200': { description: 'iCalendar', content: { 'text/calendar': {} } }, ...gone },
      },
    },
    '/season/board.pdf': {
      get: {
        summary: 'The coming six weeks on one page',
        responses: { '200': { description: 'PDF', content: { 'application/pdf': {} } } },
      },
    },
    '/season': { get: get('What the coming rounds are laid out from', seasonViewSchema) },
    '/warnings': { get: get('What the weather lets in, and what can not be told', warningsSchema) },
    '/weather/sky/{id}': { put: put('A look at the sky, where nothing measures it', skyLookSchema, skyLookSchema) },
    '/weather/file': {
      put: {
        summary: 'Load hourly weather from a CSV file',
        requestBody: { content: { 'text/csv': { schema: z.string() } } },
        responses: { '200': { description: 'What is loaded' }, ...wrong },
      },
      delete: { summary: 'Drop the loaded hours', responses: { '204': { description: 'Done' } } },
    },
  },
});

const REFUSALS = {
  '400': 'Not readable',
  '401': 'The household passcode, please',
  '403': 'Asked by another page, or not here',
  '404': 'Not found',
  '413': 'Too large',
  '415': 'A kind that is not known here',
  '421': 'Not a name of this server',
  '422': 'Some of this can not be: each error names its field',
  '429': 'Too many requests, or too much at once',
  '507': 'The disk is full',
} as const;
type Status = keyof typeof REFUSALS;

/** What any address may answer; what only those may that name a thing, or take a body or a query. */
const ALWAYS: readonly Status[] = ['400', '401', '403', '421', '429'];
const NAMED: readonly Status[] = ['404', '422'];
const WRITES: readonly Status[] = ['413', '415', '422', '507'];
const METHODS = ['get', 'put', 'post', 'delete'] as const;

/** Every refusal of every operation: each is problem+json, so each is said. */
export const openApiDocument = {
  ...described,
  paths: Object.fromEntries(
    Object.entries(described.paths ?? {}).map(([path, operations]) => [
      path,
      {
        ...operations,
        ...Object.fromEntries(
          METHODS.flatMap((method) => {
            const operation = operations[method];
            if (!operation) return [];
            const may = new Set([...ALWAYS, ...(path.includes('{') || operation.parameters ? NAMED : []), ...(method === 'get' ? [] : WRITES)]);
            const problems = Object.fromEntries(
              [...may].map((status) => [
                status,
                { description: REFUSALS[status], content: { 'application/problem+json': { schema: { $ref: '#/components/schemas/Problem' } } } },
              ]),
            );
            return [[method, { ...operation, responses: { ...problems, ...operation.responses } }]];
          }),
        ),
      },
    ]),
  ),
  components: { ...described.components, schemas: { ...described.components?.schemas, Problem: z.toJSONSchema(problemSchema) } },
};
