import { byId } from '@sleetbrook/core/api';
import { hushDesk, milestoneDesk, programmeDesk, readingDesk, warningDesk } from '@sleetbrook/core/house';
import { Router } from 'express';
import { writing } from '../db/writing';
import type { Context } from '../context';
import { houseContext } from '../house/context';
import { sendPart } from '../http/page';

/** What is read by hand, what is seen once a year, and what the weather lets in. */
export function seasonRoutes(context: Context): Router {
  const house = houseContext(context);
  const readings = readingDesk(house);
  const milestones = milestoneDesk(house);
  const hushes = hushDesk(house);
  const warnings = warningDesk(house);
  const programme = programmeDesk(house);
  const saveReading = writing(context.db, readings.save);
  const saveMilestone = writing(context.db, milestones.save);
  const saveHush = writing(context.db, hushes.save);
  return Router()
    .get('/readings', (req, res) => sendPart(req, res, readings.list(), byId))
    .put('/readings/:id', (req, res) => void res.json(saveReading(req.params.id, req.body)))
    .delete('/readings/:id', (req, res) => {
      readings.remove(req.params.id);
      res.status(204).end();
    })
    .get('/milestones', (req, res) => sendPart(req, res, milestones.list(), byId))
    .put('/milestones/:id', (req, res) => void res.json(saveMilestone(req.params.id, req.body)))
    .get('/hushes', (req, res) => sendPart(req, res, hushes.list(), byId))
    .put('/hushes/:id', (req, res) => void res.json(saveHush(req.params.id, req.body)))
    .get('/warnings', (_req, res) => void res.json(warnings()))
    .get('/season/board.pdf', async (_req, res) => {
      res.type('application/pdf').send(Buffer.from(await context.work('board', programme(warnings()))));
    })
    .get('/season', (_req, res) => void res.json(programme(warnings())));
}
