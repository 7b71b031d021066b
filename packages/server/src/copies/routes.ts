import { join } from 'node:path';
import { Router } from 'express';
import type { Context } from '../context';
import { copyNow, listCopies } from '../db/copies';
import { COPIES } from '../db/safe-copy';
import { notFound } from '../http/problem';

/** Copies of the whole garden: what there is, one more, and one to take away. */
export function copyRoutes({ db, folder }: Context): Router {
  let making: Promise<unknown> = Promise.resolve();
  return Router()
    .get('/copies', (_req, res) => void res.json(listCopies(folder)))
    .post('/copies', (_req, res, next) => {
      // one after the other: each reads the whole garden
      const made = making.then(() => copyNow(db, folder, new Date()));
      making = made.catch(() => undefined);
      made.then((copy) => res.status(201).json(copy), next);
    })
    .get('/copies/:name', (req, res) => {
      const copy = listCopies(folder).find((c) => c.name === req.params.name);
      if (!copy) throw notFound('copy');
      res
        .set('Content-Type', 'application/vnd.sqlite3')
        .attachment(copy.name)
        .sendFile(copy.name, { root: join(folder, COPIES), dotfiles: 'deny' });
    });
}
