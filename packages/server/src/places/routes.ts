import type { Country } from '@sleetbrook/core/api';
import { countries } from 'countries-list';
import { Router } from 'express';
import { z } from 'zod';
import { parse } from '../http/problem';
import { townsIn } from './towns';
import { zoneAt } from './zone';

const townQuery = z.object({ country: z.string().regex(/^[A-Z]{2}$/, 'Two letters, such as NZ.'), q: z.string().max(80).default('') });
const zoneQuery = z.object({ latitude: z.coerce.number().min(-90).max(90), longitude: z.coerce.number().min(-180).max(180) });

const COUNTRIES: readonly Country[] = Object.entries(countries)
  .map(([code, c]): Country => ({ code, name: c.name, also: 'alias' in c && Array.isArray(c.alias) ? [...(c.alias as string[])] : [] }))
  .sort((a, b) => a.name.localeCompare(b.name));

/** Where a garden may be: lists that ship, nothing is asked of a network. */
export function placeRoutes(): Router {
  return Router()
    .get('/places/countries', (_req, res) => void res.json(COUNTRIES))
    .get('/places/towns', async (req, res) => {
      const { country, q } = parse(townQuery, req.query);
      res.json(await townsIn(country, q));
    })
    .get('/places/zone', (req, res) => {
      const { latitude, longitude } = parse(zoneQuery, req.query);
      res.json({ zone: zoneAt(latitude, longitude) });
    });
}
