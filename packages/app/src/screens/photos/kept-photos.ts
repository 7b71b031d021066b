import { useEffect, useState } from 'react';
import type { Entry } from '../../reach/entry';
import { useReach } from '../../reach/reach';

/** A picture at home. */
export const photoUri = (id: string): string => `/api/v1/photos/${encodeURIComponent(id)}`;

const idOf = (e: Entry) => /^\/photos\/([^/?]+)\?/.exec(e.path)?.[1];

const dataUri = (blob: Blob): Promise<string> =>
  new Promise((resolve, reject) => {
    const reader = new FileReader();
    reader.onload = () => resolve(String(reader.result));
    reader.onerror = () => reject(reader.error ?? new Error('not readable'));
    reader.readAsDataURL(blob);
  });

/** Pictures that only this device has, by their id, ready to be shown. */
export function useKeptPhotos(): Readonly<Record<string, string>> {
  const entries = useReach((r) => r.entries);
  const [uris, setUris] = useState<Readonly<Record<string, string>>>({});
  useEffect(() => {
    let gone = false;
    const kept = entries.flatMap((e) => {
      const id = idOf(e);
      return id && e.body instanceof Blob && e.state.is !== 'home' && !uris[id] ? [{ id, blob: e.body }] : [];
    });
    if (kept.length > 0) {
      void Promise.all(kept.map(async ({ id, blob }) => [id, await dataUri(blob)] as const)).then((made) => {
        if (!gone) setUris((old) => ({ ...old, ...Object.fromEntries(made) }));
      });
    }
    return () => {
      gone = true;
    };
  }, [entries, uris]);
  return uris;
}
