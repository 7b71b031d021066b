import { findControlCard } from '@sleetbrook/core/cards';
import type { LabelSheet } from '@sleetbrook/core/label';

/** The sheet a lap is mixed from: the grower's own where one was chosen, else the specimen of the control. */
export function sheetOf(sheets: readonly LabelSheet[] | undefined, controlId: string | null | undefined, sheetId: string | null | undefined) {
  const id = sheetId ?? findControlCard(controlId ?? '')?.sheet;
  return id ? sheets?.find((s) => s.id === id) : undefined;
}
