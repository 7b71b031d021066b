import { dequal } from 'dequal/lite';
import { lookSchema, type Case, type Count, type Look } from '../api';
import { findSign } from '../catalogue';
import { reduction } from '../record';
import type { HouseContext } from './keeping';
import { conflict, invalid, notFound, parse, sameId } from './refusal';
import { notAhead, notLongAgo } from './times';

const share = (c: Count) => c.affected / c.looked;

export function lookDesk({ keep, now }: HouseContext) {
  /** A count after a treatment closes the lap: its effect is against the last count before it. */
  const closeLap = (found: Case, look: Look) => {
    const lap = found.laps.at(-1);
    if (!lap?.decidedAt || lap.afterLookId || !look.count) return;
    const before = keep.looks
      .ofCase(found.id)
      .filter((l) => l.id !== look.id && l.count && l.at <= look.at)
      .at(-1)?.count;
    const effect = before ? reduction(share(before), share(look.count)) : null;
    const closed = { ...lap, afterLookId: look.id, effectPercent: effect?.ok ? Math.round(effect.value.percent * 10) / 10 : null };
    keep.cases.save({ ...found, revision: found.revision + 1, laps: [...found.laps.slice(0, -1), closed] });
  };
  const find = (id: string): Look => {
    const found = keep.looks.find(id);
    if (!found) throw notFound('look');
    return found;
  };
  return {
    find,
    save: (id: string, body: unknown): Look => {
      const sent = parse(lookSchema, body);
      sameId(id, sent);
      if (!keep.plantings.find(sent.plantingId)) throw invalid('plantingId', 'There is no such planting.');
      notAhead('at', sent.at, now(), 'A look can not be in the future.');
      notLongAgo('at', sent.at, now());
      sent.answers.forEach((a, i) => {
        if (!findSign(a.signId)) throw invalid(`answers.${i}.signId`, 'This sign is not known.');
      });
      const stored = keep.looks.find(id);
      if (stored) {
        if (dequal({ ...stored, caseId: null }, { ...sent, caseId: null })) return stored;
        throw conflict('look');
      }
      const found = sent.caseId ? keep.cases.find(sent.caseId) : undefined;
      if (sent.caseId && !found) throw invalid('caseId', 'There is no such case.');
      if (found && found.plantingId !== sent.plantingId) throw invalid('caseId', 'That is a case of another planting.');
      keep.looks.add(sent);
      if (found) closeLap(found, sent);
      return find(id);
    },
  };
}
