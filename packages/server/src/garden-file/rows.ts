import type { GardenFileKind, GardenFileLine } from '@sleetbrook/core/garden-file';
import { batchStore } from '../batches/store';
import { caseStore } from '../cases/store';
import type { Db } from '../db/db';
import { gardenStore } from '../garden/store';
import { lookStore } from '../looks/store';
import { plantingStore } from '../plantings/store';
import { confirmationStore } from '../sheets/store';
import { hushStore, milestoneStore, readingStore } from '../season/store';
import { shedStore } from '../shed/store';
import { sprayerStore } from '../sprayers/store';
import { treatmentStore } from '../treatments/store';
import { walkStore } from '../walks/store';
import { skyStore } from '../weather/sky-store';

/** How the lines of one kind stand in the database. */
interface Rows<K extends GardenFileKind> {
  /** Each line as it is asked for, in an order that depends on nothing but what it holds. It may be damaged: it is not checked here. */
  readonly ids: () => string[];
  readonly read: (id: string) => unknown;
  readonly write: (line: GardenFileLine<K>) => void;
}

/** Of a picture what the lines do not hold. */
export interface Pictures {
  readonly read: (id: string) => Buffer | undefined;
  readonly write: (id: string, jpeg: Buffer) => void;
}

const NO_PICTURE = Buffer.alloc(0);

