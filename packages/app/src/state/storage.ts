import { createJSONStorage, type StateStorage } from 'zustand/middleware';

const memory = new Map<string, string>();
/** Where there is no localStorage (tests, a locked-down browser), drafts live as long as the page. */
const fallback: StateStorage = {
  getItem: (k) => memory.get(k) ?? null,
  setItem: (k, v) => void memory.set(k, v),
  removeItem: (k) => void memory.delete(k),
};

function reachable(): StateStorage {
  try {
    const store = globalThis.localStorage;
    store.setItem('sleetbrook-probe', '1');
    store.removeItem('sleetbrook-probe');
    return store;
  } catch {
    return fallback;
  }
}

export const storage = createJSONStorage(reachable);
