import type { Planting } from '@sleetbrook/core/api';
import type { KeptPlanting } from '@sleetbrook/core/house';
import type { Db } from '../db/db';
import { reading } from '../db/readable';

interface Row {
  id: string;
  revision: number;
  name: string;
  host_id: string;
  place: string;
  site: Planting['site'];
  stage: Planting['stage'];
  edible: number;
  dense: number;
  area_m2: number;
  tolerance: Planting['tolerance'];
  about: string;
  height_m: number | null;
  trunk_cm: number | null;
  pick_from: string | null;
  pick_until: string | null;
  no_flower_on: string | null;
  stage_on: string | null;
  deleted_at: string | null;
}

const fromRow = (r: Row): KeptPlanting => ({
  deleted: r.deleted_at !== null,
  id: r.id,
  revision: r.revision,
  name: r.name,
  hostId: r.host_id,
  place: r.place,
  site: r.site,
  stage: r.stage,
  edible: r.edible === 1,
  dense: r.dense === 1,
  areaM2: r.area_m2,
  tolerance: r.tolerance,
  about: JSON.parse(r.about) as Planting['about'],
  heightM: r.height_m,
  trunkCm: r.trunk_cm,
  pickFrom: r.pick_from,
  pickUntil: r.pick_until,
  noFlowerOn: r.no_flower_on,
  stageOn: r.stage_on,
});

export function plantingStore(db: Db) {
  const read = reading<Row, KeptPlanting>(db, 'plantings', (r) => r.id, fromRow);
  const all = db.prepare<[], Row>('SELECT * FROM planting WHERE deleted_at IS NULL ORDER BY place, name');
  const every = db.prepare<[], Row>('SELECT * FROM planting');
  const one = db.prepare<[string], Row>('SELECT * FROM planting WHERE id = ?');
  const upsert = db.prepare(`
    INSERT INTO planting (id, revision, name, host_id, place, site, stage, edible, dense, area_m2, tolerance, about, height_m, trunk_cm, pick_from, pick_until, no_flower_on, stage_on)
    VALUES (@id, @revision, @name, @hostId, @place, @site, @stage, @edible, @dense, @areaM2, @tolerance, @about, @heightM, @trunkCm, @pickFrom, @pickUntil, @noFlowerOn, @stageOn)
    ON CONFLICT (id) DO UPDATE SET revision = excluded.revision, name = excluded.name, host_id = excluded.host_id, place = excluded.place,
      site = excluded.site, stage = excluded.stage, edible = excluded.edible, dense = excluded.dense, area_m2 = excluded.area_m2, tolerance = excluded.tolerance,
      about = excluded.about, height_m = excluded.height_m, trunk_cm = excluded.trunk_cm, pick_from = excluded.pick_from, pick_until = excluded.pick_until,
      no_flower_on = excluded.no_flower_on, stage_on = excluded.stage_on`);
  const remove = db.prepare('UPDATE planting SET deleted_at = ? WHERE id = ? AND deleted_at IS NULL');
  const restore = db.prepare('UPDATE planting SET deleted_at = NULL WHERE id = ?');
  return {
    list: (): Planting[] => read.all(all.all()).map(({ deleted: _d, ...p }) => p),
    every: (): KeptPlanting[] => read.all(every.all()),
    /** Deleted ones too: records go on referring to them. */
    find: (id: string): KeptPlanting | undefined => read.one(one.get(id)),
    save: (p: Planting) => {
      upsert.run({ ...p, edible: p.edible ? 1 : 0, dense: p.dense ? 1 : 0, about: JSON.stringify(p.about) });
      read.written(p.id);
    },
    remove: (id: string, at: Date) => remove.run(at.toISOString(), id),
    restore: (id: string) => restore.run(id),
  };
}
