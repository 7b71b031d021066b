import { useEffect, useState } from 'react';
import type { Entry } from '../../reach/entry';
import { useReach } from '../../reach/reach';

/** A picture at home. */
const photoUri = (id: string): string => `/api/v1/photos/${encodeURIComponent(id)}`;

const idOf = (e: Entry) => /^\/photos\/([^/?]+)\?/.exec(e.path)?.[1];

const dataUri = (blob: Blob): Promise<string> =>
  new Promise((resolve, reject) => {
    const reader = new FileReader();
    reader.onload = () => resolve(String(reader.result));
    reader.onerror = () => reject(reader.error ?? new Error('not readable'));
    reader.readAsDataURL(blob);
  });

/** Where to find a picture by its id: on this device while only that has it, else at home; null while it is being read. */
export function usePictureUri(): (id: string) => string | null {
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
  const onlyHere = new Set(entries.flatMap((e) => (e.body instanceof Blob && e.state.is !== 'home' ? (idOf(e) ?? []) : [])));
  return (id) => uris[id] ?? (onlyHere.has(id) ? null : photoUri(id));
}
