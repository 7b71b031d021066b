import { CASES_A_PAGE } from '@sleetbrook/core/api';
import { caseDesk } from '@sleetbrook/core/house';
import { Router } from 'express';
import { writing } from '../db/writing';
import type { Context } from '../context';
import { houseContext } from '../house/context';
import { pageOf, sendPage } from '../http/page';

export function caseRoutes(context: Context): Router {
  const desk = caseDesk(houseContext(context));
  const save = writing(context.db, desk.save);
  return Router()
    .get('/cases', (req, res) => {
      const status = req.query['status'] === 'cleared' ? 'cleared' : 'open';
      sendPage(req, res, desk.list(status, pageOf(req, CASES_A_PAGE)), CASES_A_PAGE, (c) => c.openedAt);
    })
    .get('/cases/:id', (req, res) => void res.json(desk.detail(req.params.id)))
    .put('/cases/:id', (req, res) => void res.json(save(req.params.id, req.body)));
}
