import type { Tokens } from '../../../ui/tokens';
import { circle, ellipse, line, put, solid, type Pen, type Shape } from './shape';

type Motif = (pen: Pen) => Shape[];
type Draw = (t: Tokens, tone: string) => Shape[];
const long = (t: Tokens, xs: readonly number[], reach: number) =>
  xs.map((x) => line(`M${x} -3L${x - 4} ${-reach * 0.7}L${x - 12} ${-reach}M${x} 3L${x - 4} ${reach * 0.7}L${x - 12} ${reach}`, t.ink, 1.7));
const feelers = (t: Tokens, x: number, out = 12) => line(`M${x} -3L${x + out} -10M${x} 3L${x + out} 10`, t.ink, 1.5);
const grubs = (t: Tokens, x: number, y: number, turn = 0) =>
  put([line('M-18 3C-8 -4 8 -4 18 3', t.ink, 10), line('M-18 3C-8 -4 8 -4 18 3', t.moss, 7)], [x, y, turn, 1]);

const assassin: Draw = (t, tone) => [
  ...long(t, [-6, 4, 12], 22),
  solid('M12 -5L-6 -10L-26 -5V5L-6 10L12 5Z', tone, t.ink, 2),
  solid(ellipse(20, 0, 8, 3.6), tone, t.ink, 1.8),
  line('M27 1C33 2 32 9 25 9', t.ink, 2.6),
  feelers(t, 26),
];
const hunter: Draw = (t, tone) => [
  ...long(t, [-8, 0, 7], 16),
  solid('M16 0L12 -13L2 -9L-6 -12L-20 -4V4L-6 12L2 9L12 13Z', tone, t.ink, 2.2),
  line('M16 0C22 4 26 10 26 18', t.ink, 2.6),
];
const fly: Draw = (t) => [
  solid('M-2 -4C-18 -18 -30 -16 -30 -8C-24 -2 -10 0 -2 -2Z', t.water, t.ink, 1.4),
  solid('M-2 4C-18 18 -30 16 -30 8C-24 2 -10 0 -2 2Z', t.water, t.ink, 1.4),
  ...[-14, -9, -4, 1].map((x) => line(`M${x} -7L${x - 4} -15M${x} 7L${x - 4} 15`, t.ink, 1.2)),
  solid(ellipse(-8, 0, 13, 8), t.drift, t.ink, 2),
  line('M-15 -6V6M-8 -8V8M-1 -7V7', t.ink, 1.3),
  solid(circle(9, 0, 7), t.drift, t.ink, 2),
  solid(circle(12, -4, 3), t.rust),
  solid(circle(12, 4, 3), t.rust),
];
const vedalia: Draw = (t, tone) => [
  solid(circle(-2, 0, 12), tone, t.ink, 2.2),
  solid('M-4 -11C2 -6 0 -2 -6 -2C-12 -2 -10 -10 -4 -11Z', t.ink),
  solid('M-4 11C2 6 0 2 -6 2C-12 2 -10 10 -4 11Z', t.ink),
  line('M-14 0H9', t.ink, 2.4),
  solid('M8 -7C15 -6 17 -3 17 0C17 3 15 6 8 7Z', t.ink),
];
const sac: Draw = (t) => [
  solid('M-14 -8H10C18 -6 18 6 10 8H-14C-18 5 -18 -5 -14 -8Z', t.halo, t.drift, 2),
  line('M-10 -7V7M-4 -8V8M2 -8V8M8 -7V7', t.drift, 1.3),
];
const bigEyed: Draw = (t, tone) => [
  ...long(t, [-6, 2], 12),
  solid(ellipse(-6, 0, 15, 8), tone, t.ink, 2),
  line('M-14 -5L0 0L-14 5', t.ink, 1.5),
  solid(ellipse(10, 0, 5, 8), t.ink),
  solid(circle(11, -8, 4.4), t.rust, t.ink, 1.4),
  solid(circle(11, 8, 4.4), t.rust, t.ink, 1.4),
];
const wasp: Draw = (t, tone) => [
  solid('M0 -3C-10 -20 -24 -20 -24 -13C-18 -6 -8 -3 0 -3Z', t.water, t.ink, 1.4),
  solid('M0 3C-10 20 -24 20 -24 13C-18 6 -8 3 0 3Z', t.water, t.ink, 1.4),
  solid(ellipse(-20, 0, 14, 6), tone, t.ink, 2),
  line('M-28 -4V4M-22 -6V6M-16 -6V6', t.ink, 2.2),
  line('M-6 0H0', t.ink, 2.4),
  solid(circle(6, 0, 6), t.soot, t.ink, 1.6),
  solid(circle(16, 0, 5), tone, t.ink, 1.8),
  feelers(t, 19, 10),
];
const toad: Draw = (t, tone) => [
  solid('M-26 14C-34 -4 -12 -20 4 -18C18 -18 30 -8 28 6C26 14 14 16 6 16H-18C-22 18 -26 18 -26 14Z', tone, t.ink, 2.4),
  solid(circle(16, -14, 6), tone, t.ink, 2),
  solid(circle(17, -14, 2.4), t.ink),
  line('M28 2C22 5 16 6 10 5M-14 14C-10 4 -2 2 4 8M12 16L20 20M-24 15L-32 20', t.ink, 2),
  ...[
    [-12, -6],
    [-2, -10],
    [-6, 2],
  ].map(([x = 0, y = 0]) => solid(circle(x, y, 2), t.bark)),
];
const velvet: Draw = (t, tone) => [...long(t, [-4, 2, 8], 14), solid('M14 0C12 -10 0 -12 -10 -9C-16 -7 -16 7 -10 9C0 12 12 10 14 0Z', tone, t.ink, 2)];

