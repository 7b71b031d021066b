import express, { Router } from 'express';
import { weatherDesk } from '@sleetbrook/core/house';
import { join } from 'node:path';
import { writing } from '../db/writing';
import type { Context } from '../context';
import { houseContext } from '../house/context';
import { hoursIn } from './packed';
import { NO_STATION } from './station';
import { weatherStore } from './store';

/** Ten years of hours. */
const MOST_BYTES = '6mb';

export function weatherRoutes(context: Context): Router {
  const { db, folder, demo, seed, clock, work } = context;
  let loading: Promise<void> = Promise.resolve();
  const desk = weatherDesk(houseContext(context));
  const saveSky = writing(db, desk.saveSky);
  const store = weatherStore(db);
  return Router()
    .get('/weather', (req, res) => void res.json(desk.read(req.query)))
    .get('/weather/station', (_req, res) => void res.json(context.station?.state() ?? NO_STATION))
    .get('/weather/days', (req, res) => void res.json(desk.days(req.query)))
    .get('/weather/climate', async ({ query }, res) => {
      res.json(await work('usual', { path: join(folder, 'sleetbrook.db'), demo, seed, at: clock.now(), query }));
    })
    .put('/weather/sky/:id', (req, res) => void res.json(saveSky(req.params.id, req.body)))
    .get('/weather/file', (_req, res) => void res.json(store.span()))
    .put('/weather/file', express.text({ type: 'text/csv', limit: MOST_BYTES }), async (req, res) => {
      const hours = await work('weather', typeof req.body === 'string' ? req.body : '');
      // one file after another
      const turn = loading.then(() => store.add(hours, clock.now()));
      loading = turn.catch(() => undefined);
      await turn;
      res.json({ ...store.span(), added: hoursIn(hours) });
    })
    .delete('/weather/file', (_req, res) => {
      store.clear();
      res.status(204).end();
    });
}
