import { Router } from 'express';
import { plantingSchema, type Planting } from '@sleetbrook/core/api';
import { instant } from '@sleetbrook/core/measure';
import { dayOf } from '@sleetbrook/core/schedule';
import { writing } from '../db/writing';
import type { Context } from '../context';
import { invalid, notFound, parse } from '../http/problem';
import { reviseOrConflict } from '../http/revise';
import { gardenStore } from '../garden/store';
import { plantingStore } from './store';

export function plantingRoutes({ db, clock }: Context): Router {
  const store = plantingStore(db);
  const gardens = gardenStore(db);
  const live = (id: string): Planting => {
    const found = store.find(id);
    if (!found || found.deleted) throw notFound('planting');
    const { deleted: _deleted, ...planting } = found;
    return planting;
  };
  const today = () => dayOf(instant(clock.now().getTime()), gardens.stored()?.zone ?? 'UTC');
  /** A new stage is of today; the same one of the day on which it was said, or said again. A write sent twice says no more. */
  const stageOn = (before: Planting | undefined, sent: Planting): string | null =>
    before?.stage !== sent.stage ? today() : [before.stageOn, sent.stageOn].reduce((a, b) => ((b ?? '') > (a ?? '') ? b : a));
  const save = writing(db, (id: string, body: unknown): Planting => {
    const typed = parse(plantingSchema, body);
    if (typed.id !== id) throw invalid('id', 'The id in the body is not the one in the address.');
    const found = store.find(id);
    if (found?.deleted) throw notFound('planting');
    const sent = { ...typed, stageOn: stageOn(found, typed) };
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
