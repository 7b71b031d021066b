import { byId, byVersion, CASES_A_PAGE, idSchema, instantSchema, WALKS_A_PAGE, type Photo } from '../api';
import { z } from 'zod';
import { batchDesk } from './batches';
import { caseDesk } from './cases';
import { gardenDesk } from './garden';
import type { HouseContext } from './keeping';
import { lookDesk } from './looks';
import { keptInMemory, type PocketKeeping } from './memory';
import { placeOf } from './paging';
import { partOf } from './parts';
import { plantingDesk } from './plantings';
import { programmeDesk } from './programme';
import { notFound, parse } from './refusal';
import { hushDesk, milestoneDesk, readingDesk } from './season';
import { shedDesk, sprayerDesk } from './shed';
import { sheetDesk } from './sheets';
import type { Snapshot } from './snapshot';
import { todayDesk } from './today';
import { treatmentDesk } from './treatments';
import { walkDesk } from './walks';
import { weatherDesk } from './weather';
import { climateDesk } from './climate';

export type Method = 'GET' | 'PUT' | 'POST' | 'DELETE';

/** One request as a device puts it to the house. */
export interface Ask {
  readonly method: Method;
  /** Below the API's root, with its query: `/cases?status=open`. */
  readonly path: string;
  readonly body?: unknown;
}

/** What is told, as the house would tell it. */
export interface Told {
  readonly body: unknown;
}

interface Way {
  readonly method: Method;
  readonly pattern: RegExp;
  readonly run: (of: { readonly id: string; readonly query: Readonly<Record<string, string>>; readonly body: unknown }) => unknown;
}

/** A picture's measures, as far as the device knows them before the house made it small. */
const photoBodySchema = z.object({ width: z.number().int().positive(), height: z.number().int().positive(), bytes: z.number().int().positive() });

