import { problemSchema, type Problem } from '@sleetbrook/core/api';

/** What the house had against a request, with the fields it concerns. */
export class ApiProblem extends Error {
  constructor(readonly problem: Problem) {
    super(problem.detail ?? problem.errors?.[0]?.message ?? problem.title);
  }
  /** The message for a field, if the problem has one. */
  for(field: string): string | undefined {
    return this.problem.errors?.find((e) => e.field === field)?.message;
  }
}

/** The house did not answer, or can not just now: nothing is known of what became of the request. */
export class NoAnswer extends Error {
  /** @param shut the house is there, and this device is not let in */
  constructor(
    message?: string,
    readonly shut = false,
    /** It answers, and has too much to do just now. */
    readonly busy = false,
  ) {
    super(message);
  }
}

const problem = (title: string, detail: string, status = 0): Problem => ({ type: 'about:blank', title, status, detail });
export const OUT_OF_REACH = problem(
  'Out of reach',
  'Home does not answer, and this can be done only there. What you typed is still here: try again in reach of it.',
);

export const NO_COPY = problem('Out of reach', 'Home does not answer, and no copy of the garden is on this device yet: open it once in reach of home.');

export type Method = 'GET' | 'PUT' | 'DELETE' | 'POST';

/** A phone at the edge of reach waits for ever: after so long it is out of it, ms. A picture takes longer. */
const PATIENCE_MS = 8000;
const PICTURE_PATIENCE_MS = 60_000;
/** Answers that say nothing of what was sent: ask again later. */
const LATER = new Set([401, 403, 408, 421, 425, 429]);

export interface Sent {
  readonly method: Method;
  readonly path: string;
  readonly body?: unknown;
  readonly type?: string;
}

/**
 * One request on the wire. @returns the answer's JSON; null where there is none
 * @throws NoAnswer where the house could not be asked @throws ApiProblem where it refused
 */
export async function send({ method, path, body, type = 'application/json' }: Sent, patience?: number): Promise<unknown> {
  const giveUp = new AbortController();
  const timer = setTimeout(() => giveUp.abort(), patience ?? (body instanceof Blob ? PICTURE_PATIENCE_MS : PATIENCE_MS));
  let response: Response;
  let answer: unknown;
  try {
    response = await fetch(`/api/v1${path}`, {
      method,
      signal: giveUp.signal,
      ...(body === undefined || body === null
        ? {}
        : { headers: { 'Content-Type': type }, body: typeof body === 'string' || body instanceof Blob ? body : JSON.stringify(body) }),
    });
    // an answer that breaks off half-way is none
    answer = response.status === 204 ? null : await response.json().catch((e: unknown) => (response.ok ? Promise.reject(e) : null));
  } catch {
    throw new NoAnswer();
  } finally {
    clearTimeout(timer);
  }
  if (response.ok) return answer;
  const parsed = problemSchema.safeParse(answer);
  const found = parsed.success ? parsed.data : problem('Something went wrong', 'Home can not do this just now.', response.status);
  if (LATER.has(response.status) || response.status >= 500) throw new NoAnswer(found.detail ?? found.title, response.status === 401, response.status === 429);
  throw new ApiProblem(found);
}
