import { MAX_PHOTO_BYTES, PHOTO_EDGE, photoSchema, type Photo } from '@sleetbrook/core/api';
import { v7 } from 'uuid';
import { request } from './client';

const QUALITY = 0.85;
const IMAGE_TYPE = /^image\//;

/**
 * A file made small enough to send, upright, as JPEG. What the browser can not open is sent as it is
 * if it calls itself a picture and is small enough; the server looks again.
 * @throws Error with a sentence for the grower
 */
export async function prepare(file: File): Promise<Blob> {
  const bitmap = await createImageBitmap(file, { imageOrientation: 'from-image' }).catch(() => null);
  if (!bitmap) {
    if (!IMAGE_TYPE.test(file.type) || file.size === 0) throw new Error(`${file.name} is not a picture: it was left out.`);
    if (file.size > MAX_PHOTO_BYTES) throw new Error(`${file.name} is over 10 MB and can not be made smaller here: it was left out.`);
    return file;
  }
  const scale = Math.min(1, PHOTO_EDGE / Math.max(bitmap.width, bitmap.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(bitmap.width * scale));
  canvas.height = Math.max(1, Math.round(bitmap.height * scale));
  canvas.getContext('2d')?.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  bitmap.close();
  const blob = await new Promise<Blob | null>((resolve) => canvas.toBlob(resolve, 'image/jpeg', QUALITY));
  if (!blob) throw new Error(`${file.name} can not be made smaller here: it was left out.`);
  return blob;
}

/** Its size, px; what can not be opened here counts as the largest that is kept. */
async function measure(blob: Blob): Promise<{ readonly width: number; readonly height: number }> {
  const bitmap = await createImageBitmap(blob).catch(() => null);
  if (!bitmap) return { width: PHOTO_EDGE, height: PHOTO_EDGE };
  const { width, height } = bitmap;
  bitmap.close();
  return { width, height };
}

/** Sends one picture to a look. */
export async function sendPhoto(lookId: string, takenAt: string, file: File): Promise<Photo> {
  const blob = await prepare(file);
  const query = new URLSearchParams({ lookId, takenAt });
  const about = { ...(await measure(blob)), bytes: blob.size };
  return request('PUT', `/photos/${v7()}?${query.toString()}`, photoSchema, blob, { type: blob.type || 'image/jpeg', about }).catch((error: unknown) => {
    throw new Error(`${file.name}: ${error instanceof Error ? error.message : 'not sent'}`);
  });
}

/** Asks for pictures, from the camera or from files. */
export function choosePhotos(onChosen: (files: readonly File[]) => void): void {
  if (typeof document === 'undefined') return;
  const input = Object.assign(document.createElement('input'), { type: 'file', accept: 'image/*', multiple: true });
  input.setAttribute('data-testid', 'photo-input');
  input.style.display = 'none';
  input.onchange = () => {
    onChosen([...(input.files ?? [])]);
    input.remove();
  };
  document.body.append(input);
  input.click();
}
