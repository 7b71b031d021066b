import { gardenDesk } from '@sleetbrook/core/house';
import { Router } from 'express';
import { writing } from '../db/writing';
import type { Context } from '../context';
import { houseContext } from '../house/context';

export function gardenRoutes(context: Context): Router {
  const desk = gardenDesk(houseContext(context));
  const save = writing(context.db, desk.save);
  return Router()
    .get('/garden', (_req, res) => void res.json(desk.read()))
    .put('/garden', (req, res) => void res.json(save(req.body)));
}
