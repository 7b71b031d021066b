import { useEffect, useRef } from 'react';

type Close = () => void;

/** What is open over the screen, the topmost last. */
const open: Close[] = [];
/** A step forward of ours is under way: what comes of it is nobody's step back. */
let returning = false;

function onPop(event: PopStateEvent): void {
  const top = open.at(-1);
  if (!returning && !top) return;
  // the screen below must not hear of it: it stays where it is
  event.stopImmediatePropagation();
  if (returning) {
    returning = false;
    return;
  }
  returning = true;
  window.history.forward();
  top?.();
}

interface Entries {
  readonly currentEntry: { readonly index: number } | null;
  entries: () => readonly { readonly sameDocument: boolean }[];
}

/** Whether a step back stays in this page load; on the first entry of one it would leave the app, or load anew. */
function staysInPage(): boolean {
  const { navigation } = window as { navigation?: Entries };
  return navigation?.entries()[(navigation.currentEntry?.index ?? 0) - 1]?.sameDocument ?? false;
}

/**
 * While `visible`, the browser's or the phone's Back closes this instead of leaving the screen: the innermost
 * of several first. The address and what was typed below stay as they were.
 */
export function useBackCloses(visible: boolean, onClose: Close): void {
  const close = useRef(onClose);
  useEffect(() => {
    close.current = onClose;
  }, [onClose]);
  useEffect(() => {
    if (!visible || typeof window === 'undefined' || typeof window.history === 'undefined') return undefined;
    // in the capturing phase: before the router's own listener; the same one again is no second one
    window.addEventListener('popstate', onPop, true);
    if (!staysInPage()) window.history.pushState(window.history.state, '');
    const entry = () => close.current();
    open.push(entry);
    return () => {
      open.splice(open.indexOf(entry), 1);
    };
  }, [visible]);
}
