import express, { Router } from 'express';
import { z } from 'zod';
import { skyLookSchema } from '@sleetbrook/core/api';
import type { Context } from '../context';
import { gardenStore, UNSET_GARDEN } from '../garden/store';
import { parse } from '../http/problem';
import { parseWeatherCsv } from './csv';
import { skyStore } from './sky-store';
import { weatherSource } from './source';
import { weatherStore } from './store';

const querySchema = z.object({
  from: z.iso.datetime().optional(),
  hours: z.coerce.number().int().min(1, 'At least 1 hour.').max(960, 'At most 960 hours.').default(72),
});

export function weatherRoutes(context: Context): Router {
  const { db, clock } = context;
  const gardens = gardenStore(db);
  const source = weatherSource(context);
  const store = weatherStore(db);
  const skies = skyStore(db);
  return Router()
    .get('/weather', (req, res) => {
      const { from, hours } = parse(querySchema, req.query);
      res.json(source.range(from ? new Date(from) : clock.now(), hours, gardens.stored() ?? UNSET_GARDEN));
    })
    .put('/weather/sky/:id', (req, res) => {
      const look = parse(skyLookSchema, { ...(req.body as object), id: req.params.id });
      skies.save(look);
      res.json(look);
    })
    .get('/weather/file', (_req, res) => void res.json(store.span()))
    .put('/weather/file', express.text({ type: 'text/csv', limit: '4mb' }), (req, res) => {
      const hours = parseWeatherCsv(typeof req.body === 'string' ? req.body : '');
      store.replace(hours, clock.now());
      res.json(store.span());
    })
    .delete('/weather/file', (_req, res) => {
      store.clear();
      res.status(204).end();
    });
}
