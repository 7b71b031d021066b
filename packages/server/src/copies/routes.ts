import { join } from 'node:path';
import { Router } from 'express';
import type { Looked, PutBack } from '@sleetbrook/core/api';
import type { Context } from '../context';
import { copyNow, listCopies, newestVersion } from '../db/copies';
import { COPIES } from '../db/safe-copy';
import { notFound } from '../http/problem';

/** Copies of the whole garden: what there is, one more, one to take away, and one to put in the place of the garden. */
export function copyRoutes({ db, folder, migrations, work, exchange, log }: Context): Router {
  let making: Promise<unknown> = Promise.resolve();
  const find = (name: string): string => {
    const copy = listCopies(folder).find((c) => c.name === name);
    if (!copy) throw notFound('copy');
    return join(folder, COPIES, copy.name);
  };
  const putBack = (from: string) => work('putBack', { folder, from, newest: newestVersion(migrations), at: new Date() });

  return Router()
    .get('/copies', (_req, res) => void res.json(listCopies(folder)))
    .post('/copies', (_req, res, next) => {
      // one after the other: each reads the whole garden
      const made = making.then(() => copyNow(db, folder, new Date()));
      making = made.catch(() => undefined);
      made.then((copy) => res.status(201).json(copy), next);
    })
    .get('/copies/:name', (req, res) => {
      find(req.params.name);
      res
        .set('Content-Type', 'application/vnd.sqlite3')
        .attachment(req.params.name)
        .sendFile(req.params.name, { root: join(folder, COPIES), dotfiles: 'deny' });
    })
    .get('/copies/:name/holds', async (req, res) => {
      const looked: Looked = { copy: await work('holds', find(req.params.name)), here: await work('holds', join(folder, 'sleetbrook.db')) };
      res.json(looked);
    })
    .post('/copies/:name/restore', async (req, res) => {
      const from = find(req.params.name);
      // looked through while the garden is still open: most of what can be wrong is found without closing it
      await work('holds', from);
      const before = await exchange(async () => {
        const made = await putBack(from);
        return { made, undo: () => (made ? putBack(join(folder, COPIES, made)) : Promise.resolve()) };
      });
      log.info({ copy: req.params.name, before }, 'a copy was put back');
      const answer: PutBack = { before };
      res.json(answer);
    });
}
