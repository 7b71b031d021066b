import { BLADE } from './bases';
import { circle, ellipse, line, random, solid, type Pen, type Shape } from './shape';

type Motif = (pen: Pen) => Shape[];

const each =
  (count: number, seed: number, draw: (s: { x: number; y: number; r: number }, pen: Pen) => Shape[]): Motif =>
  (pen) =>
    pen.spots(pen.n ?? count, seed).flatMap((s) => draw(s, pen));
const rough = (x: number, y: number, r: number, seed: number, points = 9): string => {
  const next = random(Math.floor(seed * 900) + 7);
  const ps = Array.from({ length: points }, (_, i) => {
    const a = (i / points) * Math.PI * 2;
    const d = r * (0.72 + 0.5 * next());
    return `${(x + d * Math.cos(a)).toFixed(1)} ${(y + d * Math.sin(a) * 0.85).toFixed(1)}`;
  });
  return `M${ps.join('L')}Z`;
};
/** A bite from the edge of the leaf: the rim is drawn on the side of the leaf only. */
function bite({ t }: Pen, x: number, y: number, r: number): Shape[] {
  const towards = Math.atan2(56 - y, (80 - x) * 0.4);
  const end = (turn: number) => `${(x + r * Math.cos(towards + turn)).toFixed(1)} ${(y + r * Math.sin(towards + turn)).toFixed(1)}`;
  return [solid(circle(x, y, r), t.slate, t.slate, 3), line(`M${end(-1.5)}A${r} ${r} 0 0 1 ${end(1.5)}`, t.moss, 3)];
}
const hole = (pen: Pen, d: string): Shape => solid(d, pen.t.slate, pen.t.moss, 2.2);

const MARBLED = 'M24 59L138 46M48 56L60 36M48 56L62 80M78 52L90 34M78 52L94 80M108 48L116 38M108 48L120 64';

