import { batchSchema, type Batch, type ShedItem } from '@sleetbrook/core/api';
import { checkSoap, LYE_GATES, REST_HOURS } from '@sleetbrook/core/bench';
import { Router } from 'express';
import { DateTime } from 'luxon';
import { writing } from '../db/writing';
import type { Context } from '../context';
import { gardenStore } from '../garden/store';
import { invalid, notFound, parse } from '../http/problem';
import { reviseOrConflict } from '../http/revise';
import { shedStore } from '../shed/store';
import { batchStore } from './store';

const HOUR = 3_600_000;
const LATE_MS = 5 * 60_000;

/**
 * What may not be kept: lye in excess, a missing confirmation, a stage before its time.
 * @throws HttpProblem 422 with the field
 */
function checkBatch(b: Batch, now: Date): void {
  const soap = checkSoap(b.oils, b.lyeG, b.purity, 'potassium');
  if (!soap.ok) throw invalid(soap.reasons[0]?.field ?? 'oils', soap.reasons[0]?.sentence ?? 'This can not be worked out.');
  if (soap.value.verdict === 'lye-left') throw invalid('lyeG', soap.value.sentence);
  const missing = LYE_GATES.find((g) => !b.confirmed.includes(g));
  if (missing) throw invalid('confirmed', `Not confirmed: ${missing}.`);
  const times = [b.startedAt, b.blendedAt, b.thinnedAt, ...b.stirs, b.readyAt].filter((t): t is string => t !== null);
  if (times.some((t) => Date.parse(t) > now.getTime() + LATE_MS)) throw invalid('startedAt', 'That lies in the future.');
  if (b.blendedAt !== null && b.blendedAt < b.startedAt) throw invalid('blendedAt', 'It can not be blended before it was begun.');
  if (b.thinnedAt !== null) {
    if (b.blendedAt === null) throw invalid('thinnedAt', 'Blend it first.');
    if (Date.parse(b.thinnedAt) < Date.parse(b.blendedAt) + REST_HOURS * HOUR - LATE_MS) {
      throw invalid('thinnedAt', `It rests ${REST_HOURS} hours first: until then there may be lye in it.`);
    }
  }
  if ((b.stirs.length > 0 || b.readyAt !== null) && b.thinnedAt === null) throw invalid('stirs', 'Thin it first.');
}

/** The finished soap as it stands in the shed. */
const asItem = (b: Batch, zone: string): ShedItem => ({
  id: b.id,
  revision: 1,
  kind: 'soap',
  name: b.name,
  sheetId: null,
  unit: 'ml',
  amount: b.yieldMl,
  packSize: b.yieldMl,
  price: null,
  strength: null,
  hazards: ['eyes', 'fish'],
  on: DateTime.fromISO(b.readyAt ?? b.startedAt, { zone }).toISODate() ?? b.startedAt.slice(0, 10),
  goodUntil: null,
  useBy: null,
  plantingId: null,
  where: '',
  note: '',
});

export function batchRoutes({ db, clock }: Context): Router {
  const batches = batchStore(db);
  const items = shedStore(db);
  const garden = gardenStore(db);
  const save = writing(db, (id: string, body: unknown) => {
    const sent = parse(batchSchema, body);
    if (sent.id !== id) throw invalid('id', 'The id in the body is not the one in the address.');
    checkBatch(sent, clock.now());
    const before = batches.find(id);
    if (reviseOrConflict(before, sent, 'batch') === 'write') {
      batches.put({ ...sent, revision: sent.revision + 1 });
      if (sent.readyAt !== null && before?.readyAt == null && !items.find(id)) items.put(asItem(sent, garden.stored()?.zone ?? 'UTC'));
    }
    return batches.find(id);
  });
  return Router()
    .get('/batches', (_req, res) => void res.json(batches.list()))
    .get('/batches/:id', (req, res) => {
      const b = batches.find(req.params.id);
      if (!b) throw notFound('batch');
      res.json(b);
    })
    .put('/batches/:id', (req, res) => void res.json(save(req.params.id, req.body)))
    .delete('/batches/:id', (req, res) => {
      if (!batches.remove(req.params.id)) throw notFound('batch');
      res.status(204).end();
    });
}
