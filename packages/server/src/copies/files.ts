import { randomUUID } from 'node:crypto';
import { createWriteStream, mkdirSync, renameSync, rmSync } from 'node:fs';
import { open } from 'node:fs/promises';
import { join } from 'node:path';
import type { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { Router, type RequestHandler } from 'express';
import type { Copy } from '@sleetbrook/core/api';
import type { Context } from '../context';
import { copyOf, prune } from '../db/copies';
import { COPIES } from '../db/safe-copy';
import { HttpProblem, invalid } from '../http/problem';

/** Ten years with a dozen pictures a week are 2 GB. */
const MOST_BYTES = 4e9;
const SQLITE = Buffer.from('SQLite format 3\0');
const ZIP = Buffer.from('PK\x03\x04');

/** One at a time: each reads or writes the whole garden. */
function oneAtATime(): RequestHandler {
  let busy = false;
  return (_req, res, next) => {
    if (busy) {
      res.set('Retry-After', '5');
      return next(new HttpProblem(429, 'Busy', 'Another garden is on its way just now. Try again in a moment.'));
    }
    busy = true;
    res.once('close', () => (busy = false));
    next();
  };
}

async function* bounded(stream: Readable): AsyncGenerator<Buffer> {
  let bytes = 0;
  for await (const chunk of stream as AsyncIterable<Buffer>) {
    bytes += chunk.length;
    if (bytes > MOST_BYTES) throw new HttpProblem(413, 'Too large', `A garden has at most ${MOST_BYTES / 1e9} GB. Nothing was changed.`);
    yield chunk;
  }
}

/** The garden as a file of open formats, and a garden that is brought: it becomes a copy to look into, and changes nothing. */
export function gardenFileRoutes({ folder, migrations, work, log }: Context): Router {
  const dir = join(folder, COPIES);
  const aside = () => {
    mkdirSync(dir, { recursive: true, mode: 0o700 });
    return join(dir, `${randomUUID()}.half`);
  };

  const takeIn = async (stream: Readable): Promise<Copy> => {
    const arrived = aside();
    const made = aside();
    try {
      await pipeline(bounded(stream), createWriteStream(arrived, { mode: 0o600 }));
      const file = await open(arrived);
      const { buffer: head } = await file.read(Buffer.alloc(16), 0, 16, 0);
      await file.close();
      const isCopy = head.equals(SQLITE);
      if (!isCopy && !head.subarray(0, ZIP.length).equals(ZIP))
        throw invalid('file', 'This is neither a copy that was taken away here nor a garden file. Nothing was changed.');
      if (!isCopy) await work('gardenIn', { path: arrived, to: made, migrations });
      const whole = isCopy ? arrived : made;
      await work('holds', whole);
      const name = `brought-${new Date().toISOString().replace(/[:.]/g, '-')}.db`;
      renameSync(whole, join(dir, name));
      prune(folder);
      log.info({ name, as: isCopy ? 'copy' : 'garden file' }, 'a garden was brought');
      return copyOf(folder, name);
    } finally {
      for (const rest of [arrived, made]) rmSync(rest, { force: true });
    }
  };

  return Router()
    .post('/copies/file', oneAtATime(), (req, res, next) => {
      takeIn(req).then((copy) => res.status(201).json(copy), next);
    })
    .get('/garden-file', oneAtATime(), (_req, res, next) => {
      const to = aside();
      const done = () => rmSync(to, { force: true });
      work('gardenOut', { from: join(folder, 'sleetbrook.db'), to }).then(
        () => {
          res
            .set('Cache-Control', 'no-store')
            .type('application/zip')
            .attachment(`garden-${new Date().toISOString().slice(0, 10)}.zip`);
          res.sendFile(to, { dotfiles: 'allow', cacheControl: false, lastModified: false }, (error) => {
            done();
            if (error && !res.headersSent) next(error);
          });
        },
        (error: unknown) => {
          done();
          next(error);
        },
      );
    });
}