/** The whole garden of a database, kind by kind: every row of it but for the demonstration's clock. */
export function gardenRows(db: Db): { readonly [K in GardenFileKind]: Rows<K> } {
  const ids = (sql: string) => {
    const query = db.prepare<[], { id: string }>(sql);
    return () => query.all().map((r) => r.id);
  };
  const row = <T>(sql: string) => {
    const query = db.prepare<[string], T>(sql);
    return (id: string): T => query.get(id) as T;
  };
  const document = (table: string) => {
    const read = row<{ document: string }>(`SELECT document FROM ${table} WHERE id = ?`);
    return (id: string): unknown => JSON.parse(read(id).document);
  };
  const garden = gardenStore(db);
  const plantings = plantingStore(db);
  const sprayers = sprayerStore(db);
  const cases = caseStore(db);
  const looks = lookStore(db);
  const walks = walkStore(db);
  const treatments = treatmentStore(db);
  const shed = shedStore(db);
  const batches = batchStore(db);
  const skies = skyStore(db);
  const confirmations = confirmationStore(db);
  const milestones = milestoneStore(db);
  const hushes = hushStore(db);
  const readings = readingStore(db);

  const removedAt = row<{ at: string | null }>('SELECT deleted_at AS at FROM planting WHERE id = ?');
  const removePlanting = db.prepare('UPDATE planting SET deleted_at = ? WHERE id = ?');
  const sheet = row<{ document: string; saved_at: string }>("SELECT document, saved_at FROM own_sheet WHERE id || '/' || version = ?");
  const addSheet = db.prepare('INSERT INTO own_sheet (id, version, document, saved_at) VALUES (?, ?, ?, ?)');
  const removedSheet = row<{ removed_at: string }>('SELECT removed_at FROM own_sheet_removed WHERE id = ?');
  const removeSheet = db.prepare('INSERT INTO own_sheet_removed (id, removed_at) VALUES (?, ?)');
  const confirmation = row<{ sheet_id: string; version: number; confirmed_at: string }>(
    "SELECT * FROM sheet_confirmation WHERE sheet_id || '/' || version = ?",
  );
  const photo = row<Record<string, string | number | null>>('SELECT id, look_id, taken_at, width, height, sent_sha256, deleted_at FROM photo WHERE id = ?');
  const addPhoto = db.prepare(
    'INSERT INTO photo (id, look_id, taken_at, width, height, sent_sha256, jpeg, deleted_at) VALUES (@id, @lookId, @takenAt, @width, @height, @sentSha256, @jpeg, @removedAt)',
  );
  const strike = db.prepare('UPDATE treatment SET struck_at = ? WHERE id = ?');
  const hour = row<Record<string, string | number | null>>('SELECT * FROM weather_hour WHERE at = ?');
  const addHour = db.prepare(
    'INSERT INTO weather_hour (at, temperature_c, humidity_pct, wind_ms, rain_mm, cloud, said_at, source) VALUES (@at, @temperatureC, @humidityPct, @windMs, @rainMm, @cloud, @saidAt, @source)',
  );

  return {
    garden: { ids: ids('SELECT id FROM garden'), read: () => garden.stored(), write: (g) => void garden.save(g) },
    plantings: {
      ids: ids('SELECT id FROM planting ORDER BY id'),
      read: (id) => {
        const { deleted: _d, ...planting } = plantings.find(id) ?? { deleted: false };
        return { planting, removedAt: removedAt(id).at };
      },
      write: (l) => {
        plantings.save(l.planting);
        if (l.removedAt !== null) removePlanting.run(l.removedAt, l.planting.id);
      },
    },
    sprayers: { ids: ids('SELECT id FROM sprayer ORDER BY id'), read: sprayers.find, write: (s) => void sprayers.put(s) },
    'label-sheets': {
      ids: ids("SELECT id || '/' || version AS id FROM own_sheet ORDER BY own_sheet.id, version"),
      read: (id) => {
        const { document: text, saved_at: savedAt } = sheet(id);
        return { sheet: JSON.parse(text) as unknown, savedAt };
      },
      write: (l) => void addSheet.run(l.sheet.id, l.sheet.version, JSON.stringify(l.sheet), l.savedAt),
    },
    'removed-label-sheets': {
      ids: ids('SELECT id FROM own_sheet_removed ORDER BY id'),
      read: (id) => ({ id, removedAt: removedSheet(id).removed_at }),
      write: (l) => void removeSheet.run(l.id, l.removedAt),
    },
    confirmations: {
      ids: ids("SELECT sheet_id || '/' || version AS id FROM sheet_confirmation ORDER BY sheet_id, version"),
      read: (id) => {
        const c = confirmation(id);
        return { sheetId: c.sheet_id, version: c.version, confirmedAt: c.confirmed_at };
      },
      write: (c) => void confirmations.add(c),
    },
    cases: { ids: ids('SELECT id FROM trouble_case ORDER BY opened_at, id'), read: cases.find, write: (c) => cases.save(c) },
    looks: { ids: ids('SELECT id FROM look ORDER BY at, id'), read: looks.find, write: (l) => void looks.add(l) },
    photographs: {
      ids: ids('SELECT id FROM photo ORDER BY id'),
      read: (id) => {
        const p = photo(id);
        return {
          id,
          lookId: p['look_id'],
          takenAt: p['taken_at'],
          width: p['width'],
          height: p['height'],
          sentSha256: p['sent_sha256'],
          removedAt: p['deleted_at'],
        };
      },
      // the picture follows
      write: (p) => void addPhoto.run({ ...p, jpeg: NO_PICTURE }),
    },
    walks: { ids: ids('SELECT id FROM walk ORDER BY started_at, id'), read: walks.find, write: (w) => walks.save(w) },
    treatments: {
      ids: ids('SELECT id FROM treatment ORDER BY finished_at, id'),
      read: document('treatment'),
      write: (t) => {
        treatments.add(t);
        if (t.struck) strike.run(t.struck.at, t.id);
      },
    },
    shed: { ids: ids('SELECT id FROM shed_item ORDER BY id'), read: shed.find, write: (i) => void shed.put(i) },
    soap: { ids: ids('SELECT id FROM batch ORDER BY id'), read: batches.find, write: (b) => void batches.put(b) },
    milestones: { ids: ids('SELECT id FROM milestone ORDER BY id'), read: document('milestone'), write: (m) => void milestones.put(m) },
    hushes: { ids: ids('SELECT id FROM hush ORDER BY id'), read: document('hush'), write: (h) => void hushes.put(h) },
    readings: { ids: ids('SELECT id FROM reading ORDER BY id'), read: document('reading'), write: (r) => void readings.put(r) },
    skies: { ids: ids('SELECT id FROM sky_look ORDER BY at, id'), read: document('sky_look'), write: (s) => void skies.save(s) },
    weather: {
      ids: ids('SELECT at AS id FROM weather_hour ORDER BY at'),
      read: (at) => {
        const h = hour(at);
        return {
          at,
          temperatureC: h['temperature_c'],
          humidityPct: h['humidity_pct'],
          windMs: h['wind_ms'],
          rainMm: h['rain_mm'],
          cloud: h['cloud'],
          saidAt: h['said_at'],
          source: h['source'],
        };
      },
      write: (h) => void addHour.run(h),
    },
  };
}

/** The pictures themselves, removed ones too: a removal can be taken back. */
export function pictures(db: Db): Pictures {
  const read = db.prepare<[string], { jpeg: Buffer }>('SELECT jpeg FROM photo WHERE id = ?');
  const write = db.prepare('UPDATE photo SET jpeg = ? WHERE id = ?');
  return { read: (id) => read.get(id)?.jpeg, write: (id, jpeg) => void write.run(jpeg, id) };
}
