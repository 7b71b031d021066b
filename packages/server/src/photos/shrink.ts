import { decode, encode } from 'jpeg-js';
import { PHOTO_EDGE } from '@sleetbrook/core/api';
import { invalid } from '@sleetbrook/core/house';
import { imageSize } from 'image-size';
import { orientationOf, upright } from './orientation';
import type { Shrunk } from './shrunk';

/** Opening one, and writing it anew, takes some forty-five bytes a pixel. The app makes pictures smaller before it sends them, wherever the browser can open them. */
const MAX_MEGAPIXELS = 3;
/** For opening one. */
const MAX_MEMORY_MB = 300;
const QUALITY = 80;
const JPEG = [0xff, 0xd8, 0xff];

/**
 * Opens a photograph, turns it upright, makes its longest edge at most 1600 pixels and writes it anew:
 * what else was in the file (place, time, camera) does not come along.
 * @throws Refusal with a sentence for the grower
 */
export function shrink(bytes: Uint8Array): Shrunk {
  if (!JPEG.every((b, i) => bytes[i] === b)) throw not('This is not a photograph: send a JPEG picture.');
  // what it claims to be is read before it is opened: a small file can claim to be a large picture
  const megapixels = sizeOf(bytes) / 1e6;
  if (megapixels > MAX_MEGAPIXELS)
    throw not(`This picture has ${Math.round(megapixels)} megapixels, and at most ${Math.floor(MAX_MEGAPIXELS)} can be opened here: make it smaller first.`);
  const image = open(bytes);
  const turned = upright(orientationOf(bytes), image.width, image.height);
  const scale = Math.min(1, PHOTO_EDGE / Math.max(turned.width, turned.height));
  const width = Math.max(1, Math.round(turned.width * scale));
  const height = Math.max(1, Math.round(turned.height * scale));
  const data = Buffer.alloc(width * height * 4);
  for (let y = 0; y < height; y++) {
    for (let x = 0; x < width; x++) average(image, turned.from, data, (y * width + x) * 4, x / scale, y / scale, 1 / scale);
  }
  return { jpeg: encode({ data, width, height }, QUALITY).data, width, height };
}

interface Image {
  readonly data: Uint8Array;
  readonly width: number;
  readonly height: number;
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

function open(bytes: Uint8Array): Image {
  try {
    return decode(bytes, { useTArray: true, formatAsRGBA: true, maxResolutionInMP: MAX_MEGAPIXELS, maxMemoryUsageInMB: MAX_MEMORY_MB });
  } catch {
    throw not('This picture can not be opened: it is damaged, or takes more memory than there is.');
  }
}

/** The mean colour of the square of the upright picture at (x, y), written to `out` at `to`. */
function average(image: Image, from: (x: number, y: number) => number, out: Buffer, to: number, x: number, y: number, side: number): void {
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
