import type { Drawing } from '@sleetbrook/core/catalogue';
import type { Tokens } from '../../../ui/tokens';
import { circle, ellipse, even, line, random, solid, type Place, type Shape, type Spot } from './shape';

export type Base = Drawing['on'];

export const BLADE = 'M14 60C34 22 74 14 146 44C130 88 66 108 14 60Z';
export const VEINS = 'M14 60L146 44M48 56L64 30M48 56L66 88M78 52L94 28M78 52L98 88M108 48L120 34M108 48L124 72';
export const FRUIT = 'M80 26C116 14 136 40 130 70C124 100 100 116 80 110C60 116 36 100 30 70C24 40 44 14 80 26Z';
const STRAP = 'M18 112C34 66 78 26 146 8C128 46 92 92 52 116C40 120 24 120 18 112Z';
const STEM = 'M88 2C78 40 82 78 74 118';
export const TRUNK = 'M46 0C50 40 42 80 40 120H122C118 80 112 40 116 0Z';
const BULB = 'M80 20C84 34 122 44 122 78C122 102 102 112 80 112C58 112 38 102 38 78C38 44 76 34 80 20Z';
const ROOT = 'M62 26C62 60 70 92 82 116C92 92 98 60 98 26C88 20 72 20 62 26Z';

const PETALS = [0, 72, 144, 216, 288].map((turn) => {
  const a = (turn - 90) * (Math.PI / 180);
  return ellipse(80 + 27 * Math.cos(a), 60 + 27 * Math.sin(a), 21, 21);
});

/** The ground under every drawing, by what it stands for. */
export const BASES: Readonly<Record<Base, (t: Tokens) => Shape[]>> = {
  leaf: (t) => [solid(BLADE, t.leaf, t.moss, 3.2), { ...line(VEINS, t.moss), opacity: 0.65 }],
  under: (t) => [
    solid(BLADE, t.frost, t.moss, 3.2),
    { ...line('M2 66L14 60L146 44', t.moss, 4.5), opacity: 0.8 },
    { ...line(VEINS, t.moss, 2.6), opacity: 0.4 },
  ],
  blade: (t) => [solid(STRAP, t.leaf, t.moss, 3.2), { ...line('M26 112C48 70 90 34 138 14M38 116C62 82 98 46 138 18', t.moss, 1.6), opacity: 0.6 }],
  tip: (t) => [
    line('M82 118C80 92 78 70 80 44', t.moss, 8),
    solid('M80 56C52 58 32 46 22 24C50 22 74 34 80 56Z', t.leaf, t.moss, 3),
    solid('M80 56C108 58 128 46 138 24C110 22 86 34 80 56Z', t.leaf, t.moss, 3),
    solid('M80 48C68 34 70 16 80 4C90 16 92 34 80 48Z', t.leaf, t.moss, 3),
    solid('M80 98C56 102 38 94 26 78C50 74 72 82 80 98Z', t.leaf, t.moss, 3),
  ],
  stem: (t) => [line(STEM, t.moss, 13), { ...line(STEM, t.leaf, 8) }, solid('M84 58C112 62 132 48 140 28C116 26 94 36 84 58Z', t.leaf, t.moss, 3)],
  base: (t) => [
    solid('M0 92C40 84 120 86 160 92V120H0Z', t.bark),
    line('M80 92C78 60 82 34 80 0', t.moss, 15),
    line('M80 92C78 60 82 34 80 0', t.leaf, 9.5),
    solid('M78 40C48 44 28 32 18 10C46 8 72 18 78 40Z', t.leaf, t.moss, 3),
    solid('M82 54C112 58 132 46 142 26C114 22 90 32 82 54Z', t.leaf, t.moss, 3),
  ],
  bud: (t) => [
    line('M80 120C80 104 80 96 80 86', t.moss, 9),
    solid('M80 8C108 30 112 66 80 90C48 66 52 30 80 8Z', t.leaf, t.moss, 3.2),
    { ...line('M80 14C72 40 72 62 80 86M66 26C58 48 62 70 74 84M94 26C102 48 98 70 86 84', t.moss), opacity: 0.6 },
  ],
  flower: (t) => [
    line('M80 120V78', t.moss, 7),
    ...PETALS.map((d) => solid(d, t.rowanGround, t.rowan, 2.4)),
    solid(circle(80, 60, 12), t.ochreGround, t.ochre, 2.6),
  ],
  fruit: (t) => [line('M80 30C80 18 86 10 92 6', t.bark, 5), solid(FRUIT, t.rowanGround, t.rowan, 3.2)],
  pod: (t) => [
    solid('M10 84C40 104 112 90 150 34C118 32 34 36 10 84Z', t.leaf, t.moss, 3.2),
    ...POD_PEAS.map(([x, y]) => solid(circle(x, y, 10), t.leaf, t.moss, 2)),
  ],
  root: (t) => [
    solid('M0 26C40 20 120 20 160 26V30H0Z', t.bark),
    line('M72 26C64 12 56 6 46 2M80 24C80 12 82 6 84 0M88 26C98 14 106 8 116 4', t.moss, 5),
    solid(ROOT, t.ochreGround, t.ochre, 3),
    line('M68 48C52 54 40 56 28 68M93 52C110 58 120 62 134 60M72 76C58 84 50 90 44 102M88 82C102 90 108 98 112 108', t.ochre, 3),
  ],
  bulb: (t) => [
    line('M78 30C72 16 66 8 58 2M82 30C88 16 94 8 102 4', t.moss, 6),
    solid(BULB, t.ochreGround, t.ochre, 3.2),
    line('M62 110C60 116 58 118 54 120M80 112V120M98 110C100 116 104 118 108 120', t.ochre, 2.6),
  ],
  soil: (t) => [solid('M0 58C40 50 120 52 160 58V120H0Z', t.bark), ...grains(t), line('M28 56C28 40 24 30 16 22M28 56C30 42 36 34 46 30', t.moss, 4.5)],
  bark: (t) => [
    solid(TRUNK, t.bark, t.soot, 2.4),
    { ...line('M62 0C60 30 66 60 58 120M82 6C78 40 88 70 82 116M100 0C104 36 96 70 104 120M70 40C74 60 70 80 74 104', t.soot, 2), opacity: 0.35 },
  ],
  plant: (t) => [
    solid('M0 104C40 98 120 98 160 104V120H0Z', t.bark),
    line('M80 104C78 78 82 46 80 22', t.moss, 6.5),
    ...PLANT_LEAVES.map((d) => solid(d, t.leaf, t.moss, 2.6)),
  ],
  pot: (t) => [
    line('M80 70C78 50 82 34 80 16', t.moss, 5.5),
    solid('M80 50C56 54 40 42 34 24C58 22 76 32 80 50Z', t.leaf, t.moss, 2.6),
    solid('M80 50C104 54 120 42 126 24C102 22 84 32 80 50Z', t.leaf, t.moss, 2.6),
    solid('M44 70H116L108 118H52Z', t.rust, t.soot, 2.4),
    solid('M38 64H122V78H38Z', t.rust, t.soot, 2.4),
  ],
};

