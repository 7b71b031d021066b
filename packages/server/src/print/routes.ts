import { cardSchema } from '@sleetbrook/core/api';
import { Router } from 'express';
import { parse } from '../http/problem';
import { cardPdf } from './card';

/** Paper from what the app worked out. Nothing is kept. */
export const printRoutes = (): Router =>
  Router().post('/cards/pdf', async (req, res) => {
    const card = parse(cardSchema, req.body);
    const withSources = {
      ...card,
      working: card.working.map(({ source, ...w }) => ({
        ...w,
        source: source.source === undefined ? { mark: source.mark } : { mark: source.mark, source: source.source },
      })),
    };
    res.type('application/pdf').send(Buffer.from(await cardPdf(withSources)));
  });
