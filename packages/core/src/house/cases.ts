import { caseSchema, type Case, type CaseDetail } from '../api';
import { findControlCard } from '../catalogue/light';
import type { HouseContext, PageOf } from './keeping';
import { leftOf, wornOf } from './left';
import { invalid, notFound, parse, sameId } from './refusal';
import { reviseOrConflict } from './revise';
import { notAhead } from './times';

export function caseDesk(context: HouseContext) {
  const { keep, now } = context;
  const find = (id: string): Case => {
    const found = keep.cases.find(id);
    if (!found) throw notFound('case');
    return found;
  };
  const ofPlanting = (lookId: string, plantingId: string) => keep.looks.find(lookId)?.plantingId === plantingId;

  /** What a case names is there, and belongs to it. */
  const check = (sent: Case, stored: Case | undefined) => {
    if (!keep.plantings.find(sent.plantingId)) throw invalid('plantingId', 'There is no such planting.');
    if (stored && stored.plantingId !== sent.plantingId) throw invalid('plantingId', 'A case stays with its planting.');
    if (sent.purpose === 'seen' ? !ofPlanting(sent.lookId ?? '', sent.plantingId) : sent.lookId !== null)
      throw invalid('lookId', 'There is no such look at this planting.');
    notAhead('openedAt', sent.openedAt, now(), 'A case can not be opened in the future.');
    if (sent.closedAt !== null && sent.closedAt < sent.openedAt) throw invalid('closedAt', 'It closes before it opens.');
    if (sent.closedAt !== null) notAhead('closedAt', sent.closedAt, now(), 'A case can not be closed in the future.');
    sent.laps.forEach((lap, i) => {
      if (lap.treatmentId && keep.treatments.find(lap.treatmentId)?.caseId !== sent.id)
        throw invalid(`laps.${i}.treatmentId`, 'There is no such treatment in this case.');
      if (lap.controlId && !findControlCard(lap.controlId)) throw invalid(`laps.${i}.controlId`, 'This control is not known.');
      if (lap.afterLookId && !ofPlanting(lap.afterLookId, sent.plantingId)) throw invalid(`laps.${i}.afterLookId`, 'There is no such look at this planting.');
      if (lap.decidedAt) notAhead(`laps.${i}.decidedAt`, lap.decidedAt, now(), 'It can not be decided in the future.');
      if (lap.mixedAt) notAhead(`laps.${i}.mixedAt`, lap.mixedAt, now(), 'It can not be mixed in the future.');
    });
  };

  return {
    find,
    list: (status: Case['status'], page: PageOf): Case[] => keep.cases.list(status, page),
    detail: (id: string): CaseDetail => {
      const c = find(id);
      const treatments = keep.treatments.ofCase(id);
      return {
        case: c,
        looks: keep.looks.ofCase(id),
        treatments,
        photos: keep.photos.ofCase(id),
        left: leftOf(context, c, treatments),
        worn: wornOf(context, c, treatments),
      };
    },
    save: (id: string, body: unknown): Case => {
      const sent = parse(caseSchema, body);
      sameId(id, sent);
      const stored = keep.cases.find(id);
      check(sent, stored);
      if (reviseOrConflict(stored, sent, 'case') === 'write') {
        keep.cases.save({ ...sent, revision: sent.revision + 1 });
        if (sent.lookId) keep.looks.attach(sent.lookId, id);
      }
      return find(id);
    },
  };
}
