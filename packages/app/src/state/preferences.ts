import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { storage } from './storage';

interface Preferences {
  readonly appearance: 'system' | 'light' | 'dark';
  readonly setUpLater: boolean;
  setAppearance(appearance: Preferences['appearance']): void;
  postponeSetUp(): void;
}

/** What belongs to this device rather than to the garden. */
export const usePreferences = create<Preferences>()(
  persist(
    (set) => ({
      appearance: 'system',
      setUpLater: false,
      setAppearance: (appearance) => set({ appearance }),
      postponeSetUp: () => set({ setUpLater: true }),
    }),
    { name: 'sleetbrook-preferences', storage },
  ),
);
