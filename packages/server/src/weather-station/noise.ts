/**
 * Smooth repeatable noise: the same seed, channel and time always give the same value in -1..1.
 * @param t position; the value runs smoothly from one whole number to the next
 */
export function smoothNoise(seed: number, channel: number, t: number): number {
  const i = Math.floor(t);
  const f = t - i;
  const s = f * f * (3 - 2 * f);
  return hash(seed, channel, i) * (1 - s) + hash(seed, channel, i + 1) * s;
}

/** An integer hash (murmur3 finaliser) to -1..1. */
function hash(seed: number, channel: number, i: number): number {
  let h = (seed ^ Math.imul(channel, 0x9e3779b1) ^ Math.imul(i, 0x85ebca6b)) | 0;
  h = Math.imul(h ^ (h >>> 16), 0x85ebca6b);
  h = Math.imul(h ^ (h >>> 13), 0xc2b2ae35);
  return ((h ^ (h >>> 16)) >>> 0) / 0x7fffffff - 1;
}
