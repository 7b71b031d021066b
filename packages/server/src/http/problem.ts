import type { ErrorRequestHandler } from 'express';
import type { Problem } from '@sleetbrook/core/api';
import type { Logger } from 'pino';
import { ZodError, type ZodType } from 'zod';

export interface FieldError {
  readonly field: string;
  readonly message: string;
  readonly line?: number;
}

/** An error that the client may see, as RFC 9457 says it. */
export class HttpProblem extends Error {
  constructor(
    readonly status: number,
    readonly title: string,
    readonly detail?: string,
    readonly errors?: readonly FieldError[],
  ) {
    super(title);
  }
}

export const notFound = (what: string) => new HttpProblem(404, 'Not found', `There is no such ${what}.`);
export const invalid = (field: string, message: string) => new HttpProblem(422, 'Some of this can not be', undefined, [{ field, message }]);
export const conflict = (what: string) =>
  new HttpProblem(409, 'Changed meanwhile', `This ${what} was changed elsewhere. Load it again, then make your change.`);

/** Parses a body or query with its schema. @throws HttpProblem 422 with a path for each error */
export function parse<T>(schema: ZodType<T>, value: unknown): T {
  const result = schema.safeParse(value);
  if (result.success) return result.data;
  throw new HttpProblem(422, 'Some of this can not be', undefined, fieldErrors(result.error));
}

const fieldErrors = (error: ZodError): FieldError[] => error.issues.map((i) => ({ field: i.path.join('.'), message: i.message }));

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
