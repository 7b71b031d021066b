import { shedItemSchema, type Code } from '@sleetbrook/core/api';
import { Router, type Request } from 'express';
import { writing } from '../db/writing';
import type { Context } from '../context';
import { invalid, notFound, parse } from '../http/problem';
import { reviseOrConflict } from '../http/revise';
import { codeFor } from '../print/code';
import { labelPdf } from '../print/label';
import { shedStore } from './store';

/** The page of an item, as whoever asks has reached this server. */
const pageOf = (req: Request, id: string) => `${req.protocol}://${req.get('host') ?? 'localhost'}/shed/item/${id}`;

export function shedRoutes({ db }: Context): Router {
  const items = shedStore(db);
  const save = writing(db, (id: string, body: unknown) => {
    const sent = parse(shedItemSchema, body);
    if (sent.id !== id) throw invalid('id', 'The id in the body is not the one in the address.');
    if (reviseOrConflict(items.find(id), sent, 'item') === 'write') items.put({ ...sent, revision: sent.revision + 1 });
    return items.find(id);
  });
  const found = (id: string) => {
    const item = items.find(id);
    if (!item) throw notFound('item in the shed');
    return item;
  };
  return Router()
    .get('/shed-items', (_req, res) => void res.json(items.list()))
    .get('/shed-items/:id', (req, res) => void res.json(found(req.params.id)))
    .put('/shed-items/:id', (req, res) => void res.json(save(req.params.id, req.body)))
    .delete('/shed-items/:id', (req, res) => {
      if (!items.remove(req.params.id)) throw notFound('item in the shed');
      res.status(204).end();
    })
    .get('/shed-items/:id/code', (req, res) => {
      const url = pageOf(req, found(req.params.id).id);
      res.json({ url, ...codeFor(url) } satisfies Code);
    })
    .get('/shed-items/:id/label.pdf', async (req, res) => {
      const item = found(req.params.id);
      res.type('application/pdf').send(Buffer.from(await labelPdf(item, pageOf(req, item.id))));
    });
}