const big =
  (draw: Draw, scale = 1.2): Motif =>
  (pen) => {
    const [x, y, turn, s] = pen.middle;
    return put(draw(pen.t, pen.tone), [x, y, turn, s * scale]);
  };

/** Creatures that eat others, and what they leave, by the base they are shown on. */
export const HUNTERS: Readonly<Record<string, Motif>> = {
  'leaf:beak-bug': big(assassin, 1.15),
  'leaf:bug-with-prey': (pen) => [...grubs(pen.t, 106, 70, 12), ...put(hunter(pen.t, pen.tone), [74, 42, 12, 1.15])],
  'leaf:bristly-fly': big(fly),
  'stem:vedalia': (pen) => [
    ...put(sac(pen.t, pen.tone), [82, 82, 84, 1]),
    ...put(sac(pen.t, pen.tone), [92, 30, 78, 0.9]),
    ...put(vedalia(pen.t, pen.tone), [78, 56, 80, 1.05]),
  ],
  'plant:sewn-nest': ({ t, tone }) => [
    solid('M50 26C66 10 100 12 112 30C120 50 108 70 84 72C56 74 40 48 50 26Z', t.leaf, t.moss, 3),
    line('M62 22C76 38 80 54 78 72M96 18C92 36 96 52 106 60M46 44C66 42 92 40 116 42', t.halo, 3.4),
    ...[
      [58, 58],
      [96, 30],
      [112, 64],
    ].flatMap(([x = 0, y = 0]) => [
      solid(ellipse(x - 5, y, 5, 3.4), tone, t.ink, 1),
      solid(circle(x + 3, y, 3), tone, t.ink, 1),
      line(`M${x} ${y - 2}l-4 -6M${x} ${y + 2}l-4 6M${x + 4} ${y}l6 -3`, t.ink, 1.2),
    ]),
  ],
  'bark:earwig-bark': ({ t }) => [
    solid('M58 20C70 16 92 16 104 22L100 60C90 64 72 64 62 58Z', t.rust, t.soot, 2.4),
    ...[
      [72, 82, 10],
      [94, 92, -16],
    ].flatMap(([x = 0, y = 0, turn = 0]) =>
      put(
        [
          solid(ellipse(0, 0, 15, 4.8), t.rust, t.ink, 1.8),
          line('M-14 -3C-22 -8 -26 -4 -25 0M-14 3C-22 8 -26 4 -25 0', t.ink, 2),
          solid(circle(16, 0, 4), t.rust, t.ink, 1.6),
        ],
        [x, y, turn, 1],
      ),
    ),
    ...[56, 66, 108].map((x, i) => solid(ellipse(x, 106 - i * 5, 4, 3), t.halo, t.drift, 1)),
  ],
  'under:black-eggs': ({ t }) =>
    Array.from({ length: 14 }, (_, i) => solid(circle(62 + (i % 5) * 11, 42 + Math.floor(i / 5) * 11, 4.6), i % 4 === 3 ? t.halo : t.soot, t.ink, 1.4)),
  'leaf:big-eyed': big(bigEyed, 1.3),
  'leaf:paper-wasp': (pen) => [...grubs(pen.t, 92, 78, -6), ...put(wasp(pen.t, pen.tone), [82, 48, -8, 1.25])],
  'soil:toad': (pen) => put(toad(pen.t, pen.tone), [92, 70, 0, 1.25]),
  'soil:velvet-mite': (pen) => put(velvet(pen.t, pen.tone), [92, 78, -14, 1.5]),
  'leaf:cocoons': ({ t }) => [
    ...put([line('M-30 4C-14 -6 12 -6 30 4', t.ink, 17), line('M-30 4C-14 -6 12 -6 30 4', t.moss, 13.6)], [82, 62, -8, 1]),
    ...[50, 62, 74, 86, 98, 110].map((x, i) => solid(ellipse(x, 44 - (i % 2) * 4 - i, 3.6, 8), t.halo, t.drift, 1.4)),
  ],
  'stem:foam-case': ({ t, tone }) => [
    solid('M72 34C60 40 58 66 66 80C78 88 96 84 100 70C102 52 96 36 86 32Z', tone, t.bark, 2.4),
    line('M64 48C76 52 90 50 98 46M62 58C76 64 90 62 100 58M64 70C76 76 90 74 98 68', t.bark, 2),
  ],
  'under:stalked-eggs': ({ t }) =>
    [46, 60, 74, 88, 102].flatMap((x, i) => [
      line(`M${x} ${62 - i * 2}L${x + 4 - i * 2} ${28 - (i % 2) * 6}`, t.ink, 1.3),
      solid(ellipse(x + 4 - i * 2, 22 - (i % 2) * 6, 3.4, 5.6), t.halo, t.ink, 1.3),
    ]),
};
