import type { Garden, Planting } from '@sleetbrook/core/api';
import type { PartId } from '@sleetbrook/core/cards';
import type { Answer } from '@sleetbrook/core/diagnose';
import { dayOf } from '@sleetbrook/core/schedule';
import { useQuery } from '@tanstack/react-query';
import { DateTime } from 'luxon';
import { useCases, useWeather } from '../../api/queries';
import { useNow } from '../../state/now';
import { core } from '../../workers/core';

const FORTNIGHT_HOURS = 336;
const YEAR_MS = 366 * 86_400_000;

/** Where and when a planting is looked at: what the key needs beside the answers. */
function useAround(planting: Planting, garden: Garden | undefined) {
  const now = useNow();
  const today = now === undefined || !garden ? undefined : dayOf(now, garden.zone);
  const from = today && DateTime.fromISO(today, { zone: 'utc' }).minus({ days: 14 }).toFormat("yyyy-MM-dd'T'HH:mm:ss'Z'");
  const weather = useWeather(from || undefined, FORTNIGHT_HOURS).data;
  const ready = garden !== undefined && today !== undefined && weather !== undefined;
  return {
    ready,
    key: [planting.hostId, planting.site, today, garden?.latitude, garden?.longitude, garden?.country, garden?.region, weather?.hours.length],
    around: {
      hostId: planting.hostId,
      site: planting.site,
      month: Number(today?.slice(5, 7) ?? 1),
      where: { latitude: garden?.latitude ?? 0, longitude: garden?.longitude ?? 0, country: garden?.country || null, region: garden?.region || null },
      recent: weather?.hours ?? [],
    },
  };
}

/** Signs that this plant can show, the usual ones first. */
export function useSigns(planting: Planting, garden: Garden | undefined) {
  const { ready, key, around } = useAround(planting, garden);
  return useQuery({ queryKey: ['signs', ...key], enabled: ready, staleTime: Infinity, queryFn: () => core().signsOn(around) });
}

interface Look {
  readonly answers: readonly Answer[];
  readonly skipped: readonly string[];
  readonly part: PartId | null;
  readonly refused: readonly string[];
}

/** Signs by a grower's own words: ids, best first; null while nothing is typed or it is still looked for. */
export function useFoundSigns(text: string): readonly string[] | null {
  const wanted = text.trim();
  return (
    useQuery({
      queryKey: ['find-signs', wanted],
      enabled: wanted !== '',
      staleTime: Infinity,
      placeholderData: (before) => before,
      queryFn: () => core().findSigns(wanted),
    }).data ?? null
  );
}

/** Suspects for the answers so far, ranked in the worker. The last ranking stays while the next is made. */
export function useNaming(planting: Planting, look: Look, garden: Garden | undefined) {
  const { ready, key, around } = useAround(planting, garden);
  const now = useNow();
  const open = useCases('open').data ?? [];
  const cleared = useCases('cleared').data ?? [];
  const before = [...open, ...cleared].flatMap((c) =>
    c.plantingId === planting.id && now !== undefined && now - Date.parse(c.openedAt) < YEAR_MS ? [c.troubleId] : [],
  );
  return useQuery({
    queryKey: ['naming', ...key, planting.stage, before, look],
    enabled: ready,
    placeholderData: (previous) => previous,
    queryFn: () => core().name({ ...around, ...look, stage: planting.stage, before }),
  });
}
