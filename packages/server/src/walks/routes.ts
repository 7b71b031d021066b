import { Router } from 'express';
import { walkSchema, type Walk } from '@sleetbrook/core/api';
import { findTrouble } from '@sleetbrook/core/catalogue';
import { z } from 'zod';
import { writing } from '../db/writing';
import { caseStore } from '../cases/store';
import type { Context } from '../context';
import { gardenStore, UNSET_GARDEN } from '../garden/store';
import { invalid, notFound, parse } from '../http/problem';
import { reviseOrConflict } from '../http/revise';
import { plantingStore } from '../plantings/store';
import { weatherSource } from '../weather/source';
import { planWalk } from './plan';
import { walkStore } from './store';

const LIST_LIMIT = 30;
const FORTNIGHT_HOURS = 336;
const DAY_MS = 86_400_000;
/** What was found this long ago still counts as "found before". */
const MEMORY_DAYS = 400;

export function walkRoutes(context: Context): Router {
  const { db, clock } = context;
  const walks = walkStore(db);
  const plantings = plantingStore(db);
  const cases = caseStore(db);
  const gardens = gardenStore(db);
  const weather = weatherSource(context);

  const save = writing(db, (id: string, body: unknown): Walk | undefined => {
    const sent = parse(walkSchema, body);
    if (sent.id !== id) throw invalid('id', 'The id in the body is not the one in the address.');
    if (sent.finishedAt !== null && sent.finishedAt < sent.startedAt) throw invalid('finishedAt', 'It ends before it begins.');
    sent.stops.forEach((s, i) => {
      if (!plantings.find(s.plantingId)) throw invalid(`stops.${i}.plantingId`, 'There is no such planting.');
      for (const t of s.tallies) if (!findTrouble(t.troubleId)) throw invalid(`stops.${i}.tallies`, 'This trouble is not known.');
    });
    if (reviseOrConflict(walks.find(id), sent, 'walk') === 'write') walks.save({ ...sent, revision: sent.revision + 1 });
    return walks.find(id);
  });

  return Router()
    .get('/walks', (_req, res) => void res.json(walks.newest(LIST_LIMIT)))
    .get('/walks/:id', (req, res) => {
      const found = walks.find(req.params.id);
      if (!found) throw notFound('walk');
      res.json(found);
    })
    .put('/walks/:id', (req, res) => void res.json(save(req.params.id, req.body)))
    .get('/walk-plan', (req, res) => {
      const except = parse(z.object({ except: z.string().max(64).optional() }), req.query).except ?? '';
      const now = clock.now();
      const garden = gardens.stored() ?? UNSET_GARDEN;
      const from = new Date(now.getTime() - FORTNIGHT_HOURS * 3_600_000);
      res.json(
        planWalk({
          garden,
          plantings: plantings.list(),
          cases: [...cases.list('open', 200), ...cases.list('cleared', 200)],
          tallies: walks.talliesSince(new Date(now.getTime() - MEMORY_DAYS * DAY_MS).toISOString(), except),
          weather: weather.range(from, FORTNIGHT_HOURS, garden).hours,
          now,
        }),
      );
    });
}
