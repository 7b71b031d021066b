import type { Tokens } from '../../../ui/tokens';
import { circle, ellipse, line, solid, type Shape } from './shape';

/** Creatures, drawn round the origin about 40 wide, looking right. */
export type Glyph = (t: Tokens, tone: string) => Shape[];

const legs = (t: Tokens, xs: readonly number[], reach: number) =>
  xs.map((x) => line(`M${x} ${-reach * 0.4}L${x - 3} ${-reach}M${x} ${reach * 0.4}L${x - 3} ${reach}`, t.ink, 1.8));
const feelers = (t: Tokens, x: number) => line(`M${x} -3C${x + 5} -6 ${x + 8} -10 ${x + 11} -11M${x} 3C${x + 5} 6 ${x + 8} 10 ${x + 11} 11`, t.ink, 1.5);
const eye = (t: Tokens, x: number, y = -2) => solid(circle(x, y, 1.4), t.ink);

/** A soft body in rings. */
const worm =
  (thick: number, head?: string): Glyph =>
  (t, tone) => [
    line('M-22 4C-14 -8 -6 -8 0 2C6 10 14 8 22 -2', t.ink, thick + 3.4),
    line('M-22 4C-14 -8 -6 -8 0 2C6 10 14 8 22 -2', tone, thick),
    ...(head ? [solid(circle(22, -2, thick * 0.55), head)] : []),
  ];

const beetle: Glyph = (t, tone) => [
  ...legs(t, [-8, 0, 8], 15),
  feelers(t, 15),
  solid(ellipse(-2, 0, 15, 10.5), tone, t.ink, 2.2),
  solid(circle(14, 0, 5.4), t.ink),
  line('M-17 0H12', t.ink, 1.8),
];

