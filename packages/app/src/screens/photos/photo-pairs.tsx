import type { Look, Photo } from '@sleetbrook/core/api';
import { useState } from 'react';
import { Pressable, ScrollView, View } from 'react-native';
import { T } from '../../ui/text';
import { usePictureUri } from './kept-photos';
import { PhotoView } from './photo-view';
import { Picture } from './picture';

interface Props {
  readonly photos: readonly Photo[];
  readonly looks: readonly Look[];
  readonly sayDay: (iso: string) => string;
}

/** A case's photographs side by side, oldest on the left, each under the day of its look. */
export function PhotoPairs({ photos, looks, sayDay }: Props) {
  const uriOf = usePictureUri();
  const [large, setLarge] = useState<Photo | null>(null);
  if (photos.length === 0) return null;
  const days = looks.filter((l) => photos.some((p) => p.lookId === l.id)).sort((a, b) => a.at.localeCompare(b.at));
  return (
    <View className="gap-2 pt-3">
      <ScrollView horizontal showsHorizontalScrollIndicator={false} contentContainerClassName="gap-4" tabIndex={0}>
        {days.map((look) => (
          <View key={look.id} className="gap-1">
            <T kind="label">{sayDay(look.at)}</T>
            <View className="flex-row gap-2">
              {photos
                .filter((p) => p.lookId === look.id)
                .map((p) => (
                  <Pressable key={p.id} role="button" aria-label={`Photograph of ${sayDay(look.at)}: enlarge`} onPress={() => setLarge(p)}>
                    <Picture uri={uriOf(p.id)} className="h-[150px] w-[150px] rounded-2xl border border-line" />
                  </Pressable>
                ))}
            </View>
          </View>
        ))}
      </ScrollView>
      <PhotoView photo={large} onClose={() => setLarge(null)} />
    </View>
  );
}
