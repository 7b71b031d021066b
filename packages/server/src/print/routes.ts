import { cardSchema } from '@sleetbrook/core/api';
import { Router } from 'express';
import type { Context } from '../context';
import { parse } from '../http/problem';

/** Paper from what the app worked out. Nothing is kept. */
export const printRoutes = ({ work }: Context): Router =>
  Router().post('/cards/pdf', async (req, res) => {
    const card = parse(cardSchema, req.body);
    const withSources = {
      ...card,
      working: card.working.map(({ source, ...w }) => ({
        ...w,
        source: source.source === undefined ? { mark: source.mark } : { mark: source.mark, source: source.source },
      })),
    };
    res.type('application/pdf').send(Buffer.from(await work('card', withSources)));
  });
