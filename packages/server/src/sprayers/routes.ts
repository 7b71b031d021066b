import { Router } from 'express';
import { sprayerSchema, type Sprayer } from '@sleetbrook/core/api';
import { writing } from '../db/writing';
import type { Context } from '../context';
import { invalid, notFound, parse } from '../http/problem';
import { reviseOrConflict } from '../http/revise';

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

export function sprayerRoutes({ db }: Context): Router {
  const all = db.prepare<[], Row>('SELECT * FROM sprayer ORDER BY for_weedkiller, capacity_ml');
  const one = db.prepare<[string], Row>('SELECT * FROM sprayer WHERE id = ?');
  const upsert = db.prepare(`
    INSERT INTO sprayer (id, revision, name, capacity_ml, for_weedkiller, calibrations) VALUES (@id, @revision, @name, @capacityMl, @forWeedkiller, @calibrations)
    ON CONFLICT (id) DO UPDATE SET revision = excluded.revision, name = excluded.name, capacity_ml = excluded.capacity_ml, for_weedkiller = excluded.for_weedkiller, calibrations = excluded.calibrations`);
  const remove = db.prepare('DELETE FROM sprayer WHERE id = ?');
  const find = (id: string) => {
    const row = one.get(id);
    return row && fromRow(row);
  };
  const save = writing(db, (id: string, body: unknown) => {
    const sent = parse(sprayerSchema, body);
    if (sent.id !== id) throw invalid('id', 'The id in the body is not the one in the address.');
    if (reviseOrConflict(find(id), sent, 'sprayer') === 'write') {
      upsert.run({ ...sent, revision: sent.revision + 1, forWeedkiller: sent.forWeedkiller ? 1 : 0, calibrations: JSON.stringify(sent.calibrations) });
    }
    return find(id);
  });
  return Router()
    .get('/sprayers', (_req, res) => void res.json(all.all().map(fromRow)))
    .put('/sprayers/:id', (req, res) => void res.json(save(req.params.id, req.body)))
    .delete('/sprayers/:id', (req, res) => {
      if (remove.run(req.params.id).changes === 0) throw notFound('sprayer');
      res.status(204).end();
    });
}
