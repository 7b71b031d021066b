import type { ErrorRequestHandler } from 'express';
import type { Problem } from '@sleetbrook/core/api';
import { Refusal as HttpProblem } from '@sleetbrook/core/house';
import type { Logger } from 'pino';

export { conflict, invalid, notFound, parse, type FieldError, Refusal as HttpProblem } from '@sleetbrook/core/house';

const problemFor = (error: unknown): HttpProblem | null => {
  if (error instanceof HttpProblem) return error;
  const kind = (error as { type?: string }).type;
  if (kind === 'entity.too.large') return new HttpProblem(413, 'Too large', 'This is more than the server takes in one go.');
  if (kind === 'entity.parse.failed') return new HttpProblem(400, 'Not readable', 'The body is not valid JSON.');
  if (kind === 'encoding.unsupported' || kind === 'charset.unsupported')
    return new HttpProblem(415, 'Not readable', 'The body has an encoding that is not known here.');
  if (error instanceof URIError) return new HttpProblem(400, 'Not readable', 'The address is not readable.');
  // what the readers of a body say of it: broken gzip, a line cut half-way
  const status = (error as { statusCode?: unknown }).statusCode;
  if (typeof status === 'number' && status >= 400 && status < 500) return new HttpProblem(status, 'Not readable', 'What was sent can not be read.');
  if ((error as { code?: string }).code === 'SQLITE_FULL') return new HttpProblem(507, 'No space', 'The disk is full: nothing was saved.');
  // it is there, and could not be read: a write must not go over it
  if (/^SQLITE_CONSTRAINT_(PRIMARYKEY|UNIQUE)$/.test((error as { code?: string }).code ?? ''))
    return new HttpProblem(409, 'It is there already', 'It is in the database in a form that can not be read: put a copy back (Settings, Copies).');
  return null;
};

/** The last handler: every error leaves as application/problem+json; what is not expected is logged. */
export function problemHandler(log: Logger): ErrorRequestHandler {
  return (error, _req, res, next) => {
    if (res.headersSent) return next(error);
    const known = problemFor(error);
    if (!known) log.error({ err: error }, 'unexpected error');
    const p = known ?? new HttpProblem(500, 'Something went wrong', 'Nothing was changed. Try again.');
    const body: Problem = {
      type: 'about:blank',
      title: p.title,
      status: p.status,
      ...(p.detail ? { detail: p.detail } : {}),
      ...(p.errors ? { errors: [...p.errors] } : {}),
    };
    res.status(p.status).type('application/problem+json').send(JSON.stringify(body));
  };
}
