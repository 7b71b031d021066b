import type { Look } from '@sleetbrook/core/api';
import type { MixLog } from '@sleetbrook/core/mix';
import type { PartId } from '@sleetbrook/core/cards';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { storage } from './storage';

/** A look that is not finished: what was tapped so far on one planting. */
export interface LookDraft {
  /** Given before anything is kept, so that photographs can hang on to it. */
  readonly id: string;
  /** As it was sent, and the case it opens: sent again it is the same look and the same case. */
  readonly sent?: { readonly look: Look; readonly caseId: string; readonly secondId?: string };
  readonly part: PartId | null;
  readonly answers: Readonly<Record<string, boolean>>;
  /** Which of them answer the key's question. */
  readonly asked: readonly string[];
  /** Which of them were picked out of several kinds of a plain sign. */
  readonly chosen: readonly string[];
  /** Signs that could not be told. */
  readonly skipped: readonly string[];
  /** Names that were refused: "no, not that". */
  readonly refused: readonly string[];
  /** Not settled, and watched: when it was looked at last, and the day to look again. */
  readonly watch?: { readonly since: string; readonly lookAgainOn: string };
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
  /** When the clock of a card was started, by card, ms. */
  readonly timers: Readonly<Record<string, number>>;
  /** When product first met water: the mix’s life runs from there. */
  readonly madeAt: number | null;
  /** Plantings that get their share of the same mix; the size empty: as the planting has it. */
  readonly also?: readonly { readonly plantingId: string; readonly size: string }[];
  /** What really went in, load by load, and what went otherwise. */
  readonly log?: MixLog;
  readonly slips?: readonly { readonly at: string; readonly text: string }[];
  /** Of the record that will come of it, given once: pressed twice, or after a reload, it is still one record. */
  readonly doneId?: string;
  /** Of the records of the other plantings, by planting. */
  readonly doneIds?: Readonly<Record<string, string>>;
  /** What the grower corrected in it before keeping it. */
  readonly done?: Readonly<Partial<Record<'by' | 'area' | 'time' | 'amount' | 'mix' | 'left', string>>>;
}

export const EMPTY_LOOK: LookDraft = { id: '', part: null, answers: {}, asked: [], chosen: [], skipped: [], refused: [], affected: '', looked: '' };
export const EMPTY_MIX: MixDraft = { rate: '', area: '', water: '', sprayerId: null, step: -1, ticked: [], timers: {}, madeAt: null };

interface Drafts {
  readonly looks: Readonly<Record<string, LookDraft>>;
  readonly mixes: Readonly<Record<string, MixDraft>>;
  setLook(plantingId: string, change: Partial<LookDraft>): void;
  dropLook(plantingId: string): void;
  setMix(key: string, change: Partial<MixDraft>): void;
  dropMix(key: string): void;
}

/** Under which the mix of a case is kept while it is under way: each round has its own, and nothing of it is left for the next. */
export const mixKey = (found: { readonly id: string; readonly laps: readonly unknown[] }): string =>
  found.laps.length > 1 ? `${found.id}:${String(found.laps.length)}` : found.id;

const without = <T>(map: Readonly<Record<string, T>>, key: string) => Object.fromEntries(Object.entries(map).filter(([k]) => k !== key));

/** Half-done work: it survives a reload and a locked phone. */
export const useDrafts = create<Drafts>()(
  persist(
    (set) => ({
      looks: {},
      mixes: {},
      setLook: (id, change) => set((s) => ({ looks: { ...s.looks, [id]: { ...EMPTY_LOOK, ...s.looks[id], ...change } } })),
      dropLook: (id) => set((s) => ({ looks: without(s.looks, id) })),
      setMix: (key, change) => set((s) => ({ mixes: { ...s.mixes, [key]: { ...EMPTY_MIX, ...s.mixes[key], ...change } } })),
      dropMix: (key) => set((s) => ({ mixes: without(s.mixes, key) })),
    }),
    { name: 'sleetbrook-drafts', storage },
  ),
);
