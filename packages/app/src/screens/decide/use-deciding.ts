import type { Case, Garden, Planting } from '@sleetbrook/core/api';
import type { Instant } from '@sleetbrook/core/measure';
import { failedIn, shareNow, signsNow } from '@sleetbrook/core/situation';
import { useQuery } from '@tanstack/react-query';
import { useConfirmations, useCaseDetail, usePlantingTreatments, useSheets, useToday, useWeather } from '../../api/queries';
import { useNow } from '../../state/now';
import { core } from '../../workers/core';
import { decidingTask } from './deciding-task';
import { PLAIN_VIEW, type View } from './view';

const HOUR = 3_600_000;
/** Three hours back, so that wet leaves are known; ten days ahead. */
const BACK = 3;
const AHEAD = 240;

/** The hours that are judged: three back, ten days on. */
export function useHours(now: Instant | undefined) {
  const from = now === undefined ? undefined : new Date(Math.floor(now / HOUR) * HOUR - BACK * HOUR).toISOString();
  return useWeather(from, BACK + AHEAD).data;
}

/** Verdicts on every control for a case, judged in the worker, fresh each quarter of an hour. */
export function useDeciding(found: Case | undefined, planting: Planting | undefined, garden: Garden | undefined, view: View = PLAIN_VIEW) {
  const now = useNow();
  const weather = useHours(now);
  const treatments = usePlantingTreatments(planting?.id).data?.treatments;
  const looks = useCaseDetail(found?.id ?? '').data?.looks;
  const sheets = useSheets().data;
  const confirmations = useConfirmations().data;
  const clocks = useToday().data?.keepOut;
  const failed = found ? failedIn(found) : [];
  const share = looks ? shareNow(looks) : null;

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
      share,
      looks?.length,
      clocks?.map((c) => [c.plantingId, c.until]),
      confirmations?.map((c) => [c.sheetId, c.version]),
    ],
    enabled:
      found !== undefined &&
      planting !== undefined &&
      garden !== undefined &&
      now !== undefined &&
      weather !== undefined &&
      treatments !== undefined &&
      sheets !== undefined &&
      looks !== undefined &&
      clocks !== undefined &&
      confirmations !== undefined,
    placeholderData: (old) => old,
    queryFn: () => {
      if (!found || !planting || !garden || now === undefined || !weather || !treatments || !looks || !sheets || !clocks || !confirmations)
        throw new Error('not ready');
      return core().decide(
        decidingTask({
          now,
          found,
          planting,
          garden,
          weather: weather.hours,
          treatments,
          sheets,
          view,
          seenSigns: signsNow(looks),
          share,
          failed,
          clocks,
          confirmations,
        }),
      );
    },
  });
}
