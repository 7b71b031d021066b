import { BLADE, FRUIT, VEINS } from './bases';
import { circle, ellipse, line, put, solid, type Pen, type Shape } from './shape';

type Motif = (pen: Pen) => Shape[];
type XY = readonly (readonly [number, number])[];
const at = (points: XY, draw: (x: number, y: number, i: number) => Shape[]) => points.flatMap(([x, y], i) => draw(x, y, i));
const FIVE: XY = [
  [52, 52],
  [78, 40],
  [106, 50],
  [66, 74],
  [96, 72],
];
const leaflet = (t: Pen['t'], x: number, y: number, turn: number, scale: number, fill: string) =>
  put([solid('M0 0C-12 -8 -14 -26 0 -36C14 -26 12 -8 0 0Z', fill, t.moss, 2.6)], [x, y, turn, scale]);

/** Pictures in which the plant part itself has another shape. */
export const GROWTH_FORMS: Readonly<Record<string, Motif>> = {
  'tip:puckered-cups': ({ t }) => [
    line('M82 118C80 92 78 70 80 40', t.moss, 7),
    ...at(
      [
        [46, 62],
        [112, 60],
        [58, 34],
        [100, 30],
        [80, 20],
      ],
      (x, y) => [
        solid(
          `M${x - 17} ${y - 8}C${x - 14} ${y + 14} ${x + 14} ${y + 14} ${x + 17} ${y - 8}C${x + 8} ${y} ${x - 8} ${y} ${x - 17} ${y - 8}Z`,
          t.ochreGround,
          t.ochre,
          3,
        ),
      ],
    ),
  ],
  'tip:bored-tip': ({ t }) => [
    line('M78 118C78 92 76 66 82 40C90 20 112 22 116 46', t.moss, 8),
    ...leaflet(t, 116, 46, 176, 0.95, t.drift),
    ...leaflet(t, 108, 34, 150, 0.8, t.drift),
    solid('M78 92C56 96 38 88 26 72C50 68 70 76 78 92Z', t.leaf, t.moss, 3),
    solid('M74 68L84 70L84 84L74 84Z', t.halo, t.bark, 2),
    solid(circle(79, 64, 4), t.soot),
    ...at(
      [
        [88, 66],
        [92, 71],
        [86, 73],
      ],
      (x, y) => [solid(circle(x, y, 2.6), t.ochreGround, t.bark, 1)],
    ),
  ],
  'tip:soft': ({ t }) => [
    line('M82 118C80 92 78 70 84 46C88 32 104 26 114 40', t.moss, 7),
    ...leaflet(t, 114, 40, 172, 0.95, t.leaf),
    ...leaflet(t, 108, 32, 196, 0.8, t.leaf),
    ...leaflet(t, 98, 30, 150, 0.7, t.leaf),
    solid('M80 82C56 84 36 76 24 60C48 56 70 64 80 82Z', t.leaf, t.moss, 3),
    solid('M82 98C104 102 122 94 134 80C110 76 90 84 82 98Z', t.leaf, t.moss, 3),
  ],
  'leaf:gone-yellow': ({ t }) => [solid(BLADE, t.ochreGround, t.ochre, 3.2), { ...line(VEINS, t.ochre), opacity: 0.65 }],
  'plant:hanging': ({ t }) => [
    line('M20 108H140', t.bark, 3),
    line('M80 106C78 80 80 58 96 44C108 36 120 44 120 58', t.moss, 6.5),
    ...leaflet(t, 120, 58, 184, 1.1, t.leaf),
    ...leaflet(t, 104, 42, 206, 1, t.leaf),
    ...leaflet(t, 84, 60, 196, 1.15, t.leaf),
    ...leaflet(t, 80, 78, 158, 0.8, t.leaf),
  ],
  'fruit:lumpy': ({ t }) => [
    line('M80 28C80 16 86 10 92 6', t.bark, 5),
    solid(
      'M80 28C92 16 110 24 112 38C130 38 138 56 126 68C134 84 120 98 106 94C98 110 78 112 70 100C54 108 38 96 42 80C26 72 26 52 42 46C42 28 66 18 80 28Z',
      t.rowanGround,
      t.rowan,
      3.2,
    ),
    ...at(
      [
        [60, 50],
        [96, 48],
        [76, 72],
        [106, 76],
        [56, 82],
      ],
      (x, y) => [line(`M${x - 8} ${y + 3}q8 -9 16 0`, t.rowan, 2)],
    ),
  ],
  'fruit:lopsided': ({ t }) => [
    line('M80 30C80 18 86 10 92 6', t.bark, 5),
    solid('M80 28C112 18 132 42 124 72C116 100 96 108 84 104C66 106 50 92 50 74C48 52 58 32 80 28Z', t.rowanGround, t.rowan, 3.2),
    solid('M53 84C62 76 104 86 116 90C108 104 94 108 84 104C70 105 58 98 53 84Z', t.leaf, t.moss, 2.4),
    { ...line('M80 30C94 52 92 82 84 104', t.rowan, 2), dash: '4 5' },
  ],
  'tip:hard-tip': ({ t }) => [
    line('M82 118C80 92 80 70 80 40', t.moss, 7),
    ...leaflet(t, 78, 98, -70, 1.1, t.leaf),
    ...leaflet(t, 84, 94, 68, 1.1, t.leaf),
    ...[-58, -30, -8, 18, 44].flatMap((turn) => put([solid('M0 0C-5 -10 -5 -26 0 -38C5 -26 5 -10 0 0Z', t.rust, t.bark, 2.2)], [80, 48, turn, 1])),
  ],
  'fruit:shrivelled': ({ t }) => [
    line('M80 4V30M80 20L56 34M80 20L104 34M80 30V60', t.bark, 4),
    ...at(
      [
        [56, 44],
        [80, 52],
        [104, 44],
        [66, 68],
        [94, 68],
        [80, 88],
      ],
      (x, y, i) =>
        i === 0 || i === 4
          ? [solid(circle(x, y, 13), t.rowanGround, t.rowan, 2.6)]
          : [
              solid(`M${x - 10} ${y - 4}L${x - 2} ${y - 10}L${x + 9} ${y - 6}L${x + 8} ${y + 5}L${x - 1} ${y + 10}L${x - 9} ${y + 6}Z`, t.soot, t.ink, 2),
              line(`M${x - 5} ${y - 3}L${x + 4} ${y + 4}M${x + 3} ${y - 4}L${x - 3} ${y + 5}`, t.drift, 1.4),
            ],
    ),
  ],
  'flower:brown-petals': ({ t }) => [
    line('M80 120V78', t.moss, 7),
    ...[0, 72, 144, 216, 288].map((turn, i) => {
      const a = (turn - 90) * (Math.PI / 180);
      return solid(ellipse(80 + 27 * Math.cos(a), 60 + 27 * Math.sin(a), 21, 21), i < 3 ? t.bark : t.rowanGround, i < 3 ? t.soot : t.rowan, 2.4);
    }),
    solid(circle(80, 60, 16), t.halo, t.drift, 2.4),
    ...at(
      [
        [52, 66],
        [60, 52],
        [56, 80],
      ],
      (x, y) => [solid(circle(x, y, 2.6), t.bark)],
    ),
  ],
  'tip:fleshy-leaves': ({ t }) => [
    line('M82 118C80 92 78 70 80 44', t.moss, 8),
    solid('M80 60C46 66 18 54 16 30C34 14 74 26 80 60Z', t.halo, t.moss, 4.5),
    solid('M80 60C114 66 142 54 144 30C126 14 86 26 80 60Z', t.halo, t.drift, 4.5),
    solid('M80 50C60 36 62 10 80 2C98 10 100 36 80 50Z', t.rowanGround, t.rowan, 4),
    solid('M80 98C56 102 38 94 26 78C50 74 72 82 80 98Z', t.leaf, t.moss, 3),
  ],
  'tip:thorny-broom': ({ t, tone }) => [
    line('M80 118V84', t.moss, 8),
    ...[-48, -28, -10, 10, 28, 48].flatMap((turn) =>
      put(
        [
          line('M0 0V-66', tone, 4.6),
          ...[-12, -20, -28, -36, -44, -52].map((y) => line(`M0 ${y}L-7 ${y - 4}M0 ${y - 3}L7 ${y - 7}`, t.ink, 1.5)),
          solid('M0 -62C-5 -68 -5 -76 0 -82C5 -76 5 -68 0 -62Z', tone, t.ink, 1.4),
        ],
        [80, 90, turn, 1],
      ),
    ),
  ],
  'leaf:firm-roll': ({ t }) => [
    solid('M14 64C40 34 112 26 148 44C140 50 60 60 14 64Z', t.leaf, t.moss, 3.2),
    solid('M14 64C40 94 112 88 148 44C150 64 130 74 110 74C70 78 40 74 14 64Z', t.frost, t.moss, 3.2),
    { ...line('M36 62C70 58 110 52 140 46M60 70C90 70 120 64 138 54', t.moss, 2), opacity: 0.6 },
  ],
  'flower:dried-drop': ({ t, tone }) => [
    line('M80 118C80 86 78 60 84 26', t.moss, 5),
    line('M84 44L58 34M82 66L110 56', t.moss, 3),
    line('M58 34L46 44M110 56L124 66', tone, 2.4),
    ...at(
      [
        [38, 96],
        [120, 100],
        [62, 108],
      ],
      (x, y) => put([solid('M0 0C-8 -4 -12 -14 -6 -18C0 -14 4 -14 8 -18C12 -10 8 -2 0 0Z', tone, t.bark, 2)], [x, y, x - 70, 1]),
    ),
    ...put([solid('M0 0C-8 -4 -12 -14 -6 -18C0 -14 4 -14 8 -18C12 -10 8 -2 0 0Z', t.ochreGround, tone, 2)], [84, 26, 0, 1.1]),
  ],
  'plant:leaning': ({ t }) => [
    solid('M0 104C40 98 120 98 160 104V120H0Z', t.bark),
    { ...solid('M122 6H156V60H122Z', t.water, t.line, 2) },
    line('M139 6V60M122 33H156', t.line, 2),
    line('M40 104C44 78 70 60 108 36', t.drift, 5),
    ...[
      [56, 80, -30],
      [76, 60, 100],
      [88, 50, -20],
      [108, 36, 50],
    ].flatMap(([x = 0, y = 0, turn = 0]) => put([solid('M0 0C-7 -5 -8 -16 0 -22C8 -16 7 -5 0 0Z', t.frost, t.moss, 2)], [x, y, turn, 0.9])),
  ],
  'pot:circling': ({ t }) => [
    line('M80 56C78 40 82 24 80 10', t.moss, 5.5),
    solid('M80 40C60 44 46 34 40 18C62 16 76 26 80 40Z', t.leaf, t.moss, 2.6),
    solid('M80 40C100 44 114 34 120 18C98 16 84 26 80 40Z', t.leaf, t.moss, 2.6),
    solid('M44 54H116L108 112H52Z', t.bark, t.soot, 2.4),
    line(
      'M48 66C70 78 92 60 112 70M50 80C72 92 96 72 110 84M52 94C74 104 94 88 108 98M54 106C74 112 94 102 106 108M50 72C66 62 96 84 112 76M52 88C70 78 94 100 108 90',
      t.ochreGround,
      3,
    ),
  ],
  'tip:rosette': ({ t }) => [
    line('M82 118C80 92 80 60 80 36', t.bark, 6),
    line('M80 78L52 62M80 64L108 50', t.bark, 4),
    ...at(
      [
        [80, 34],
        [50, 60],
        [110, 48],
      ],
      (x, y) =>
        [-80, -50, -24, 0, 24, 50, 80].flatMap((turn) => put([solid('M0 0C-3 -5 -3 -14 0 -20C3 -14 3 -5 0 0Z', t.ochreGround, t.moss, 1.8)], [x, y, turn, 1])),
    ),
  ],
  'stem:ribbon-stem': ({ t }) => [
    solid('M56 2C50 50 60 90 68 118H92C100 90 112 50 106 2C96 -4 66 -4 56 2Z', t.leaf, t.moss, 3.2),
    { ...line('M66 2C62 50 70 90 74 118M78 0C76 50 80 90 82 118M92 2C96 50 90 90 86 118', t.moss, 2), opacity: 0.6 },
    ...[54, 68, 82, 96, 108].flatMap((x, i) =>
      put([solid('M0 0C-3 -3 -3 -9 0 -12C3 -9 3 -3 0 0Z', t.leaf, t.moss, 1.6)], [x, 20 + (i % 2) * 18, i < 2 ? -60 : 60, 1.2]),
    ),
  ],
  'tip:bare-inside': ({ t }) => [
    line('M80 118V18', t.bark, 6),
    ...[88, 74, 60].map((y) => line(`M80 ${y}l-9 -4M80 ${y}l9 -4`, t.bark, 2.2)),
    ...[46, 38, 30, 22, 14].map((y) => line(`M80 ${y}L44 ${y - 10}M80 ${y}L116 ${y - 10}`, t.moss, 3.4)),
  ],
  'tip:needle-grubs': ({ t, tone }) => [
    line('M80 118V14', t.bark, 6),
    ...[104, 92, 80, 68, 56, 44, 32, 20].map((y) => line(`M80 ${y}L46 ${y - 12}M80 ${y}L114 ${y - 12}`, t.moss, 2.6)),
    ...at(
      [
        [62, 76],
        [100, 66],
        [60, 48],
        [98, 38],
        [66, 24],
      ],
      (x, y) => [
        line(`M${x - 12} ${y + 8}C${x - 6} ${y - 4} ${x + 4} ${y - 2} ${x + 4} ${y - 14}`, t.ink, 7),
        line(`M${x - 12} ${y + 8}C${x - 6} ${y - 4} ${x + 4} ${y - 2} ${x + 4} ${y - 14}`, tone, 4.4),
        solid(circle(x + 4, y - 15, 3.4), t.ink),
      ],
    ),
  ],
  'tip:needle-wool': ({ t }) => [
    line('M80 118V10', t.bark, 6),
    ...[104, 90, 76, 62, 48, 34, 20].map((y) => line(`M80 ${y}L48 ${y - 10}M80 ${y}L112 ${y - 10}`, t.moss, 3.2)),
    ...[98, 82, 66, 50, 34].flatMap((y, i) => [
      solid(circle(74 + (i % 2) * 12, y, 5), t.halo, t.drift, 1.6),
      solid(circle(79 + (i % 2) * 4, y + 4, 4), t.halo, t.drift, 1.4),
    ]),
  ],
  'tip:speckled-needles': ({ t, tone }) => [
    line('M80 118V10', t.bark, 6),
    ...[104, 90, 76, 62, 48, 34, 20].map((y) => line(`M80 ${y}L44 ${y - 12}M80 ${y}L116 ${y - 12}`, t.drift, 5)),
    ...[100, 86, 72, 58, 44, 30, 16].flatMap((y, i) => [54, 64, 96, 106].map((x) => solid(circle(x + (i % 3), y - Math.abs(80 - x) * 0.26, 1.5), tone))),
  ],
  'tip:inner-yellow': ({ t, tone }) => [
    line('M80 118V10', t.bark, 6),
    ...[108, 98, 88, 78].map((y) => line(`M80 ${y}L58 ${y - 6}M80 ${y}L102 ${y - 6}`, tone, 3.4)),
    ...[66, 56, 46, 36, 26, 16].map((y) => line(`M80 ${y}L44 ${y - 12}M80 ${y}L116 ${y - 12}`, t.moss, 3.4)),
    line('M40 112l12 -3M112 114l12 -4M62 117l12 -2', tone, 3),
  ],
};

