import { randomBytes } from 'node:crypto';
import { programmeDesk, todayDesk, warningDesk } from '@sleetbrook/core/house';
import type { CalendarFeed } from '@sleetbrook/core/api';
import { Router, type Response } from 'express';
import type { Context } from '../context';
import { houseContext } from '../house/context';
import { HttpProblem } from '../http/problem';
import { feedOf, oneFile } from './feed';
import { FEED_PATH } from './path';
import { openCalendar, type CalendarStore } from './store';

/** Whoever knows this much chance knows the address. */
const SECRET_BYTES = 32;

const gone = () => new HttpProblem(404, 'Not found', 'There is no such calendar. Its address may have been renewed or ended: see Settings.');
const send = (res: Response, text: string, name?: string) => {
  res.type('text/calendar; charset=utf-8');
  if (name) res.attachment(name);
  res.send(text);
};

/** The garden's calendar: its secret address, and single rounds as files. */
export function calendarRoutes(context: Context): Router {
  const house = houseContext(context);
  const today = todayDesk(house);
  const warnings = warningDesk(house);
  const programme = programmeDesk(house);
  let opened: CalendarStore | null = null;
  const store = () => (opened ??= openCalendar(context.folder));
  const placeOf = (id: string) => house.keep.plantings.find(id)?.place ?? '';
  const events = async () => {
    const places = Object.fromEntries(house.keep.plantings.list().map((p) => [p.id, placeOf(p.id)]));
    return context.work('calendar', { view: programme(warnings()), today: today(), places });
  };
  const state = (path: string | null): CalendarFeed => ({ madeAt: store().madeAt(), path });
  return Router()
    .get('/calendar', (_req, res) => void res.json(state(null)))
    .post('/calendar', (_req, res) => {
      const secret = randomBytes(SECRET_BYTES).toString('base64url');
      store().make(secret, context.clock.now());
      res.json(state(`/api/v1/calendar/feed/${secret}.ics`));
    })
    .delete('/calendar', (_req, res) => {
      store().end();
      res.status(204).end();
    })
    .get('/calendar/feed/:name', async (req, res) => {
      const secret = FEED_PATH.exec(req.path)?.[1];
      if (!secret || !store().opens(secret)) throw gone();
      send(res, feedOf(await events(), store(), context.clock.now()));
    })
    .get('/calendar/event/:uid', async (req, res) => {
      const found = (await events()).find((e) => e.uid === req.params.uid);
      if (!found) throw new HttpProblem(404, 'Not found', 'This round is no longer planned. Look at the season.');
      send(res, oneFile(found, context.clock.now()), 'round.ics');
    });
}
