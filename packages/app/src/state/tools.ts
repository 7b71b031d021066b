import { useCallback } from 'react';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { storage } from './storage';

type Fields = Readonly<Record<string, string>>;

interface Tools {
  readonly tools: Readonly<Record<string, Fields>>;
  set(tool: string, change: Fields): void;
  clear(tool: string): void;
}

const useTools = create<Tools>()(
  persist(
    (set) => ({
      tools: {},
      set: (tool, change) => set((s) => ({ tools: { ...s.tools, [tool]: { ...s.tools[tool], ...change } } })),
      clear: (tool) => set((s) => ({ tools: Object.fromEntries(Object.entries(s.tools).filter(([k]) => k !== tool)) })),
    }),
    { name: 'sleetbrook-tools', storage },
  ),
);

/**
 * What was filled in at a tool of the bench. It survives a reload and a locked phone.
 * @param usual what stands there before anything is typed
 */
export function useTool<F extends Fields>(tool: string, usual: F): { values: F; set: (change: Partial<F>) => void; clear: () => void } {
  const kept = useTools((t) => t.tools[tool]);
  const put = useTools((t) => t.set);
  const drop = useTools((t) => t.clear);
  const set = useCallback((change: Partial<F>) => put(tool, change as Fields), [put, tool]);
  const clear = useCallback(() => drop(tool), [drop, tool]);
  return { values: { ...usual, ...kept } as F, set, clear };
}
