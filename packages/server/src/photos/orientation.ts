import exif from 'exif-parser';

/** How the camera was held: 1 … 8 as in Exif 2.3, tag 0x0112; 1 when the file does not say. */
export function orientationOf(jpeg: Uint8Array): number {
  try {
    const said = exif.create(Buffer.from(jpeg.buffer, jpeg.byteOffset, jpeg.byteLength)).parse().tags?.['Orientation'];
    return typeof said === 'number' && said >= 1 && said <= 8 ? said : 1;
  } catch {
    return 1;
  }
}

/**
 * Size of the picture held upright, and where each of its pixels lies in the picture as stored.
 * @param orientation 1 … 8, Exif 2.3
 */
export function upright(orientation: number, w: number, h: number): { width: number; height: number; from: (x: number, y: number) => number } {
  const at = (x: number, y: number) => Math.min(h - 1, Math.max(0, y)) * w + Math.min(w - 1, Math.max(0, x));
  const side = orientation >= 5;
  const from = {
    1: (x: number, y: number) => at(x, y),
    2: (x: number, y: number) => at(w - 1 - x, y),
    3: (x: number, y: number) => at(w - 1 - x, h - 1 - y),
    4: (x: number, y: number) => at(x, h - 1 - y),
    5: (x: number, y: number) => at(y, x),
    6: (x: number, y: number) => at(y, h - 1 - x),
    7: (x: number, y: number) => at(w - 1 - y, h - 1 - x),
    8: (x: number, y: number) => at(w - 1 - y, x),
  }[orientation as 1];
  return { width: side ? h : w, height: side ? w : h, from };
}
