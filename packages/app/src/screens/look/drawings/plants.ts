import type { Form, PartId } from '@sleetbrook/core/cards';
import type { Tokens } from '../../../ui/tokens';
import { circle, type Shape } from './shape';

/** One stroke or surface of a plant in a field of 120 by 120, and the part it belongs to. */
interface Piece {
  readonly part: PartId;
  readonly d: string;
  /** area: leaf-like; wood: bark; earth; root; petal; line. */
  readonly as: 'area' | 'line' | 'wood' | 'earth' | 'root' | 'petal';
  readonly w?: number;
  /** Only drawn where it is meant: a plant is not always in flower. */
  readonly only?: true;
}

const area = (part: PartId, d: string, only?: true): Piece => ({ part, d, as: 'area', ...(only ? { only } : {}) });
const line = (part: PartId, d: string, w = 4, only?: true): Piece => ({ part, d, as: 'line', w, ...(only ? { only } : {}) });
const wood = (part: PartId, d: string, only?: true): Piece => ({ part, d, as: 'wood', ...(only ? { only } : {}) });
const flower = (x: number, y: number, r = 6): Piece[] => [
  ...[0, 72, 144, 216, 288].map((a): Piece => ({
    part: 'flower',
    d: circle(x + r * 1.3 * Math.cos((a * Math.PI) / 180), y + r * 1.3 * Math.sin((a * Math.PI) / 180), r),
    as: 'petal',
    only: true,
  })),
  { part: 'flower', d: circle(x, y, r * 0.7), as: 'earth', only: true },
];
const fruit = (x: number, y: number, r = 9): Piece => area('fruit', circle(x, y, r), true);
const veins = (d: string): Piece => line('leaf-under', d, 2, true);
const bud = (d: string): Piece => area('bud', d, true);
const EARTH: Piece = { part: 'soil', d: 'M6 102C36 94 84 94 114 102V118H6Z', as: 'earth', only: true };
const root = (d: string): Piece => ({ part: 'root', d, as: 'root', w: 4, only: true });
const base = (x: number, y = 100): Piece[] => [
  line('stem-base', `M${x} ${y}V${y - 16}`, 9, true),
  { part: 'stem-base', d: `M${x - 34} ${y + 2}H${x + 34}`, as: 'root', w: 4, only: true },
];

const HERB: readonly Piece[] = [
  line('stem', 'M60 112C60 84 62 62 60 34', 7),
  area('leaf-top', 'M60 82C42 82 26 72 18 54C40 50 56 62 60 82Z'),
  area('leaf-under', 'M60 68C78 70 96 60 104 44C82 38 64 50 60 68Z'),
  veins('M64 64C76 58 88 52 98 47M78 58l2 -9M80 57l8 4'),
  area('tip', 'M60 36C50 30 48 18 52 8C62 10 68 24 60 36ZM60 36C66 24 76 20 82 22C80 32 70 38 60 36Z'),
  ...flower(30, 26),
  fruit(94, 92, 10),
  ...base(60, 112),
  bud('M26 44C16 36 16 22 26 12C36 22 36 36 26 44Z'),
  root('M60 96V118M60 100C50 104 44 110 40 118M60 100C70 104 76 110 80 118M24 96H96'),
  EARTH,
  wood('trunk', 'M48 118C52 90 52 70 50 44H70C68 70 68 90 72 118Z', true),
];