/** Every address that is answered out of reach, each by the same rules as at home. */
function waysOf(context: HouseContext & { readonly keep: PocketKeeping }, from: Snapshot): readonly Way[] {
  const { keep, now } = context;
  const garden = gardenDesk(context);
  const plantings = plantingDesk(context);
  const looks = lookDesk(context);
  const cases = caseDesk(context);
  const treatments = treatmentDesk(context);
  const walks = walkDesk(context);
  const shed = shedDesk(context);
  const sprayers = sprayerDesk(context);
  const batches = batchDesk(context);
  const sheets = sheetDesk(context);
  const readings = readingDesk(context);
  const milestones = milestoneDesk(context);
  const hushes = hushDesk(context);
  const weather = weatherDesk(context);
  const climate = climateDesk(context);
  const today = todayDesk(context);
  const programme = programmeDesk(context);

  const photo = (id: string, query: unknown, body: unknown): Photo => {
    const { lookId, takenAt } = parse(z.object({ lookId: idSchema, takenAt: instantSchema }), query);
    const made: Photo = { id, lookId, takenAt, ...parse(photoBodySchema, body) };
    keep.photos.put(made);
    return made;
  };
  const photoThere = (id: string, removed: boolean): Photo => {
    const found = keep.photos.find(id);
    if (!found) throw notFound('photograph');
    keep.photos.setRemoved(id, removed);
    return found;
  };
  const gone = (run: (id: string) => void) => (of: { readonly id: string }) => {
    run(of.id);
    return null;
  };

  const at = (method: Method, path: string, run: Way['run']): Way => ({ method, pattern: new RegExp(`^${path.replace(':id', '([^/]+)')}$`), run });
  return [
    at('GET', '/health', () => ({ status: 'ok', version: from.version, now: now().toISOString(), demo: from.demo, unreadable: [] })),
    at('GET', '/clock', () => ({ now: now().toISOString(), fixed: from.clock.fixed })),
    at('GET', '/garden', garden.read),
    at('PUT', '/garden', ({ body }) => garden.save(body)),
    at('GET', '/plantings', ({ query }) => partOf(plantings.list(), query['after'], byId).list),
    at('GET', '/plantings/:id', ({ id }) => plantings.live(id)),
    at('PUT', '/plantings/:id', ({ id, body }) => plantings.save(id, body)),
    at('DELETE', '/plantings/:id', gone(plantings.remove)),
    at('POST', '/plantings/:id/restore', ({ id }) => plantings.restore(id)),
    at('GET', '/looks/:id', ({ id }) => looks.find(id)),
    at('PUT', '/looks/:id', ({ id, body }) => looks.save(id, body)),
    at('GET', '/cases', ({ query }) =>
      cases.list(query['status'] === 'cleared' ? 'cleared' : 'open', { after: placeOf(query['before']), limit: CASES_A_PAGE }),
    ),
    at('GET', '/cases/:id', ({ id }) => cases.detail(id)),
    at('PUT', '/cases/:id', ({ id, body }) => cases.save(id, body)),
    at('GET', '/treatments', ({ query }) =>
      query['planting'] ? { treatments: treatments.ofPlanting(query['planting']), next: null } : treatments.page(query['before']),
    ),
    at('GET', '/treatments/:id', ({ id }) => treatments.find(id)),
    at('PUT', '/treatments/:id', ({ id, body }) => treatments.save(id, body)),
    at('PUT', '/treatments/:id/strike', ({ id, body }) => treatments.strike(id, body)),
    at('GET', '/walks', ({ query }) => walks.list({ after: placeOf(query['before']), limit: WALKS_A_PAGE })),
    at('GET', '/walks/:id', ({ id }) => walks.find(id)),
    at('PUT', '/walks/:id', ({ id, body }) => walks.save(id, body)),
    at('GET', '/walk-plan', ({ query }) => walks.plan(query)),
    at('GET', '/shed-items', ({ query }) => partOf(shed.list(), query['after'], byId).list),
    at('GET', '/shed-items/:id', ({ id }) => shed.find(id)),
    at('PUT', '/shed-items/:id', ({ id, body }) => shed.save(id, body)),
    at('DELETE', '/shed-items/:id', gone(shed.remove)),
    at('GET', '/sprayers', ({ query }) => partOf(sprayers.list(), query['after'], byId).list),
    at('PUT', '/sprayers/:id', ({ id, body }) => sprayers.save(id, body)),
    at('DELETE', '/sprayers/:id', gone(sprayers.remove)),
    at('GET', '/batches', ({ query }) => partOf(batches.list(), query['after'], byId).list),
    at('GET', '/batches/:id', ({ id }) => batches.find(id)),
    at('PUT', '/batches/:id', ({ id, body }) => batches.save(id, body)),
    at('DELETE', '/batches/:id', gone(batches.remove)),
    at('GET', '/sheets', ({ query }) => partOf(sheets.list(), query['after'], byId).list),
    at('GET', '/sheets/:id/versions', ({ id, query }) => partOf(sheets.versions(id), query['after'], byVersion).list),
    at('PUT', '/sheets/:id', ({ id, body }) => sheets.save(id, body)),
    at('DELETE', '/sheets/:id', gone(sheets.remove)),
    at('POST', '/sheets/:id/restore', ({ id }) => sheets.restore(id)),
    at('GET', '/confirmations', ({ query }) => partOf(sheets.confirmations(), query['after'], byVersion).list),
    at('PUT', '/confirmations/:id', ({ id, body }) => sheets.confirm(id, body)),
    at('DELETE', '/confirmations/:id', gone(sheets.unconfirm)),
    at('GET', '/weather', ({ query }) => weather.read(query)),
    at('GET', '/weather/days', ({ query }) => weather.days(query)),
    at('GET', '/weather/climate', ({ query }) => climate(query)),
    at('PUT', '/weather/sky/:id', ({ id, body }) => weather.saveSky(id, body)),
    at('GET', '/readings', ({ query }) => partOf(readings.list(), query['after'], byId).list),
    at('PUT', '/readings/:id', ({ id, body }) => readings.save(id, body)),
    at('DELETE', '/readings/:id', gone(readings.remove)),
    at('GET', '/milestones', ({ query }) => partOf(milestones.list(), query['after'], byId).list),
    at('PUT', '/milestones/:id', ({ id, body }) => milestones.save(id, body)),
    at('GET', '/hushes', ({ query }) => partOf(hushes.list(), query['after'], byId).list),
    at('PUT', '/hushes/:id', ({ id, body }) => hushes.save(id, body)),
    at('GET', '/warnings', () => from.warnings),
    at('GET', '/season', () => programme(from.warnings)),
    at('GET', '/photos', ({ query }) => keep.photos.ofLook(query['look'] ?? '')),
    at('PUT', '/photos/:id', ({ id, query, body }) => photo(id, query, body)),
    at(
      'DELETE',
      '/photos/:id',
      gone((id) => void photoThere(id, true)),
    ),
    at('POST', '/photos/:id/restore', ({ id }) => photoThere(id, false)),
    at('GET', '/today', today),
  ];
}

/**
 * The house's answers where the house is out of reach, over a copy of its garden and what was written since.
 * @param now the house's clock as the device carries it on
 * @returns what tells; null where only the house itself can
 * @throws Refusal just where the house would refuse, by that function
 */
export function answererOf(from: Snapshot, now: () => Date): (ask: Ask) => Told | null {
  const ways = waysOf({ keep: keptInMemory(from), now }, from);
  return ({ method, path, body }) => {
    const url = new URL(path, 'http://house');
    for (const way of ways) {
      const m = way.method === method ? way.pattern.exec(url.pathname) : null;
      if (m) return { body: way.run({ id: decodeURIComponent(m[1] ?? ''), query: Object.fromEntries(url.searchParams), body }) };
    }
    return null;
  };
}
