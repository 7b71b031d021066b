import { GLYPHS } from './glyphs';
import { circle, ellipse, line, put, solid, type Pen, type Shape } from './shape';

type Motif = (pen: Pen) => Shape[];
type XY = readonly (readonly [number, number])[];
const at = (points: XY, draw: (x: number, y: number, i: number) => Shape[]) => points.flatMap(([x, y], i) => draw(x, y, i));
const droplet = (x: number, y: number, s: number) => `M${x} ${y}c${7 * s} ${10 * s} ${5 * s} ${16 * s} 0 ${16 * s}s${-7 * s} ${-6 * s} 0 ${-16 * s}z`;
const pile = (t: Pen['t'], x: number, y: number, n: number, wide = 22): Shape[] =>
  Array.from({ length: n }, (_, i) =>
    solid(circle(x + (((i * 37) % 100) / 100 - 0.5) * wide * 2, y - (((i * 53) % 100) / 100) * 8, 2.6), t.ochreGround, t.bark, 1.1),
  );

/** Marks tied to one part of the plant: fruit, flower, stem, bark, root and soil. */
export const PLACE_MOTIFS: Readonly<Record<string, Motif>> = {
  // fruit
  'fruit:scabs': ({ t }) =>
    at(
      [
        [58, 52],
        [92, 44],
        [76, 78],
        [104, 74],
        [52, 82],
      ],
      (x, y) => [
        solid(`M${x - 10} ${y}L${x - 4} ${y - 8}L${x + 7} ${y - 6}L${x + 11} ${y + 3}L${x + 2} ${y + 9}L${x - 7} ${y + 7}Z`, t.bark, t.soot, 2),
        line(`M${x - 5} ${y - 2}L${x + 5} ${y + 4}M${x + 3} ${y - 4}L${x - 2} ${y + 5}`, t.soot, 1.4),
      ],
    ),
  'fruit:rot-rings': ({ t }) => [
    solid(circle(80, 68, 34), t.bark),
    ...[30, 21, 12].flatMap((r) =>
      Array.from({ length: Math.round(r * 0.62) }, (_, i, a = (i / Math.round(r * 0.62)) * 6.283) =>
        solid(circle(80 + r * Math.cos(a), 68 + r * Math.sin(a), 3.2), t.halo, t.drift, 1),
      ),
    ),
  ],
  'fruit:bottom': ({ t }) => [solid('M44 88C56 80 104 80 116 88C110 104 94 112 80 110C66 112 50 104 44 88Z', t.soot, t.bark, 3)],
  'fruit:marbled': ({ t }) => [
    { ...solid('M34 58C40 36 62 34 74 38C90 46 84 72 66 76C48 78 34 72 34 58Z', t.bark), opacity: 0.9 },
    { ...solid('M96 60C110 52 126 58 124 76C120 92 104 96 96 84C92 74 90 66 96 60Z', t.bark), opacity: 0.9 },
    line('M44 50C54 56 62 52 70 58M102 70C108 74 114 72 118 78', t.soot, 2),
  ],
  'fruit:sunken': ({ t }) =>
    at(
      [
        [58, 54],
        [98, 56],
        [76, 86],
      ],
      (x, y) => [
        solid(circle(x, y, 12), t.bark, t.soot, 2.4),
        line(circle(x, y, 7), t.soot, 1.6),
        ...at(
          [
            [x - 3, y],
            [x + 3, y + 2],
            [x, y - 4],
          ],
          (a, b) => [solid(circle(a, b, 1.6), t.rust)],
        ),
      ],
    ),
  'fruit:dimples': ({ t }) =>
    at(
      [
        [56, 52],
        [92, 46],
        [76, 76],
        [108, 74],
        [50, 82],
      ],
      (x, y) => [{ ...solid(ellipse(x, y, 9, 6.4), t.rowan), opacity: 0.5 }, line(`M${x - 8} ${y - 1}q8 8 16 0`, t.rowan, 2.6)],
    ),
  'fruit:pits': ({ t }) => [
    solid('M80 26C116 14 136 40 130 70C124 100 100 116 80 110Z', t.halo, t.rowan, 2.6),
    solid(ellipse(84, 68, 5, 9), t.bark),
    ...at(
      [
        [96, 44],
        [110, 54],
        [98, 60],
        [116, 70],
        [102, 82],
        [92, 96],
        [112, 88],
        [56, 50],
        [48, 74],
        [62, 92],
      ],
      (x, y) => [solid(circle(x, y, 3), t.bark)],
    ),
  ],
  'fruit:crescents': ({ t }) =>
    at(
      [
        [58, 54],
        [98, 50],
        [78, 82],
      ],
      (x, y) => [line(`M${x - 11} ${y + 5}C${x - 8} ${y - 11} ${x + 8} ${y - 11} ${x + 11} ${y + 5}`, t.soot, 4.4)],
    ),
  'fruit:ribbon': ({ t }) => [
    line('M52 46C70 32 104 44 110 66C112 86 92 96 78 88', t.bark, 9),
    line('M52 46C70 32 104 44 110 66C112 86 92 96 78 88', t.ochreGround, 4.4),
    solid(circle(78, 88, 4.6), t.soot),
  ],
  'fruit:tunnel': ({ t }) => [
    solid('M80 26C116 14 136 40 130 70C124 100 100 116 80 110Z', t.halo, t.rowan, 2.6),
    line('M80 108C86 96 92 84 88 66', t.bark, 9),
    solid(ellipse(86, 64, 8, 12), t.bark, t.soot, 2),
    ...pile(t, 80, 116, 9, 8),
  ],
  'fruit:holes': ({ t }) =>
    at(
      [
        [60, 56],
        [100, 66],
      ],
      (x, y) => [solid(circle(x, y, 10), t.soot, t.bark, 3), ...pile(t, x, y + 18, 8, 7)],
    ),
  'fruit:pecks': ({ t }) =>
    at(
      [
        [62, 52],
        [94, 74],
      ],
      (x, y) => [
        solid(
          `M${x - 15} ${y}L${x - 6} ${y - 12}L${x + 4} ${y - 6}L${x + 14} ${y - 9}L${x + 11} ${y + 8}L${x} ${y + 14}L${x - 11} ${y + 9}Z`,
          t.halo,
          t.rowan,
          2.4,
        ),
        solid(circle(x, y + 1, 4), t.bark),
      ],
    ),
  'fruit:shoulder': ({ t }) => [solid('M80 26C116 14 134 36 131 58C116 48 102 58 80 52C58 58 44 48 29 58C26 36 44 14 80 26Z', t.leaf, t.moss, 2.8)],
  // bud, flower
  'bud:holes': ({ t }) => [
    ...at(
      [
        [74, 44],
        [90, 62],
      ],
      (x, y) => [solid(circle(x, y, 7), t.soot, t.moss, 2.4)],
    ),
    ...pile(t, 80, 98, 7, 12),
  ],
  // stem and base
  'stem:bored': ({ t }) => [solid(ellipse(80, 60, 7, 9), t.soot, t.bark, 3), ...pile(t, 70, 84, 14, 12)],
  'stem:froth': ({ t }) =>
    at(
      [
        [80, 54],
        [70, 60],
        [90, 58],
        [76, 68],
        [86, 66],
        [80, 60],
        [68, 50],
        [92, 50],
        [84, 44],
        [74, 46],
      ],
      (x, y) => [solid(circle(x, y, 8), t.halo, t.drift, 1.6)],
    ),
  'stem:patches': ({ t }) =>
    at(
      [
        [85, 24],
        [81, 62],
        [77, 96],
      ],
      (x, y) => [solid(ellipse(x, y, 8, 12), t.rowan), solid(ellipse(x, y, 3.6, 6), t.drift)],
    ),
  'stem:root-bumps': ({ t }) =>
    Array.from({ length: 8 }, (_, i) => [
      solid(circle(72 - i * 0.2 + 3, 62 + i * 7, 3.6), t.halo, t.moss, 1.8),
      solid(circle(86 - i * 0.9, 62 + i * 7, 3.6), t.halo, t.moss, 1.8),
    ]).flat(),
  'base:sawdust': ({ t }) => [solid(ellipse(80, 74, 7, 8), t.soot, t.bark, 2.6), ...pile(t, 80, 94, 34, 24)],
  'bark:sawdust': ({ t }) => [solid(circle(82, 42, 8), t.soot, t.ink, 2), ...pile(t, 82, 62, 10, 9), ...pile(t, 82, 112, 24, 22)],
  'base:dark': ({ t }) => [
    solid('M70 96C70 82 71 70 72 60H89C90 72 90 84 90 96Z', t.soot, t.bark, 2),
    { ...solid(ellipse(80, 96, 26, 6), t.soot), opacity: 0.6 },
  ],
  'base:lump': ({ t }) => [
    solid('M56 96C46 88 50 72 64 72C68 60 90 60 94 70C112 70 114 90 104 97C90 104 68 104 56 96Z', t.bark, t.soot, 2.8),
    line('M62 86q6 -8 12 0M80 78q6 -8 12 0M88 92q6 -6 10 0M72 96q4 -6 10 0', t.soot, 2.2),
  ],
  'base:threads': ({ t }) => [
    { ...solid('M54 98C56 82 70 76 80 78C92 76 104 82 106 98C96 104 66 104 54 98Z', t.halo, t.drift, 1.4), opacity: 0.95 },
    ...at(
      [
        [60, 92],
        [70, 86],
        [80, 84],
        [90, 86],
        [100, 92],
        [75, 94],
        [86, 94],
      ],
      (x, y) => [line(`M${x} ${y}l-5 -9M${x} ${y}l1 -11M${x} ${y}l7 -8`, t.drift, 1.4)],
    ),
  ],
  'base:toadstools': ({ t }) =>
    at(
      [
        [44, 92],
        [58, 86],
        [112, 90],
        [98, 84],
        [122, 96],
      ],
      (x, y) => [
        line(`M${x} ${y}V${y - 16}`, t.halo, 6),
        line(`M${x} ${y}V${y - 16}`, t.ochreGround, 3.4),
        solid(`M${x - 14} ${y - 14}C${x - 10} ${y - 30} ${x + 10} ${y - 30} ${x + 14} ${y - 14}Z`, t.ochre, t.bark, 2),
      ],
    ),
  // bark
  'bark:gum': ({ t }) =>
    at(
      [
        [70, 26],
        [94, 46],
        [76, 72],
      ],
      (x, y) => [solid(droplet(x, y, 1.7), t.ochreGround, t.ochre, 2.4), { ...line(`M${x - 3} ${y + 12}q-1 6 2 9`, t.halo, 2), opacity: 0.9 }],
    ),
  'bark:ooze': ({ t }) => [
    solid('M74 26C84 26 88 34 84 44C92 56 84 76 88 96C82 108 72 104 74 90C68 74 76 60 70 46C66 36 68 28 74 26Z', t.ochreGround, t.ochre, 2.6),
    ...at(
      [
        [98, 40],
        [62, 66],
        [100, 84],
      ],
      (x, y) => [solid(circle(x, y, 5), t.ochreGround, t.ochre, 2)],
    ),
  ],
  'bark:d-holes': ({ t }) =>
    [
      [66, 34, 0],
      [92, 56, 90],
      [70, 82, -20],
    ].map(([x = 0, y = 0, turn = 0]) => ({ ...solid('M-6 -7V7C6 7 10 3 10 0C10 -3 6 -7 -6 -7Z', t.ink, t.bark, 1.6), at: [x, y, turn, 1] as const })),
  'bark:pencil-holes': ({ t }) => [
    solid(circle(72, 40, 10), t.ink, t.rust, 2.4),
    solid(circle(92, 84, 10), t.ink, t.rust, 2.4),
    line('M66 56L62 66M73 57L74 68M80 55L86 63', t.ochre, 2.4),
  ],
  'bark:holes': ({ t }) =>
    at(
      [
        [60, 20],
        [84, 30],
        [102, 24],
        [70, 46],
        [94, 52],
        [60, 72],
        [84, 76],
        [104, 84],
        [72, 100],
        [94, 106],
      ],
      (x, y) => [solid(circle(x, y, 3.6), t.ink, t.soot, 1.6)],
    ),
  'bark:lenticels': ({ t }) =>
    [14, 34, 54, 74, 94, 112].flatMap((y, i) => [line(`M${54 + (i % 2) * 8} ${y}h20M${84 + (i % 2) * 8} ${y + 6}h16`, t.ochreGround, 4)]),
  'bark:lichen': ({ t }) =>
    at(
      [
        [66, 28],
        [98, 46],
        [70, 74],
        [100, 98],
      ],
      (x, y) => [
        solid(
          `M${x - 15} ${y}C${x - 18} ${y - 12} ${x - 4} ${y - 16} ${x} ${y - 9}C${x + 8} ${y - 16} ${x + 19} ${y - 6} ${x + 13} ${y + 3}C${x + 17} ${y + 14} ${x + 2} ${y + 17} ${x - 3} ${y + 9}C${x - 11} ${y + 15} ${x - 19} ${y + 9} ${x - 15} ${y}Z`,
          t.leaf,
          t.moss,
          1.8,
        ),
        line(`M${x - 6} ${y}q5 -5 10 0`, t.moss, 1.6),
      ],
    ),
  'bark:putty': ({ t }) => [
    solid('M58 24C74 16 96 20 102 32C108 54 104 78 98 88C82 96 62 92 58 82C52 62 52 40 58 24Z', t.drift, t.soot, 2.6),
    ...[34, 46, 58, 70, 80].map((y) => line(`M62 ${y}C74 ${y - 4} 88 ${y + 4} 98 ${y}`, t.soot, 1.8)),
  ],
  'bark:teeth': ({ t }) => [
    solid('M56 40C72 34 92 36 108 42C110 60 108 78 104 90C88 96 66 94 56 88C52 70 52 54 56 40Z', t.ochreGround, t.ochre, 2.4),
    ...[48, 58, 68, 78].flatMap((y, i) =>
      [0, 1, 2].map((c) => line(`M${62 + c * 15 + (i % 2) * 5} ${y}h7M${62 + c * 15 + (i % 2) * 5} ${y + 4}h7`, t.bark, 2)),
    ),
  ],
  // root, bulb
  'root:holes': ({ t }) =>
    at(
      [
        [78, 44],
        [88, 58],
        [76, 72],
        [84, 88],
      ],
      (x, y) => [solid(circle(x, y, 3.8), t.soot, t.bark, 1.6)],
    ),
  'root:tunnels': ({ t }) => [line('M68 40C80 46 72 56 86 60C92 66 78 72 84 84', t.rust, 5.4), line('M92 42C86 48 94 54 88 66', t.rust, 5)],
  'root:stain': ({ t }) => [
    { ...solid('M68 34C78 44 76 60 80 78C74 84 70 62 66 46Z', t.rust), opacity: 0.85 },
    { ...solid('M92 34C98 46 92 64 86 84C84 66 88 48 92 34Z', t.rust), opacity: 0.8 },
  ],
  'root:scabs': ({ t }) =>
    at(
      [
        [72, 38],
        [88, 46],
        [78, 58],
        [88, 70],
        [80, 84],
      ],
      (x, y) => [solid(`M${x - 6} ${y}L${x - 1} ${y - 5}L${x + 6} ${y - 2}L${x + 4} ${y + 5}L${x - 3} ${y + 5}Z`, t.bark, t.soot, 1.6)],
    ),
  'bulb:grains': ({ t }) => [
    { ...solid('M44 88C60 78 100 78 116 88C112 106 96 114 80 112C64 114 48 106 44 88Z', t.halo, t.drift, 1.4), opacity: 0.95 },
    ...at(
      [
        [56, 92],
        [64, 98],
        [72, 90],
        [80, 98],
        [88, 92],
        [96, 100],
        [104, 92],
        [74, 106],
        [90, 106],
        [66, 88],
      ],
      (x, y) => [solid(circle(x, y, 2.6), t.ink)],
    ),
  ],
  // soil
  'soil:ant-heap': (pen) => [
    solid('M52 62C66 38 96 34 118 62C124 72 48 72 52 62Z', pen.t.ochreGround, pen.t.bark, 2),
    ...pile(pen.t, 84, 62, 16, 30),
    ...[
      [62, 50, -40],
      [100, 46, 30],
      [120, 70, 10],
      [40, 74, 170],
    ].flatMap(([x = 0, y = 0, a = 0]) => put(GLYPHS['ant']?.(pen.t, pen.tone) ?? [], [x, y, a, 0.75])),
  ],
  'soil:gone': ({ t }) => [
    ...[52, 80, 108, 136].flatMap((x) => [
      line(`M${x} 60V52`, t.moss, 4),
      { ...line(`M${x} 50C${x - 8} 44 ${x - 10} 36 ${x - 12} 30M${x} 50C${x + 8} 44 ${x + 10} 36 ${x + 12} 30`, t.drift, 2), dash: '3 4' },
    ]),
  ],
  'soil:droppings': ({ t }) => [
    ...at(
      [
        [60, 66],
        [70, 70],
        [64, 75],
        [74, 64],
        [80, 71],
        [69, 62],
      ],
      (x, y) => [solid(ellipse(x, y, 5.4, 4), t.soot, t.drift, 1.2)],
    ),
    line('M108 78l-7 -13M108 78v-15M108 78l7 -13M108 78v9M128 102l-7 -13M128 102v-15M128 102l7 -13M128 102v9', t.ochreGround, 3),
  ],
  'soil:crust': ({ t }) => [
    solid('M2 58C40 50 120 52 158 58V72C120 66 40 66 2 72Z', t.leaf, t.moss, 2),
    ...at(
      [
        [70, 60],
        [90, 63],
        [110, 59],
        [134, 64],
        [50, 64],
      ],
      (x, y) => [solid(circle(x, y, 3), t.halo)],
    ),
  ],
  'soil:fruitlets': ({ t }) =>
    at(
      [
        [44, 74],
        [70, 84],
        [96, 72],
        [122, 86],
        [84, 104],
        [138, 104],
      ],
      (x, y) => [solid(circle(x, y, 10), t.leaf, t.moss, 2.6), line(`M${x} ${y - 10}l4 -7`, t.bark, 2.4)],
    ),
  'soil:patch': ({ t }) =>
    [20, 44, 68, 92, 116, 140].flatMap((x, i) => {
      const sick = i > 0 && i < 5;
      const h = sick ? 12 + Math.abs(i - 2.5) * 4 : 34;
      return [
        line(`M${x} 60V${60 - h}`, sick ? t.ochre : t.moss, 4.6),
        solid(
          `M${x} ${66 - h}c-10 0 -14 -6 -15 -12c9 -1 15 4 15 12zM${x} ${66 - h}c10 0 14 -6 15 -12c-9 -1 -15 4 -15 12z`,
          sick ? t.ochreGround : t.leaf,
          sick ? t.ochre : t.moss,
          1.8,
        ),
      ];
    }),
  'soil:slime-mould': ({ t }) =>
    at(
      [
        [66, 66],
        [84, 60],
        [102, 66],
        [74, 76],
        [94, 76],
        [112, 74],
        [86, 70],
      ],
      (x, y) => [solid(circle(x, y, 12), t.ochreGround, t.ochre, 2)],
    ),
  'soil:toadstools': ({ t }) =>
    at(
      [
        [66, 64],
        [92, 58],
        [120, 66],
      ],
      (x, y) => [
        line(`M${x} ${y}V${y - 20}`, t.drift, 6),
        line(`M${x} ${y}V${y - 20}`, t.halo, 3.4),
        solid(`M${x - 14} ${y - 18}C${x - 10} ${y - 36} ${x + 10} ${y - 36} ${x + 14} ${y - 18}Z`, t.drift, t.soot, 2),
      ],
    ),
};
