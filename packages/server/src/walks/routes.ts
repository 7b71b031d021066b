import { WALKS_A_PAGE } from '@sleetbrook/core/api';
import { walkDesk } from '@sleetbrook/core/house';
import { Router } from 'express';
import { writing } from '../db/writing';
import type { Context } from '../context';
import { houseContext } from '../house/context';
import { pageOf, sendPage } from '../http/page';

export function walkRoutes(context: Context): Router {
  const desk = walkDesk(houseContext(context));
  const save = writing(context.db, desk.save);
  return Router()
    .get('/walks', (req, res) => sendPage(req, res, desk.list(pageOf(req, WALKS_A_PAGE)), WALKS_A_PAGE, (w) => w.startedAt))
    .get('/walks/:id', (req, res) => void res.json(desk.find(req.params.id)))
    .put('/walks/:id', (req, res) => void res.json(save(req.params.id, req.body)))
    .get('/walk-plan', (req, res) => void res.json(desk.plan(req.query)));
}
