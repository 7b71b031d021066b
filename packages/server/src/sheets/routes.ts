import { byId, byVersion } from '@sleetbrook/core/api';
import { sheetDesk } from '@sleetbrook/core/house';
import { Router } from 'express';
import { writing } from '../db/writing';
import type { Context } from '../context';
import { houseContext } from '../house/context';
import { sendPart } from '../http/page';

export function sheetRoutes(context: Context): Router {
  const desk = sheetDesk(houseContext(context));
  const confirm = writing(context.db, desk.confirm);
  return Router()
    .get('/sheets', (req, res) => sendPart(req, res, desk.list(), byId))
    .get('/confirmations', (req, res) => sendPart(req, res, desk.confirmations(), byVersion))
    .put('/confirmations/:sheetId', (req, res) => void res.json(confirm(req.params.sheetId, req.body)))
    .delete('/confirmations/:sheetId', (req, res) => {
      desk.unconfirm(req.params.sheetId);
      res.status(204).end();
    });
}
