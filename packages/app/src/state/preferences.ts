import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { storage } from './storage';

interface Preferences {
  readonly appearance: 'system' | 'light' | 'dark';
  readonly setUpLater: boolean;
  /** Whether this browser rings before an evening begins, and for which it rang last. */
  readonly rings: boolean;
  readonly rangFor: string;
  setAppearance(appearance: Preferences['appearance']): void;
  postponeSetUp(): void;
  setRings(rings: boolean): void;
  rang(evening: string): void;
}

/** What belongs to this device rather than to the garden. */
export const usePreferences = create<Preferences>()(
  persist(
    (set) => ({
      appearance: 'system',
      setUpLater: false,
      rings: false,
      rangFor: '',
      setAppearance: (appearance) => set({ appearance }),
      postponeSetUp: () => set({ setUpLater: true }),
      setRings: (rings) => set({ rings }),
      rang: (rangFor) => set({ rangFor }),
    }),
    { name: 'sleetbrook-preferences', storage },
  ),
);
