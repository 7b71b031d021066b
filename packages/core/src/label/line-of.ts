import type { LabelLine, LabelSheet } from './schema';

/** What a record keeps of the label it went by. */
interface ByLabel {
  readonly sheet: LabelSheet | null;
  readonly lineId: string | null;
}

/**
 * The label line that something was done by. Where none is named, as on a plant that the label does not name, the sheet's
 * first stands for it: its waits hold rather than none.
 * @returns undefined for work by hand
 */
export const lineOf = ({ sheet, lineId }: ByLabel): LabelLine | undefined => sheet?.lines.find((l) => l.id === lineId) ?? sheet?.lines[0];

/** What its amount is counted in. */
export const amountUnitOf = (done: ByLabel): 'ml' | 'g' => lineOf(done)?.rate.unit ?? (done.sheet?.state === 'dry' ? 'g' : 'ml');
