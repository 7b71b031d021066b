import type { ZodError, ZodType } from 'zod';

export interface FieldError {
  readonly field: string;
  readonly message: string;
  readonly line?: number;
}

/** Whoever sent megabytes in one field is not sent them back. */
const LONGEST = 400;
const MOST_ERRORS = 500;
const clip = (text: string): string => (text.length > LONGEST ? `${text.slice(0, LONGEST - 1)}…` : text);

/** What is not taken, as RFC 9457 says it: whoever asked may see all of it. */
export class Refusal extends Error {
  constructor(
    readonly status: number,
    readonly title: string,
    readonly detail?: string,
    errors?: readonly FieldError[],
  ) {
    super(title);
    if (errors) this.errors = errors.slice(0, MOST_ERRORS).map((e) => ({ ...e, field: clip(e.field), message: clip(e.message) }));
  }
  readonly errors?: readonly FieldError[];
}

export const notFound = (what: string) => new Refusal(404, 'Not found', `There is no such ${what}.`);
export const invalid = (field: string, message: string) => new Refusal(422, 'Some of this can not be', undefined, [{ field, message }]);
export const conflict = (what: string) => new Refusal(409, 'Changed meanwhile', `This ${what} was changed elsewhere. Load it again, then make your change.`);

/** Parses a body or query with its schema. @throws Refusal 422 with a path for each error */
export function parse<T>(schema: ZodType<T>, value: unknown): T {
  const result = schema.safeParse(value);
  if (result.success) return result.data;
  throw new Refusal(422, 'Some of this can not be', undefined, fieldErrors(result.error));
}

/** A field that should not be there is named; what concerns the body as a whole is said of the body. */
const fieldErrors = (error: ZodError): FieldError[] =>
  error.issues.flatMap((i) => {
    if (i.code !== 'unrecognized_keys') return [{ field: i.path.join('.') || 'body', message: i.message }];
    return i.keys.slice(0, MOST_KEYS).map((key) => ({ field: [...i.path, key].join('.'), message: 'This is not known here.' }));
  });
/** Somebody may send thousands of them. */
const MOST_KEYS = 20;

/** @throws Refusal 422 where the id in the body is not the one in the address */
export function sameId(id: string, sent: { readonly id: string }): void {
  if (sent.id !== id) throw invalid('id', 'The id in the body is not the one in the address.');
}
