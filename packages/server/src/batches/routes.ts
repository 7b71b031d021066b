import { byId } from '@sleetbrook/core/api';
import { batchDesk } from '@sleetbrook/core/house';
import { Router } from 'express';
import { writing } from '../db/writing';
import type { Context } from '../context';
import { houseContext } from '../house/context';
import { sendPart } from '../http/page';

export function batchRoutes(context: Context): Router {
  const desk = batchDesk(houseContext(context));
  const save = writing(context.db, desk.save);
  return Router()
    .get('/batches', (req, res) => sendPart(req, res, desk.list(), byId))
    .get('/batches/:id', (req, res) => void res.json(desk.find(req.params.id)))
    .put('/batches/:id', (req, res) => void res.json(save(req.params.id, req.body)))
    .delete('/batches/:id', (req, res) => {
      desk.remove(req.params.id);
      res.status(204).end();
    });
}
