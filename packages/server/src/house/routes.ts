import { randomUUID } from 'node:crypto';
import { Router } from 'express';
import { parse } from '../http/problem';
import { markOf } from '../http/remember';
import { z } from 'zod';
import type { Context } from '../context';
import { VERSION } from '../version';
import { snapshotOf } from './snapshot';

/** Whether anything is new, and what a device takes along out of reach. */
export function houseRoutes(context: Context): Router {
  const started = randomUUID().slice(0, 8);
  const changed = markOf(context.db);
  const mark = () => `${started}.${changed()}`;
  return Router()
    .get('/pulse', (_req, res) => void res.json({ mark: mark() }))
    .get('/snapshot', (req, res) => {
      const { have } = parse(z.object({ have: z.string().max(64).optional() }), req.query);
      if (have === mark()) return void res.status(204).end();
      res.json(snapshotOf(context, mark(), VERSION));
    });
}
