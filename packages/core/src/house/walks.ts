import { UNSET_GARDEN, walkSchema, type Walk, type WalkPlan } from '../api';
import { findTrouble } from '../catalogue';
import { z } from 'zod';
import type { HouseContext, PageOf } from './keeping';
import { invalid, notFound, parse, sameId } from './refusal';
import { reviseOrConflict } from './revise';
import { notAhead } from './times';
import { planWalk } from './walk-plan';
import { weatherDesk } from './weather';

const FORTNIGHT_HOURS = 336;
const DAY_MS = 86_400_000;
/** What was found this long ago still counts as "found before". */
const MEMORY_DAYS = 400;
const CASES = { after: null, limit: 200 } as const;

export function walkDesk(context: HouseContext) {
  const { keep, now } = context;
  const weather = weatherDesk(context);
  const find = (id: string): Walk => {
    const found = keep.walks.find(id);
    if (!found) throw notFound('walk');
    return found;
  };
  return {
    find,
    list: (page: PageOf): Walk[] => keep.walks.list(page),
    save: (id: string, body: unknown): Walk => {
      const sent = parse(walkSchema, body);
      sameId(id, sent);
      notAhead('startedAt', sent.startedAt, now(), 'A walk can not begin in the future.');
      if (sent.finishedAt !== null && sent.finishedAt < sent.startedAt) throw invalid('finishedAt', 'It ends before it begins.');
      sent.stops.forEach((s, i) => {
        if (!keep.plantings.find(s.plantingId)) throw invalid(`stops.${i}.plantingId`, 'There is no such planting.');
        for (const t of s.tallies) if (!findTrouble(t.troubleId)) throw invalid(`stops.${i}.tallies`, 'This trouble is not known.');
      });
      if (reviseOrConflict(keep.walks.find(id), sent, 'walk') === 'write') keep.walks.save({ ...sent, revision: sent.revision + 1 });
      return find(id);
    },
    /** What to look for now. @param query `except`: a walk whose own counts are not "before" */
    plan: (query: unknown): WalkPlan => {
      const except = parse(z.object({ except: z.string().max(64).optional() }), query).except ?? '';
      const garden = keep.garden.stored() ?? UNSET_GARDEN;
      const from = new Date(now().getTime() - FORTNIGHT_HOURS * 3_600_000);
      return planWalk({
        garden,
        plantings: keep.plantings.list(),
        cases: [...keep.cases.list('open', CASES), ...keep.cases.list('cleared', CASES)],
        tallies: keep.walks.talliesSince(new Date(now().getTime() - MEMORY_DAYS * DAY_MS).toISOString(), except),
        weather: weather.range(from, FORTNIGHT_HOURS, garden).hours,
        now: now(),
      });
    },
  };
}
