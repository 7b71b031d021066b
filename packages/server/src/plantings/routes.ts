import { byId } from '@sleetbrook/core/api';
import { plantingDesk } from '@sleetbrook/core/house';
import { Router } from 'express';
import { writing } from '../db/writing';
import type { Context } from '../context';
import { houseContext } from '../house/context';
import { sendPart } from '../http/page';

export function plantingRoutes(context: Context): Router {
  const desk = plantingDesk(houseContext(context));
  const save = writing(context.db, desk.save);
  const remove = writing(context.db, desk.remove);
  const restore = writing(context.db, desk.restore);
  return Router()
    .get('/plantings', (req, res) => sendPart(req, res, desk.list(), byId))
    .get('/plantings/:id', (req, res) => void res.json(desk.live(req.params.id)))
    .put('/plantings/:id', (req, res) => void res.json(save(req.params.id, req.body)))
    .delete('/plantings/:id', (req, res) => {
      remove(req.params.id);
      res.status(204).end();
    })
    .post('/plantings/:id/restore', (req, res) => void res.json(restore(req.params.id)));
}