/** Marks laid on a plant part. */
export const GROWTH_MARKS: Readonly<Record<string, Motif>> = {
  'leaf:tip-burn-v': ({ t, tone }) => [
    solid('M146 44C128 36 108 30 92 28L104 50L96 82C122 76 140 62 146 44Z', tone, t.ochre, 2),
    solid('M146 44C132 38 120 36 112 36L120 49L114 68C132 62 142 54 146 44Z', t.bark, t.soot, 2),
  ],
  'leaf:vein-net': ({ t, tone }) => [
    line(VEINS, tone, 5),
    line('M34 48L44 70M56 36L40 52M64 86L78 66M100 84L92 62M88 34L108 44M118 70L126 50', tone, 3),
    { ...line(BLADE, t.moss, 3.2) },
  ],
  'fruit:plugs': ({ t }) =>
    at(
      [
        [58, 52],
        [96, 60],
        [74, 88],
      ],
      (x, y) => [
        solid(circle(x, y, 8), t.soot),
        ...[
          [-4, 2],
          [3, -3],
          [5, 4],
          [-1, 7],
        ].map(([a = 0, b = 0]) => solid(circle(x + a, y + b, 3.4), t.ochreGround, t.bark, 1.2)),
      ],
    ),
  'bulb:silk-tunnels': ({ t }) => [
    line('M54 66C66 58 72 74 86 66C98 58 104 78 110 72', t.soot, 5),
    line('M54 66C66 58 72 74 86 66C98 58 104 78 110 72', t.bark, 2.4),
    ...at(
      [
        [54, 66],
        [110, 72],
        [76, 98],
      ],
      (x, y) => [
        solid(circle(x, y, 5), t.soot),
        line(`M${x - 10} ${y - 8}L${x + 10} ${y + 8}M${x - 10} ${y + 6}L${x + 10} ${y - 6}M${x} ${y - 11}V${y + 10}`, t.halo, 1.6),
      ],
    ),
  ],
  'leaf:half-mottle': ({ t, tone }) => [
    ...at(
      [
        [44, 44],
        [64, 34],
        [88, 30],
        [112, 38],
        [76, 46],
        [100, 48],
      ],
      (x, y, i) => [{ ...solid(ellipse(x, y, 10 + (i % 3) * 3, 6 + (i % 2) * 3), tone), opacity: 0.9 }],
    ),
    ...at(
      [
        [58, 74],
        [110, 66],
      ],
      (x, y) => [{ ...solid(ellipse(x, y, 7, 5), tone), opacity: 0.9 }],
    ),
    { ...line(VEINS, t.moss), opacity: 0.8 },
  ],
  'tip:bags': ({ t }) =>
    at(
      [
        [52, 62],
        [110, 58],
        [82, 24],
      ],
      (x, y) => [
        line(`M${x} ${y - 18}V${y - 10}`, t.ink, 2),
        solid(
          `M${x} ${y - 12}C${x - 11} ${y - 4} ${x - 12} ${y + 14} ${x} ${y + 30}C${x + 12} ${y + 14} ${x + 11} ${y - 4} ${x} ${y - 12}Z`,
          t.bark,
          t.soot,
          2.2,
        ),
        line(
          `M${x - 8} ${y}L${x + 6} ${y - 4}M${x - 9} ${y + 8}L${x + 9} ${y + 2}M${x - 7} ${y + 15}L${x + 8} ${y + 10}M${x - 4} ${y + 22}L${x + 5} ${y + 18}`,
          t.ochre,
          2.2,
        ),
      ],
    ),
  'plant:end-webs': ({ t }) => [
    { ...solid('M8 10C30 0 56 14 62 40C40 54 14 44 8 10Z', t.halo, t.drift, 2), opacity: 0.85 },
    { ...solid('M100 12C124 0 152 10 154 32C138 52 108 44 100 12Z', t.halo, t.drift, 2), opacity: 0.85 },
    line('M12 14L58 40M20 6L46 44M104 14L150 34M118 6L132 44M142 10L112 40', t.drift, 1.4),
  ],
  'tip:nests': ({ t }) =>
    at(
      [
        [80, 20],
        [30, 40],
        [130, 40],
      ],
      (x, y, i) => [
        solid(
          `M${x - 16} ${y + 12}C${x - 22} ${y - 10} ${x - 6} ${y - 22} ${x + 4} ${y - 18}C${x + 20} ${y - 14} ${x + 20} ${y + 8} ${x + 10} ${y + 16}C${x} ${y + 20} ${x - 10} ${y + 18} ${x - 16} ${y + 12}Z`,
          t.halo,
          t.drift,
          2.4,
        ),
        line(`M${x - 12} ${y}L${x + 12} ${y - 8}M${x - 10} ${y + 8}L${x + 14} ${y + 2}M${x - 4} ${y - 14}L${x + 2 + i} ${y + 16}`, t.drift, 1.5),
      ],
    ),
  'bark:egg-mats': ({ t, tone }) =>
    at(
      [
        [66, 36],
        [94, 66],
        [68, 92],
      ],
      (x, y) => [
        solid(ellipse(x, y, 15, 10), t.ochreGround, tone, 2.4),
        ...Array.from({ length: 12 }, (_, i) => line(`M${x - 11 + (i % 6) * 4.4} ${y - 4 + Math.floor(i / 6) * 7}l3 2`, t.ochre, 1.6)),
      ],
    ),
  'stem:rising-bronze': ({ t, tone }) => [
    line('M77 74C75 90 74 104 74 120', tone, 13),
    line('M80 44C79 56 78 64 77 76', tone, 6),
    ...put([solid('M0 0C-12 -8 -14 -26 0 -36C14 -26 12 -8 0 0Z', tone, t.bark, 2.4)], [74, 92, -74, 1.3]),
  ],
  'fruit:russet': ({ t, tone }) => [
    { ...solid('M40 44C62 30 104 34 118 54C124 80 106 104 80 106C52 104 34 78 40 44Z', tone), opacity: 0.7 },
    line('M50 52C58 58 62 50 70 58M86 46C94 54 100 48 108 58M52 78C62 84 70 76 78 86M92 76C100 84 108 78 112 84', t.bark, 1.8),
    ...at(FIVE, (x, y) => [solid(circle(x, y + 6, 1.8), t.drift)]),
  ],
  'leaf:stars': ({ t }) =>
    at(FIVE, (x, y) => [
      line(`M${x - 11} ${y}H${x + 11}M${x} ${y - 10}V${y + 10}M${x - 8} ${y - 7}L${x + 8} ${y + 7}M${x - 8} ${y + 7}L${x + 8} ${y - 7}`, t.halo, 4),
      solid(circle(x, y, 4), t.ochreGround),
    ]),
  'base:mud-tubes': ({ t }) => [
    line('M70 92C66 74 74 62 70 44C68 34 74 26 72 12', t.soot, 9),
    line('M70 92C66 74 74 62 70 44C68 34 74 26 72 12', t.bark, 6),
    line('M92 92C94 78 86 68 90 52', t.soot, 8),
    line('M92 92C94 78 86 68 90 52', t.bark, 5.2),
    ...[84, 68, 52, 36, 22].map((y, i) => solid(circle(70 + (i % 2) * 2, y, 1.6), t.ochreGround)),
  ],
  'root:cysts': ({ t, tone }) =>
    at(
      [
        [40, 60],
        [32, 66],
        [54, 54],
        [118, 58],
        [108, 58],
        [130, 60],
        [52, 92],
        [60, 86],
        [98, 90],
        [106, 98],
      ],
      (x, y, i) => [solid(circle(x, y, 4), i % 3 === 0 ? t.halo : tone, t.bark, 1.3)],
    ),
  'leaf:dot-ring': ({ t, tone }) =>
    at(
      [
        [56, 54],
        [94, 46],
        [92, 78],
      ],
      (x, y, i) => [
        solid(circle(x, y, 13 - i), tone, t.bark, 2.2),
        ...Array.from({ length: 9 }, (_, k, a = k * 0.698) => solid(circle(x + (8.4 - i) * Math.cos(a), y + (8.4 - i) * Math.sin(a), 1.5), t.soot)),
      ],
    ),
  'leaf:purple-specks': ({ t, tone }) => [
    { ...solid(BLADE, t.ochreGround), opacity: 0.6 },
    ...Array.from({ length: 22 }, (_, i) =>
      solid(circle(34 + ((i * 37) % 96), 42 + ((i * 23) % 36) - Math.abs(82 - (34 + ((i * 37) % 96))) * 0.08, 2.6 + (i % 2)), tone),
    ),
    { ...line(VEINS, t.moss), opacity: 0.5 },
  ],
  'base:mustard-balls': ({ t, tone }) => [
    { ...line('M80 92L52 84M80 92L60 76M80 92L108 84M80 92L100 74M80 92L80 70M80 92L40 94M80 92L120 94', t.halo, 3.2) },
    ...at(
      [
        [58, 90],
        [68, 96],
        [92, 98],
        [104, 92],
        [76, 86],
        [46, 98],
        [114, 100],
        [86, 90],
      ],
      (x, y) => [solid(circle(x, y, 4), tone, t.bark, 1.4)],
    ),
  ],
  'stem:gum-beads': ({ t, tone }) => [
    line('M80 40L76 58M78 74L74 92', t.bark, 3.4),
    ...at(
      [
        [84, 46],
        [72, 60],
        [82, 78],
        [70, 92],
      ],
      (x, y) => [solid(`M${x} ${y}c8 10 6 16 0 16s-8 -6 0 -16z`, tone, t.rust, 2)],
    ),
    ...at(
      [
        [80, 30],
        [77, 66],
        [75, 104],
      ],
      (x, y) => [solid(circle(x, y, 1.8), t.soot), solid(circle(x + 4, y + 4, 1.6), t.soot)],
    ),
  ],
  'blade:zoned-blotch': ({ t, tone }) => [
    solid(ellipse(82, 62, 22, 16), tone, t.soot, 2),
    line(ellipse(82, 62, 15, 10), t.halo, 2),
    line(ellipse(82, 62, 8, 5), t.soot, 2),
    solid(ellipse(48, 98, 11, 7), tone, t.soot, 2),
    line(ellipse(48, 98, 5, 3), t.halo, 1.6),
  ],
  'leaf:craters': ({ t, tone }) =>
    at(FIVE, (x, y, i) => [
      { ...solid(circle(x, y, 11 - (i % 2) * 2), t.ochreGround), opacity: 0.95 },
      solid(circle(x, y, 6.4 - (i % 2)), tone, t.soot, 2),
      solid(circle(x, y, 2.2), t.halo),
    ]),
  'under:white-angles': ({ t, tone }) =>
    at(
      [
        [54, 50],
        [84, 40],
        [110, 58],
        [70, 76],
        [96, 78],
      ],
      (x, y, i) => [
        solid(`M${x - 10} ${y - 6}L${x + 4} ${y - 9}L${x + 11} ${y}L${x + 3} ${y + 9}L${x - 9} ${y + 5}Z`, i === 2 ? t.slate : t.drift, t.bark, 2),
        ...(i === 2 ? [] : [line(`M${x - 5} ${y}L${x + 5} ${y - 2}M${x - 3} ${y + 4}L${x + 4} ${y + 3}`, tone, 3)]),
      ],
    ),
  'fruit:folds': ({ t, tone }) => [
    line('M52 86C60 74 66 92 74 82C80 74 86 94 94 82C100 76 106 88 112 82', tone, 4),
    line('M60 96C68 88 76 100 84 92C92 86 98 98 104 94', t.soot, 3),
    line('M80 84V106M66 88L58 100M96 86L104 98', t.soot, 2),
  ],
  'leaf:fine-net': ({ t, tone }) => [
    { ...solid(BLADE, t.ochreGround), opacity: 0.85 },
    line(VEINS, tone, 3),
    line('M34 50L48 68M30 58L44 46M58 36L70 56M60 84L72 60M84 32L92 56M88 84L96 58M106 36L114 60M108 78L116 56M124 44L132 56', tone, 1.5),
    ...at(FIVE, (x, y) => [solid(circle(x + 4, y + 4, 2.2), t.drift)]),
    line(BLADE, t.moss, 3.2),
  ],
  'root:hollow': ({ t, tone }) => [
    solid('M68 34C66 58 72 82 82 100C88 82 94 58 92 34C86 30 74 30 68 34Z', t.halo, t.ochre, 2),
    solid('M75 40C72 56 76 70 81 84C85 70 88 56 86 40C84 36 78 36 75 40Z', tone, t.soot, 2),
    line('M78 48L83 56M77 62L83 68', t.soot, 2),
  ],
  'fruit:wet-hole': ({ t, tone }) => [
    solid(circle(88, 60, 9), tone, t.ink, 2),
    solid('M82 64C78 80 84 96 90 102C98 96 100 80 94 66Z', tone, t.bark, 2),
    line('M86 70C84 80 86 88 90 94', t.drift, 2),
  ],
  'stem:twig-lumps': ({ t, tone }) =>
    at(
      [
        [84, 34],
        [80, 62],
        [76, 90],
      ],
      (x, y, i) => [
        solid(ellipse(x, y, 12 - i, 16), tone, t.bark, 2.4),
        line(
          `M${x - 5} ${y - 6}C${x} ${y - 2} ${x + 4} ${y - 6} ${x + 6} ${y}M${x - 5} ${y + 6}C${x} ${y + 2} ${x + 4} ${y + 8} ${x + 6} ${y + 5}`,
          t.bark,
          1.6,
        ),
      ],
    ),
  'flower:hopper-crowd': ({ t, tone }) =>
    at(
      [
        [52, 40],
        [80, 26],
        [108, 42],
        [58, 70],
        [100, 74],
        [80, 92],
        [80, 56],
      ],
      (x, y, i) => put([solid('M14 0C8 -7 -8 -6 -14 0C-8 6 8 7 14 0Z', tone, t.ink, 1.8), solid(circle(9, -1, 1.8), t.ink)], [x, y, i * 47, 0.85]),
    ),
  'fruit:webbed': ({ t }) => [
    { ...solid('M36 46C56 30 108 32 122 50C114 60 50 62 36 46Z', t.halo), opacity: 0.55 },
    line('M34 44L124 84M30 66L126 50M48 32L108 106M112 32L52 104M40 88L122 66', t.halo, 2.2),
    ...at(
      [
        [70, 60],
        [92, 78],
      ],
      (x, y) => [solid(circle(x, y, 5), t.soot)],
    ),
  ],
  'bulb:white-pores': ({ t }) =>
    Array.from({ length: 18 }, (_, i) => solid(circle(54 + ((i * 41) % 56), 60 + ((i * 29) % 42), 2.8 + (i % 3) * 0.6), t.halo, t.bark, 1.2)),
  'fruit:net': ({ t, tone }) => [
    line(
      'M44 50L70 38L98 44L118 56M40 70L66 58L92 66L120 72M48 90L72 78L96 88L112 92M70 38L66 58L72 78M98 44L92 66L96 88M44 50L40 70L48 90M118 56L120 72L112 92',
      tone,
      2.6,
    ),
    line(FRUIT, t.rowan, 3.2),
  ],
  'stem:beads': ({ t }) => [
    ...at(
      [
        [88, 54],
        [98, 50],
      ],
      (x, y) => [solid(circle(x, y, 5), t.water, t.brook, 2.2), solid(circle(x - 1.6, y - 1.6, 1.4), t.halo)],
    ),
    solid(circle(78, 100, 4.6), t.water, t.brook, 2),
  ],
  'under:pearls': ({ t }) =>
    at(
      [
        [50, 58],
        [66, 50],
        [84, 54],
        [104, 48],
        [72, 72],
        [94, 70],
        [60, 40],
      ],
      (x, y) => [solid(circle(x, y, 4.4), t.water, t.brook, 1.8), solid(circle(x - 1.4, y - 1.4, 1.3), t.halo)],
    ),
  'bark:peel': ({ t, tone }) => [
    solid('M50 22C62 16 84 18 92 26L88 44C78 38 62 40 52 46Z', t.halo, tone, 2.4),
    solid('M92 26C104 26 110 36 106 46C102 40 96 42 88 44Z', tone, t.bark, 2),
    solid('M62 66C76 60 96 62 106 70L102 92C92 84 74 86 64 92Z', t.halo, tone, 2.4),
    solid('M62 66C52 68 48 78 54 86C56 80 60 82 64 92Z', tone, t.bark, 2),
  ],
  'bark:moss-cushions': ({ t, tone }) =>
    at(
      [
        [60, 30],
        [56, 58],
        [70, 84],
        [58, 104],
        [78, 44],
      ],
      (x, y, i) => [
        solid(`M${x - 12} ${y + 6}C${x - 12} ${y - 8} ${x + 12} ${y - 8} ${x + 12} ${y + 6}Z`, tone, t.moss, 1.6),
        line(`M${x - 6} ${y - 2}v${-5 - i}M${x} ${y - 4}v${-5 - (i % 2) * 2}M${x + 6} ${y - 2}v-5`, t.moss, 1.6),
      ],
    ),
};
