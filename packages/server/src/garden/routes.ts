import { Router } from 'express';
import { gardenSchema } from '@sleetbrook/core/api';
import { writing } from '../db/writing';
import type { Context } from '../context';
import { parse } from '../http/problem';
import { reviseOrConflict } from '../http/revise';
import { gardenStore, UNSET_GARDEN } from './store';

export function gardenRoutes({ db }: Context): Router {
  const store = gardenStore(db);
  const save = writing(db, (body: unknown) => {
    const garden = parse(gardenSchema, body);
    const stored = store.stored();
    if (reviseOrConflict(stored, garden, 'garden') === 'write') store.save({ ...garden, revision: garden.revision + 1 });
    return store.stored();
  });
  return Router()
    .get('/garden', (_req, res) => void res.json(store.stored() ?? UNSET_GARDEN))
    .put('/garden', (req, res) => void res.json(save(req.body)));
}
