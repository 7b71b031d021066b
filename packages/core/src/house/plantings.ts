import { plantingSchema, type Planting } from '../api';
import { instant } from '../measure';
import { dayOf } from '../schedule';
import type { HouseContext, KeptPlanting } from './keeping';
import { notFound, parse, sameId } from './refusal';
import { reviseOrConflict } from './revise';

const asSent = ({ deleted: _deleted, ...planting }: KeptPlanting): Planting => planting;

export function plantingDesk({ keep, now }: HouseContext) {
  const live = (id: string): Planting => {
    const found = keep.plantings.find(id);
    if (!found || found.deleted) throw notFound('planting');
    return asSent(found);
  };
  const today = () => dayOf(instant(now().getTime()), keep.garden.stored()?.zone ?? 'UTC');
  /** A new stage is of today; the same one of the day on which it was said, or said again. A write sent twice says no more. */
  const stageOn = (before: Planting | undefined, sent: Planting): string | null =>
    before?.stage !== sent.stage ? today() : [before.stageOn, sent.stageOn].reduce((a, b) => ((b ?? '') > (a ?? '') ? b : a));
  return {
    list: (): Planting[] => keep.plantings.list(),
    live,
    save: (id: string, body: unknown): Planting => {
      const typed = parse(plantingSchema, body);
      sameId(id, typed);
      const found = keep.plantings.find(id);
      if (found?.deleted) throw notFound('planting');
      const sent = { ...typed, stageOn: stageOn(found, typed) };
      if (reviseOrConflict(found && asSent(found), sent, 'planting') === 'write') keep.plantings.save({ ...sent, revision: sent.revision + 1 });
      return live(id);
    },
    remove: (id: string): void => {
      keep.plantings.remove(live(id).id, now());
    },
    /** Takes a removal back. */
    restore: (id: string): Planting => {
      if (!keep.plantings.find(id)) throw notFound('planting');
      keep.plantings.restore(id);
      return live(id);
    },
  };
}
