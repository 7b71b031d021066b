import type { PartId } from '@sleetbrook/core/cards';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { storage } from './storage';

/** A look that is not finished: what was tapped so far on one planting. */
export interface LookDraft {
  readonly part: PartId | null;
  readonly answers: Readonly<Record<string, boolean>>;
  readonly affected: string;
  readonly looked: string;
}

/** A mix being set up or measured out for a case (or on the bench). */
export interface MixDraft {
  readonly rate: string;
  readonly area: string;
  /** Empty: as the label's water for the area. */
  readonly water: string;
  readonly sprayerId: string | null;
  /** Index of the step card, -1 before measuring has begun. */
  readonly step: number;
  readonly ticked: readonly string[];
}

export const EMPTY_LOOK: LookDraft = { part: null, answers: {}, affected: '', looked: '' };
export const EMPTY_MIX: MixDraft = { rate: '', area: '', water: '', sprayerId: null, step: -1, ticked: [] };

interface Drafts {
  readonly looks: Readonly<Record<string, LookDraft>>;
  readonly mixes: Readonly<Record<string, MixDraft>>;
  setLook(plantingId: string, change: Partial<LookDraft>): void;
  dropLook(plantingId: string): void;
  setMix(key: string, change: Partial<MixDraft>): void;
  dropMix(key: string): void;
}

const without = <T>(map: Readonly<Record<string, T>>, key: string) => Object.fromEntries(Object.entries(map).filter(([k]) => k !== key));

/** Half-done work: it survives a reload and a locked phone. */
export const useDrafts = create<Drafts>()(
  persist(
    (set) => ({
      looks: {},
      mixes: {},
      setLook: (id, change) => set((s) => ({ looks: { ...s.looks, [id]: { ...(s.looks[id] ?? EMPTY_LOOK), ...change } } })),
      dropLook: (id) => set((s) => ({ looks: without(s.looks, id) })),
      setMix: (key, change) => set((s) => ({ mixes: { ...s.mixes, [key]: { ...(s.mixes[key] ?? EMPTY_MIX), ...change } } })),
      dropMix: (key) => set((s) => ({ mixes: without(s.mixes, key) })),
    }),
    { name: 'sleetbrook-drafts', storage },
  ),
);
