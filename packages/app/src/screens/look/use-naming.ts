import type { Garden, Planting } from '@sleetbrook/core/api';
import type { Answer } from '@sleetbrook/core/diagnose';
import { useQuery } from '@tanstack/react-query';
import { DateTime } from 'luxon';
import { useWeather } from '../../api/queries';
import { useNow } from '../../state/now';
import { core } from '../../workers/core';

const FORTNIGHT_HOURS = 336;

/** Suspects for the answers so far, ranked in the worker. The last ranking stays while the next is made. */
export function useNaming(planting: Planting | undefined, answers: readonly Answer[], garden: Garden | undefined) {
  const now = useNow();
  const today = now === undefined ? undefined : new Date(now).toISOString().slice(0, 10);
  const from = today && DateTime.fromISO(today, { zone: 'utc' }).minus({ days: 14 }).toFormat("yyyy-MM-dd'T'HH:mm:ss'Z'");
  const weather = useWeather(from || undefined, FORTNIGHT_HOURS).data;
  return useQuery({
    queryKey: ['naming', planting?.hostId, today, garden?.latitude, weather?.hours.length, answers],
    enabled: planting !== undefined && garden !== undefined && today !== undefined && weather !== undefined,
    placeholderData: (previous) => previous,
    queryFn: () =>
      core().name({
        hostId: planting?.hostId ?? '',
        month: Number(today?.slice(5, 7)),
        latitude: garden?.latitude ?? 0,
        recent: weather?.hours ?? [],
        answers,
      }),
  });
}
