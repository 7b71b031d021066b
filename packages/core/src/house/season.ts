import { hushSchema, milestoneSchema, readingSchema, UNSET_GARDEN, type Hush, type Milestone, type Warnings } from '../api';
import { instant } from '../measure';
import { dayOf, dayStart } from '../schedule';
import type { Reading } from '../weather';
import { warningsOf, yearBegan, type WarningFacts } from '../warn';
import type { HouseContext } from './keeping';
import { invalid, notFound, parse, sameId } from './refusal';
import { reviseOrConflict } from './revise';
import { notAhead, notLongAgo } from './times';
import { weatherDesk } from './weather';

const HOUR = 3_600_000;
const DAY = 24 * HOUR;
/** Treatments that may still guard something. */
const GUARD_DAYS = 60;
/** Longer than a forecast counts: what lies behind it is not served. */
const AHEAD_DAYS = 10;

/** What is read off a thermometer and a gauge once a day. */
export function readingDesk({ keep, now }: HouseContext) {
  const zone = () => keep.garden.stored()?.zone ?? UNSET_GARDEN.zone;
  return {
    list: (): Reading[] => keep.readings.list(),
    save: (id: string, body: unknown): Reading => {
      const sent = parse(readingSchema, body);
      sameId(id, sent);
      notAhead('at', sent.at, now(), 'It can not be read in the future.');
      notLongAgo('at', sent.at, now());
      if (dayOf(instant(Date.parse(sent.at)), zone()) !== sent.id) throw invalid('at', 'It was not read on that day.');
      if (reviseOrConflict(keep.readings.find(id), sent, 'reading') === 'write') keep.readings.put({ ...sent, revision: sent.revision + 1 });
      const kept = keep.readings.find(id);
      if (!kept) throw notFound('reading');
      return kept;
    },
    remove: (id: string): void => {
      if (!keep.readings.remove(id)) throw notFound('reading');
    },
  };
}

/** What is seen on a plant once a year, and warmth is counted from. */
export function milestoneDesk({ keep, now }: HouseContext) {
  return {
    list: (): Milestone[] => keep.milestones.list(),
    save: (id: string, body: unknown): Milestone => {
      const sent = parse(milestoneSchema, body);
      sameId(id, sent);
      if (!keep.plantings.find(sent.plantingId)) throw invalid('plantingId', 'There is no such planting.');
      const today = dayOf(instant(now().getTime()), keep.garden.stored()?.zone ?? UNSET_GARDEN.zone);
      if (sent.on !== null && sent.on > today) throw invalid('on', 'That day is still to come.');
      if (reviseOrConflict(keep.milestones.find(id), sent, 'day') === 'write') keep.milestones.put({ ...sent, revision: sent.revision + 1 });
      const kept = keep.milestones.find(id);
      if (!kept) throw notFound('milestone');
      return kept;
    },
  };
}

/** What somebody does not want to be told of for a while. */
export function hushDesk({ keep }: HouseContext) {
  return {
    list: (): Hush[] => keep.hushes.list(),
    save: (id: string, body: unknown): Hush => {
      const sent = parse(hushSchema, body);
      sameId(id, sent);
      if (!keep.plantings.find(sent.plantingId)) throw invalid('plantingId', 'There is no such planting.');
      if (reviseOrConflict(keep.hushes.find(id), sent, 'choice') === 'write') keep.hushes.put({ ...sent, revision: sent.revision + 1 });
      const kept = keep.hushes.find(id);
      if (!kept) throw notFound('choice');
      return kept;
    },
  };
}

/** What warnings go by: the weather of this growing year, and what grows here. */
export function warningFacts(context: HouseContext): WarningFacts {
  const { keep, now } = context;
  const garden = keep.garden.stored() ?? UNSET_GARDEN;
  const at = instant(now().getTime());
  const from = dayStart(yearBegan(dayOf(at, garden.zone), garden.latitude), garden.zone);
  return {
    now: at,
    place: garden,
    units: garden.units,
    plantings: keep.plantings.list(),
    hours: weatherDesk(context).told(new Date(from), Math.ceil((at - from) / HOUR) + AHEAD_DAYS * 24, garden),
    milestones: keep.milestones.list(),
    hushes: keep.hushes.list(),
    treatments: keep.treatments.since(new Date(at - GUARD_DAYS * DAY).toISOString()),
  };
}

/** What the weather of this growing year lets in. */
export const warningDesk = (context: HouseContext) => (): Warnings => warningsOf(warningFacts(context));
