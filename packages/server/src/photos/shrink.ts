import { PHOTO_EDGE } from '@sleetbrook/core/api';
import { invalid } from '@sleetbrook/core/house';
import { imageSize } from 'image-size';
import { decode, encode, type Pixels } from './codec';
import { orientationOf, upright } from './orientation';
import type { Shrunk } from './shrunk';

/** Opening one takes some ten bytes a pixel. What the app sends has been made smaller, to 1600 pixels each way, wherever the browser can open it. */
const MAX_MEGAPIXELS = 8;
const JPEG = [0xff, 0xd8, 0xff];

/**
 * Opens a photograph, turns it upright, makes its longest edge at most 1600 pixels and writes it anew:
 * what else was in the file (place, time, camera) does not come along.
 * @throws Refusal with a sentence for the grower
 */
export async function shrink(bytes: Uint8Array): Promise<Shrunk> {
  if (!JPEG.every((b, i) => bytes[i] === b)) throw not('This is not a photograph: send a JPEG picture.');
  // what it claims to be is read before it is opened: a small file can claim to be a large picture
  const megapixels = sizeOf(bytes) / 1e6;
  if (megapixels > MAX_MEGAPIXELS)
    throw not(`This picture has ${Math.round(megapixels)} megapixels, and at most ${MAX_MEGAPIXELS} can be opened here: make it smaller first.`);
  const image = await open(bytes);
  const turned = upright(orientationOf(bytes), image.width, image.height);
  const scale = Math.min(1, PHOTO_EDGE / Math.max(turned.width, turned.height));
  const width = Math.max(1, Math.round(turned.width * scale));
  const height = Math.max(1, Math.round(turned.height * scale));
  const data = new Uint8ClampedArray(width * height * 4);
  for (let y = 0; y < height; y++) {
    for (let x = 0; x < width; x++) average(image, turned.from, data, (y * width + x) * 4, x / scale, y / scale, 1 / scale);
  }
  return { jpeg: await encode({ data, width, height }), width, height };
}

const not = (why: string) => invalid('photo', why);

/** Pixels that a picture claims to have. @throws Refusal where it does not say */
function sizeOf(bytes: Uint8Array): number {
  try {
    const { width, height } = imageSize(bytes);
    return width * height;
  } catch {
    throw not('This picture can not be opened: it is damaged.');
  }
}

async function open(bytes: Uint8Array): Promise<Pixels> {
  try {
    return await decode(bytes);
  } catch {
    throw not('This picture can not be opened: it is damaged.');
  }
}

/** The mean colour of the square of the upright picture at (x, y), written to `out` at `to`. */
function average(image: Pixels, from: (x: number, y: number) => number, out: Uint8ClampedArray, to: number, x: number, y: number, side: number): void {
  const x1 = Math.max(Math.floor(x) + 1, Math.floor(x + side));
  const y1 = Math.max(Math.floor(y) + 1, Math.floor(y + side));
  let r = 0;
  let g = 0;
  let b = 0;
  let n = 0;
  for (let v = Math.floor(y); v < y1; v++) {
    for (let u = Math.floor(x); u < x1; u++) {
      const at = from(u, v) * 4;
      r += image.data[at] ?? 0;
      g += image.data[at + 1] ?? 0;
      b += image.data[at + 2] ?? 0;
      n++;
    }
  }
  out[to] = r / n;
  out[to + 1] = g / n;
  out[to + 2] = b / n;
  out[to + 3] = 255;
}
