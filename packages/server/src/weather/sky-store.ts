import { skyLookSchema } from '@sleetbrook/core/api';
import type { SkyLook } from '@sleetbrook/core/weather';
import type { Db } from '../db/db';
import { reading } from '../db/readable';

interface Row {
  id: string;
  document: string;
}

/** Looks at the sky, as they were seen. */
export function skyStore(db: Db) {
  const read = reading(
    db,
    'skies',
    (r: Row) => r.id,
    (r) => skyLookSchema.parse(JSON.parse(r.document) as unknown),
  );
  const insert = db.prepare('INSERT INTO sky_look (id, at, document) VALUES (@id, @at, @document) ON CONFLICT (id) DO NOTHING');
  const between = db.prepare<[string, string], Row>('SELECT id, document FROM sky_look WHERE at >= ? AND at <= ? ORDER BY at');
  return {
    /** The same look sent again is the same look. */
    save: (look: SkyLook) => insert.run({ id: look.id, at: look.at, document: JSON.stringify(look) }),
    between: (from: Date, to: Date): SkyLook[] => read.all(between.all(from.toISOString(), to.toISOString())),
  };
}