/** Spots, powders, growths and stains that lie on any part. */
export const MARK_MOTIFS: Readonly<Record<string, Motif>> = {
  pinholes: each(60, 5, (s, p) => [solid(circle(s.x, s.y, 1.7), p.t.slate, p.t.moss, 1)]),
  'shot-holes': each(8, 9, (s, p) => [solid(circle(s.x, s.y, 5.4), p.t.slate, p.t.rust, 3)]),
  ragged: each(5, 12, (s, p) => [hole(p, rough(s.x, s.y, 10 + 4 * s.r, s.r))]),
  torn: each(6, 4, (s, p) => [hole(p, `M${s.x} ${s.y - 12}L${s.x + 7} ${s.y}L${s.x + 3} ${s.y + 14}L${s.x - 4} ${s.y + 2}Z`)]),
  tattered: each(7, 8, (s, p) => [solid(rough(s.x, s.y, 5 + 3 * s.r, s.r, 7), p.t.slate, p.t.rust, 2)]),
  windows: each(5, 6, (s, p) => [{ ...solid(rough(s.x, s.y, 10, s.r), p.t.halo, p.t.ochre, 1.6), opacity: 0.85, dash: '3 2' }]),
  pellets: each(15, 12, (s, p) => [solid(ellipse(s.x, s.y, 3.8, 2.7), p.t.soot, p.t.moss, 1)]),
  stipple: each(60, 8, (s, p) => [solid(circle(s.x, s.y, (p.n ?? 60) < 40 ? 2.8 : 1.6), p.tone, p.tone === p.t.halo ? p.t.drift : undefined, 0.7)]),
  streaks: (pen) =>
    pen.tone === pen.t.drift
      ? pen.spots(14, 5).map((s) => ({ ...line(`M${s.x - 9} ${s.y + 3}L${s.x + 9} ${s.y - 3}`, pen.t.halo, 4), opacity: 0.95 }))
      : pen.spots(pen.n ?? 6, 5).map((s) => line(`M${s.x} ${s.y - 9}L${s.x - 1} ${s.y + 9}`, pen.tone, 4.6)),
  'silver-specks': (pen) => [
    ...pen.spots(8, 4).map((s) => ({ ...solid(rough(s.x, s.y, 9, s.r), pen.t.halo), opacity: 0.9 })),
    ...pen.spots(26, 9).map((s) => solid(circle(s.x, s.y, 1.7), pen.t.soot)),
  ],
  sheen: (pen) => [
    { ...solid(BLADE, pen.t.drift), opacity: 0.42 },
    { ...solid('M34 50C56 28 92 24 124 40C98 40 62 42 34 50Z', pen.t.halo), opacity: 0.8 },
  ],
  shine: (pen) => [
    { ...solid('M34 50C56 30 92 26 122 40C96 42 62 44 34 50Z', pen.t.halo), opacity: 0.85 },
    ...[
      [58, 84],
      [88, 92],
      [112, 76],
    ].map(([x = 0, y = 0]) => ({ ...solid(`M${x} ${y}c7 10 5 16 0 16s-7 -6 0 -16z`, pen.t.brook), opacity: 0.75 })),
  ],
  soot: (pen) => [{ ...solid('M34 58C46 34 84 28 104 40C112 56 92 78 66 80C48 80 36 70 34 58Z', pen.t.soot), opacity: 0.82 }],
  powder: each(9, 3, (s, p) => [
    { ...solid(rough(s.x, s.y, 10 + 5 * s.r, s.r, 12), p.t.halo, p.t.drift, 0.6), opacity: 0.95 },
    ...[0, 1, 2].map((i) => solid(circle(s.x - 4 + i * 4, s.y - 2 + (i % 2) * 4, 0.9), p.t.drift)),
  ]),
  film: each(10, 6, (s, p) => [line(circle(s.x, s.y, 5 + 4 * s.r), p.t.drift, 4), line(circle(s.x, s.y, 5 + 4 * s.r), p.t.halo, 2.4)]),
  dusting: each(60, 6, (s, p) => [solid(circle(s.x, s.y, 1.5), p.t.ochre)]),
  bloom: (pen) => [
    { ...solid('M40 56C44 36 62 30 80 34C70 44 58 52 40 56Z', pen.t.brook), opacity: 0.45 },
    { ...solid('M60 96C52 84 60 66 84 62C100 62 106 76 96 90Z', pen.t.brook), opacity: 0.25 },
  ],
  down: each(7, 7, (s, p) => [
    { ...solid(rough(s.x, s.y, 12, s.r, 10), p.t.drift), opacity: 0.45 },
    ...[-6, -2, 2, 6].map((dx) => line(`M${s.x + dx} ${s.y + 3}L${s.x + dx - 1} ${s.y - 7}`, p.t.drift, 1.4)),
  ]),
  fur: each(4, 5, (s, p) => [
    { ...solid(rough(s.x, s.y, 15, s.r, 11), p.t.drift), opacity: 0.65 },
    ...[-12, -8, -4, 0, 4, 8, 12].flatMap((dx, i) => [
      line(`M${s.x + dx} ${s.y}L${s.x + dx + (i % 2 ? 3 : -3)} ${s.y - 15}`, p.t.drift, 1.5),
      solid(circle(s.x + dx + (i % 2 ? 3 : -3), s.y - 16, 1.8), p.t.drift),
    ]),
  ]),
  mould: each(7, 4, (s, p) => [
    { ...solid(rough(s.x, s.y, 11, s.r, 11), p.tone), opacity: 0.85 },
    ...[0, 1, 2, 3].map((i) => solid(circle(s.x - 5 + i * 3.4, s.y + (i % 2) * 4 - 2, 1.2), p.t.soot)),
  ]),
  velvet: each(8, 5, (s, p) => [
    { ...solid(rough(s.x, s.y, 8 + 3 * s.r, s.r, 12), p.t.bark), opacity: 0.95 },
    { ...solid(rough(s.x, s.y, 4.6, s.r, 8), p.t.soot), opacity: 0.65 },
  ]),
  angular: each(7, 5, (s, p) => [
    {
      ...solid(`M${s.x - 9} ${s.y - 6}L${s.x + 6} ${s.y - 9}L${s.x + 11} ${s.y + 3}L${s.x - 3} ${s.y + 9}Z`, p.tone === p.t.water ? p.t.drift : p.t.ochre),
      opacity: p.tone === p.t.water ? 0.75 : 0.8,
    },
  ]),
  pustules: each(16, 6, (s, p) => [
    solid(ellipse(s.x, s.y, 5, 3.8), p.tone, p.tone === p.t.halo ? p.t.drift : p.t.bark, 1.5),
    solid(circle(s.x - 1.4, s.y - 1.2, 1.2), p.t.halo),
  ]),
  plates: each(5, 7, (s, p) => [solid(circle(s.x, s.y, 8), p.t.rust), solid(circle(s.x, s.y, 3.4), p.t.rowan)]),
  spots: each(9, 7, (s, p) => [solid(rough(s.x, s.y, (p.n ?? 9) > 13 ? 4.4 : 6.6, s.r, 11), p.tone, (p.n ?? 9) > 20 ? undefined : p.t.soot, 1.4)]),
  fringed: each(7, 8, (s, p) => [
    { ...solid(circle(s.x, s.y, 13), p.t.ochre), opacity: 0.35 },
    ...[0, 45, 90, 135].map((a) =>
      line(`M${s.x - 11 * Math.cos(a)} ${s.y - 11 * Math.sin(a)}L${s.x + 11 * Math.cos(a)} ${s.y + 11 * Math.sin(a)}`, p.t.soot, 2),
    ),
    solid(rough(s.x, s.y, 8.4, s.r, 12), p.t.soot),
  ]),
  target: each(4, 5, (s, p) => [
    solid(circle(s.x, s.y, 15), p.t.ochreGround, p.t.ochre, 2),
    solid(circle(s.x, s.y, 11), p.t.ochreGround, p.t.bark, 2.2),
    solid(circle(s.x, s.y, 6.4), p.t.ochreGround, p.t.bark, 2.2),
    solid(circle(s.x, s.y, 2.6), p.t.soot),
  ]),
  'dotted-spots': each(8, 6, (s, p) => [
    solid(circle(s.x, s.y, 6.6), p.t.halo, p.t.bark, 2.4),
    ...[-2.4, 0.6, 3].map((d, i) => solid(circle(s.x + d, s.y + (i % 2 ? 2 : -1.6), 1.2), p.t.soot)),
  ]),
  halo: each(7, 6, (s, p) => [{ ...solid(circle(s.x, s.y, 12), p.t.ochre), opacity: 0.45 }, solid(rough(s.x, s.y, 5, s.r, 7), p.t.soot)]),
  greasy: (pen) => [
    { ...solid('M30 46C44 26 70 26 78 40C88 58 66 76 48 70C34 66 24 56 30 46Z', pen.t.soot), opacity: 0.78 },
    { ...solid('M96 62C112 50 130 54 126 68C120 84 98 88 90 78C88 70 90 66 96 62Z', pen.t.soot), opacity: 0.72 },
    line('M30 46C44 26 70 26 78 40C88 58 66 76 48 70', pen.t.halo, 2),
  ],
  mosaic: each(22, 3, (s, p) => [{ ...solid(rough(s.x, s.y, 8, s.r, 6), s.r > 0.45 ? p.t.ochre : p.t.moss), opacity: 0.55 }]),
  'ring-spots': each(5, 6, (s, p) => [line(circle(s.x, s.y, 10), p.t.ochre, 2.6), line(circle(s.x, s.y, 4.6), p.t.ochre, 2.2)]),
  blisters: each(6, 5, (s, p) => [
    solid(rough(s.x, s.y, 10, s.r, 10), p.t.rowan, p.t.ink, 1.6),
    { ...line(`M${s.x - 5} ${s.y - 3}q5 -5 9 -1`, p.t.halo, 2), opacity: 0.8 },
  ]),
  warts: each(14, 5, (s, p) => [solid(rough(s.x, s.y, 4.6, s.r, 8), p.t.bark, p.t.ink, 1)]),
  galls: each(6, 6, (s, p) => [
    solid(circle(s.x, s.y, 6 + 4 * s.r), p.t.rowanGround, p.t.rowan, 2.2),
    { ...line(`M${s.x - 3} ${s.y - 3}q3 -3 6 0`, p.t.halo, 1.8), opacity: 0.9 },
  ]),
  bleached: (pen) => [
    { ...solid('M48 34C70 22 104 24 118 40C112 58 92 64 72 62C56 58 44 48 48 34Z', pen.t.ochreGround, pen.t.ochre, 1.8), dash: '4 3' },
    { ...solid('M58 84C70 76 88 78 92 86C84 94 68 94 58 84Z', pen.t.ochreGround, pen.t.ochre, 1.8), dash: '4 3' },
  ],
  margin: (pen) => [{ ...line(BLADE, pen.t.bark, 11), opacity: 0.9 }],
  fade: (pen) => [
    { ...solid(BLADE, pen.t.ochre), opacity: 0.45 },
    { ...solid('M18 60C34 28 60 22 82 24L72 88C48 86 32 76 18 60Z', pen.t.bark), opacity: 0.6 },
  ],
  tint: (pen) => [{ ...solid(BLADE, pen.t.rowan), opacity: 0.42 }],
  marbling: (pen) => [line(MARBLED, pen.t.drift, 9.4), line(MARBLED, pen.t.halo, 7), { ...line('M14 60L146 44', pen.t.moss, 1.6), opacity: 0.7 }],
  variegated: (pen) => [
    { ...solid('M14 60C34 22 74 14 146 44C110 34 60 34 14 60Z', pen.t.halo), opacity: 0.95 },
    { ...solid('M14 60C28 78 70 104 108 88C74 90 40 80 14 60Z', pen.t.halo), opacity: 0.95 },
    line(BLADE, pen.t.moss, 3.2),
  ],
  between: (pen) => [
    { ...solid(BLADE, pen.t.ochre), opacity: 0.5 },
    line('M14 60L146 44M48 56L64 30M48 56L66 88M78 52L94 28M78 52L98 88M108 48L120 34M108 48L124 72', pen.t.moss, 6),
  ],
  guttation: (pen) =>
    [
      [40, 84],
      [70, 98],
      [104, 94],
      [130, 74],
      [44, 30],
      [84, 20],
    ].map(([x = 0, y = 0]) => solid(circle(x, y, 5.4), pen.t.water, pen.t.brook, 2)),
  lace: (pen) => pen.spots(30, 4).map((s) => hole(pen, rough(s.x, s.y, 6.4, s.r, 6))),
  webbing: (pen) => [
    ...[
      'M30 34C60 44 60 74 44 92',
      'M52 26C84 44 84 78 70 96',
      'M80 20C108 40 110 66 96 92',
      'M24 62C60 52 104 60 132 72',
      'M28 46C66 40 110 44 140 40',
      'M60 104L34 116M104 92L124 110',
    ].map((d) => line(d, pen.t.ink, 1.3)),
    ...pen.spots(12, 3).map((s) => solid(circle(s.x, s.y, 2.1), pen.t.rowan)),
  ],
  slime: (pen) => [line('M10 88C36 66 52 84 78 62C98 46 118 62 150 40', pen.t.drift, 9), line('M10 88C36 66 52 84 78 62C98 46 118 62 150 40', pen.t.halo, 5.4)],
  mine: (pen) => [
    line('M36 62C48 38 62 74 76 50C86 34 96 66 112 50C118 44 124 46 128 48', pen.t.ochre, 8),
    line('M36 62C48 38 62 74 76 50C86 34 96 66 112 50C118 44 124 46 128 48', pen.t.halo, 5),
  ],
  'mine-blotch': (pen) => [
    solid('M44 46C56 28 88 28 96 44C102 60 84 72 66 68C50 66 40 58 44 46Z', pen.t.halo, pen.t.ochre, 2.6),
    solid(ellipse(70, 50, 8, 3), pen.t.ochre),
  ],
  notches: (pen) =>
    [
      [32, 40],
      [46, 31],
      [61, 26],
      [77, 24],
      [93, 26],
      [109, 31],
      [125, 37],
      [40, 80],
      [58, 88],
      [78, 90],
      [98, 85],
      [116, 74],
    ].flatMap(([x = 0, y = 0]) => bite(pen, x, y, 6)),
  'half-moons': (pen) => [...bite(pen, 58, 26, 16), ...bite(pen, 106, 28, 14), ...bite(pen, 74, 92, 16)],
  'edge-holes': (pen) => [
    ...bite(pen, 46, 30, 10),
    ...bite(pen, 60, 25, 15),
    ...bite(pen, 104, 29, 12),
    ...bite(pen, 118, 36, 14),
    ...bite(pen, 62, 91, 17),
    ...bite(pen, 112, 80, 12),
  ],
  hail: (pen) => [
    ...[
      [40, 40],
      [60, 30],
      [82, 26],
    ].map(([x = 0, y = 0]) => hole(pen, `M${x - 8} ${y + 8}L${x + 8} ${y - 6}L${x + 5} ${y + 6}Z`)),
    line('M16 6L34 26M36 2L50 18M60 0L70 12', pen.t.brook, 2.2),
    ...[
      [36, 28],
      [52, 20],
      [72, 14],
    ].map(([x = 0, y = 0]) => solid(circle(x, y, 4), pen.t.halo, pen.t.brook, 1.6)),
  ],
  'v-lesion': (pen) => [
    { ...solid('M92 24L146 44L116 84L72 54Z', pen.t.ochre), opacity: 0.7 },
    line('M72 54L146 44M72 54L112 32M72 54L118 68', pen.t.soot, 2.6),
  ],
  tufts: each(6, 5, (s, p) => [
    solid(rough(s.x, s.y, 8.4, s.r, 11), p.t.halo, p.t.drift, 1.4),
    ...[-4, 0, 4].map((d) => line(`M${s.x + d} ${s.y - 5}q3 -5 0 -9`, p.t.drift, 1)),
  ]),
  sacs: each(5, 5, (s, p) => [
    solid(ellipse(s.x, s.y, 12, 4.4), p.t.halo, p.t.drift, 1.6),
    line(`M${s.x - 6} ${s.y - 4}V${s.y + 4}M${s.x} ${s.y - 4}V${s.y + 4}M${s.x + 6} ${s.y - 4}V${s.y + 4}`, p.t.drift, 1),
    solid(ellipse(s.x + 12, s.y, 4.6, 5), p.t.bark, p.t.ink, 1.2),
  ]),
  scales: each(10, 5, (s, p) =>
    (p.n ?? 10) > 15
      ? [solid(circle(s.x, s.y, 3.4), p.t.drift, p.t.ink, 1), solid(circle(s.x, s.y, 1), p.t.ink)]
      : [solid(ellipse(s.x, s.y, 7.4, 5.4), p.t.bark, p.t.ink, 1.8), { ...line(`M${s.x - 3} ${s.y - 2}q3 -2 6 0`, p.t.halo, 1.4), opacity: 0.8 }],
  ),
  felt: each(6, 6, (s, p) => [
    solid(rough(s.x, s.y, 8, s.r, 12), p.t.halo, p.t.drift, 1.2),
    solid(`M${s.x + 3} ${s.y + 3}c6 4 4 10 0 10s-5 -5 0 -10z`, p.t.rowan),
  ]),
  ovals: each(16, 5, (s, p) => [solid(ellipse(s.x, s.y, 5.4, 3.6), p.t.halo, p.t.drift, 1.3)]),
  dots: each(16, 4, (s, p) => [solid(circle(s.x, s.y, 3.6), p.tone, p.t.ink, 0.8)]),
};

