import { Jimp } from 'jimp';
import { PHOTO_EDGE } from '@sleetbrook/core/api';
import { NotAPhoto, type Shrunk } from './not-a-photo';

const MAX_MEGAPIXELS = 60;
const QUALITY = 80;
const JPEG = [0xff, 0xd8, 0xff];
const PNG = [0x89, 0x50, 0x4e, 0x47];
const startsWith = (bytes: Uint8Array, magic: readonly number[]) => magic.every((b, i) => bytes[i] === b);

/**
 * Opens a photograph, turns it upright, makes its longest edge at most 1600 pixels and writes it anew
 * as JPEG: what else was in the file (place, time, camera) does not come along.
 * @throws NotAPhoto with a sentence for the grower
 */
export async function shrink(bytes: Uint8Array): Promise<Shrunk> {
  if (!startsWith(bytes, JPEG) && !startsWith(bytes, PNG)) throw new NotAPhoto('This is not a photograph: send a JPEG or PNG picture.');
  const image = await Jimp.fromBuffer(Buffer.from(bytes), { 'image/jpeg': { maxResolutionInMP: MAX_MEGAPIXELS, maxMemoryUsageInMB: 700 } }).catch(() => {
    throw new NotAPhoto('This picture can not be opened: it is damaged, or larger than 60 megapixels.');
  });
  if (Math.max(image.width, image.height) > PHOTO_EDGE) image.scaleToFit({ w: PHOTO_EDGE, h: PHOTO_EDGE });
  const jpeg = await image.getBuffer('image/jpeg', { quality: QUALITY });
  return { jpeg, width: image.width, height: image.height };
}