/** Each way of growing, drawn once; the parts a grower can be asked about are among its pieces. */
const PLANTS: Readonly<Record<Form, readonly Piece[]>> = {
  herb: HERB,
  rosette: [
    area('leaf-under', 'M60 92C30 96 8 84 4 64C30 58 54 68 60 92Z'),
    veins('M56 88C40 78 26 72 12 68M36 78l2 -8M30 76l-4 8'),
    area('leaf-under', 'M60 92C90 96 112 84 116 64C90 58 66 68 60 92Z'),
    area('leaf-top', 'M60 92C40 76 30 50 42 30C60 42 68 66 60 92Z'),
    area('leaf-top', 'M60 92C80 76 90 50 78 30C60 42 52 66 60 92Z'),
    area('tip', 'M60 92C50 78 50 62 60 52C70 62 70 78 60 92Z'),
    line('stem', 'M50 98H70', 6),
    ...flower(60, 18),
    line('flower', 'M60 52V28', 3, true),
    line('bud', 'M60 52V32', 3, true),
    bud('M60 32C52 26 52 16 60 10C68 16 68 26 60 32Z'),
    fruit(88, 98, 9),
    ...base(60, 102),
    root('M60 98V118M60 102C50 106 44 110 40 118M60 102C70 106 76 110 80 118M20 98H100'),
    EARTH,
  ],
  vine: [
    line('stem', 'M20 112C22 84 44 88 48 66C52 44 74 56 78 34C80 22 92 18 100 8', 5),
    line('stem', 'M78 40C90 40 96 50 90 54C86 56 84 50 88 48', 2),
    area('leaf-top', 'M46 74C30 74 18 62 16 46C34 42 48 56 46 74Z'),
    area('leaf-under', 'M62 52C80 60 98 68 106 84C86 90 66 76 62 52Z'),
    veins('M64 56C76 64 88 74 100 82M78 66l8 -2M82 70l-2 8'),
    area('leaf-top', 'M78 36C64 30 58 18 62 4C78 8 86 22 78 36Z'),
    area('tip', 'M100 10C92 4 98 -2 108 2C112 8 108 14 100 10Z'),
    ...flower(30, 26),
    fruit(44, 96, 11),
    bud('M96 32C92 24 96 16 104 14C108 22 104 30 96 32Z'),
    ...base(20, 112),
    root('M20 100V118M20 104C14 108 8 112 6 118M20 104C28 108 34 112 36 118M2 100H60'),
    EARTH,
    wood('trunk', 'M10 118C14 100 12 84 18 70L30 76C24 90 28 104 30 118Z', true),
  ],
  bush: [
    line('stem', 'M60 110C58 90 46 74 34 60M60 110C60 84 60 66 60 44M60 110C62 90 76 74 88 60', 5),
    area('leaf-top', 'M34 62C18 62 8 50 8 36C24 34 36 46 34 62Z'),
    area('leaf-top', 'M60 78C46 76 40 66 40 54C52 54 62 64 60 78Z'),
    area('leaf-under', 'M88 62C104 62 114 50 114 36C98 34 86 46 88 62Z'),
    veins('M90 58C98 52 104 44 110 40M98 50l-2 -8M100 48l8 2'),
    area('tip', 'M60 46C50 36 50 20 60 10C70 20 70 36 60 46Z'),
    ...flower(32, 24),
    fruit(82, 88, 7),
    fruit(94, 82, 7),
    bud('M84 30C78 24 80 14 86 10C92 14 92 26 84 30Z'),
    ...base(60, 110),
    root('M60 98V118M60 102C48 106 42 112 38 118M60 102C72 106 78 112 82 118M20 98H100'),
    EARTH,
    wood('trunk', 'M52 118C54 104 54 94 52 84H68C66 94 66 104 68 118Z'),
  ],
  tree: [
    area('leaf-top', 'M60 62C30 70 8 56 12 36C16 18 38 4 60 6C82 4 104 18 108 36C112 56 90 70 60 62Z'),
    wood('trunk', 'M52 114C54 92 54 78 52 58H68C66 78 66 92 68 114Z'),
    line('stem', 'M60 60C48 50 38 42 30 38M60 60C72 50 82 42 92 38M60 60V30', 4),
    area('leaf-under', 'M92 40C82 32 82 18 92 10C102 18 102 32 92 40Z', true),
    veins('M92 38V14M92 28l6 -4M92 24l-6 -4'),
    area('tip', 'M60 22C52 14 54 4 60 -2C66 4 68 14 60 22Z'),
    area('tip', 'M26 40C16 38 10 30 12 22C22 22 28 30 26 40Z'),
    ...flower(36, 26),
    fruit(82, 50, 8),
    fruit(42, 54, 8),
    bud('M84 22C78 16 80 8 86 4C92 8 92 18 84 22Z'),
    { part: 'stem-base', d: 'M48 114C50 104 52 98 52 92H68C68 98 70 104 72 114Z', as: 'wood', only: true },
    root('M60 106V118M58 108C46 110 38 114 32 118M62 108C74 110 82 114 88 118M16 104H104'),
    EARTH,
  ],
  conifer: [
    area('leaf-top', 'M60 4L92 40H78L104 70H84L112 98H8L36 70H16L42 40H28Z'),
    wood('trunk', 'M52 116V96H68V116Z'),
    area('tip', 'M60 4L74 24H46Z'),
    line('stem', 'M60 24V96M60 44L44 56M60 44L76 56M60 66L38 82M60 66L82 82', 3),
    area('leaf-under', 'M84 70L112 98H76Z', true),
    veins('M86 76L92 92M80 82L84 94M94 84L102 94'),
    ...flower(30, 84, 5),
    fruit(88, 90, 6),
    bud('M60 10C54 6 56 -2 60 -4C64 -2 66 6 60 10Z'),
    { part: 'stem-base', d: 'M50 118V104H70V118Z', as: 'wood', only: true },
    root('M60 108V118M58 110C46 112 38 116 32 118M62 110C74 112 82 116 88 118M16 106H104'),
    EARTH,
  ],
  palm: [
    wood('trunk', 'M52 114C56 90 58 66 56 44H66C66 66 66 90 70 114Z'),
    area('leaf-top', 'M60 44C42 26 22 26 6 42C26 34 44 36 60 44Z'),
    area('leaf-top', 'M60 44C44 40 26 48 16 72C34 54 48 48 60 44Z'),
    area('leaf-under', 'M62 44C80 26 100 26 116 42C96 34 78 36 62 44Z'),
    veins('M66 42C80 34 96 32 110 38M82 34l4 6M92 32l4 6'),
    area('leaf-under', 'M62 44C78 40 96 48 106 72C88 54 74 48 62 44Z'),
    area('tip', 'M60 44C54 30 56 14 62 2C68 14 68 30 62 44Z'),
    line('stem', 'M54 48H68', 6),
    ...flower(40, 62, 5),
    fruit(52, 60, 6),
    fruit(70, 60, 6),
    bud('M44 66C38 60 40 52 46 50C52 54 50 64 44 66Z'),
    { part: 'stem-base', d: 'M48 116C50 106 52 98 54 90H68C70 98 72 106 74 116Z', as: 'wood', only: true },
    root('M60 106V118M58 108C50 112 46 114 44 118M64 108C72 112 76 114 78 118M20 104H100'),
    EARTH,
  ],
  cactus: [
    area('stem', 'M46 112C44 80 44 40 48 22C54 8 68 8 74 22C78 40 78 80 76 112Z'),
    area('stem', 'M46 80C28 82 20 70 22 52C24 46 32 46 34 52C34 62 38 66 46 64Z'),
    area('stem', 'M76 66C92 68 100 58 98 42C96 36 88 36 86 42C86 50 84 54 76 52Z'),
    line('leaf-top', 'M54 28V104M61 22V106M68 28V104', 2),
    line('leaf-under', 'M48 40l-8 -2M48 56l-8 -2M48 94l-8 -2M76 34l8 -2M76 84l8 -2M76 98l8 -2M22 56l-7 -2M98 46l7 -2', 2.4),
    area('tip', 'M48 24C52 8 70 8 74 24C66 20 56 20 48 24Z'),
    ...flower(61, 12),
    fruit(92, 30, 7),
    bud('M28 46C22 40 22 32 28 26C34 32 34 40 28 46Z'),
    ...base(61, 112),
    root('M60 104V118M58 106C50 110 46 114 44 118M64 106C72 110 76 114 78 118M20 102H100'),
    EARTH,
    wood('trunk', 'M46 112C46 100 45 90 45 82H77C77 90 76 100 76 112Z', true),
  ],
  fern: [
    line('stem', 'M60 108C50 84 36 56 12 38M60 108C58 76 54 46 58 14M60 108C70 84 84 56 108 38', 3),
    area('leaf-top', 'M52 92L36 88L46 80L28 72L38 66L22 54L34 52L12 38C34 44 54 68 60 108Z'),
    area('leaf-top', 'M58 92L46 82L56 76L44 62L54 58L46 42L56 38L58 14L62 38L72 44L62 56L74 64L62 74L72 84Z'),
    area('leaf-under', 'M68 92L84 88L74 80L92 72L82 66L98 54L86 52L108 38C86 44 66 68 60 108Z'),
    { part: 'leaf-under', d: [circle(78, 84, 2), circle(86, 72, 2), circle(92, 60, 2), circle(74, 92, 2)].join(''), as: 'earth', only: true },
    line('tip', 'M76 34C76 22 88 18 92 26C94 32 86 36 84 30', 4),
    ...flower(30, 20, 5),
    fruit(96, 92, 7),
    bud('M92 26C86 20 88 12 94 10C100 14 98 24 92 26Z'),
    ...base(60, 110),
    root('M60 104V118M58 106C48 108 42 112 38 118M62 106C72 108 78 112 82 118M20 104H100'),
    EARTH,
  ],
  bulb: [
    area('root', 'M60 74C66 82 86 84 86 100C86 112 72 116 60 116C48 116 34 112 34 100C34 84 54 82 60 74Z'),
    line('stem', 'M60 78V30', 6),
    area('leaf-top', 'M56 80C40 66 30 40 34 12C48 30 58 54 56 80Z'),
    area('leaf-under', 'M64 80C80 66 90 40 86 12C72 30 62 54 64 80Z'),
    veins('M66 74C76 58 82 40 84 20'),
    area('tip', 'M60 34C52 24 54 10 60 2C66 10 68 24 60 34Z'),
    ...flower(60, 16, 7),
    bud('M60 34C50 24 52 8 60 0C68 8 70 24 60 34Z'),
    fruit(60, 20, 8),
    line('root', 'M46 114L42 120M60 116V120M74 114L78 120', 3),
    ...base(60, 80),
    {
      part: 'soil',
      d: 'M6 78C30 72 48 74 54 78C44 86 34 92 34 102C34 112 48 116 60 116C72 116 86 112 86 102C86 92 76 86 66 78C72 74 90 72 114 78V120H6Z',
      as: 'earth',
      only: true,
    },
  ],
  grass: [
    line('stem', 'M60 112C60 84 60 56 62 22', 4),
    area('leaf-top', 'M58 110C46 84 28 60 8 50C34 52 54 74 60 108Z'),
    area('leaf-top', 'M58 110C50 76 40 44 26 20C48 40 58 74 62 108Z'),
    area('leaf-under', 'M62 110C74 84 92 60 112 50C86 52 66 74 60 108Z'),
    veins('M64 100C74 80 90 64 104 54'),
    area('leaf-under', 'M62 110C70 76 80 44 94 20C72 40 62 74 58 108Z'),
    area('tip', 'M62 24C56 16 58 6 62 0C66 6 68 16 62 24Z'),
    { part: 'flower', d: 'M62 30C54 22 54 10 62 2C70 10 70 22 62 30ZM58 20L50 14M66 20L74 14M58 12L52 6M66 12L72 6', as: 'petal', only: true },
    fruit(62, 16, 8),
    bud('M62 28C56 20 58 10 62 4C66 10 68 20 62 28Z'),
    ...base(60, 110),
    root('M60 104V118M58 106C48 108 42 112 38 118M62 106C72 108 78 112 82 118M54 106L50 118M66 106L70 118M20 104H100'),
    EARTH,
    wood('trunk', 'M50 116C52 100 54 90 54 80H66C66 90 68 100 70 116Z', true),
  ],
};

