import { MAX_PHOTOS_PER_LOOK, type Photo } from '@sleetbrook/core/api';
import { useState } from 'react';
import { Pressable, ScrollView, View } from 'react-native';
import { useRemovePhoto, useRestorePhoto, useSendPhoto } from '../../api/mutations';
import { choosePhotos } from '../../api/photos';
import { useLookPhotos } from '../../api/queries';
import { useNow } from '../../state/now';
import { Button } from '../../ui/button';
import { T } from '../../ui/text';
import { usePictureUri } from './kept-photos';
import { Picture } from './picture';
import { PhotoView } from './photo-view';

/** Photographs of one look: added, looked at large, taken away again. */
export function PhotoStrip({ lookId }: { readonly lookId: string }) {
  const photos = useLookPhotos(lookId).data ?? [];
  const uriOf = usePictureUri();
  const now = useNow();
  const send = useSendPhoto();
  const remove = useRemovePhoto();
  const restore = useRestorePhoto();
  const [wrong, setWrong] = useState<readonly string[]>([]);
  const [left, setLeft] = useState(0);
  const [large, setLarge] = useState<Photo | null>(null);
  const [removed, setRemoved] = useState<string | null>(null);

  const add = async (files: readonly File[]) => {
    if (now === undefined) return;
    const room = Math.max(0, MAX_PHOTOS_PER_LOOK - photos.length);
    const taken = files.slice(0, room);
    const said: string[] = files.length > room ? [`A look holds ${MAX_PHOTOS_PER_LOOK} photographs: ${files.length - room} were left out.`] : [];
    setWrong(said);
    setLeft(taken.length);
    // one after another: forty at once would fill a phone's memory
    for (const file of taken) {
      await send
        .mutateAsync({ lookId, takenAt: new Date(now).toISOString(), file })
        .catch((error: unknown) => said.push(error instanceof Error ? error.message : `${file.name} was not sent.`));
      setLeft((n) => n - 1);
      setWrong([...said]);
    }
  };

  return (
    <View className="gap-3 px-5 pt-5">
      <T kind="label">Photographs: for your own eye, nothing is read from them</T>
      {photos.length > 0 && (
        <ScrollView horizontal showsHorizontalScrollIndicator={false} contentContainerClassName="gap-3">
          {photos.map((p, i) => (
            <Pressable key={p.id} role="button" aria-label={`Photograph ${i + 1} of ${photos.length}: enlarge`} onPress={() => setLarge(p)}>
              <Picture uri={uriOf(p.id)} className="h-[120px] w-[120px] rounded-2xl border border-line" />
            </Pressable>
          ))}
        </ScrollView>
      )}
      {wrong.length > 0 && (
        <View role="alert" className="gap-1">
          {wrong.slice(0, 5).map((w) => (
            <T key={w} kind="muted" className="text-rowan">
              {w}
            </T>
          ))}
          {wrong.length > 5 && <T kind="muted" className="text-rowan">{`and ${wrong.length - 5} more`}</T>}
        </View>
      )}
      {removed && (
        <View className="flex-row items-center justify-between" aria-live="polite">
          <T kind="muted">Photograph removed</T>
          <Button kind="link" title="Undo" onPress={() => restore.mutate(removed, { onSuccess: () => setRemoved(null) })} />
        </View>
      )}
      <Button
        kind="quiet"
        title={left > 0 ? `Sending, ${left} to go` : 'Add photographs'}
        busy={left > 0}
        onPress={() => choosePhotos((files) => void add(files))}
      />
      <PhotoView
        photo={large}
        onClose={() => setLarge(null)}
        onRemove={(id) => {
          setLarge(null);
          remove.mutate(id, { onSuccess: () => setRemoved(id) });
        }}
      />
    </View>
  );
}
