import type { Tokens } from '../../../ui/tokens';
import { BASES, BLADE, PLANT_LEAVES, VEINS } from './bases';
import { GLYPHS } from './glyphs';
import { circle, ellipse, line, put, solid, type Pen, type Shape } from './shape';

/** Motifs that change the shape itself, so that the base is not drawn under them. */
export type Form = (pen: Pen) => Shape[];

const leafPart = (t: Tokens, d: string, fill = t.leaf) => solid(d, fill, t.moss, 3.2);
const potted = (t: Tokens, wet: boolean): Shape[] => [
  line('M80 70C80 54 70 44 52 44', t.moss, 5.5),
  leafPart(t, 'M56 46C40 46 30 58 30 78C44 76 54 64 56 46Z'),
  line('M80 70C82 56 94 48 110 50', t.moss, 5.5),
  leafPart(t, 'M106 50C122 52 130 66 128 84C114 80 106 68 106 50Z'),
  solid('M44 70H116L108 118H52Z', t.rust, t.soot, 2.4),
  solid('M38 64H122V78H38Z', t.rust, t.soot, 2.4),
  ...(wet
    ? [
        solid('M46 58C60 54 100 54 114 58V65H46Z', t.soot),
        solid('M66 88c8 11 6 18 0 18s-8 -7 0 -18z', t.water, t.brook, 2),
        solid('M94 86c8 11 6 18 0 18s-8 -7 0 -18z', t.water, t.brook, 2),
      ]
    : [
        solid('M46 58C60 54 100 54 114 58V65H46Z', t.ochreGround, t.ochre, 1.6),
        line('M60 56L66 64L74 58M90 57L96 64L104 58M60 118L66 104L60 94M98 118L94 106L100 96', t.soot, 2),
      ]),
];
const soilLine = (t: Tokens) => solid('M0 104C40 98 120 98 160 104V120H0Z', t.bark);
const plantWith = (t: Tokens, fills: readonly (string | null)[], stem = t.moss): Shape[] => [
  soilLine(t),
  line('M80 104C78 78 82 46 80 22', stem, 6.5),
  ...PLANT_LEAVES.flatMap((d, i) => (fills[i] === null ? [] : [solid(d, fills[i] ?? t.leaf, t.moss, 2.6)])),
];
const DROOPED = ['M80 34C58 36 42 56 40 82C62 78 76 58 80 34Z', 'M80 34C102 36 118 56 120 82C98 78 84 58 80 34Z'];

