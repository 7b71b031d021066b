import { Path } from 'react-native-svg';

/** A repeatable number in 0..1 from a seed. */
const chance = (seed: number) => {
  const x = Math.sin(seed * 127.1 + 311.7) * 43758.5453;
  return x - Math.floor(x);
};

/**
 * The outline of a pebble, smooth and never two quite alike.
 * @param seed the same seed gives the same pebble
 * @param rx, ry half-width and half-height in px
 */
export function pebblePath(seed: number, cx: number, cy: number, rx: number, ry: number): string {
  const n = 7;
  const points = Array.from({ length: n }, (_, i) => {
    const angle = (i / n) * 2 * Math.PI + (chance(seed + 1) - 0.5) * 0.6;
    const r = 0.9 + 0.2 * chance(seed * 13 + i);
    return [cx + rx * r * Math.cos(angle), cy + ry * r * Math.sin(angle)] as const;
  });
  const at = (i: number) => points[(i + n) % n] as readonly [number, number];
  let d = `M${f(at(0)[0])} ${f(at(0)[1])}`;
  for (let i = 0; i < n; i++) {
    const [p0, p1, p2, p3] = [at(i - 1), at(i), at(i + 1), at(i + 2)];
    d += ` C${f(p1[0] + (p2[0] - p0[0]) / 6)} ${f(p1[1] + (p2[1] - p0[1]) / 6)} ${f(p2[0] - (p3[0] - p1[0]) / 6)} ${f(p2[1] - (p3[1] - p1[1]) / 6)} ${f(p2[0])} ${f(p2[1])}`;
  }
  return `${d}Z`;
}
const f = (n: number) => n.toFixed(1);

interface Props {
  readonly seed: number;
  readonly cx: number;
  readonly cy: number;
  /** behind: filled; here: larger and hollow; ahead: small and quiet. */
  readonly state: 'behind' | 'here' | 'ahead';
  readonly colour: string;
  readonly ground: string;
  readonly quiet: string;
}

/** A station on the brook line. Drawn inside an Svg. */
export function Stone({ seed, cx, cy, state, colour, ground, quiet }: Props) {
  if (state === 'here') return <Path d={pebblePath(seed, cx, cy, 17, 13.5)} fill={ground} stroke={colour} strokeWidth={3} />;
  if (state === 'behind') return <Path d={pebblePath(seed, cx, cy, 13, 9.5)} fill={colour} />;
  return <Path d={pebblePath(seed, cx, cy, 8, 6)} fill={ground} stroke={quiet} strokeWidth={2} />;
}
