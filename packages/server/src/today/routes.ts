import { todayDesk } from '@sleetbrook/core/house';
import { Router } from 'express';
import type { Context } from '../context';
import { houseContext } from '../house/context';

export function todayRoutes(context: Context): Router {
  const today = todayDesk(houseContext(context));
  return Router().get('/today', (_req, res) => void res.json(today()));
}
