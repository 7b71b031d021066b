import type { Code } from '@sleetbrook/core/api';
import { byId } from '@sleetbrook/core/api';
import { shedDesk } from '@sleetbrook/core/house';
import { Router, type Request } from 'express';
import { writing } from '../db/writing';
import type { Context } from '../context';
import { houseContext } from '../house/context';
import { sendPart } from '../http/page';
import { codeFor } from '../print/code';

/** The page of an item, as whoever asks has reached this server. */
const pageOf = (req: Request, id: string) => `${req.protocol}://${req.get('host') ?? 'localhost'}/shed/item/${id}`;

export function shedRoutes(context: Context): Router {
  const desk = shedDesk(houseContext(context));
  const save = writing(context.db, desk.save);
  return Router()
    .get('/shed-items', (req, res) => sendPart(req, res, desk.list(), byId))
    .get('/shed-items/:id', (req, res) => void res.json(desk.find(req.params.id)))
    .put('/shed-items/:id', (req, res) => void res.json(save(req.params.id, req.body)))
    .delete('/shed-items/:id', (req, res) => {
      desk.remove(req.params.id);
      res.status(204).end();
    })
    .get('/shed-items/:id/code', (req, res) => {
      const url = pageOf(req, desk.find(req.params.id).id);
      res.json({ url, ...codeFor(url) } satisfies Code);
    })
    .get('/shed-items/:id/label.pdf', async (req, res) => {
      const item = desk.find(req.params.id);
      res.type('application/pdf').send(Buffer.from(await context.work('label', { item, url: pageOf(req, item.id) })));
    });
}
