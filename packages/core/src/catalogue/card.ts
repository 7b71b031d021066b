import type { Trouble } from './schema';

/** The little of a trouble that lists, counts and labels need. */
export type TroubleCard = Pick<Trouble, 'id' | 'name' | 'kind' | 'unit' | 'labelAs' | 'lookAgainDays'> & {
  readonly threshold: Pick<Trouble['threshold'], 'share'>;
};

export const cardOf = (t: Trouble): TroubleCard => ({
  id: t.id,
  name: t.name,
  kind: t.kind,
  unit: t.unit,
  labelAs: t.labelAs,
  lookAgainDays: t.lookAgainDays,
  threshold: { share: t.threshold.share },
});