/** A plant of a growth form with one part lit: which part is meant, before any word is read. */
export function plantShapes(form: Form, lit: PartId, t: Tokens): Shape[] {
  return PLANTS[form].flatMap((p): Shape[] => {
    const on = lit === p.part || (lit === 'whole' && p.as !== 'earth' && p.as !== 'root');
    if (p.only && lit !== p.part && !(lit === 'whole' && (p.part === 'flower' || p.part === 'fruit'))) return [];
    switch (p.as) {
      case 'area':
        return [{ d: p.d, fill: on ? t.leaf : t.frost, stroke: on ? t.moss : t.line, w: 3.2 }];
      case 'line':
        return [{ d: p.d, stroke: on ? t.moss : t.line, w: p.w ?? 4 }];
      case 'wood':
        return [{ d: p.d, fill: on ? t.bark : t.frost, stroke: on ? t.soot : t.line, w: 2.4 }];
      case 'earth':
        return [{ d: p.d, fill: p.part === 'soil' ? t.bark : t.ochre, stroke: p.part === 'soil' ? t.soot : t.ochre, w: 2 }];
      case 'root':
        return [{ d: p.d, stroke: t.ochre, w: p.w ?? 4 }];
      case 'petal':
        return [{ d: p.d, fill: t.slate, stroke: t.moss, w: 2.4 }];
    }
  });
}

/** Whether a form has something to show for a part. */
export const shows = (form: Form, part: PartId): boolean => part === 'whole' || PLANTS[form].some((p) => p.part === part);
