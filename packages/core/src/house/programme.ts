import { UNSET_GARDEN, type Case, type Look, type SeasonView, type Warnings } from '../api';
import type { HouseContext } from './keeping';
import { keptOut } from './today';
import { weatherDesk } from './weather';

const HOUR = 3_600_000;
const DAY = 24 * HOUR;
/** Labels count twelve months, copper seven years: of the latter the ledger asks by itself. */
const LOOKS_BACK_DAYS = 7 * 366;
/** Nothing on leaves is looked at for longer. */
const RAIN_DAYS = 35;
const AHEAD_DAYS = 10;
const BACK_H = 4;
/** No garden has so many at once. */
const MOST_OPEN = 200;

/** Signs that were seen when signs were last asked for: a count asks for none. */
const signsOf = (looks: readonly Look[]): string[] => (looks.findLast((l) => l.answers.length > 0)?.answers ?? []).filter((a) => a.seen).map((a) => a.signId);

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
    const since = new Date(at - LOOKS_BACK_DAYS * DAY).toISOString();
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
          treatments: keep.treatments.ofPlanting(c.plantingId, since),
          seenSigns: signsOf(looks),
          cleanCounts: cleanCounts(c, looks),
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
      shed: keep.shed.list().flatMap((i) => (i.kind === 'product' && i.sheetId !== null ? [{ sheetId: i.sheetId, amount: i.amount, unit: i.unit }] : [])),
    };
  };
}