export const FORMS: Readonly<Record<string, Form>> = {
  'leaf:curl': ({ t }) => [
    leafPart(t, 'M18 74C24 30 66 12 108 28C140 40 138 78 112 78C92 78 90 54 108 54'),
    { ...line('M34 66C42 44 66 34 92 40M28 76C44 86 70 90 92 84', t.moss), opacity: 0.65 },
    line('M18 74C40 96 86 100 112 78', t.moss, 3.2),
  ],
  'leaf:rolled': ({ t }) => [
    leafPart(t, 'M14 66C40 40 110 30 146 40C138 70 60 92 14 66Z'),
    line('M40 62C60 50 100 44 132 46', t.moss, 2),
    ...[52, 74, 96].map((x) => line(`M${x} 42L${x + 10} 76M${x + 12} 40L${x} 76`, t.drift, 1.6)),
    ...put(GLYPHS['caterpillar']?.(t, t.moss) ?? [], [134, 62, 30, 0.6]),
  ],
  'leaf:tube': ({ t }) => [
    leafPart(t, 'M14 62C40 48 110 40 148 46C148 58 110 66 30 74Z'),
    leafPart(t, 'M22 76C60 70 120 68 146 72C140 84 70 92 22 76Z'),
    line('M20 66C60 58 110 54 146 52', t.moss, 2),
  ],
  'leaf:pucker': ({ t }) => [
    leafPart(
      t,
      'M14 62C28 26 44 34 58 22C74 10 84 28 104 22C124 20 130 38 146 44C134 58 138 78 118 84C102 100 88 84 70 96C50 96 44 82 30 82C22 80 16 72 14 62Z',
      t.rowanGround,
    ),
    ...[
      [50, 44, 13],
      [82, 38, 14],
      [72, 72, 14],
      [110, 56, 13],
    ].flatMap(([x = 0, y = 0, r = 0]) => [
      solid(circle(x, y, r), t.rowanGround, t.rowan, 2.6),
      { ...line(`M${x - 6} ${y - 4}q6 -6 11 -1`, t.halo, 2.4), opacity: 0.9 },
    ]),
  ],
  'leaf:stripped': ({ t }) => [line(VEINS, t.moss, 4), { ...line(BLADE, t.line, 2), dash: '4 6' }],
  'leaf:rolled-edge': ({ t }) => [
    ...BASES.leaf(t),
    solid('M14 60C34 22 74 14 146 44C110 36 60 40 14 60Z', t.ochreGround, t.ochre, 3),
    line('M34 44C60 30 100 30 130 40', t.ochre, 2),
  ],
  'leaf:torn': ({ t }) => [
    leafPart(t, 'M14 60C26 38 40 28 56 24L58 44L70 22C90 18 112 26 124 32L112 52L146 44C138 66 124 82 106 88L98 66L88 92C70 94 52 88 40 82L52 68L14 60Z'),
    line('M14 60L146 44M52 60L64 34M56 60L74 88M92 54L104 34M94 54L104 82', t.moss, 3.4),
  ],
  'tip:curl': ({ t }) => [
    line('M82 118C80 92 78 70 80 44', t.moss, 8),
    leafPart(t, 'M80 56C48 60 24 48 26 28C28 16 46 18 46 30C46 38 36 38 36 32'),
    leafPart(t, 'M80 56C112 60 136 48 134 28C132 16 114 18 114 30C114 38 124 38 124 32'),
    leafPart(t, 'M80 48C66 36 64 16 76 10C88 6 94 18 86 24'),
  ],
  'tip:twisted': ({ t }) => [
    line('M82 118C92 96 66 84 80 62C92 46 70 36 78 20', t.moss, 7),
    leafPart(t, 'M80 62C60 50 40 66 26 48C22 36 34 34 40 44C50 56 66 44 80 62Z'),
    leafPart(t, 'M80 58C100 44 116 62 136 46C142 34 128 30 122 40C110 52 94 38 80 58Z'),
    leafPart(t, 'M78 24C66 18 70 4 82 4C94 6 94 18 86 20C80 20 82 14 86 14'),
  ],
  'tip:ferny': ({ t }) => [
    line('M82 118C80 92 78 60 80 14', t.moss, 6),
    ...[28, 46, 64, 82].flatMap((y) => [
      line(
        `M80 ${y + 12}C60 ${y + 10} 44 ${y} 34 ${y - 12}M60 ${y + 6}L52 ${y + 12}M50 ${y}L42 ${y + 6}M80 ${y + 12}C100 ${y + 10} 116 ${y} 126 ${y - 12}M100 ${y + 6}L108 ${y + 12}M110 ${y}L118 ${y + 6}`,
        t.moss,
        3,
      ),
    ]),
  ],
  'tip:crook': ({ t }) => [
    line('M76 118C76 84 74 54 84 34C94 14 116 20 114 44', t.soot, 8),
    solid('M114 42C104 56 108 74 116 86C126 74 126 54 114 42Z', t.soot, t.bark, 2),
    solid('M80 60C60 58 50 70 48 92C64 90 76 78 80 60Z', t.soot, t.bark, 2),
    solid('M88 32C74 34 66 46 66 60C78 58 86 46 88 32Z', t.soot, t.bark, 2),
  ],
  'tip:bitten': ({ t }) => [
    line('M80 118V44', t.moss, 9),
    solid('M74 46L78 34L82 42L86 30L88 46Z', t.halo, t.moss, 2.4),
    leafPart(t, 'M80 92C56 96 38 88 26 72C50 68 72 76 80 92Z'),
    line('M80 74C100 74 108 66 112 58', t.moss, 5),
    line('M106 60L116 50M110 64L120 58', t.moss, 2),
  ],
  'tip:stunted': ({ t }) => [
    line('M82 118V70', t.moss, 8),
    ...[0, 60, 120, 180, 240, 300].map((a) => put([leafPart(t, 'M0 0C-10 -6 -12 -18 0 -26C12 -18 10 -6 0 0Z')], [82, 62, a, 0.85])).flat(),
    solid(circle(82, 62, 8), t.bark, t.soot, 2),
  ],
  'tip:tattered': ({ t }) => [
    ...BASES.tip(t),
    ...[
      [44, 38, 5],
      [56, 46, 4],
      [112, 38, 5],
      [102, 46, 4],
      [78, 24, 4],
      [84, 34, 3],
      [126, 30, 3],
      [36, 30, 3],
    ].map(([x = 0, y = 0, r = 0]) => solid(`M${x - r} ${y}L${x} ${y - r * 1.3}L${x + r} ${y - 1}L${x + 2} ${y + r}Z`, t.slate, t.rust, 2.2)),
  ],
  'tip:blackened': ({ t }) => [
    line('M82 118C80 92 78 70 80 50', t.moss, 8),
    ...['M80 58C60 66 44 66 30 84C52 90 74 80 80 58Z', 'M80 58C100 66 116 66 130 84C108 90 86 80 80 58Z', 'M80 50C66 42 60 30 62 12C78 20 86 34 80 50Z'].map(
      (d) => solid(d, t.soot, t.drift, 2),
    ),
    leafPart(t, 'M80 102C58 106 42 100 30 88C52 82 72 88 80 102Z'),
  ],
  'tip:blackened-shoot': ({ t }) => [
    line('M82 118V76', t.moss, 8),
    line('M82 76C80 50 92 32 80 10', t.soot, 8),
    ...['M82 60C64 62 52 74 50 94C68 90 80 78 82 60Z', 'M84 44C102 46 114 58 116 78C98 74 86 62 84 44Z'].map((d) => solid(d, t.soot, t.drift, 2)),
  ],
  'tip:needles': ({ t }) => [
    line('M20 112C56 90 100 60 140 14', t.bark, 6),
    ...Array.from({ length: 16 }, (_, i) => {
      const x = 26 + i * 7;
      const y = 108 - i * 5.8;
      return line(`M${x} ${y}L${x - 12} ${y - 16}M${x} ${y}L${x + 16} ${y + 8}`, i < 9 ? t.rust : t.moss, 3);
    }),
  ],
  'tip:tint-new': ({ t }) => [
    line('M82 118C80 92 78 70 80 44', t.moss, 8),
    ...['M80 56C52 58 32 46 22 24C50 22 74 34 80 56Z', 'M80 56C108 58 128 46 138 24C110 22 86 34 80 56Z', 'M80 48C68 34 70 16 80 4C90 16 92 34 80 48Z'].map(
      (d) => solid(d, t.rowanGround, t.rowan, 3),
    ),
    leafPart(t, 'M80 98C56 102 38 94 26 78C50 74 72 82 80 98Z'),
  ],
  'tip:between': ({ t }) => [
    line('M82 118C80 92 78 70 80 44', t.moss, 8),
    ...['M80 56C52 58 32 46 22 24C50 22 74 34 80 56Z', 'M80 56C108 58 128 46 138 24C110 22 86 34 80 56Z', 'M80 48C68 34 70 16 80 4C90 16 92 34 80 48Z'].map(
      (d) => solid(d, t.ochreGround, t.ochre, 2.4),
    ),
    line('M80 56L26 27M62 46L56 32M48 39L36 44M80 56L134 27M98 46L104 32M112 39L124 44M80 48V10', t.moss, 4),
    leafPart(t, 'M80 98C56 102 38 94 26 78C50 74 72 82 80 98Z'),
  ],
  'blade:tip-brown': ({ t }) => [...BASES.blade(t), solid('M112 24L146 8C140 26 130 40 122 52C122 40 118 32 112 24Z', t.bark, t.soot, 2)],
  'blade:dot-line': ({ t }) => [...BASES.blade(t), ...Array.from({ length: 12 }, (_, i) => solid(circle(44 + i * 7, 94 - i * 6.4, 3), t.halo, t.drift, 1))],
  'blade:fuzz': ({ t }) => [
    solid('M18 112C34 66 78 26 146 8C128 46 92 92 52 116C40 120 24 120 18 112Z', t.leaf, t.drift, 3),
    ...Array.from({ length: 34 }, (_, i) => {
      const u = (i * 7) % 34;
      const x = 32 + u * 2.9 + (i % 3) * 5;
      const y = 104 - u * 2.4 + (i % 4) * 4;
      return line(`M${x} ${y}l3 -5M${x} ${y}l-3 -5M${x} ${y}v-6`, t.drift, 1.2);
    }),
  ],
  'blade:frass-coat': ({ t }) => [
    ...BASES.blade(t),
    ...[
      [62, 76],
      [92, 48],
      [76, 88],
    ].flatMap(([x = 0, y = 0]) => [
      solid(ellipse(x, y, 13, 9), t.soot, t.moss, 2),
      solid(circle(x + 12, y - 2, 4), t.rust),
      ...[-6, 0, 6].map((d) => solid(circle(x + d, y - 5, 3.4), t.soot, t.drift, 1)),
    ]),
  ],
  'bud:dropped': ({ t }) => [
    line('M64 0V48', t.moss, 8),
    line('M64 30L84 40', t.moss, 5),
    ...[
      [46, 98, -60],
      [104, 104, 80],
      [78, 88, 20],
    ].flatMap(([x = 0, y = 0, a = 0]) => put([leafPart(t, 'M0 -18C14 -8 14 10 0 18C-14 10 -14 -8 0 -18Z', t.ochreGround)], [x, y, a, 0.9])),
    line('M92 52V70M86 64L92 71L98 64', t.drift, 2.6),
  ],
  'bud:severed': ({ t }) => [
    line('M80 120V52', t.moss, 8),
    line('M80 52C84 44 92 46 98 54', t.moss, 2),
    leafPart(t, 'M98 54C122 62 126 92 108 112C90 100 84 74 98 54Z'),
    solid(circle(80, 52, 4.6), t.bark),
  ],
  'bud:swollen': ({ t }) => [
    line('M80 120V0', t.bark, 8),
    ...[
      [58, 26],
      [104, 54],
      [56, 86],
    ].map(([x = 0, y = 0]) => solid(circle(x, y, 18), t.leaf, t.moss, 3)),
    ...[
      [58, 26],
      [104, 54],
      [56, 86],
    ].map(([x = 0, y = 0]) => line(`M${x - 10} ${y - 6}q10 8 20 0M${x - 10} ${y + 4}q10 8 20 0`, t.moss, 1.8)),
    leafPart(t, 'M84 20C92 10 96 8 100 2C104 12 98 20 84 20Z'),
  ],
  'bud:dried': ({ t }) => [
    line('M80 120V88', t.bark, 8),
    solid('M80 14C104 34 108 66 80 90C52 66 56 34 80 14Z', t.bark, t.soot, 3),
    ...[
      [62, 44],
      [72, 30],
      [84, 26],
      [96, 42],
      [100, 56],
      [64, 62],
      [76, 50],
      [88, 62],
      [80, 76],
    ].flatMap(([x = 0, y = 0]) => [line(`M${x} ${y}v-9`, t.soot, 2), solid(circle(x, y - 10, 2.4), t.soot)]),
  ],
  'flower:thin-stalk': ({ t }) => [
    line('M80 14C78 50 82 80 80 120', t.moss, 3),
    ...BASES.flower(t).slice(1),
    line('M116 92V112M110 106L116 113L122 106', t.drift, 2.6),
  ],
  'flower:greened': ({ t }) => [
    line('M80 120V78', t.moss, 7),
    ...[0, 45, 90, 135, 180, 225, 270, 315].flatMap((a) => put([leafPart(t, 'M0 -6C-12 -18 -10 -36 0 -46C10 -36 12 -18 0 -6Z')], [80, 60, a, 0.9])),
    solid(circle(80, 60, 9), t.moss),
  ],
  'flower:browned': ({ t }) => [
    line('M80 120C80 104 76 92 70 82', t.bark, 7),
    ...[
      [56, 54],
      [84, 46],
      [102, 70],
      [62, 82],
      [88, 82],
    ].map(([x = 0, y = 0]) =>
      solid(
        `M${x - 14} ${y}C${x - 10} ${y - 16} ${x + 4} ${y - 10} ${x + 12} ${y - 6}C${x + 8} ${y + 4} ${x + 12} ${y + 12} ${x} ${y + 14}C${x - 8} ${y + 12} ${x - 14} ${y + 8} ${x - 14} ${y}Z`,
        t.bark,
        t.soot,
        2,
      ),
    ),
    solid(circle(80, 66, 8), t.soot),
  ],
  'flower:streaked': ({ t }) => [
    ...BASES.flower(t),
    ...[-90, -18, 54, 126, 198].flatMap((a) => put([line('M-6 -18C-9 -26 -7 -36 -3 -42M0 -16V-46M6 -18C9 -26 7 -36 3 -42', t.rowan, 3)], [80, 60, a + 90, 1])),
  ],
  'flower:torn': ({ t }) => [
    line('M80 120V78', t.moss, 7),
    ...[20, 150, 260].flatMap((a) => put([solid('M-10 -10L-16 -34L-4 -26L0 -44L8 -28L16 -36L10 -10Z', t.rowanGround, t.rowan, 2.4)], [80, 60, a, 1])),
    solid(circle(80, 60, 12), t.ochreGround, t.ochre, 2.6),
    solid('M24 104C30 98 42 100 46 106C38 112 28 112 24 104Z', t.rowanGround, t.rowan, 2),
  ],
  'flower:ragged': ({ t }) => [
    line('M80 120V78', t.moss, 7),
    ...[0, 72, 144, 216, 288].flatMap((a, i) =>
      put(
        [
          solid(
            i % 2
              ? 'M-12 -12C-20 -26 -14 -40 -6 -40L-4 -30L4 -46L8 -32L14 -36C18 -24 12 -14 10 -10Z'
              : 'M-12 -12C-22 -24 -16 -44 0 -46C8 -44 6 -34 2 -30C8 -30 16 -32 16 -24C16 -16 12 -12 10 -10Z',
            t.rowanGround,
            t.rowan,
            2.4,
          ),
        ],
        [80, 60, a, 1],
      ),
    ),
    solid(circle(80, 60, 12), t.ochreGround, t.ochre, 2.6),
  ],
  'fruit:mummy': ({ t }) => [
    line('M80 0V34', t.bark, 6),
    solid('M80 34C98 28 110 42 104 60C110 78 98 98 80 96C62 98 50 80 56 60C50 42 62 28 80 34Z', t.soot, t.bark, 3),
    line('M66 46C74 54 64 66 74 76M94 44C86 56 98 68 88 84M78 40C82 60 76 70 82 88', t.drift, 2),
  ],
  'fruit:pale': ({ t }) => [
    line('M80 0V24', t.moss, 5),
    ...[
      [58, 44],
      [98, 40],
      [78, 76],
      [46, 80],
      [112, 78],
    ].map(([x = 0, y = 0], i) => solid(circle(x, y, 17), i % 2 ? t.brook : t.ochreGround, t.drift, 2.6)),
    ...[
      [58, 44],
      [78, 76],
      [112, 78],
    ].map(([x = 0, y = 0]) => line(`M${x - 9} ${y - 6}q9 8 18 0M${x - 9} ${y + 5}q9 7 18 0`, t.drift, 2)),
  ],
  'fruit:misshapen': ({ t }) => [
    line('M66 26C64 16 70 8 78 4', t.bark, 5),
    solid(
      'M66 28C86 14 96 40 120 38C146 42 140 74 116 78C110 84 112 110 88 110C70 112 74 88 52 90C24 92 22 58 42 52C52 46 48 34 66 28Z',
      t.rowanGround,
      t.rowan,
      3.2,
    ),
    line('M74 44C80 54 92 58 104 54M60 66C72 72 82 80 86 94', t.rowan, 2.2),
  ],
  'fruit:split': ({ t }) => [
    ...BASES.fruit(t),
    solid('M72 36C80 52 66 64 78 80C84 92 76 100 82 108C92 98 86 88 92 78C84 62 94 50 84 34Z', t.slate, t.rowan, 2.4),
    line('M78 44C82 56 76 66 84 80', t.rowan, 1.6),
  ],
  'fruit:cob': ({ t }) => [
    solid('M80 8C104 18 110 60 100 108C92 116 68 116 60 108C50 60 56 18 80 8Z', t.ochreGround, t.ochre, 3),
    ...[40, 54, 68, 82, 96].flatMap((y) => [64, 76, 88].map((x) => solid(ellipse(x + 4, y, 5.4, 5.4), t.ochreGround, t.ochre, 1.6))),
    solid('M62 6L70 30L80 22L90 30L98 6L80 14Z', t.slate, t.bark, 2),
    ...[
      [70, 12],
      [84, 20],
      [92, 10],
    ].map(([x = 0, y = 0]) => line(`M${x} ${y}q-4 -8 2 -12`, t.bark, 2.4)),
    ...put(GLYPHS['caterpillar']?.(t, t.rust) ?? [], [80, 34, 10, 0.7]),
  ],
  'fruit:smut': ({ t }) => [
    solid('M80 30C102 30 108 70 98 110C90 118 70 118 62 110C52 70 58 30 80 30Z', t.ochreGround, t.ochre, 3),
    ...[
      [60, 36, 18],
      [92, 26, 20],
      [106, 58, 15],
      [70, 60, 15],
    ].flatMap(([x = 0, y = 0, r = 0]) => [
      solid(circle(x, y, r), t.drift, t.ink, 2.4),
      { ...line(`M${x - r * 0.5} ${y - r * 0.5}q${r * 0.5} ${-r * 0.4} ${r} 0`, t.halo, 2.4), opacity: 0.8 },
    ]),
    ...[
      [84, 46],
      [96, 42],
      [52, 52],
      [110, 74],
    ].map(([x = 0, y = 0]) => solid(circle(x, y, 3), t.soot)),
  ],
  'stem:cut-stain': ({ t }) => [
    line('M80 120V60', t.moss, 34),
    line('M80 120V60', t.leaf, 28),
    solid(ellipse(80, 46, 40, 26), t.leaf, t.moss, 4),
    line(ellipse(80, 46, 27, 17), t.rust, 7),
    solid(ellipse(80, 46, 9, 6), t.halo, t.moss, 1.6),
  ],
  'stem:threads': ({ t }) => [
    line('M8 60H58', t.moss, 32),
    line('M8 60H56', t.leaf, 26),
    line('M152 60H102', t.moss, 32),
    line('M152 60H104', t.leaf, 26),
    line('M58 50C74 58 88 58 102 50M58 58C74 64 88 64 102 58M58 68C74 72 88 72 102 68', t.drift, 2.2),
  ],
  'base:cut-off': ({ t }) => [
    solid('M0 92C40 84 120 86 160 92V120H0Z', t.bark),
    line('M48 92V78', t.moss, 8),
    solid('M44 78L46 72L49 76L52 72V78Z', t.halo, t.moss, 1.4),
    line('M62 84C84 82 106 78 128 80', t.moss, 6),
    leafPart(t, 'M124 80C134 62 148 58 158 58C156 74 144 86 124 80Z'),
    leafPart(t, 'M112 80C112 66 118 54 128 46C134 60 128 74 112 80Z'),
  ],
  'base:pinched': ({ t }) => [
    solid('M0 92C40 84 120 86 160 92V120H0Z', t.bark),
    line('M34 92V40', t.moss, 6),
    leafPart(t, 'M34 44C22 40 14 32 12 20C26 20 34 30 34 44Z'),
    leafPart(t, 'M34 44C46 40 54 32 56 20C42 20 34 30 34 44Z'),
    line('M92 92L93 84', t.soot, 2.4),
    line('M93 84C100 76 116 70 130 72', t.moss, 6),
    leafPart(t, 'M128 72C134 58 146 54 156 56C154 68 144 78 128 72Z'),
    leafPart(t, 'M122 74C132 80 142 88 146 96C132 98 122 90 122 74Z'),
  ],
  'bark:stripped': ({ t }) => [
    ...BASES.bark(t),
    solid('M44 70C60 60 90 64 119 72C120 88 121 102 122 120H40C41 104 42 88 44 70Z', t.ochreGround, t.ochre, 2.4),
    line('M52 80L70 76M60 92L84 86M96 84L112 88M74 104L98 98', t.bark, 2.4),
  ],
  'bark:white-fan': ({ t }) => [
    ...BASES.bark(t),
    solid('M62 120C56 84 62 52 80 30C98 52 104 84 98 120Z', t.halo, t.bark, 3),
    line('M80 40V118M80 60C74 80 70 100 70 118M80 60C86 80 90 100 90 118M80 50C68 70 64 96 64 112M80 50C92 70 96 96 96 112', t.drift, 1.8),
  ],
  'bark:canker': ({ t }) => [
    ...BASES.bark(t),
    ...[
      [36, 44],
      [27, 34],
      [17, 22],
      [8, 10],
    ].map(([rx = 0, ry = 0], i) => solid(ellipse(80, 62, rx * 0.75, ry), i % 2 ? t.bark : t.soot, t.ink, 2)),
    line('M60 28L52 20M102 30L110 22M58 98L50 106M104 96L112 104', t.soot, 2),
  ],
  'bark:cracks': ({ t }) => [
    ...BASES.bark(t),
    solid('M76 0C84 24 70 40 80 62C88 82 74 98 82 120H90C84 98 98 82 90 62C82 40 94 24 86 0Z', t.soot, t.ink, 1.6),
    line('M60 30L64 56M102 66L98 94', t.soot, 3),
  ],
  'plant:half-yellow': ({ t }) => plantWith(t, [t.ochreGround, t.leaf, t.ochreGround, t.leaf, t.leaf]),
  'plant:low-yellow': ({ t }) => plantWith(t, [t.leaf, t.leaf, t.ochreGround, t.ochreGround, t.leaf]),
  'plant:pale': ({ t }) => plantWith(t, [t.ochreGround, t.ochreGround, t.ochreGround, t.ochreGround, t.ochreGround], t.ochre),
  'plant:wilt': ({ t }) => [
    soilLine(t),
    line('M80 104C78 78 82 54 80 34', t.moss, 6.5),
    ...DROOPED.map((d) => leafPart(t, d)),
    leafPart(t, 'M80 70C62 72 50 86 50 104C66 100 78 88 80 70Z'),
    leafPart(t, 'M80 70C98 72 110 86 110 104C94 100 82 88 80 70Z'),
    solid(circle(136, 20, 9), t.ochreGround, t.ochre, 2.4),
    line('M136 4V0M136 36V41M120 20H115M152 20H157', t.ochre, 2.4),
  ],
  'plant:collapse': ({ t }) => [
    soilLine(t),
    line('M80 104C80 84 96 70 118 82', t.ochre, 6.5),
    ...[
      'M110 78C128 80 140 92 142 108C124 106 112 96 110 78Z',
      'M96 74C84 66 66 68 54 80C70 90 88 90 96 74Z',
      'M84 88C66 82 42 86 30 100C50 108 74 106 84 88Z',
    ].map((d) => solid(d, t.ochreGround, t.ochre, 3)),
  ],
  'plant:one-wilt': ({ t }) => [
    soilLine(t),
    line('M80 104C78 78 82 54 80 34', t.moss, 6.5),
    leafPart(t, 'M80 40C56 44 36 34 26 14C52 10 76 20 80 40Z'),
    leafPart(t, 'M80 76C50 82 28 74 16 54C44 48 72 56 80 76Z'),
    line('M80 84C100 78 116 80 126 90', t.moss, 5),
    solid('M80 34C106 36 122 60 122 92C98 86 84 62 80 34Z', t.ochreGround, t.ochre, 3),
    line('M88 50C100 62 110 76 116 88', t.ochre, 2),
  ],
  'plant:dieback': ({ t }) => [
    soilLine(t),
    line('M80 104V60', t.bark, 8),
    line('M80 64C66 50 50 40 36 34M80 64C94 50 104 40 112 30M80 64V18', t.bark, 5),
    ...[
      [36, 34],
      [56, 42],
      [26, 44],
      [48, 26],
    ].map(([x = 0, y = 0]) => leafPart(t, `M${x} ${y}c-14 -2 -20 -14 -18 -22c12 0 20 10 18 22z`)),
    line('M112 30L124 20M112 30L118 12M104 38L122 40M80 18L72 6M80 18L90 4M80 32L94 24', t.bark, 3),
  ],
  'plant:dropping': ({ t }) => [
    ...plantWith(t, [t.leaf, null, t.ochreGround, null, t.leaf]),
    ...[
      [116, 60, 40],
      [132, 88, 100],
      [40, 98, -70],
    ].flatMap(([x = 0, y = 0, a = 0]) => put([solid('M0 0C-16 4 -30 -2 -36 -14C-18 -16 -4 -12 0 0Z', t.ochreGround, t.ochre, 2.4)], [x, y, a, 0.8])),
    line('M104 34V50M98 44L104 51L110 44', t.drift, 2.4),
  ],
  'plant:stunted': ({ t }) => [
    soilLine(t),
    line('M36 104V18', t.moss, 5),
    ...[
      [36, 34],
      [36, 60],
      [36, 84],
    ].flatMap(([x = 0, y = 0]) => [
      leafPart(t, `M${x} ${y}c-14 2 -24 -4 -30 -14c16 -3 28 2 30 14z`),
      leafPart(t, `M${x} ${y}c14 2 24 -4 30 -14c-16 -3 -28 2 -30 14z`),
    ]),
    line('M120 104V78', t.moss, 5),
    leafPart(t, 'M120 92c-12 2 -20 -3 -24 -11c13 -3 22 2 24 11z'),
    leafPart(t, 'M120 92c12 2 20 -3 24 -11c-13 -3 -22 2 -24 11z'),
    { ...line('M104 18H136', t.drift, 2), dash: '4 4' },
    line('M120 70V28M114 36L120 27L126 36', t.drift, 2),
  ],
  'plant:tent': ({ t }) => [
    line('M20 120C50 90 70 70 78 56M78 56C90 36 110 20 140 8M78 56C66 40 46 30 24 22', t.bark, 6),
    { ...solid('M78 92C48 80 36 50 40 26C64 34 104 30 124 18C122 48 112 82 78 92Z', t.halo, t.drift, 2), opacity: 0.85 },
    ...['M44 34C66 60 96 56 118 30', 'M46 54C70 76 92 72 112 52', 'M58 40L74 86M84 36L86 86M106 30L94 78'].map((d) => line(d, t.drift, 1.2)),
    ...[
      [64, 52],
      [92, 46],
      [82, 70],
    ].flatMap(([x = 0, y = 0]) => put(GLYPHS['hairy']?.(t, t.ochre) ?? [], [x, y, 20, 0.42])),
  ],
  'plant:heart': ({ t }) => [
    soilLine(t),
    ...[
      'M80 100C40 104 14 84 12 52C44 48 74 66 80 100Z',
      'M80 100C120 104 146 84 148 52C116 48 86 66 80 100Z',
      'M80 96C52 90 38 66 44 34C68 42 82 66 80 96Z',
      'M80 96C108 90 122 66 116 34C92 42 78 66 80 96Z',
    ].map((d) => leafPart(t, d)),
    solid('M62 74C64 58 74 52 82 58C92 50 100 62 98 76C92 90 70 92 62 74Z', t.soot, t.bark, 2),
    ...put(GLYPHS['caterpillar']?.(t, t.moss) ?? [], [84, 62, -10, 0.6]),
  ],
  'plant:orb-web': ({ t }) => [
    line('M14 120C20 80 18 40 8 0M150 120C142 80 144 40 154 0', t.moss, 6),
    ...[0, 30, 60, 90, 120, 150].map((a) => {
      const c = Math.cos((a * Math.PI) / 180) * 58;
      const s = Math.sin((a * Math.PI) / 180) * 52;
      return line(`M${80 - c} ${58 - s}L${80 + c} ${58 + s}`, t.drift, 1.3);
    }),
    ...[14, 26, 38, 50].map((r) => line(ellipse(80, 58, r * 1.08, r), t.drift, 1.3)),
    ...put(GLYPHS['spider']?.(t, t.bark) ?? [], [80, 58, -90, 1.1]),
  ],
  'pot:wilt-dry': ({ t }) => potted(t, false),
  'pot:wilt-wet': ({ t }) => potted(t, true),
  'pot:air-roots': ({ t }) => [
    ...BASES.pot(t),
    ...['M60 62C48 72 30 74 24 92', 'M100 62C112 74 130 72 138 92', 'M70 62C58 56 40 62 28 54'].flatMap((d) => [line(d, t.drift, 8), line(d, t.halo, 5)]),
  ],
  'pot:salt': ({ t }) => [
    ...BASES.pot(t),
    ...Array.from({ length: 15 }, (_, i) => solid(circle(41 + i * 5.6, 64 + (i % 3) * 3, 3.4), t.halo, t.drift, 0.9)),
    ...Array.from({ length: 9 }, (_, i) => solid(circle(54 + i * 6.4, 90 + ((i * 5) % 3) * 5, 2.2), t.halo)),
  ],
  'pot:corky': ({ t }) => [
    solid('M58 66C54 36 60 8 80 4C100 8 106 36 102 66Z', t.leaf, t.moss, 3),
    line('M70 10V40M80 6V40M90 10V40', t.moss, 2),
    solid('M57 66C55 54 56 46 57 42C68 50 92 50 103 42C104 46 105 54 103 66Z', t.bark, t.soot, 2.4),
    line('M62 52L66 60M76 52L78 62M90 52L88 60', t.soot, 1.8),
    solid('M44 70H116L108 118H52Z', t.rust, t.soot, 2.4),
    solid('M38 64H122V78H38Z', t.rust, t.soot, 2.4),
  ],
  'root:clubs': ({ t }) => [
    ...BASES.root(t).slice(0, 2),
    solid('M70 26C56 38 44 50 50 68C56 84 70 78 76 92C82 106 104 108 108 92C112 78 124 78 122 62C120 46 104 38 94 26Z', t.ochreGround, t.ochre, 3.2),
    solid(ellipse(48, 82, 15, 11), t.ochreGround, t.ochre, 2.8),
    solid(ellipse(124, 88, 14, 10), t.ochreGround, t.ochre, 2.8),
    line('M66 52C72 60 70 66 76 72M102 50C98 60 104 68 98 80', t.ochre, 2),
  ],
  'root:mushy': ({ t }) => [
    ...BASES.root(t).slice(0, 2),
    ...['M72 28C66 56 50 70 42 104', 'M82 28C82 60 80 80 82 112', 'M92 28C98 56 114 70 120 100'].flatMap((d) => [line(d, t.soot, 12), line(d, t.bark, 7.4)]),
    ...[
      [52, 84],
      [80, 74],
      [110, 82],
      [82, 100],
    ].map(([x = 0, y = 0]) => ({ ...solid(ellipse(x, y, 10, 6), t.soot), opacity: 0.75 })),
    line('M120 100c6 6 4 12 0 14M42 104c-4 4 -4 8 -2 12', t.bark, 2),
  ],
  'root:knots': ({ t }) => [
    ...BASES.root(t).slice(0, 2),
    ...['M72 28C66 52 50 64 38 100', 'M82 28C82 60 80 80 84 112', 'M92 28C98 52 112 62 126 96', 'M66 56C52 60 40 58 28 66'].map((d) => line(d, t.ochre, 4.4)),
    ...[
      [62, 60],
      [50, 76],
      [42, 92],
      [81, 60],
      [82, 82],
      [84, 100],
      [101, 54],
      [112, 70],
      [122, 88],
      [44, 60],
    ].map(([x = 0, y = 0]) => solid(circle(x, y, 7), t.ochreGround, t.ochre, 2.6)),
  ],
  'root:chewed': ({ t }) => [
    ...BASES.root(t).slice(0, 2),
    solid('M66 28C66 46 70 58 68 66L76 60L80 72L88 62L94 68C92 56 96 44 96 28Z', t.ochreGround, t.ochre, 3),
    line('M66 44L54 50M96 44L108 50', t.ochre, 3),
    ...put(GLYPHS['c-grub']?.(t, t.halo) ?? [], [60, 94, 0, 0.85]),
    ...put(GLYPHS['c-grub']?.(t, t.halo) ?? [], [106, 96, 90, 0.7]),
  ],
  'bulb:slime-rot': ({ t }) => [
    ...BASES.bulb(t),
    { ...solid('M40 74C60 62 100 66 121 74C122 102 102 112 80 112C58 112 38 102 40 74Z', t.bark), opacity: 0.9 },
    ...[
      [56, 96],
      [84, 92],
      [104, 86],
    ].map(([x = 0, y = 0]) => solid(`M${x} ${y}c8 12 6 20 0 20s-8 -8 0 -20z`, t.ochre, t.soot, 1.6)),
    line('M30 50q-6 -8 0 -14M132 48q6 -8 0 -14M22 66q-6 -8 0 -14', t.drift, 2.4),
  ],
};
