import { sprayerDesk } from '@sleetbrook/core/house';
import { Router } from 'express';
import { writing } from '../db/writing';
import type { Context } from '../context';
import { houseContext } from '../house/context';

export function sprayerRoutes(context: Context): Router {
  const desk = sprayerDesk(houseContext(context));
  const save = writing(context.db, desk.save);
  return Router()
    .get('/sprayers', (_req, res) => void res.json(desk.list()))
    .put('/sprayers/:id', (req, res) => void res.json(save(req.params.id, req.body)))
    .delete('/sprayers/:id', (req, res) => {
      desk.remove(req.params.id);
      res.status(204).end();
    });
}
