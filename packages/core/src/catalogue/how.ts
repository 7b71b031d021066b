import type { Control } from './schema';

export type HowLine = Control['how'][number];
/** A line that says where on the way it belongs. */
export type PlacedHow = Exclude<HowLine, string>;

/** The lines of a control as a list to read. @example howSentences(soap) // ['Evening, or a fully overcast day.', …] */
export const howSentences = (control: Pick<Control, 'how'>): string[] => control.how.map((line) => (typeof line === 'string' ? line : line.text));
