import { Router } from 'express';
import { confirmationSchema } from '@sleetbrook/core/api';
import { findSheet, SHEETS } from '@sleetbrook/core/sheets';
import type { Context } from '../context';
import { invalid, notFound, parse } from '../http/problem';
import { ownSheetStore } from './own-store';
import { confirmationStore } from './store';

export function sheetRoutes({ db }: Context): Router {
  const store = confirmationStore(db);
  const own = ownSheetStore(db);
  return Router()
    .get('/sheets', (_req, res) => void res.json([...SHEETS, ...own.list()]))
    .get('/confirmations', (_req, res) => void res.json(store.list()))
    .put('/confirmations/:sheetId', (req, res) => {
      const sent = parse(confirmationSchema, req.body);
      const sheet = findSheet(req.params.sheetId) ?? own.find(req.params.sheetId);
      if (!sheet) throw notFound('label sheet');
      if (sent.sheetId !== sheet.id) throw invalid('sheetId', 'The sheet in the body is not the one in the address.');
      if (sent.version !== sheet.version) throw invalid('version', `This sheet is at version ${sheet.version}.`);
      store.add(sent);
      res.json(sent);
    })
    .delete('/confirmations/:sheetId', (req, res) => {
      store.remove(req.params.sheetId);
      res.status(204).end();
    });
}
