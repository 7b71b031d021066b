import { Router } from 'express';
import { z } from 'zod';
import type { Context } from '../context';
import { HttpProblem, invalid, parse } from '../http/problem';

const moveSchema = z.strictObject({ now: z.iso.datetime() });

/** One typed year too many would shut the demonstration for good. */
const FURTHEST_MS = 366 * 86_400_000;

/** The clock, and moving it on in a demonstration. */
export function clockRoutes({ clock, demo }: Context): Router {
  const say = () => ({ now: clock.now().toISOString(), fixed: clock.fixed });
  return Router()
    .get('/clock', (_req, res) => void res.json(say()))
    .put('/clock', (req, res) => {
      if (!demo || !clock.fixed) throw new HttpProblem(403, 'Not here', 'Only the demonstration’s clock can be moved.');
      const { now } = parse(moveSchema, req.body);
      const to = new Date(now);
      if (to.getTime() > clock.now().getTime() + FURTHEST_MS) throw invalid('now', 'At most a year on at a time: it never goes back.');
      if (to < clock.now()) throw invalid('now', 'The clock only moves on.');
      clock.moveTo(to);
      res.json(say());
    });
}