export const GLYPHS: Readonly<Record<string, Glyph>> = {
  beetle,
  'striped-beetle': (t, tone) => [...beetle(t, tone), line('M-14 -5H9M-14 5H9M-12 -8H5M-12 8H5', t.ink, 1.6)],
  ladybird: (t) => [
    ...legs(t, [-7, 0, 7], 15),
    feelers(t, 13),
    solid(circle(-2, 0, 13), t.rowan, t.ink, 2.2),
    solid('M8 -8C15 -7 17 -3 17 0C17 3 15 7 8 8Z', t.ink),
    line('M-15 0H10', t.ink, 1.8),
    ...[
      [-7, -6],
      [-7, 6],
      [3, -7],
      [3, 7],
    ].map(([x = 0, y = 0]) => solid(circle(x, y, 2.6), t.ink)),
  ],
  weevil: (t, tone) => [
    ...legs(t, [-8, -1, 6], 13),
    solid(ellipse(-4, 0, 14, 9), tone, t.halo, 1.4),
    solid(circle(11, 0, 5.4), tone, t.halo, 1.2),
    line('M15 0C20 1 23 4 24 8', tone, 3.4),
    line('M20 2C24 0 27 -2 29 -5', tone, 1.6),
  ],
  bug: (t, tone) => [
    ...legs(t, [-8, 0, 7], 17),
    feelers(t, 15),
    solid('M16 0L9 -9L-6 -12L-20 -4V4L-6 12L9 9Z', tone, t.ink, 2.2),
    line('M8 -8L-6 0L8 8', t.ink, 1.6),
  ],
  'spotted-bug': (t) => [
    ...legs(t, [-6, 2], 13),
    solid('M18 0C10 -11 -10 -11 -20 -5V5C-10 11 10 11 18 0Z', t.ochreGround, t.ink, 2),
    ...[-12, -4, 5].flatMap((x) => [solid(circle(x, -4, 1.8), t.ink), solid(circle(x, 4, 1.8), t.ink)]),
    solid('M-20 -5V5L-10 0Z', t.rowan),
  ],
  caterpillar: worm(11),
  grub: (t, tone) => [
    line('M-18 6C-14 -8 6 -12 18 0', t.ink, 19),
    line('M-18 6C-14 -8 6 -12 18 0', tone, 15.4),
    solid(circle(19, 1, 5), t.ink),
    ...[-12, -4, 5].map((x) => solid(circle(x, 3 - Math.abs(x) * 0.1, 1.6), t.ink)),
  ],
  'c-grub': (t) => [
    line('M16 -12C-4 -24 -22 -6 -12 10C-6 18 8 16 14 10', t.ink, 15),
    line('M16 -12C-4 -24 -22 -6 -12 10C-6 18 8 16 14 10', t.halo, 11.4),
    solid(circle(16, -12, 5.4), t.rust),
  ],
  'curled-caterpillar': (t) => [
    line('M14 8C4 20 -16 14 -14 -4C-12 -18 10 -18 14 -6', t.ink, 14),
    line('M14 8C4 20 -16 14 -14 -4C-12 -18 10 -18 14 -6', t.drift, 10.4),
    solid(circle(14, 8, 4.6), t.ink),
  ],
  wireworm: (t) => [line('M-24 4C-8 -4 8 6 24 -4', t.ink, 7), line('M-24 4C-8 -4 8 6 24 -4', t.ochre, 4.4), line('M20 -1L23 4M15 1L18 6', t.ink, 1.4)],
  leather: (t) => [
    line('M-20 4C-10 -4 10 -4 20 4', t.ink, 14),
    line('M-20 4C-10 -4 10 -4 20 4', t.drift, 10.6),
    line('M-12 -5V6M-4 -7V6M4 -7V6M12 -5V6', t.ink, 1.3),
  ],
  looper: (t) => [
    line('M-20 10C-14 10 -12 -14 0 -14C12 -14 12 10 20 10', t.ink, 8.4),
    line('M-20 10C-14 10 -12 -14 0 -14C12 -14 12 10 20 10', t.moss, 5.2),
    eye(t, 20, 9),
  ],
  hairy: (t, tone) => [
    ...[-16, -10, -4, 2, 8, 14].map((x) => line(`M${x} 0L${x - 3} -12M${x} 0L${x + 3} -12M${x} 2L${x - 3} 12M${x} 2L${x + 3} 12`, t.ink, 1.2)),
    line('M-20 2H18', t.ink, 11),
    line('M-20 2H18', tone, 7),
    solid(circle(20, 1, 5), t.ink),
  ],
  hornworm: (t) => [
    line('M-24 2C-12 -4 10 -4 24 2', t.ink, 17),
    line('M-24 2C-12 -4 10 -4 24 2', t.moss, 13.4),
    line('M-26 -4L-32 -14', t.rowan, 3.4),
    ...[-14, -5, 4, 13].map((x) => line(`M${x} -5L${x + 5} 4`, t.halo, 2)),
    eye(t, 26, 2),
  ],
  'slug-grub': (t) => [solid('M-14 6C-14 -8 6 -12 14 -2C18 4 14 8 8 8H-10Z', t.soot, t.halo, 1.4)],
  slug: (t) => [
    solid('M-34 12C-24 -6 10 -14 24 -2C30 4 28 12 20 12Z', t.drift, t.ink, 2.4),
    line('M22 -3L30 -14M26 0L36 -8', t.ink, 2.2),
    solid(circle(30, -14, 2), t.ink),
    solid(circle(36, -8, 2), t.ink),
  ],
  earwig: (t) => [
    ...legs(t, [-4, 3, 10], 12),
    solid(ellipse(0, 0, 18, 5.6), t.rust, t.ink, 2),
    solid(circle(19, 0, 5), t.rust, t.ink, 2),
    line('M-17 -3C-28 -9 -34 -4 -33 0M-17 3C-28 9 -34 4 -33 0', t.ink, 2.4),
    feelers(t, 22),
  ],
  woodlouse: (t) => [
    ...legs(t, [-9, -3, 3, 9], 12),
    solid(ellipse(0, 0, 15, 9.5), t.drift, t.ink, 2),
    line('M-8 -8V8M-2 -9V9M4 -9V9M9 -7V7', t.ink, 1.4),
    feelers(t, 13),
  ],
  ant: (t) => [
    ...legs(t, [-2, 2, 6], 11),
    solid(ellipse(-10, 0, 6.4, 4.8), t.ink),
    solid(circle(1, 0, 3.4), t.ink),
    solid(circle(9, 0, 4), t.ink),
    feelers(t, 11),
  ],
  fly: (t) => [
    solid(ellipse(-2, 0, 7, 3.4), t.ink, t.halo, 0.8),
    solid('M2 0C-4 -14 -14 -14 -14 -9C-14 -4 -6 -1 2 0Z', t.halo, t.ink, 1.4),
    solid('M2 0C-4 14 -14 14 -14 9C-14 4 -6 1 2 0Z', t.halo, t.ink, 1.4),
    solid(circle(7, 0, 3), t.ink),
  ],
  whitefly: (t) => [solid('M6 0L-10 -8V8Z', t.halo, t.ink, 1.5), solid(circle(6, 0, 2.4), t.ochre)],
  wasp: (t) => [
    solid('M2 -2C-6 -16 -18 -14 -14 -6Z', t.halo, t.ink, 1.3),
    solid(ellipse(-11, 2, 8, 3.6), t.ink),
    solid(circle(1, 0, 3), t.ink),
    solid(circle(8, -1, 3.4), t.rust, t.ink, 1.2),
    feelers(t, 10),
  ],
  hopper: (t, tone) => [solid('M16 -2L-18 -7C-14 2 -4 8 10 7Z', tone, t.ink, 2), line('M-6 4L-14 14L-4 12M4 6L0 14', t.ink, 1.8), eye(t, 12, -1)],
  sliver: (t, tone) => [solid('M14 0C6 -4 -8 -4 -16 0C-8 4 6 4 14 0Z', tone, t.ink, 1.3), line('M-14 -2C-8 -7 0 -7 6 -3', t.ink, 1)],
  aphid: (t, tone) => [
    line('M-2 3L-7 9M2 3L2 10M5 2L9 8', t.ink, 1.1),
    solid('M9 -1C6 -7 -8 -8 -10 0C-8 7 6 6 9 -1Z', tone, t.halo, 0.9),
    line('M-8 -4L-13 -7', t.ink, 1.3),
  ],
  mite: (t) => [line('M-4 -2L-9 -6M-4 2L-9 6M3 -3L6 -8M3 3L6 8', t.ink, 1), solid(ellipse(0, 0, 5, 4), t.rowan, t.ink, 1)],
  'fast-mite': (t) => [
    line('M-5 -2L-13 -8M-5 2L-13 8M4 -3L10 -11M4 3L10 11M6 0L17 -4M6 0L17 4', t.ink, 1.3),
    solid('M11 0C7 -7 -7 -7 -10 0C-7 7 7 7 11 0Z', t.rust, t.ink, 1.5),
    solid(circle(-3, -2, 1.6), t.halo),
  ],
  nymph: (t) => [solid(ellipse(0, 0, 10, 7.4), t.ochreGround, t.ink, 1.6), line('M0 -7V7M-6 -5V5M6 -5V5', t.ochre, 1.4), eye(t, 7, -2), eye(t, 7, 2)],
  'spiky-larva': (t) => [
    ...[-16, -8, 0, 8].map((x) => line(`M${x} -6L${x - 3} -12M${x} 6L${x - 3} 12`, t.ink, 2)),
    ...legs(t, [4, 9, 14], 13),
    solid('M20 0C12 -10 -10 -9 -24 0C-10 9 12 10 20 0Z', t.ink, t.halo, 1),
    ...[-10, 0].flatMap((x) => [solid(circle(x, -4, 2.4), t.rust), solid(circle(x, 4, 2.4), t.rust)]),
  ],
  'spiny-grub': (t) => [
    ...[-16, -7, 2, 11].flatMap((x) => [
      line(`M${x} -8L${x - 1} -19M${x - 1} -13L${x - 6} -17M${x - 1} -13L${x + 4} -17`, t.ink, 1.7),
      line(`M${x} 8L${x - 1} 19M${x - 1} 13L${x - 6} 17M${x - 1} 13L${x + 4} 17`, t.ink, 1.7),
    ]),
    solid(ellipse(-2, 0, 22, 11), t.ochreGround, t.ink, 1.8),
    line('M-12 -8V8M-4 -10V10M4 -10V10M12 -7V7', t.ochre, 1.8),
    solid(circle(19, 0, 3.2), t.ink),
  ],
  'hover-larva': (t) => [
    solid('M24 2C12 -8 -8 -12 -24 4C-10 12 12 10 24 2Z', t.leaf, t.ink, 2),
    line('M-16 2C-4 -2 6 -2 16 1', t.halo, 2.6),
    line('M-8 -6V6M0 -7V7M8 -5V5', t.moss, 1.2),
  ],
  'jawed-larva': (t) => [
    ...legs(t, [-2, 4, 10], 13),
    solid('M16 0C8 -9 -8 -8 -24 0C-8 8 8 9 16 0Z', t.bark, t.ink, 2),
    line('M16 -3C26 -9 30 -4 26 0M16 3C26 9 30 4 26 0', t.ink, 2.4),
    line('M-30 -20V-34M-20 -20V-36', t.drift, 1.2),
    solid(ellipse(-30, -36, 2, 3.4), t.halo, t.ink, 1),
    solid(ellipse(-20, -38, 2, 3.4), t.halo, t.ink, 1),
  ],
  'woolly-larva': (t) => [
    ...[-18, -10, -2, 6, 14].map((x) =>
      solid(`M${x - 4} -5C${x - 8} -16 ${x + 4} -18 ${x + 3} -6V6C${x + 6} 17 ${x - 8} 16 ${x - 4} 5Z`, t.halo, t.drift, 1.3),
    ),
    solid(ellipse(0, 0, 20, 6), t.halo, t.ink, 1.6),
    line('M20 -2L27 -7M20 2L27 7', t.ink, 2),
  ],
  lacewing: (t) => [
    solid('M8 0C-6 -20 -34 -22 -36 -12C-36 -4 -10 0 8 0Z', t.halo, t.moss, 1.6),
    solid('M8 0C-6 20 -34 22 -36 12C-36 4 -10 0 8 0Z', t.halo, t.moss, 1.6),
    line('M4 0C-8 -10 -22 -14 -32 -13M4 0C-8 10 -22 14 -32 13M-8 -6L-20 -18M-8 6L-20 18', t.moss, 1),
    line('M12 0H-24', t.moss, 4.4),
    solid(circle(14, 0, 4.2), t.ochre, t.ink, 1.4),
    line('M17 -2C24 -8 30 -10 36 -10M17 2C24 8 30 10 36 10', t.ink, 1.3),
  ],
  hoverfly: (t) => [
    solid('M2 -3C-4 -24 -20 -26 -20 -17C-20 -9 -8 -4 2 -3Z', t.halo, t.ink, 1.4),
    solid('M2 3C-4 24 -20 26 -20 17C-20 9 -8 4 2 3Z', t.halo, t.ink, 1.4),
    solid(ellipse(-10, 0, 14, 6.4), t.ochre, t.ink, 1.6),
    line('M-18 -5V5M-11 -6V6M-4 -6V6', t.ink, 3),
    solid(circle(6, 0, 5), t.ink),
    solid(circle(13, 0, 5), t.rowan, t.ink, 1.4),
  ],
  bee: (t) => [
    solid('M0 -5C-6 -22 -20 -22 -18 -13C-16 -7 -8 -5 0 -5Z', t.halo, t.ink, 1.4),
    solid('M4 -5C4 -20 -6 -24 -8 -17C-8 -11 -2 -6 4 -5Z', t.halo, t.ink, 1.4),
    solid(ellipse(-4, 2, 17, 10.5), t.ochre, t.ink, 2),
    line('M-14 -5V10M-6 -8V12M2 -8V12', t.ink, 4),
    solid(circle(14, 0, 6), t.ink),
    line('M17 -5L22 -12', t.ink, 1.5),
  ],
  butterfly: (t) => [
    solid('M0 0C-6 -26 -28 -30 -30 -16C-31 -4 -14 2 0 0Z', t.rowan, t.ink, 2),
    solid('M0 2C-10 6 -26 8 -24 20C-20 30 -4 20 0 6Z', t.rust, t.ink, 2),
    solid('M0 0C6 -26 28 -30 30 -16C31 -4 14 2 0 0Z', t.rowan, t.ink, 2),
    solid('M0 2C10 6 26 8 24 20C20 30 4 20 0 6Z', t.rust, t.ink, 2),
    solid(circle(-20, -16, 4), t.brook, t.halo, 1.6),
    solid(circle(20, -16, 4), t.brook, t.halo, 1.6),
    line('M0 -8V14M0 -8L-6 -18M0 -8L6 -18', t.ink, 2.6),
  ],
  'white-butterfly': (t) => [
    solid(
      'M0 0C-4 -20 -22 -24 -24 -12C-24 -4 -10 0 0 0C-8 4 -18 8 -16 15C-12 20 -2 12 0 4C2 12 12 20 16 15C18 8 8 4 0 0C10 0 24 -4 24 -12C22 -24 4 -20 0 0Z',
      t.halo,
      t.ink,
      2,
    ),
    solid('M-24 -12C-25 -18 -20 -20 -16 -19Z', t.ink),
    solid('M24 -12C25 -18 20 -20 16 -19Z', t.ink),
    solid(circle(-12, -9, 2), t.ink),
    solid(circle(12, -9, 2), t.ink),
    line('M0 -5V8', t.ink, 2.4),
  ],
  'edged-moth': (t) => [solid('M0 -4C-10 -14 -26 -12 -28 8C-14 12 -4 8 0 4C4 8 14 12 28 8C26 -12 10 -14 0 -4Z', t.halo, t.bark, 4), line('M0 -4V8', t.ink, 3)],
  mantis: (t) => [
    line('M-30 14L6 -4', t.moss, 7),
    line('M6 -4L24 -22', t.moss, 4.4),
    solid('M22 -30L32 -22L22 -18Z', t.moss, t.ink, 1.4),
    line('M18 -16L32 -10L22 2', t.moss, 4),
    line('M-4 2L-10 22M-16 8L-26 26M-8 2L10 20', t.moss, 2.4),
  ],
  'ground-beetle': (t) => [
    ...legs(t, [-12, -2, 8], 18),
    feelers(t, 20),
    solid(ellipse(-6, 0, 18, 10.5), t.soot, t.brook, 1.6),
    solid(ellipse(12, 0, 7, 7.4), t.soot, t.brook, 1.4),
    solid(circle(20, 0, 4.6), t.soot, t.brook, 1.2),
    line('M-22 -3H8M-22 3H8', t.brook, 1),
  ],
  'rove-beetle': (t) => [
    ...legs(t, [2, 8, 14], 13),
    solid(ellipse(4, 0, 12, 6), t.soot, t.halo, 1),
    line('M-6 0C-18 2 -26 -6 -24 -20', t.soot, 8),
    line('M-10 1L-12 -3M-18 -2L-21 -6M-24 -9L-28 -11', t.halo, 1),
    solid(circle(19, 0, 5.4), t.soot, t.halo, 1),
    feelers(t, 22),
  ],
  harvestman: (t) => [
    ...[-38, -20, 20, 38].map((x) => line(`M0 0C${x * 0.4} -26 ${x * 0.7} -24 ${x} 18`, t.ink, 1.5)),
    solid(ellipse(0, 0, 8, 6.4), t.rust, t.ink, 1.6),
  ],
  centipede: (t) => [
    ...[-26, -20, -14, -8, -2, 4, 10, 16].map((x) => line(`M${x} 0L${x - 4} -10M${x} 0L${x - 4} 10`, t.rust, 1.8)),
    line('M-30 0H20', t.ink, 8),
    line('M-30 0H20', t.rust, 5),
    solid(circle(23, 0, 4.6), t.rust, t.ink, 1.3),
    feelers(t, 25),
  ],
  'soldier-beetle': (t) => [
    ...legs(t, [-10, 0, 9], 13),
    feelers(t, 18),
    solid('M-24 -5H10V5H-24Z', t.rust, t.ink, 1.8),
    solid('M-24 -5H-16V5H-24Z', t.ink),
    solid(circle(14, 0, 5), t.rust, t.ink, 1.6),
  ],
  'pirate-bug': (t) => [
    ...legs(t, [-6, 2, 8], 12),
    feelers(t, 13),
    solid('M14 0C8 -9 -10 -10 -20 0C-10 10 8 9 14 0Z', t.ink),
    solid('M2 -6L-8 0L2 6L6 0Z', t.halo),
    solid('M-10 -4L-18 0L-10 4Z', t.halo),
  ],
  springer: (t) => [solid(ellipse(0, 0, 5.4, 2.4), t.halo, t.ink, 1), line('M-5 1L-9 4', t.halo, 1.4)],
  maggot: (t) => [solid('M-10 0C-8 -5 6 -6 11 0C6 6 -8 5 -10 0Z', t.halo, t.ink, 1.4), solid(circle(10, 0, 1.6), t.ink)],
  midge: (t, tone) => [solid('M-7 0C-5 -4 5 -4 7 0C5 4 -5 4 -7 0Z', tone, t.ink, 1)],
  husk: (t) => [
    solid('M9 0C7 -9 -9 -9 -11 0C-9 9 7 9 9 0Z', t.ochreGround, t.ochre, 2),
    solid(circle(-5, -2, 2.2), t.ink),
    line('M9 -2L14 -5M9 2L14 5', t.ochre, 1.4),
  ],
  spider: (t) => [
    line('M-2 -3C-8 -10 -14 -8 -16 -2M-2 3C-8 10 -14 8 -16 2M4 -3C10 -11 16 -9 18 -3M4 3C10 11 16 9 18 3', t.ink, 1.6),
    solid(circle(-3, 0, 6), t.bark, t.ink, 1.6),
    solid(circle(6, 0, 3.4), t.ink),
  ],
};
