import type { RequestHandler } from 'express';
import type { ServerClock } from '../clock';
import type { Db } from '../db/db';

/** What is put together from the garden alone, and from the minute. */
const FROM_THE_GARDEN =
  /^\/(garden|plantings|sprayers|shed-items|batches|walks|walk-plan|cases|treatments|sheets|confirmations|today|weather|weather\/days|weather\/climate|readings|milestones|hushes|warnings|season)$/;
const MINUTE_MS = 60_000;
/** No more is kept than this, bytes: some screens of every device of a household. */
const MOST_BYTES = 4_000_000;

interface Answer {
  readonly body: Buffer;
  readonly link: string | undefined;
}

/**
 * What a database is at: another mark says that something was written, by anybody; all writes go through this connection.
 * A table that was exchanged for another changes no row, but the schema.
 */
export function markOf(db: Db): () => string {
  const at = db.prepare<[], string>("SELECT total_changes() || '.' || schema_version FROM pragma_schema_version").pluck();
  return () => at.get() ?? '';
}

/**
 * Lists and what is put together of them are worked out once, and told again to whoever asks until something is written
 * or the minute is over. A wait that ends within the minute is shown to its end: never shorter than it is.
 */
export function remembering({ db, clock }: { readonly db: Db; readonly clock: ServerClock }): RequestHandler {
  const mark = markOf(db);
  let at = '';
  let bytes = 0;
  const answers = new Map<string, Answer>();
  const forget = (now: string) => {
    at = now;
    bytes = 0;
    answers.clear();
  };
  return (req, res, next) => {
    if (req.method !== 'GET' || !FROM_THE_GARDEN.test(req.path)) return next();
    const now = `${mark()} ${Math.floor(clock.now().getTime() / MINUTE_MS)}`;
    if (now !== at) forget(now);
    const known = answers.get(req.url);
    if (known) {
      // straight to the line: all that Express would work out of it is known
      if (known.link !== undefined) res.setHeader('Link', known.link);
      res.setHeader('Content-Type', 'application/json; charset=utf-8');
      res.setHeader('Content-Length', known.body.length);
      return void res.end(known.body);
    }
    const send = res.send.bind(res);
    res.send = (body: unknown) => {
      if (typeof body === 'string' && res.statusCode === 200 && at === now) {
        const kept = Buffer.from(body);
        if (bytes + kept.length > MOST_BYTES) forget(now);
        bytes += kept.length;
        answers.set(req.url, { body: kept, link: res.get('Link') });
      }
      return send(body);
    };
    next();
  };
}
