import { PAGE, placeOf, treatmentDesk } from '@sleetbrook/core/house';
import type { TreatmentPage } from '@sleetbrook/core/api';
import { Router } from 'express';
import { writing } from '../db/writing';
import type { Context } from '../context';
import { houseContext } from '../house/context';
import { treatmentStore } from './store';

export function treatmentRoutes(context: Context): Router {
  const store = treatmentStore(context.db);
  const desk = treatmentDesk(houseContext(context));
  const save = writing(context.db, desk.save);
  const strike = writing(context.db, desk.strike);
  return Router()
    .get('/treatments', (req, res) => {
      const plantingId = req.query['planting'];
      if (typeof plantingId === 'string') return void res.json({ treatments: desk.ofPlanting(plantingId), next: null } satisfies TreatmentPage);
      // a page of the log leaves as it is stored: it is not taken apart to be put together again
      const rows = store.pageAsJson({ after: placeOf(req.query['before']), limit: PAGE });
      const last = rows.at(-1);
      const next = rows.length === PAGE && last ? `${last.finishedAt}~${last.id}` : null;
      res.type('json').send(`{"treatments":[${rows.flatMap((r) => r.document ?? []).join(',')}],"next":${JSON.stringify(next)}}`);
    })
    .get('/treatments/:id', (req, res) => void res.json(desk.find(req.params.id)))
    .put('/treatments/:id/strike', (req, res) => void res.json(strike(req.params.id, req.body)))
    .put('/treatments/:id', (req, res) => void res.json(save(req.params.id, req.body)));
}
