import { useEffect, useRef } from 'react';
import { useSaveWalk } from '../../api/mutations';
import { useWalking } from '../../state/walking';

const PAUSE_MS = 700;

/** Sends the walk a moment after the last tap, one request at a time. */
export function useWalkSaver() {
  const walk = useWalking((w) => w.walk);
  const unsent = useWalking((w) => w.unsent);
  const sent = useWalking((w) => w.sent);
  const save = useSaveWalk();
  const busy = useRef(false);
  const { mutateAsync } = save;
  useEffect(() => {
    if (!walk || unsent === 0 || busy.current) return;
    const timer = setTimeout(() => {
      busy.current = true;
      const taps = unsent;
      mutateAsync(walk)
        .then((kept) => sent(kept.revision, taps))
        .catch(() => undefined)
        .finally(() => {
          busy.current = false;
        });
    }, PAUSE_MS);
    return () => clearTimeout(timer);
  }, [walk, unsent, mutateAsync, sent, save.isPending]);
  return { unsent, error: save.error };
}
