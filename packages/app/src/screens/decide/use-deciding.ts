import type { Case, Garden, Look, Planting } from '@sleetbrook/core/api';
import { failedIn } from '../cases/rounds';
import type { Change, School } from '@sleetbrook/core/decide-light';
import { instant } from '@sleetbrook/core/measure';
import { useQuery } from '@tanstack/react-query';
import { useCaseDetail, usePlantingTreatments, useSheets, useWeather } from '../../api/queries';
import { useNow } from '../../state/now';
import { core } from '../../workers/core';

const HOUR = 3_600_000;
/** Three hours back, so that wet leaves are known; ten days ahead. */
const BACK = 3;
const AHEAD = 240;
const AS_IT_IS: readonly Change[] = [];

/** The last count made in a case. */
export const lastCount = (looks: readonly Look[]) => [...looks].reverse().find((l) => l.count)?.count ?? null;

/** How the grower looks at the ladder: by which school, and with what changed for the sake of argument. */
export interface View {
  readonly school: School;
  readonly whatIf: readonly Change[];
}
export const PLAIN_VIEW: View = { school: 'least-toxic', whatIf: AS_IT_IS };

/** Verdicts on every control for a case, judged in the worker, fresh each quarter of an hour. */
export function useDeciding(found: Case | undefined, planting: Planting | undefined, garden: Garden | undefined, view: View = PLAIN_VIEW) {
  const now = useNow();
  const quarter = now === undefined ? undefined : instant(Math.floor(now / (HOUR / 4)) * (HOUR / 4));
  const from = quarter === undefined ? undefined : new Date(Math.floor(quarter / HOUR) * HOUR - BACK * HOUR).toISOString();
  const weather = useWeather(from, BACK + AHEAD).data;
  const treatments = usePlantingTreatments(planting?.id).data?.treatments;
  const looks = useCaseDetail(found?.id ?? '').data?.looks;
  const sheets = useSheets().data;
  const failed = found ? failedIn(found) : [];
  const count = looks ? lastCount(looks) : null;

  return useQuery({
    queryKey: [
      'deciding',
      found?.id,
      found?.revision,
      planting,
      garden,
      view.school,
      view.whatIf.map((c) => c.code),
      now,
      treatments?.length,
      sheets?.filter((s) => !s.specimen).map((s) => [s.id, s.version]),
      weather?.source,
      weather?.hours.length,
      count,
    ],
    enabled:
      found !== undefined &&
      planting !== undefined &&
      garden !== undefined &&
      now !== undefined &&
      weather !== undefined &&
      treatments !== undefined &&
      sheets !== undefined &&
      looks !== undefined,
    placeholderData: (old) => old,
    queryFn: () => {
      if (!found || !planting || !garden || now === undefined || !weather || !treatments || !looks || !sheets) throw new Error('not ready');
      return core().decide({
        now,
        place: { latitude: garden.latitude, longitude: garden.longitude, zone: garden.zone },
        hostId: planting.hostId,
        troubleId: found.troubleId,
        planting: {
          stage: planting.stage,
          site: planting.site,
          edible: planting.edible,
          dense: planting.dense,
          tolerance: planting.tolerance,
          pickFrom: planting.pickFrom,
          pickUntil: planting.pickUntil,
          areaM2: planting.areaM2,
          heightM: planting.heightM,
          about: planting.about,
        },
        policy: garden.policy,
        around: garden.around,
        homeMade: garden.homeMade,
        plans: garden.plans,
        stageSeen: found.stageSeen,
        preventing: found.purpose !== 'seen',
        sheets: sheets.filter((s) => !s.specimen),
        weather: weather.hours,
        records: treatments.map((t) => ({
          at: instant(Date.parse(t.finishedAt)),
          controlId: t.controlId,
          sheet: t.sheet,
          lineId: t.lineId,
          amount: t.amount,
          areaM2: t.areaM2,
        })),
        seenSigns: looks.flatMap((l) => l.answers.filter((a) => a.seen).map((a) => a.signId)),
        share: count ? count.affected / count.looked : null,
        failed,
        school: view.school,
        whatIf: view.whatIf,
      });
    },
  });
}
