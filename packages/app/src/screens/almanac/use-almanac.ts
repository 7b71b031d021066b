import { useQuery } from '@tanstack/react-query';
import type { AlmanacQuery } from '../../workers/almanac';
import { core } from '../../workers/core';

/** What the almanac holds for a search; the last list stays while the next is made. */
export const useAlmanacList = (query: AlmanacQuery) =>
  useQuery({ queryKey: ['almanac', query], queryFn: () => core().almanacList(query), placeholderData: (old) => old, staleTime: Infinity });
export const useAlmanacEntry = (id: string) => useQuery({ queryKey: ['almanac-entry', id], queryFn: () => core().almanacEntry(id), staleTime: Infinity });
