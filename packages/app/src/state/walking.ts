import type { Stop, Tally, Walk } from '@sleetbrook/core/api';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { storage } from './storage';

interface Walking {
  /** The round under way, as tapped; the server has it a moment later. */
  readonly walk: Walk | null;
  /** Taps that the server does not have yet. */
  readonly unsent: number;
  begin(walk: Walk): void;
  changeStop(plantingId: string, change: Partial<Stop>): void;
  tally(plantingId: string, troubleId: string, affected: number, clean: number): void;
  finish(at: string): void;
  /** The server has all but `since` taps, at this revision. */
  sent(revision: number, taps: number): void;
  drop(): void;
}

const inStop = (walk: Walk, plantingId: string, change: (s: Stop) => Stop): Walk => ({
  ...walk,
  stops: walk.stops.map((s) => (s.plantingId === plantingId ? change(s) : s)),
});

/** One more (or one fewer) of each; never below nothing. */
export function addToTally(tallies: readonly Tally[], troubleId: string, affected: number, clean: number): Tally[] {
  const old = tallies.find((t) => t.troubleId === troubleId) ?? { troubleId, affected: 0, looked: 0 };
  const withIt = Math.max(0, old.affected + affected);
  const without = Math.max(0, old.looked - old.affected + clean);
  const rest = tallies.filter((t) => t.troubleId !== troubleId);
  return withIt + without === 0 ? rest : [...rest, { troubleId, affected: withIt, looked: withIt + without }];
}

/** A broken-off walk survives a reload, a call and a flat battery. */
export const useWalking = create<Walking>()(
  persist(
    (set) => {
      const change = (f: (w: Walk) => Walk) => set((s) => (s.walk ? { walk: f(s.walk), unsent: s.unsent + 1 } : s));
      return {
        walk: null,
        unsent: 0,
        begin: (walk) => set({ walk, unsent: 1 }),
        changeStop: (plantingId, c) => change((w) => inStop(w, plantingId, (s) => ({ ...s, ...c }))),
        tally: (plantingId, troubleId, affected, clean) =>
          change((w) => inStop(w, plantingId, (s) => ({ ...s, tallies: addToTally(s.tallies, troubleId, affected, clean) }))),
        finish: (at) => change((w) => ({ ...w, finishedAt: at })),
        sent: (revision, taps) => set((s) => (s.walk ? { walk: { ...s.walk, revision }, unsent: Math.max(0, s.unsent - taps) } : s)),
        drop: () => set({ walk: null, unsent: 0 }),
      };
    },
    { name: 'sleetbrook-walk', storage },
  ),
);
