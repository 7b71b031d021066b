import { Router } from 'express';
import { caseSchema, type CaseDetail } from '@sleetbrook/core/api';
import { findControlCard } from '@sleetbrook/core/cards';
import { writing } from '../db/writing';
import type { Context } from '../context';
import { invalid, notFound, parse } from '../http/problem';
import { reviseOrConflict } from '../http/revise';
import { lookStore } from '../looks/store';
import { photoStore } from '../photos/store';
import { plantingStore } from '../plantings/store';
import { treatmentStore } from '../treatments/store';
import { caseStore } from './store';

const LIST_LIMIT = 200;

export function caseRoutes({ db }: Context): Router {
  const cases = caseStore(db);
  const looks = lookStore(db);
  const treatments = treatmentStore(db);
  const plantings = plantingStore(db);
  const photos = photoStore(db);

  const save = writing(db, (id: string, body: unknown) => {
    const sent = parse(caseSchema, body);
    if (sent.id !== id) throw invalid('id', 'The id in the body is not the one in the address.');
    if (!plantings.find(sent.plantingId)) throw invalid('plantingId', 'There is no such planting.');
    if (sent.purpose === 'seen' ? !looks.find(sent.lookId ?? '') : sent.lookId !== null) throw invalid('lookId', 'There is no such look.');
    const stored = cases.find(id);
    if (stored && stored.plantingId !== sent.plantingId) throw invalid('plantingId', 'A case stays with its planting.');
    if (sent.closedAt !== null && sent.closedAt < sent.openedAt) throw invalid('closedAt', 'It closes before it opens.');
    sent.laps.forEach((lap, i) => {
      if (lap.treatmentId && treatments.find(lap.treatmentId)?.caseId !== id)
        throw invalid(`laps.${i}.treatmentId`, 'There is no such treatment in this case.');
      if (lap.controlId && !findControlCard(lap.controlId)) throw invalid(`laps.${i}.controlId`, 'This control is not known.');
    });
    if (reviseOrConflict(stored, sent, 'case') === 'write') {
      cases.save({ ...sent, revision: sent.revision + 1 });
      if (sent.lookId) looks.attach(sent.lookId, id);
    }
    return cases.find(id);
  });

  return Router()
    .get('/cases', (req, res) => {
      const status = req.query['status'] === 'cleared' ? 'cleared' : 'open';
      res.json(cases.list(status, LIST_LIMIT));
    })
    .get('/cases/:id', (req, res) => {
      const found = cases.find(req.params.id);
      if (!found) throw notFound('case');
      const detail: CaseDetail = { case: found, looks: looks.ofCase(found.id), treatments: treatments.ofCase(found.id), photos: photos.ofCase(found.id) };
      res.json(detail);
    })
    .put('/cases/:id', (req, res) => void res.json(save(req.params.id, req.body)));
}
