import type { Control, Trouble } from './schema';

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

/** The little of a control that lists, records and, where something is mixed, its cards need. */
export type ControlCard = Pick<Control, 'id' | 'name' | 'act' | 'rung'> & { readonly sheet: string | null; readonly how?: Control['how'] };

export const controlCardOf = (c: Control): ControlCard => ({
  id: c.id,
  name: c.name,
  act: c.act,
  rung: c.rung,
  sheet: c.sheet ?? null,
  ...(c.sheet ? { how: c.how } : {}),
});
