import { UNSET_GARDEN, type Case, type Look, type SeasonView, type Warnings } from '../api';
import { shareNow, signsNow } from '../situation';
import { countingRecords } from './counting';
import type { HouseContext } from './keeping';
import { keptOut } from './today';
import { weatherDesk } from './weather';

const HOUR = 3_600_000;
const DAY = 24 * HOUR;
/** Nothing on leaves is looked at for longer. */
const RAIN_DAYS = 35;
const AHEAD_DAYS = 10;
const BACK_H = 4;
/** No garden has so many at once. */
const MOST_OPEN = 200;

/**
 * All that the coming rounds are laid out from, for whoever reckons them.
 * @param warnings as they stand
 */
export function programmeDesk(context: HouseContext) {
  const { keep, now } = context;
  const weather = weatherDesk(context);

  /** Counts of looks and of walks together, and how many of the last ones found none. */
  const cleanCounts = (c: Case, looks: readonly Look[]): number => {
    const counted = [
      ...looks.flatMap((l) => (l.count ? [{ at: l.at, affected: l.count.affected }] : [])),
      ...keep.walks.talliesSince(c.openedAt, '').flatMap((t) => (t.plantingId === c.plantingId && t.troubleId === c.troubleId && t.looked > 0 ? [t] : [])),
    ].sort((a, b) => a.at.localeCompare(b.at));
    const found = counted.findLastIndex((t) => t.affected > 0);
    return counted.length - 1 - found;
  };

  return (warnings: Warnings): SeasonView => {
    const at = now().getTime();
    const garden = keep.garden.stored() ?? UNSET_GARDEN;
    const carried = keep.cases.list('open', { after: null, limit: MOST_OPEN }).filter((c) => c.laps.at(-1)?.controlId && c.laps.at(-1)?.afterLookId === null);
    const courses = carried.flatMap((c) => {
      const planting = keep.plantings.find(c.plantingId);
      if (!planting || planting.deleted) return [];
      const { deleted: _, ...there } = planting;
      const looks = keep.looks.ofCase(c.id);
      return [
        {
          case: c,
          planting: there,
          treatments: countingRecords(keep, c.plantingId, new Date(at)),
          seenSigns: [...signsNow(looks)],
          cleanCounts: cleanCounts(c, looks),
          share: shareNow(looks),
        },
      ];
    });
    const last = courses
      .flatMap((c) => c.treatments.filter((t) => t.caseId === c.case.id).map((t) => Date.parse(t.finishedAt)))
      .filter((t) => at - t < RAIN_DAYS * DAY);
    const from = Math.min(at - BACK_H * HOUR, ...last);
    return {
      now: new Date(at).toISOString(),
      garden,
      courses,
      sheets: keep.sheets.list(),
      hours: weather.told(new Date(from), Math.ceil((at - from) / HOUR) + AHEAD_DAYS * 24, garden),
      warnings: warnings.warnings,
      keepOut: keptOut(context),
      confirmations: keep.confirmations.list(),
      shed: keep.shed.list().flatMap((i) => (i.kind === 'product' && i.sheetId !== null ? [{ sheetId: i.sheetId, amount: i.amount, unit: i.unit }] : [])),
    };
  };
}
