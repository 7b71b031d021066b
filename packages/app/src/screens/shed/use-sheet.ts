import { findControlCard } from '@sleetbrook/core/cards';
import type { LabelSheet } from '@sleetbrook/core/label';
import { useSheets } from '../../api/queries';

/** The sheet a lap is mixed from: the grower's own where one was chosen, else the specimen of the control. */
export function sheetOf(sheets: readonly LabelSheet[] | undefined, controlId: string | null | undefined, sheetId: string | null | undefined) {
  const id = sheetId ?? findControlCard(controlId ?? '')?.sheet;
  return id ? sheets?.find((s) => s.id === id) : undefined;
}

/** The same, read from the server; undefined while it loads and where there is none. */
export const useSheetOf = (controlId: string | null | undefined, sheetId: string | null | undefined) => sheetOf(useSheets().data, controlId, sheetId);
