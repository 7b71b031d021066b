import type { Tokens } from '../../../ui/tokens';
import { circle, ellipse, line, put, solid, type Pen, type Shape } from './shape';

type Motif = (pen: Pen) => Shape[];
const legs = (t: Tokens, xs: readonly number[], reach: number) =>
  xs.map((x) => line(`M${x} ${-reach * 0.4}L${x - 3} ${-reach}M${x} ${reach * 0.4}L${x - 3} ${reach}`, t.ink, 1.8));
const feelers = (t: Tokens, x: number) => line(`M${x} -3C${x + 6} -6 ${x + 10} -9 ${x + 14} -10M${x} 3C${x + 6} 6 ${x + 10} 9 ${x + 14} 10`, t.ink, 1.5);

const oblong = (t: Tokens, tone: string): Shape[] => [
  ...legs(t, [-9, 0, 8], 13),
  feelers(t, 16),
  solid(ellipse(-3, 0, 17, 7.5), tone, t.ink, 2),
  solid(ellipse(14, 0, 5, 5), tone, t.ink, 2),
  line('M-20 0H10', t.ink, 1.4),
];
const shield = (t: Tokens, tone: string, marks: string): Shape[] => [
  ...legs(t, [-8, 0, 7], 16),
  feelers(t, 15),
  solid('M16 0L9 -9L-6 -12L-20 -4V4L-6 12L9 9Z', t.soot, t.ink, 2.2),
  line('M8 -8L-6 0L8 8M-16 -4L-8 -9M-16 4L-8 9M10 -3V3', tone, 2.6),
  solid(marks, tone),
];
const leafLeg = (t: Tokens, tone: string): Shape[] => [
  ...legs(t, [4, 10], 14),
  line('M-4 -5C-10 -14 -16 -16 -22 -15M-4 5C-10 14 -16 16 -22 15', t.ink, 2.2),
  solid('M-14 -17C-22 -24 -32 -22 -34 -15C-28 -12 -20 -12 -14 -17Z', tone, t.ink, 1.6),
  solid('M-14 17C-22 24 -32 22 -34 15C-28 12 -20 12 -14 17Z', tone, t.ink, 1.6),
  feelers(t, 18),
  solid('M20 0L12 -7L-8 -8L-22 -3V3L-8 8L12 7Z', tone, t.ink, 2),
  line('M-2 -8V8', t.halo, 2),
];
const grasshopper = (t: Tokens, tone: string): Shape[] => [
  line('M-4 -2L-20 -22L-30 8M6 4L4 14M12 4L14 14', t.ink, 3),
  solid('M-26 2C-14 -8 12 -9 22 -4C26 0 24 6 18 7C2 9 -16 8 -26 2Z', tone, t.ink, 2.2),
  line('M-24 2C-8 -3 8 -4 16 -3', t.ink, 1.4),
  solid(circle(20, -3, 2), t.ink),
  line('M22 -5L34 -14', t.ink, 1.4),
];
const hollowSeed = (t: Tokens): Shape[] => [
  solid('M-17 -3C-15 -14 8 -16 16 -5C20 2 14 13 4 12C-2 11 -2 5 -7 6C-13 8 -18 4 -17 -3Z', t.ochreGround, t.ochre, 2.4),
  solid(ellipse(2, -3, 8, 4.5), t.soot),
  line('M-12 3C-16 8 -14 13 -19 16', t.halo, 4.5),
  line('M4 -3C8 -5 10 -2 13 -4', t.halo, 4),
];
const spinySlug = (t: Tokens, tone: string): Shape[] => [
  ...[-16, -6, 4, 14].map((x) =>
    line(`M${x} -8L${x - 5} -18M${x} -8L${x + 1} -20M${x} -8L${x + 7} -17M${x} 8L${x - 5} 18M${x} 8L${x + 1} 20M${x} 8L${x + 7} 17`, t.rowan, 1.6),
  ),
  solid(ellipse(0, 0, 24, 11), tone, t.ink, 2.2),
  solid('M-12 -5H12C16 -5 16 5 12 5H-12C-16 5 -16 -5 -12 -5Z', t.halo, t.ink, 1.2),
];
const warted = (t: Tokens): Shape[] => [
  ...[-22, -14, -6, 2, 10, 18].map((x) => line(`M${x} -5L${x - 4} -15M${x} -5L${x + 3} -15M${x} 5L${x - 4} 15M${x} 5L${x + 3} 15`, t.ink, 1.1)),
  line('M-26 0H20', t.ink, 14),
  line('M-26 0H20', t.drift, 10.4),
  ...[-20, -12, -4].flatMap((x) => [solid(circle(-x, -3, 2.2), t.brook), solid(circle(-x, 3, 2.2), t.brook)]),
  ...[-22, -14, -6].flatMap((x) => [solid(circle(x, -3, 2.2), t.rowan), solid(circle(x, 3, 2.2), t.rowan)]),
  solid(circle(24, 0, 6), t.ochre, t.ink, 1.8),
];
const banded = (t: Tokens, tone: string): Shape[] => [
  line('M-22 0H20', t.ink, 14),
  line('M-22 0H20', tone, 10.6),
  ...[-17, -9, -1, 7, 15].map((x) => line(`M${x} -5V5`, t.ink, 3)),
  line('M22 -2C28 -6 30 -12 28 -16M22 2C30 2 34 -2 36 -8', t.ochre, 3.4),
  solid(circle(22, 0, 5), tone, t.ink, 2),
];
const striped = (t: Tokens, tone: string): Shape[] => [
  line('M-22 3C-10 -4 8 -4 22 3', t.ink, 12),
  line('M-22 3C-10 -4 8 -4 22 3', tone, 8.6),
  line('M-22 1C-10 -6 8 -6 22 1M-22 5C-10 -2 8 -2 22 5', t.ink, 1.5),
  solid(circle(23, 3, 4.6), t.rust, t.ink, 1.4),
];
const flatBeetle = (t: Tokens, tone: string): Shape[] => [
  ...legs(t, [-8, 1, 9], 16),
  solid('M-18 -9H8C14 -9 20 -5 20 0C20 5 14 9 8 9H-18C-24 6 -24 -6 -18 -9Z', tone, t.ink, 2.2),
  line('M-20 0H8M8 -9V9', t.ink, 1.6),
  line('M-10 -6L-6 -4M-12 5L-8 4M-2 -6L0 -4', t.halo, 2),
  feelers(t, 19),
];
const tufted = (t: Tokens, tone: string): Shape[] => [
  ...legs(t, [-8, 0, 8], 16),
  solid(ellipse(-3, 0, 16, 11), tone, t.ink, 2.2),
  solid('M8 -9C16 -8 20 -4 20 0C20 4 16 8 8 9Z', t.moss, t.ink, 2),
  line('M-18 0H8', t.ink, 1.6),
  ...[-14, -8, -2, 4].flatMap((x) => [solid(circle(x, -12, 2.6), t.halo, t.ink, 1), solid(circle(x, 12, 2.6), t.halo, t.ink, 1)]),
  feelers(t, 19),
];
const moleCricket = (t: Tokens, tone: string): Shape[] => [
  line('M-6 -7L-16 -18L-26 -12M-6 7L-16 18L-26 12', t.ink, 3),
  solid('M-30 -4C-20 -9 2 -9 8 -7V7C2 9 -20 9 -30 4Z', tone, t.ink, 2),
  solid(ellipse(16, 0, 11, 8), tone, t.ink, 2),
  solid('M20 -7C28 -18 38 -14 36 -8L30 -4Z', tone, t.ink, 2),
  solid('M20 7C28 18 38 14 36 8L30 4Z', tone, t.ink, 2),
  solid(circle(29, 0, 4), t.ink),
];
const millipede = (t: Tokens): Shape[] => [
  ...Array.from({ length: 16 }, (_, i) => line(`M${-30 + i * 4} 2l-2 9`, t.ink, 1.3)),
  line('M-32 0C-18 -6 12 -6 30 0', t.halo, 10),
  line('M-32 0C-18 -6 12 -6 30 0', t.soot, 7.4),
  feelers(t, 30),
];
const termite = (t: Tokens): Shape[] => [
  ...legs(t, [2, 6, 10], 9),
  solid(ellipse(-9, 0, 11, 5.4), t.halo, t.ink, 1.5),
  solid(ellipse(5, 0, 5, 4), t.halo, t.ink, 1.4),
  solid(circle(13, 0, 4.6), t.ochreGround, t.ink, 1.4),
];

