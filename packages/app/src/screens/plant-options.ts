import { HOSTS } from '@sleetbrook/core/cards';
import type { HostNames } from '@sleetbrook/core/catalogue';
import { useQuery } from '@tanstack/react-query';
import { core } from '../workers/core';

/** Plants to choose from, found by their everyday names, too; what tells two of one name apart stands under each. */
export function plantOptions(names: readonly HostNames[]) {
  const byId = new Map(names.map((n) => [n.id, n]));
  return HOSTS.map((h) => {
    const n = byId.get(h.id);
    const note = n?.apart ?? n?.also.join(', ');
    return { value: h.id, label: h.name, also: n?.also.join(' ') ?? '', ...(note ? { note } : {}) };
  });
}

const BARE = plantOptions([]);

/** For a list of plants: found by every name the book knows, and where that fails, the plants that stand for others. */
export const PLANT_SEARCH = {
  onFind: async (text: string): Promise<readonly string[]> => core().findPlants(text),
  none: {
    text: 'No plant by that name here. Try another name, or take what comes nearest:',
    instead: HOSTS.filter((h) => h.stands).map((h) => h.id),
  },
};

/** The list as soon as it is asked for; everyday names come from the worker a moment later. */
export function usePlantOptions() {
  const names = useQuery({ queryKey: ['plant-names'], queryFn: () => core().plantNames(), staleTime: Infinity, select: plantOptions });
  return names.data ?? BARE;
}
