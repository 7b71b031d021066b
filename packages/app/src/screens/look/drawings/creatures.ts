import { GLYPHS } from './glyphs';
import { put, type Pen, type Shape } from './shape';

type Motif = (pen: Pen) => Shape[];

/** One creature, large, where it sits well. */
const one =
  (glyph: string, scale = 1, tone?: (pen: Pen) => string): Motif =>
  (pen) => {
    const [x, y, turn, s] = pen.middle;
    return put(GLYPHS[glyph]?.(pen.t, tone ? tone(pen) : pen.tone) ?? [], [x, y, turn, s * scale]);
  };

/** Several, spread and turned. */
const many =
  (glyph: string, count: number, scale: number, seed = 3): Motif =>
  (pen) =>
    pen.spots(pen.n ?? count, seed).flatMap((s) => put(GLYPHS[glyph]?.(pen.t, pen.tone) ?? [], [s.x, s.y, s.r * 300 - 150, scale * (0.85 + 0.3 * s.r)]));

/** At fixed places: x, y, turn, scale. */
const set =
  (glyph: string, ...places: readonly (readonly [number, number, number, number])[]): Motif =>
  (pen) =>
    places.flatMap((at) => put(GLYPHS[glyph]?.(pen.t, pen.tone) ?? [], at));

export const CREATURE_MOTIFS: Readonly<Record<string, Motif>> = {
  crowd: many('aphid', 24, 0.62),
  flies: (pen) =>
    set(
      'whitefly',
      [30, 22, 20, 0.9],
      [52, 10, -30, 0.8],
      [110, 14, 160, 0.9],
      [132, 30, -20, 0.85],
      [80, 8, 90, 0.8],
      [18, 46, 60, 0.8],
      [142, 54, 10, 0.75],
      [64, 26, 0, 0.7],
    )(pen),
  'soil-flies': set('fly', [50, 44, 0, 0.95], [104, 34, -30, 0.95], [84, 74, 20, 0.9], [128, 80, 170, 0.85]),
  mites: many('mite', 12, 0.95, 5),
  slivers: many('sliver', 9, 0.9, 7),
  hoppers: (pen) => set('hopper', [56, 54, -10, 0.95], [100, 42, 15, 0.95], [128, 14, -40, 0.95], [40, 16, -150, 0.85])({ ...pen, tone: pen.t.halo }),
  skins: (pen) => many('aphid', 14, 0.72, 9)({ ...pen, tone: pen.t.halo }),
  nymphs: many('nymph', 6, 0.95, 11),
  'spotted-bugs': set('spotted-bug', [70, 28, -80, 1.1], [94, 62, -95, 1.1], [68, 92, -85, 1.1]),
  bug: one('bug', 1.35),
  jumpers: (pen) => [
    ...many('beetle', 7, 0.42, 3)({ ...pen, tone: pen.t.soot }),
    ...set('beetle', [36, 12, -60, 0.42], [128, 12, -120, 0.42])({ ...pen, tone: pen.t.soot }),
  ],
  beetle: (pen) => {
    const n = pen.n ?? 1;
    if (pen.tone !== pen.t.ochre) return n > 1 ? many('beetle', 3, 0.8, 6)(pen) : one('beetle', 1.3)(pen);
    if (n >= 5) return one('striped-beetle', 1.45)(pen);
    return n >= 3 ? many('striped-beetle', 3, 0.75, 6)(pen) : many('beetle', 2, 0.8, 6)(pen);
  },
  weevil: one('weevil', 1.2),
  grub: one('grub', 1),
  'c-grub': set('c-grub', [56, 88, 0, 0.95], [112, 94, 70, 0.85]),
  wireworm: one('wireworm', 1.1),
  leather: set('leather', [60, 82, -10, 1], [112, 100, 20, 0.95]),
  'curled-caterpillar': set('curled-caterpillar', [88, 88, 0, 1.3]),
  caterpillar: one('caterpillar', 1.1),
  looper: one('looper', 1.25),
  hairy: set('hairy', [60, 40, -20, 0.8], [102, 52, 10, 0.8], [76, 72, -10, 0.8]),
  procession: (pen) => [14, 42, 70, 98].flatMap((y) => set('hairy', [80, y + 6, 86, 0.72])(pen)),
  hornworm: one('hornworm', 1.05),
  maggots: many('maggot', 6, 0.85, 8),
  midges: (pen) => many('midge', 14, 0.9, 4)({ ...pen, tone: pen.t.ochreGround }),
  'slug-grubs': set('slug-grub', [54, 56, -8, 1.1], [92, 44, 10, 1.1], [108, 66, -20, 0.95]),
  'orange-larvae': (pen) => [...many('aphid', 8, 0.6, 5)({ ...pen, tone: pen.t.moss }), ...many('midge', 7, 1, 4)({ ...pen, tone: pen.t.rust })],
  slug: one('slug', 1.05),
  earwig: one('earwig', 1.1),
  woodlice: set('woodlouse', [46, 80, 10, 1], [92, 74, -30, 1], [120, 100, 30, 0.95], [64, 104, 150, 0.9]),
  ants: set('ant', [84, 22, -80, 0.95], [80, 52, -86, 0.95], [78, 82, -82, 0.95], [76, 108, -80, 0.9]),
  butterflies: set('white-butterfly', [38, 30, -20, 1], [118, 22, 25, 1], [96, 66, 5, 0.85]),
  moths: set('edged-moth', [40, 32, -15, 1], [116, 28, 20, 1]),
  'spiky-larva': one('spiky-larva', 1.3),
  'spiny-grubs': set('spiny-grub', [64, 64, -24, 0.85], [106, 56, 14, 0.85]),
  'hover-larva': (pen) => [...many('aphid', 10, 0.55)({ ...pen, tone: pen.t.ink }), ...set('hover-larva', [80, 46, 75, 1.05])(pen)],
  'jawed-larva': one('jawed-larva', 1.15),
  'woolly-larva': one('woolly-larva', 1.1),
  husks: many('husk', 5, 1, 12),
  ladybird: one('ladybird', 1.4),
  lacewing: one('lacewing', 1.15),
  hoverfly: one('hoverfly', 1.35),
  'tiny-wasps': (pen) => [...many('aphid', 9, 0.6, 5)({ ...pen, tone: pen.t.moss }), ...set('wasp', [62, 44, -10, 1], [102, 66, 150, 1])(pen)],
  'fast-mites': many('fast-mite', 4, 1, 10),
  mantis: one('mantis', 1.25, (p) => p.t.moss),
  'ground-beetle': set('ground-beetle', [96, 50, -6, 1.3]),
  'rove-beetle': set('rove-beetle', [96, 48, 0, 1.3]),
  bee: one('bee', 1.35),
  butterfly: one('butterfly', 1.35),
  'pirate-bug': one('pirate-bug', 1.25),
  centipede: set('centipede', [86, 84, -8, 1.35]),
  'soldier-beetle': one('soldier-beetle', 1.25),
  harvestman: one('harvestman', 1.15),
  springers: (pen) => many('springer', 12, 1, 14)(pen),
};