const big =
  (draw: (t: Tokens, tone: string) => Shape[], scale = 1.2): Motif =>
  (pen) => {
    const [x, y, turn, s] = pen.middle;
    return put(draw(pen.t, pen.tone), [x, y, turn, s * scale]);
  };
const placed =
  (draw: (t: Tokens, tone: string) => Shape[], ...places: readonly (readonly [number, number, number, number])[]): Motif =>
  (pen) =>
    places.flatMap((at) => put(draw(pen.t, pen.tone), at));

/** Creatures that eat plants, by the base they are shown on. */
export const EATERS: Readonly<Record<string, Motif>> = {
  'leaf:oblong-beetles': placed(oblong, [62, 46, -20, 0.95], [104, 66, 24, 0.95]),
  'leaf:painted-bugs': placed((t, tone) => shield(t, tone, circle(-12, 0, 2.4)), [60, 60, -30, 0.95], [104, 52, 20, 0.95]),
  'fruit:leaf-leg-bug': big(leafLeg, 1),
  'plant:grasshopper': placed(grasshopper, [62, 40, -8, 1], [112, 74, 12, 0.85]),
  'leaf:spiny-slug': big(spinySlug),
  'bark:warted-caterpillar': big((t) => warted(t), 1.05),
  'stem:banded-caterpillar': big(banded, 1.1),
  'leaf:caterpillar-stripes': placed(striped, [56, 44, -14, 0.85], [100, 42, 10, 0.85], [84, 70, -6, 0.85]),
  'flower:gold-beetle': big(flatBeetle, 1.2),
  'leaf:tufted-beetle': big(tufted, 1.25),
  'soil:hollow-seeds': placed(hollowSeed, [48, 82, -20, 1], [96, 92, 14, 1.15], [134, 74, -8, 0.9]),
  'soil:mole-cricket': placed(moleCricket, [92, 86, -8, 1.15]),
  'soil:millipede': placed((t) => millipede(t), [84, 88, -6, 1.3]),
  'root:pale-ants': placed((t) => termite(t), [64, 50, 20, 0.95], [94, 58, -20, 0.95], [78, 82, 70, 0.95]),
  'soil:turf-caterpillar': placed(striped, [70, 84, -18, 1], [112, 94, 14, 0.9]),
};
