import { circle, ellipse, line, solid, type Pen, type Shape } from './shape';

type Motif = (pen: Pen) => Shape[];

const tufts = (stroke: string, y: number, from: number, to: number): Shape[] =>
  Array.from({ length: Math.round((to - from) / 8) }, (_, i) => line(`M${from + i * 8} ${y}l-2 -12M${from + i * 8 + 3} ${y}l2 -14`, stroke, 2));
const ground = (t: Pen['t']): Shape[] => [solid('M0 30C40 24 120 24 160 30V120H0Z', t.leaf), ...[44, 62, 82, 104].flatMap((y) => tufts(t.moss, y, 6, 156))];

/** What shows in a lawn, seen from above and from the side, and crowns that fall. */
export const TURF: Readonly<Record<string, Motif>> = {
  'plant:turf-patches': ({ t, tone }) => [
    ...ground(t),
    solid('M34 56C52 42 88 46 96 62C100 80 60 92 42 80C30 74 28 62 34 56Z', t.ochreGround, tone, 2.4),
    solid('M108 84C120 76 142 80 144 92C140 104 114 106 106 96Z', t.ochreGround, tone, 2.4),
    solid(circle(136, 14, 9), t.ochreGround, t.ochre, 2),
    line('M136 0V2M122 14H124M148 14H150M126 4L128 6M146 4L144 6', t.ochre, 2),
  ],
  'soil:turf-flap': ({ t, tone }) => [
    solid('M0 70H160V120H0Z', t.bark),
    solid('M0 58H70V72H0Z', tone, t.moss, 2),
    solid('M70 58C96 52 118 34 124 14L138 22C132 46 108 68 78 74H70Z', tone, t.moss, 2.4),
    line('M76 72C104 64 126 46 136 24', t.ochreGround, 4),
    ...[12, 28, 44, 60].map((x) => line(`M${x} 58l-2 -12M${x + 4} 58l3 -13`, t.moss, 2)),
    line('M100 86C96 82 92 88 98 92C104 96 110 90 106 84', t.halo, 6),
    line('M124 98C120 94 116 100 122 104C128 108 134 102 130 96', t.halo, 6),
  ],
  'plant:grass-ring': ({ t, tone }) => [
    ...ground(t),
    { ...line(ellipse(80, 76, 54, 26), tone, 12) },
    ...[
      [34, 62],
      [62, 50],
      [104, 50],
      [128, 66],
    ].flatMap(([x = 0, y = 0]) => [
      line(`M${x} ${y + 10}V${y}`, t.halo, 4),
      solid(`M${x - 9} ${y}C${x - 8} ${y - 10} ${x + 8} ${y - 10} ${x + 9} ${y}Z`, t.ochreGround, t.bark, 2),
    ]),
  ],
  'plant:matted-turf': ({ t }) => [
    ...ground(t),
    solid(ellipse(76, 74, 46, 24), t.ochreGround, t.halo, 6),
    line('M42 70C60 64 80 78 106 68M44 80C64 76 86 88 108 78M56 60C70 66 84 58 98 64', t.ochre, 2.4),
    ...[36, 50, 92, 112].map((x, i) => solid(circle(x, 60 + (i % 2) * 30, 4), t.halo, t.drift, 1.2)),
  ],
  'plant:smoke-ring': ({ t, tone }) => [
    ...ground(t),
    solid(ellipse(80, 74, 48, 25), t.bark, tone, 8),
    { ...line(ellipse(80, 74, 54, 30), tone, 3), dash: '3 6' },
    line('M52 70C66 64 90 80 108 70M58 82C74 78 92 88 104 80', t.ochre, 2),
  ],
  'plant:fallen-crown': ({ t }) => [
    solid('M0 108C40 104 120 104 160 108V120H0Z', t.bark),
    solid('M66 108C70 84 70 60 66 40H90C90 60 92 84 96 108Z', t.bark, t.soot, 2.4),
    line('M66 54H91M67 68H91M68 82H93M67 96H95', t.soot, 1.8),
    line('M78 42C58 34 38 44 26 70M78 42C52 44 44 64 44 92M80 42C104 40 126 56 132 84M80 42C98 52 110 74 108 98', t.drift, 5),
    line('M78 40C84 24 100 18 116 24', t.moss, 5),
    ...[
      [72, 36],
      [84, 34],
      [92, 40],
    ].map(([x = 0, y = 0]) => solid(circle(x, y, 3), t.ochreGround, t.bark, 1.2)),
  ],
  'plant:bronze-plant': ({ t, tone }) => [
    solid('M0 108C40 104 120 104 160 108V120H0Z', t.bark),
    solid('M80 6C100 30 116 70 118 104H42C44 70 60 30 80 6Z', tone, t.bark, 2.6),
    line('M80 20V100M80 40L62 54M80 40L98 54M80 62L54 80M80 62L106 80', t.moss, 3),
    ...[
      [22, 20],
      [136, 30],
      [30, 54],
    ].map(([x = 0, y = 0]) => line(`M${x - 7} ${y}H${x + 7}M${x - 4} ${y - 6}L${x + 4} ${y + 6}M${x - 4} ${y + 6}L${x + 4} ${y - 6}`, t.brook, 2)),
  ],
};

/** Marks laid on a blade or on the soil. */
export const TURF_MARKS: Readonly<Record<string, Motif>> = {
  'blade:red-threads': ({ t, tone }) => [
    line('M118 34C126 24 132 16 142 4M124 30C134 24 140 18 150 14M112 40C120 34 128 30 138 28', tone, 3.4),
    line('M60 84C74 76 86 80 98 66', tone, 2.6),
    solid(circle(142, 6, 3), tone),
    solid(circle(150, 14, 3), t.rowanGround),
  ],
  'soil:ridge': ({ t }) => [
    solid('M6 62C24 48 40 66 58 52C76 40 94 60 114 48C130 40 146 54 158 50V64C140 66 130 58 114 62C94 72 76 58 58 68C40 78 24 66 6 74Z', t.bark, t.soot, 2.4),
    line('M18 62L24 56M66 58L72 50M120 54L128 50M96 60L102 54', t.soot, 2),
    line('M84 44C82 34 92 26 100 30M86 44C90 40 98 42 102 48', t.moss, 3),
  ],
};
