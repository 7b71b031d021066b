import { shedItemSchema, sprayerSchema, type ShedItem, type Sprayer } from '../api';
import { findSheet } from '../label/sheets';
import type { HouseContext } from './keeping';
import { invalid, notFound, parse, sameId } from './refusal';
import { reviseOrConflict } from './revise';

export function shedDesk({ keep }: HouseContext) {
  const find = (id: string): ShedItem => {
    const item = keep.shed.find(id);
    if (!item) throw notFound('item in the shed');
    return item;
  };
  return {
    find,
    list: (): ShedItem[] => keep.shed.list(),
    save: (id: string, body: unknown): ShedItem => {
      const sent = parse(shedItemSchema, body);
      sameId(id, sent);
      if (sent.plantingId !== null && !keep.plantings.find(sent.plantingId)) throw invalid('plantingId', 'There is no such planting.');
      if (sent.sheetId !== null && !findSheet(sent.sheetId) && !keep.sheets.find(sent.sheetId)) throw invalid('sheetId', 'There is no such label sheet.');
      if (reviseOrConflict(keep.shed.find(id), sent, 'item') === 'write') keep.shed.put({ ...sent, revision: sent.revision + 1 });
      return find(id);
    },
    remove: (id: string): void => {
      if (!keep.shed.remove(id)) throw notFound('item in the shed');
    },
  };
}

export function sprayerDesk({ keep }: HouseContext) {
  return {
    list: (): Sprayer[] => keep.sprayers.list(),
    save: (id: string, body: unknown): Sprayer => {
      const sent = parse(sprayerSchema, body);
      sameId(id, sent);
      if (reviseOrConflict(keep.sprayers.find(id), sent, 'sprayer') === 'write') keep.sprayers.put({ ...sent, revision: sent.revision + 1 });
      const kept = keep.sprayers.find(id);
      if (!kept) throw notFound('sprayer');
      return kept;
    },
    remove: (id: string): void => {
      if (!keep.sprayers.remove(id)) throw notFound('sprayer');
    },
  };
}
