import { Router } from 'express';
import { plantingSchema, type Planting } from '@sleetbrook/core/api';
import type { Context } from '../context';
import { invalid, notFound, parse } from '../http/problem';
import { reviseOrConflict } from '../http/revise';
import { plantingStore } from './store';

export function plantingRoutes({ db, clock }: Context): Router {
  const store = plantingStore(db);
  const live = (id: string): Planting => {
    const found = store.find(id);
    if (!found || found.deleted) throw notFound('planting');
    const { deleted: _deleted, ...planting } = found;
    return planting;
  };
  const save = db.transaction((id: string, body: unknown): Planting => {
    const sent = parse(plantingSchema, body);
    if (sent.id !== id) throw invalid('id', 'The id in the body is not the one in the address.');
    const found = store.find(id);
    if (found?.deleted) throw notFound('planting');
    if (reviseOrConflict(found && live(id), sent, 'planting') === 'write') store.save({ ...sent, revision: sent.revision + 1 });
    return live(id);
  });
  return (
    Router()
      .get('/plantings', (_req, res) => void res.json(store.list()))
      .get('/plantings/:id', (req, res) => void res.json(live(req.params.id)))
      .put('/plantings/:id', (req, res) => void res.json(save(req.params.id, req.body)))
      .delete('/plantings/:id', (req, res) => {
        live(req.params.id);
        store.remove(req.params.id, clock.now());
        res.status(204).end();
      })
      /** Takes a deletion back. */
      .post('/plantings/:id/restore', (req, res) => {
        if (!store.find(req.params.id)) throw notFound('planting');
        store.restore(req.params.id);
        res.json(live(req.params.id));
      })
  );
}
