import { isDeepStrictEqual } from 'node:util';
import { Router } from 'express';
import { lookSchema, type Case, type Count, type Look } from '@sleetbrook/core/api';
import { findSign } from '@sleetbrook/core/catalogue';
import { reduction } from '@sleetbrook/core/record';
import { writing } from '../db/writing';
import { caseStore } from '../cases/store';
import type { Context } from '../context';
import { conflict, invalid, notFound, parse } from '../http/problem';
import { plantingStore } from '../plantings/store';
import { lookStore } from './store';

const share = (c: Count) => c.affected / c.looked;

export function lookRoutes({ db, clock }: Context): Router {
  const looks = lookStore(db);
  const cases = caseStore(db);
  const plantings = plantingStore(db);

  /** A count after a treatment closes the lap: its effect is against the last count before it. */
  const closeLap = (found: Case, look: Look) => {
    const lap = found.laps.at(-1);
    if (!lap?.decidedAt || lap.afterLookId || !look.count) return;
    const before = looks
      .ofCase(found.id)
      .filter((l) => l.id !== look.id && l.count && l.at <= look.at)
      .at(-1)?.count;
    const effect = before ? reduction(share(before), share(look.count)) : null;
    const closed = { ...lap, afterLookId: look.id, effectPercent: effect?.ok ? Math.round(effect.value.percent * 10) / 10 : null };
    cases.save({ ...found, revision: found.revision + 1, laps: [...found.laps.slice(0, -1), closed] });
  };

  const save = writing(db, (id: string, body: unknown) => {
    const sent = parse(lookSchema, body);
    if (sent.id !== id) throw invalid('id', 'The id in the body is not the one in the address.');
    if (!plantings.find(sent.plantingId)) throw invalid('plantingId', 'There is no such planting.');
    if (Date.parse(sent.at) > clock.now().getTime() + 5 * 60_000) throw invalid('at', 'A look can not be in the future.');
    sent.answers.forEach((a, i) => {
      if (!findSign(a.signId)) throw invalid(`answers.${i}.signId`, 'This sign is not known.');
    });
    const stored = looks.find(id);
    if (stored) {
      if (isDeepStrictEqual({ ...stored, caseId: null }, { ...sent, caseId: null })) return stored;
      throw conflict('look');
    }
    const found = sent.caseId ? cases.find(sent.caseId) : undefined;
    if (sent.caseId && !found) throw invalid('caseId', 'There is no such case.');
    looks.add(sent);
    if (found) closeLap(found, sent);
    return looks.find(id);
  });

  return Router()
    .get('/looks/:id', (req, res) => {
      const found = looks.find(req.params.id);
      if (!found) throw notFound('look');
      res.json(found);
    })
    .put('/looks/:id', (req, res) => void res.json(save(req.params.id, req.body)));
}
