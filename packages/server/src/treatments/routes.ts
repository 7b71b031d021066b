import { isDeepStrictEqual } from 'node:util';
import { Router } from 'express';
import { strikeSchema, treatmentRequestSchema, type Case, type Treatment, type TreatmentPage, type TreatmentRequest } from '@sleetbrook/core/api';
import { findTroubleCard } from '@sleetbrook/core/cards';
import { findControl } from '@sleetbrook/core/catalogue';
import { lookAgainOn } from '@sleetbrook/core/decide';
import { instant } from '@sleetbrook/core/measure';
import { writing } from '../db/writing';
import { caseStore } from '../cases/store';
import type { Context } from '../context';
import { gardenStore, UNSET_GARDEN } from '../garden/store';
import { conflict, invalid, notFound, parse } from '../http/problem';
import { plantingStore } from '../plantings/store';
import { ownSheetStore } from '../sheets/own-store';
import { confirmationStore } from '../sheets/store';
import { weatherSource } from '../weather/source';
import { recordOf } from './record';
import { treatmentStore } from './store';

const PAGE = 50;
const NEWEST = { at: '9999', id: '' };

export function treatmentRoutes(context: Context): Router {
  const { db, clock } = context;
  const treatments = treatmentStore(db);
  const plantings = plantingStore(db);
  const cases = caseStore(db);
  const gardens = gardenStore(db);
  const confirmations = confirmationStore(db);
  const ownSheets = ownSheetStore(db);
  const weather = weatherSource(context);

  /** The case moves on in the same transaction: a kill in between can not part them. */
  const advance = (found: Case, t: Treatment, zone: string) => {
    const trouble = findTroubleCard(found.troubleId);
    const at = t.corrects ? found.laps.findIndex((l) => l.treatmentId === t.corrects?.id) : found.laps.length - 1;
    const lap = found.laps[at];
    if (!lap || !trouble) return;
    const along = lap.also.some((a) => a.controlId === t.controlId && a.doneAt === null) && t.controlId !== lap.controlId;
    const line = t.sheet?.lines.find((l) => l.id === t.lineId);
    const done = treatments
      .ofCase(found.id)
      .filter((x) => x.controlId === t.controlId)
      .map((x) => instant(Date.parse(x.finishedAt)));
    const look = lookAgainOn({ controlId: t.controlId, done, labelDays: line?.intervalDays ?? 0, zone }, trouble.lookAgainDays);
    const next = along
      ? { ...lap, also: lap.also.map((a) => (a.controlId === t.controlId ? { ...a, doneAt: t.finishedAt } : a)) }
      : { ...lap, treatmentId: t.id, lookAgainOn: look };
    cases.save({ ...found, revision: found.revision + 1, laps: found.laps.map((l, i) => (i === at ? next : l)) });
  };

  /** Struck out, it counts for nothing; it stays to be read. */
  const strike = writing(db, (id: string, body: unknown): Treatment => {
    const struck = parse(strikeSchema, body);
    const stored = treatments.find(id);
    if (!stored) throw notFound('treatment');
    if (stored.struck) {
      if (isDeepStrictEqual(stored.struck, struck)) return stored;
      throw conflict('treatment');
    }
    return treatments.strike(stored, struck);
  });

  const save = writing(db, (id: string, body: unknown): Treatment => {
    const sent = parse(treatmentRequestSchema, body);
    if (sent.id !== id) throw invalid('id', 'The id in the body is not the one in the address.');
    const stored = treatments.find(id);
    if (stored) {
      if (isDeepStrictEqual(requestPart(stored, sent), sent)) return stored;
      throw conflict('treatment');
    }
    const planting = plantings.find(sent.plantingId);
    if (!planting) throw invalid('plantingId', 'There is no such planting.');
    const found = sent.caseId ? cases.find(sent.caseId) : undefined;
    if (sent.caseId && found?.plantingId !== sent.plantingId) throw invalid('caseId', 'There is no such case on this planting.');
    const garden = gardens.stored() ?? UNSET_GARDEN;
    if (sent.corrects) {
      const old = treatments.find(sent.corrects.id);
      if (!old || old.plantingId !== sent.plantingId) throw invalid('corrects', 'There is no such record of this planting.');
      if (!old.struck) treatments.strike(old, { at: clock.now().toISOString(), reason: sent.corrects.reason });
    }
    const since = new Date(Date.parse(sent.finishedAt) - 400 * 86_400_000).toISOString();
    const record = recordOf(sent, {
      garden,
      planting,
      troubleId: found?.troubleId ?? null,
      weather: weather.forRecord(new Date(sent.finishedAt), garden),
      now: clock.now(),
      before: treatments
        .ofPlanting(sent.plantingId, since)
        .filter((t) => t.finishedAt < sent.finishedAt)
        .map((t) => ({ at: instant(Date.parse(t.finishedAt)), controlId: t.controlId, sheet: t.sheet, lineId: t.lineId, amount: t.amount, areaM2: t.areaM2 })),
      ownSheet: (sheetId) => ownSheets.find(sheetId),
      confirmed: (sheet) => confirmations.has(sheet.id, sheet.version),
    });
    treatments.add(record);
    const { about } = planting;
    if (findControl(sent.controlId)?.covers && !about.includes('covered')) {
      const { deleted: _deleted, ...facts } = planting;
      plantings.save({ ...facts, revision: facts.revision + 1, about: [...about, 'covered'] });
    }
    if (found) advance(found, record, garden.zone);
    return record;
  });

  return Router()
    .get('/treatments', (req, res) => {
      const cursor = String(req.query['before'] ?? '');
      const [at, id] = cursor.split('~');
      const plantingId = req.query['planting'];
      if (typeof plantingId === 'string') {
        const since = new Date(clock.now().getTime() - 400 * 86_400_000).toISOString();
        return void res.json({ treatments: treatments.ofPlanting(plantingId, since), next: null } satisfies TreatmentPage);
      }
      const rows = treatments.pageAsJson(at && id ? { at, id } : NEWEST, PAGE);
      const last = rows.at(-1);
      const next = rows.length === PAGE && last ? `${last.finishedAt}~${last.id}` : null;
      res.type('json').send(`{"treatments":[${rows.map((r) => r.document).join(',')}],"next":${JSON.stringify(next)}}`);
    })
    .get('/treatments/:id', (req, res) => {
      const found = treatments.find(req.params.id);
      if (!found) throw notFound('treatment');
      res.json(found);
    })
    .put('/treatments/:id/strike', (req, res) => void res.json(strike(req.params.id, req.body)))
    .put('/treatments/:id', (req, res) => void res.json(save(req.params.id, req.body)));
}

/** The part of a stored record that the client had sent. */
const requestPart = (stored: Treatment, like: TreatmentRequest) => Object.fromEntries(Object.keys(like).map((k) => [k, stored[k as keyof Treatment]]));
