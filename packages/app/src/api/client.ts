import { problemSchema, type Problem } from '@sleetbrook/core/api';
import type { ZodType } from 'zod';

/** What the server had against a request, with the fields it concerns. */
export class ApiProblem extends Error {
  constructor(readonly problem: Problem) {
    super(problem.detail ?? problem.errors?.[0]?.message ?? problem.title);
  }
  /** The message for a field, if the problem has one. */
  for(field: string): string | undefined {
    return this.problem.errors?.find((e) => e.field === field)?.message;
  }
}

const OFFLINE: Problem = { type: 'about:blank', title: 'No answer', status: 0, detail: 'The server does not answer. Nothing was lost: try again.' };

/**
 * One request to the API; the answer is checked against its schema.
 * @throws ApiProblem for every refusal, also when the server can not be reached
 */
export async function request<T>(
  method: 'GET' | 'PUT' | 'DELETE' | 'POST',
  path: string,
  schema: ZodType<T> | null,
  body?: unknown,
  type = 'application/json',
): Promise<T> {
  let response: Response;
  try {
    response = await fetch(`/api/v1${path}`, {
      method,
      ...(body === undefined
        ? {}
        : { headers: { 'Content-Type': type }, body: typeof body === 'string' || body instanceof Blob ? body : JSON.stringify(body) }),
    });
  } catch {
    throw new ApiProblem(OFFLINE);
  }
  if (!response.ok) {
    const parsed = problemSchema.safeParse(await response.json().catch(() => null));
    throw new ApiProblem(parsed.success ? parsed.data : { type: 'about:blank', title: 'Something went wrong', status: response.status });
  }
  if (!schema) return undefined as T;
  return schema.parse(await response.json());
}
