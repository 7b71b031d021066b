import type { Photo } from '@sleetbrook/core/api';
import { View } from 'react-native';
import { Button } from '../../ui/button';
import { Sheet } from '../../ui/sheet';
import { usePictureUri } from './kept-photos';
import { Picture } from './picture';

interface Props {
  readonly photo: Photo | null;
  readonly onClose: () => void;
  readonly onRemove?: (id: string) => void;
}

/** One photograph, large. */
export function PhotoView({ photo, onClose, onRemove }: Props) {
  const uriOf = usePictureUri();
  if (!photo) return null;
  return (
    <Sheet open title="Photograph" onClose={onClose}>
      <View style={{ aspectRatio: photo.width / photo.height }} className="w-full">
        <Picture uri={uriOf(photo.id)} alt="Photograph of what was seen" resizeMode="contain" className="h-full w-full rounded-2xl" />
      </View>
      {onRemove && <Button kind="quiet" title="Remove this photograph" onPress={() => onRemove(photo.id)} />}
    </Sheet>
  );
}
