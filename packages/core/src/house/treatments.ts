import { dequal } from 'dequal/lite';
import { strikeSchema, treatmentRequestSchema, UNSET_GARDEN, type Case, type Treatment, type TreatmentPage, type TreatmentRequest } from '../api';
import { findControl } from '../catalogue';
import { findTroubleCard } from '../catalogue/light';
import { lookAgainOn } from '../decide';
import { lineOf } from '../label';
import { instant } from '../measure';
import { pastOf } from '../situation';
import { countingRecords } from './counting';
import type { HouseContext } from './keeping';
import { nextAfter, placeOf } from './paging';
import { recordOf } from './record';
import { conflict, invalid, notFound, parse, sameId } from './refusal';
import { notAhead } from './times';
import { weatherDesk } from './weather';

/** Records on a page of the log. */
export const PAGE = 50;

/** The part of a stored record that the client had sent. */
const requestPart = (stored: Treatment, like: TreatmentRequest) => Object.fromEntries(Object.keys(like).map((k) => [k, stored[k as keyof Treatment]]));

export function treatmentDesk(context: HouseContext) {
  const { keep, now } = context;
  const weather = weatherDesk(context);

  /** The case moves on in the same transaction: a kill in between can not part them. */
  const advance = (found: Case, t: Treatment, zone: string) => {
    const trouble = findTroubleCard(found.troubleId);
    const at = t.corrects ? found.laps.findIndex((l) => l.treatmentId === t.corrects?.id) : found.laps.length - 1;
    const lap = found.laps[at];
    if (!lap || !trouble) return;
    const along = lap.also.some((a) => a.controlId === t.controlId && a.doneAt === null) && t.controlId !== lap.controlId;
    const done = keep.treatments
      .ofCase(found.id)
      .filter((x) => x.controlId === t.controlId)
      .map((x) => instant(Date.parse(x.finishedAt)));
    const look = lookAgainOn(
      { controlId: t.controlId, troubleId: found.troubleId, done, labelDays: lineOf(t)?.intervalDays ?? 0, zone },
      trouble.lookAgainDays,
    );
    const next = along
      ? { ...lap, also: lap.also.map((a) => (a.controlId === t.controlId ? { ...a, doneAt: t.finishedAt } : a)) }
      : { ...lap, treatmentId: t.id, lookAgainOn: look };
    keep.cases.save({ ...found, revision: found.revision + 1, laps: found.laps.map((l, i) => (i === at ? next : l)) });
  };

  const find = (id: string): Treatment => {
    const found = keep.treatments.find(id);
    if (!found) throw notFound('treatment');
    return found;
  };

  return {
    find,
    /** Of a planting, those that count, oldest first. */
    ofPlanting: (plantingId: string): Treatment[] => countingRecords(keep, plantingId, now()),
    /** A page of the log, newest first. */
    page: (before: unknown): TreatmentPage => {
      const treatments = keep.treatments.newest({ after: placeOf(before), limit: PAGE });
      return { treatments, next: nextAfter(treatments, PAGE, (t) => t.finishedAt) };
    },
    /** Struck out, it counts for nothing; it stays to be read. */
    strike: (id: string, body: unknown): Treatment => {
      const struck = parse(strikeSchema, body);
      const stored = find(id);
      if (stored.struck) {
        if (dequal(stored.struck, struck)) return stored;
        throw conflict('treatment');
      }
      notAhead('at', struck.at, now(), 'It can not be struck out in the future.');
      return keep.treatments.strike(stored, struck);
    },
    save: (id: string, body: unknown): Treatment => {
      const sent = parse(treatmentRequestSchema, body);
      sameId(id, sent);
      const stored = keep.treatments.find(id);
      if (stored) {
        if (dequal(requestPart(stored, sent), { ...sent })) return stored;
        throw conflict('treatment');
      }
      const planting = keep.plantings.find(sent.plantingId);
      if (!planting) throw invalid('plantingId', 'There is no such planting.');
      const found = sent.caseId ? keep.cases.find(sent.caseId) : undefined;
      if (sent.caseId && found?.plantingId !== sent.plantingId) throw invalid('caseId', 'There is no such case on this planting.');
      const garden = keep.garden.stored() ?? UNSET_GARDEN;
      if (sent.corrects) {
        const old = keep.treatments.find(sent.corrects.id);
        if (!old || old.plantingId !== sent.plantingId) throw invalid('corrects', 'There is no such record of this planting.');
        if (!old.struck) keep.treatments.strike(old, { at: now().toISOString(), reason: sent.corrects.reason });
      }
      const record = recordOf(sent, {
        garden,
        planting,
        troubleId: found?.troubleId ?? null,
        weather: weather.forRecord(new Date(sent.finishedAt), garden),
        now: now(),
        before: pastOf(countingRecords(keep, sent.plantingId, new Date(sent.finishedAt)).filter((t) => t.finishedAt < sent.finishedAt)),
        ownSheet: (sheetId) => keep.sheets.find(sheetId),
        confirmed: (sheet) => keep.confirmations.has(sheet.id, sheet.version),
      });
      keep.treatments.add(record);
      if (findControl(sent.controlId)?.covers && !planting.about.includes('covered')) {
        const { deleted: _deleted, ...facts } = planting;
        keep.plantings.save({ ...facts, revision: facts.revision + 1, about: [...facts.about, 'covered'] });
      }
      if (found) advance(found, record, garden.zone);
      return record;
    },
  };
}
