import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { v7 } from 'uuid';
import type { Typed } from './as-typed';
import { storage } from './storage';

/** What a correction takes over from the record that it puts right. */
interface Corrected {
  readonly id: string;
  readonly caseId: string | null;
  readonly count: number | null;
  /** Within a case the reason is the case's. */
  readonly why: string;
}

/** A record that is being written down without a case: it waits until the server has it. */
export interface RecordDraft {
  /** `control:…` or `sheet:…` of the grower's own. */
  readonly what: string;
  /** Its name, where it was made at home, and the strength of what is counted, %. */
  readonly made: string;
  readonly percent: string;
  readonly on: readonly string[];
  readonly purpose: 'seen' | 'prevent' | 'upkeep';
  readonly trouble: string;
  readonly amount: string;
  readonly mix: string;
  /** Of the ground, where it is put right; else the planting's. */
  readonly area: string;
  /** The exact figures behind words that were not touched. */
  readonly exact: { readonly amount?: Typed; readonly mix?: Typed; readonly area?: Typed };
  readonly time: string;
  readonly by: string;
  /** A record id by planting, fixed before anything is sent. */
  readonly ids: Readonly<Record<string, string>>;
  /** The record that this one puts right, and why. */
  readonly corrects: Corrected | null;
  readonly reason: string;
}

export const EMPTY_RECORD: RecordDraft = {
  what: '',
  made: '',
  percent: '',
  on: [],
  purpose: 'seen',
  trouble: '',
  amount: '',
  mix: '',
  area: '',
  exact: {},
  time: '',
  by: 'You',
  ids: {},
  corrects: null,
  reason: '',
};

/**
 * The draft with another thing done: an amount then means what its words say of that, and no longer the exact
 * figure of the first. A spoon of a liquid is no gram of a powder.
 */
export const doneInstead = (draft: RecordDraft, what: string): Partial<RecordDraft> => {
  const { amount: _of, ...exact } = draft.exact;
  return { what, made: '', percent: '', exact };
};

interface Recording {
  readonly records: Readonly<Record<string, RecordDraft>>;
  /** @returns the draft's id */
  begin(draft: Partial<RecordDraft>): string;
  change(id: string, change: Partial<RecordDraft>): void;
  drop(id: string): void;
}

/** Records under way, each by itself: a new one never takes the place of one that is not kept yet. */
export const useRecording = create<Recording>()(
  persist(
    (set) => ({
      records: {},
      begin: (draft) => {
        const id = v7();
        set((s) => ({ records: { ...s.records, [id]: { ...EMPTY_RECORD, ...draft } } }));
        return id;
      },
      change: (id, c) => set((s) => ({ records: { ...s.records, [id]: { ...EMPTY_RECORD, ...s.records[id], ...c } } })),
      drop: (id) => set((s) => ({ records: Object.fromEntries(Object.entries(s.records).filter(([k]) => k !== id)) })),
    }),
    { name: 'sleetbrook-recording', storage },
  ),
);
