import type { SeasonView } from '@sleetbrook/core/api';
import type { WhatIf } from '@sleetbrook/core/season';
import { useQuery } from '@tanstack/react-query';
import { useSeasonView } from '../../api/queries';
import { core } from '../../workers/core';

/** The rounds ahead, laid out in the worker; with something changed, laid beside what is. */
export function useProgramme(what: WhatIf | null = null) {
  const view = useSeasonView();
  const laid = useQuery({
    queryKey: ['programme', view.dataUpdatedAt, what],
    enabled: view.data !== undefined,
    placeholderData: (old) => (what ? undefined : old),
    queryFn: () => core().season(view.data as SeasonView, what),
  });
  return {
    view: view.data,
    season: laid.data?.season,
    otherwise: laid.data?.otherwise ?? null,
    error: view.error ?? laid.error,
    again: () => void view.refetch(),
  };
}
