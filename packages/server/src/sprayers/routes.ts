import { byId } from '@sleetbrook/core/api';
import { sprayerDesk } from '@sleetbrook/core/house';
import { Router } from 'express';
import { writing } from '../db/writing';
import type { Context } from '../context';
import { houseContext } from '../house/context';
import { sendPart } from '../http/page';

export function sprayerRoutes(context: Context): Router {
  const desk = sprayerDesk(houseContext(context));
  const save = writing(context.db, desk.save);
  return Router()
    .get('/sprayers', (req, res) => sendPart(req, res, desk.list(), byId))
    .put('/sprayers/:id', (req, res) => void res.json(save(req.params.id, req.body)))
    .delete('/sprayers/:id', (req, res) => {
      desk.remove(req.params.id);
      res.status(204).end();
    });
}
