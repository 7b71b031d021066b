import { webcrypto } from 'node:crypto';
import express, { Router, type RequestHandler } from 'express';
import { idSchema, instantSchema, MAX_PHOTO_BYTES, MAX_PHOTOS_PER_LOOK, type Photo } from '@sleetbrook/core/api';
import { z } from 'zod';
import { writing } from '../db/writing';
import type { Context } from '../context';
import { notAhead } from '@sleetbrook/core/house';
import { conflict, HttpProblem, invalid, notFound, parse } from '../http/problem';
import { photoStore } from './store';

const querySchema = z.object({ lookId: idSchema, takenAt: instantSchema });

/** Pictures on their way in at one time: each is whole in memory until it was made small. */
const AT_ONCE = 6;

/** SHA-256, reckoned beside the loop: of ten megabytes it takes tens of milliseconds. */
const digestOf = async (body: Buffer): Promise<string> => Buffer.from(await webcrypto.subtle.digest('SHA-256', body)).toString('hex');

/** Whoever is too many comes again: the app keeps the picture until then. */
function limitTo(most: number): RequestHandler {
  let running = 0;
  return (_req, res, next) => {
    if (running >= most) {
      res.set('Retry-After', '2');
      return next(new HttpProblem(429, 'Busy', 'Other photographs are on their way in. Try again in a moment.'));
    }
    running++;
    res.once('close', () => running--);
    next();
  };
}

export function photoRoutes({ db, clock, work }: Context): Router {
  const photos = photoStore(db);
  const fewAtOnce = limitTo(AT_ONCE);

  const live = (id: string): Photo => {
    const found = photos.find(id);
    if (!found || found.deleted) throw notFound('photograph');
    const { sentSha256: _sent, deleted: _deleted, ...photo } = found;
    return photo;
  };

  const save = async (id: string, query: unknown, body: unknown): Promise<Photo> => {
    parse(idSchema, id);
    const { lookId, takenAt } = parse(querySchema, query);
    notAhead('takenAt', takenAt, clock.now(), 'A photograph can not be taken in the future.');
    if (!Buffer.isBuffer(body) || body.length === 0) throw invalid('photo', 'There is no picture in this: send a JPEG or PNG picture.');
    const sentSha256 = await digestOf(body);
    const known = photos.find(id);
    if (known) {
      if (known.sentSha256 === sentSha256 && !known.deleted) return live(id);
      throw conflict('photograph');
    }
    const full = () => {
      if (photos.ofLook(lookId).length >= MAX_PHOTOS_PER_LOOK) {
        throw invalid('photo', `A look holds ${MAX_PHOTOS_PER_LOOK} photographs at most: this one was left out, the others are kept.`);
      }
    };
    full();
    const shrunk = await work('picture', body);
    // others may have come while this one was being made smaller
    writing(db, () => {
      full();
      if (!photos.find(id)) photos.add({ id, lookId, takenAt, width: shrunk.width, height: shrunk.height, sentSha256, jpeg: shrunk.jpeg });
    })();
    return live(id);
  };

  return (
    Router()
      .get('/photos', (req, res) => {
        const { look } = parse(z.object({ look: idSchema }), req.query);
        res.json(photos.ofLook(look));
      })
      .get('/photos/:id', (req, res) => {
        const jpeg = photos.picture(req.params.id);
        if (!jpeg) throw notFound('photograph');
        // kept by the browser, and shown only after asking: who may no longer come in sees none of them
        res.set({ 'Content-Type': 'image/jpeg', 'Cache-Control': 'private, no-cache', ETag: `"${req.params.id}"` });
        if (req.fresh) return void res.status(304).end();
        res.send(jpeg);
      })
      .put('/photos/:id', fewAtOnce, express.raw({ type: () => true, limit: MAX_PHOTO_BYTES }), (req, res, next) => {
        save(String(req.params['id']), req.query, req.body).then((photo) => res.json(photo), next);
      })
      .delete('/photos/:id', (req, res) => {
        live(req.params.id);
        photos.remove(req.params.id, clock.now());
        res.status(204).end();
      })
      /** Takes a removal back. */
      .post('/photos/:id/restore', (req, res) => {
        if (!photos.find(req.params.id)) throw notFound('photograph');
        photos.restore(req.params.id);
        res.json(live(req.params.id));
      })
      .use('/photos', ((error: { type?: string }, _req, _res, next) => {
        next(
          error.type === 'entity.too.large'
            ? new HttpProblem(413, 'Too large', 'This photograph is over 10 MB. Send a smaller one; nothing else was changed.')
            : error,
        );
      }) as express.ErrorRequestHandler)
  );
}
