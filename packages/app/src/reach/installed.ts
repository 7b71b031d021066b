import { create } from 'zustand';

interface Installed {
  /** The whole application is on this device. */
  readonly ready: boolean;
  /** A newer one is on this device, and waits to be asked in. */
  readonly newer: boolean;
  /** Why it can not be kept on this device; null: nothing stands against it. */
  readonly barred: string | null;
}

export const useInstalled = create<Installed>()(() => ({ ready: false, newer: false, barred: null }));

let waiting: ServiceWorker | null = null;

/** Nobody waits for it: the first screen comes before it. */
const AFTER_MS = 2000;

function watch(registration: ServiceWorkerRegistration): void {
  const look = () => {
    if (registration.active) useInstalled.setState({ ready: true });
    // without a first one there is nothing to be newer than
    if (registration.waiting && navigator.serviceWorker.controller) {
      waiting = registration.waiting;
      useInstalled.setState({ newer: true });
    }
  };
  const follow = (worker: ServiceWorker | null) => worker?.addEventListener('statechange', look);
  follow(registration.installing);
  registration.addEventListener('updatefound', () => follow(registration.installing));
  look();
}

/** Puts the application on this device, so that it opens without the house. */
export function install(): () => void {
  if (typeof navigator === 'undefined') return () => undefined;
  if (!('serviceWorker' in navigator)) {
    useInstalled.setState({ barred: 'This browser keeps applications only from an https address, or from the machine itself.' });
    return () => undefined;
  }
  const timer = setTimeout(() => {
    const untrusted = window.location.protocol === 'https:' ? ' It has to trust this house first: how, stands under Devices.' : '';
    const barred = () => useInstalled.setState({ barred: `The browser would not keep it on this device.${untrusted}` });
    // a locked-down browser answers with nothing at all
    navigator.serviceWorker.register('/sw.js').then((r: ServiceWorkerRegistration | undefined) => (r ? watch(r) : barred()), barred);
  }, AFTER_MS);
  return () => clearTimeout(timer);
}

/** Asks the newer one in, and opens it: only when somebody says so, never in the middle of a mix. */
export function openNewer(): void {
  navigator.serviceWorker.addEventListener('controllerchange', () => window.location.reload(), { once: true });
  waiting?.postMessage({ type: 'SKIP_WAITING' });
}
