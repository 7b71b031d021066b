/** Why something was refused, in a sentence a gardener can use, with the input it concerns. */
export interface Refusal {
  readonly code: string;
  readonly sentence: string;
  /** Which input is meant, as a path a form can show; '' for the whole. */
  readonly field: string;
}

/** A value, or a described refusal. Core never throws for a domain reason. */
export type Outcome<T> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly reasons: readonly Refusal[] };

export const done = <T>(value: T): Outcome<T> => ({ ok: true, value });
export const refused = (code: string, sentence: string, field = ''): Outcome<never> => ({
  ok: false,
  reasons: [{ code, sentence, field }],
});
