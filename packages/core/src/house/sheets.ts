import { dequal } from 'dequal/lite';
import { confirmationSchema, ownSheetSchema, type Confirmation, type Imported, type OwnSheet } from '../api';
import type { LabelSheet } from '../label';
import { checkSheet } from '../label/files';
import { findSheet, SHEETS } from '../label/sheets';
import type { HouseContext } from './keeping';
import { conflict, invalid, notFound, parse, Refusal, sameId } from './refusal';
import { notAhead } from './times';

/** Label sheets: the specimens, and the grower's own, which are typed in and versioned. */
export function sheetDesk({ keep, now }: HouseContext) {
  const live = (id: string): OwnSheet => {
    const found = keep.sheets.find(id);
    if (!found || keep.sheets.isRemoved(id)) throw notFound('label sheet');
    return found;
  };
  /** @returns whether it was new, changed, or there already */
  const put = (sent: OwnSheet): keyof Imported => {
    const stored = keep.sheets.find(sent.id);
    if (stored && dequal(stored, sent)) return 'same';
    if (sent.version !== (stored?.version ?? 0) + 1) throw conflict('label sheet');
    keep.sheets.add(sent, now());
    return stored ? 'changed' : 'added';
  };
  return {
    live,
    put,
    list: (): LabelSheet[] => [...SHEETS, ...keep.sheets.list()],
    versions: (id: string): OwnSheet[] => keep.sheets.versions(live(id).id),
    save: (id: string, body: unknown): OwnSheet => {
      const sent = parse(ownSheetSchema, body);
      sameId(id, sent);
      const faults = checkSheet(sent);
      if (faults.length > 0) throw new Refusal(422, 'Some of this can not be', undefined, faults);
      if (keep.sheets.isRemoved(id)) throw notFound('label sheet');
      put(sent);
      return live(id);
    },
    remove: (id: string): void => keep.sheets.remove(live(id).id, now()),
    /** Takes a removal back. */
    restore: (id: string): OwnSheet => {
      if (!keep.sheets.find(id)) throw notFound('label sheet');
      keep.sheets.restore(id);
      return live(id);
    },
    confirmations: (): Confirmation[] => keep.confirmations.list(),
    /** The grower has held it against the label in the hand. */
    confirm: (sheetId: string, body: unknown): Confirmation => {
      const sent = parse(confirmationSchema, body);
      const sheet = findSheet(sheetId) ?? keep.sheets.find(sheetId);
      if (!sheet) throw notFound('label sheet');
      if (sent.sheetId !== sheet.id) throw invalid('sheetId', 'The sheet in the body is not the one in the address.');
      if (sent.version !== sheet.version) throw invalid('version', `This sheet is at version ${sheet.version}.`);
      notAhead('confirmedAt', sent.confirmedAt, now(), 'It can not be confirmed in the future.');
      keep.confirmations.add(sent);
      return sent;
    },
    unconfirm: (sheetId: string): void => keep.confirmations.remove(sheetId),
  };
}
