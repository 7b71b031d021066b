import { lookDesk } from '@sleetbrook/core/house';
import { Router } from 'express';
import { writing } from '../db/writing';
import type { Context } from '../context';
import { houseContext } from '../house/context';

export function lookRoutes(context: Context): Router {
  const desk = lookDesk(houseContext(context));
  const save = writing(context.db, desk.save);
  return Router()
    .get('/looks/:id', (req, res) => void res.json(desk.find(req.params.id)))
    .put('/looks/:id', (req, res) => void res.json(save(req.params.id, req.body)));
}