/** Eggs stand together, not scattered. */
const grid = (rows: number, columns: number, x: number, y: number, dx: number, dy: number) =>
  Array.from(
    { length: rows * columns },
    (_, i) => [x + (i % columns) * dx + (Math.floor(i / columns) % 2) * dx * 0.5, y + Math.floor(i / columns) * dy] as const,
  );

export const EGG_MOTIFS: Readonly<Record<string, Motif>> = {
  eggs: (pen) =>
    pen.tone === pen.t.rust
      ? grid(1, 8, 66, 66, 8, 0).map(([x, y], i) => solid(ellipse(x, y - i * 4, 4.6, 3.4), pen.t.rust, pen.t.bark, 1))
      : pen.tone === pen.t.bark
        ? [0, 1, 2, 3, 4, 5].flatMap((i) => [
            solid(circle(66 + i * 7, 60 - i * 5.4, 4), pen.t.bark, pen.t.ochre, 1.2),
            solid(circle(66 + i * 7, 64 + i * 3.4, 4), pen.t.bark, pen.t.ochre, 1.2),
          ])
        : grid(4, 5, 62, 44, 8, 7).map(([x, y]) => solid(ellipse(x, y, 3.4, 4.6), pen.t.ochre, pen.t.bark, 1)),
  'eggs-rows': (pen) => [
    ...Array.from({ length: 10 }, (_, i) => solid(ellipse(30 + i * 10, 55 - i * 1.3, 4, 2.8), pen.t.halo, pen.t.ochre, 1.5)),
    ...Array.from({ length: 4 }, (_, i) => solid(ellipse(52 + i * 3.4, 66 + i * 5, 4, 2.8), pen.t.halo, pen.t.ochre, 1.5)),
  ],
  'scale-eggs': (pen) => grid(3, 5, 58, 44, 9, 7).map(([x, y]) => solid(ellipse(x, y, 6.6, 5), pen.t.halo, pen.t.drift, 1.4)),
  sori: (pen) =>
    [-1, 1].flatMap((side) =>
      Array.from({ length: 8 }, (_, i) => solid(circle(34 + i * 12, 57 - i * 1.6 + side * (9 + Math.min(i, 7 - i) * 2.4), 3.4), pen.t.bark)),
    ),
};