const POD_PEAS: readonly (readonly [number, number])[] = [
  [44, 78],
  [68, 74],
  [92, 66],
  [116, 52],
];
export const PLANT_LEAVES = [
  'M80 44C56 48 36 38 26 18C52 14 76 24 80 44Z',
  'M80 44C104 48 124 38 134 18C108 14 84 24 80 44Z',
  'M80 76C50 82 28 74 16 54C44 48 72 56 80 76Z',
  'M80 76C110 82 132 74 144 54C116 48 88 56 80 76Z',
  'M80 30C70 20 72 8 80 0C88 8 90 20 80 30Z',
];

function grains(t: Tokens): Shape[] {
  const next = random(5);
  return Array.from({ length: 26 }, () => ({ ...solid(circle(next() * 160, 66 + next() * 50, 1 + next() * 1.6), t.soot), opacity: 0.4 }));
}

/** Where one creature is set down on each base: x, y, turn, scale. */
export const MIDDLE: Readonly<Record<Base, Place>> = {
  leaf: [80, 54, -8, 1.25],
  under: [80, 54, -8, 1.25],
  blade: [82, 60, -38, 1],
  tip: [80, 34, 0, 1.05],
  stem: [80, 66, 78, 1.05],
  base: [80, 74, 0, 1],
  bud: [80, 50, 60, 0.95],
  flower: [80, 60, -20, 1.05],
  fruit: [80, 68, -12, 1.25],
  pod: [80, 68, -22, 0.95],
  root: [82, 62, 75, 0.95],
  bulb: [80, 78, -10, 1.1],
  soil: [94, 62, 0, 1.25],
  bark: [80, 60, 70, 1.15],
  plant: [80, 56, -15, 1],
  pot: [80, 58, 0, 1],
};

/** Points spread over the part of a base that can carry marks. */
export function spotsOn(on: Base): (count: number, seed?: number) => Spot[] {
  const area = AREAS[on];
  return (count, seed = 3) => {
    const next = random(seed + count);
    return Array.from({ length: count }, (_, i) => ({ ...area(...even(i, seed), (i + 0.5) / count), r: next() }));
  };
}

type Area = (u: number, v: number, along: number) => { x: number; y: number };
const overLeaf: Area = (u, v) => {
  const x = 32 + u * 98;
  const half = 34 * Math.sin(((x - 14) / 132) * Math.PI) - 7;
  return { x, y: 56 - (x - 80) * 0.05 + (v * 2 - 1) * Math.max(half, 3) };
};
const round =
  (cx: number, cy: number, rx: number, ry: number): Area =>
  (u, v) => ({ x: cx + rx * Math.sqrt(u) * Math.cos(v * 6.283), y: cy + ry * Math.sqrt(u) * Math.sin(v * 6.283) });
const box =
  (x0: number, y0: number, x1: number, y1: number): Area =>
  (u, v) => ({ x: x0 + u * (x1 - x0), y: y0 + v * (y1 - y0) });

const AREAS: Readonly<Record<Base, Area>> = {
  leaf: overLeaf,
  under: overLeaf,
  blade: (u, v) => ({ x: 34 + u * 84 + (v - 0.5) * 14, y: 102 - u * 72 + (v - 0.5) * 18 }),
  tip: (u, v, along) => ({ x: 80 + (u - 0.5) * (16 + along * 10), y: 14 + along * 82 + v * 4 }),
  stem: (u, v, along) => ({ x: 84 - along * 9 + (u - 0.5) * 11, y: 8 + along * 104 + v * 3 }),
  base: (u, v, along) => ({ x: 80 + (u - 0.5) * 12, y: 12 + along * 74 + v * 3 }),
  bud: round(80, 50, 22, 30),
  flower: round(80, 60, 42, 40),
  fruit: round(80, 66, 40, 36),
  pod: (u, v) => ({ x: 36 + u * 86, y: 86 - u * 30 + (v - 0.5) * 22 }),
  root: (u, v, along) => ({ x: 80 + (u - 0.5) * 26 * (1 - along * 0.6), y: 32 + along * 66 + v * 4 }),
  bulb: round(80, 80, 32, 26),
  soil: box(14, 66, 148, 112),
  bark: box(50, 8, 110, 112),
  plant: box(24, 14, 136, 84),
  pot: box(44, 56, 116, 66),
};
