import type { Sprayer } from '@sleetbrook/core/api';
import type { Db } from '../db/db';
import { reading } from '../db/readable';

interface Row {
  id: string;
  revision: number;
  name: string;
  capacity_ml: number;
  for_weedkiller: number;
  calibrations: string;
}
const fromRow = (r: Row): Sprayer => ({
  id: r.id,
  revision: r.revision,
  name: r.name,
  capacityMl: r.capacity_ml,
  forWeedkiller: r.for_weedkiller === 1,
  calibrations: JSON.parse(r.calibrations) as Sprayer['calibrations'],
});

export function sprayerStore(db: Db) {
  const read = reading(db, 'sprayers', (r: Row) => r.id, fromRow);
  const all = db.prepare<[], Row>('SELECT * FROM sprayer ORDER BY for_weedkiller, capacity_ml');
  const one = db.prepare<[string], Row>('SELECT * FROM sprayer WHERE id = ?');
  const upsert = db.prepare(`
    INSERT INTO sprayer (id, revision, name, capacity_ml, for_weedkiller, calibrations) VALUES (@id, @revision, @name, @capacityMl, @forWeedkiller, @calibrations)
    ON CONFLICT (id) DO UPDATE SET revision = excluded.revision, name = excluded.name, capacity_ml = excluded.capacity_ml, for_weedkiller = excluded.for_weedkiller, calibrations = excluded.calibrations`);
  const remove = db.prepare('DELETE FROM sprayer WHERE id = ?');
  return {
    list: (): Sprayer[] => read.all(all.all()),
    find: (id: string): Sprayer | undefined => {
      return read.one(one.get(id));
    },
    put: (s: Sprayer) => {
      upsert.run({ ...s, forWeedkiller: s.forWeedkiller ? 1 : 0, calibrations: JSON.stringify(s.calibrations) });
      read.written(s.id);
    },
    remove: (id: string): boolean => remove.run(id).changes > 0,
  };
}
