import type { Drawing } from '@sleetbrook/core/catalogue';
import type { Tokens } from '../../../ui/tokens';
import { BASES, MIDDLE, spotsOn } from './bases';
import { CREATURE_MOTIFS } from './creatures';
import { FORMS } from './forms';
import { EATERS } from './eaters';
import { GROWTH_FORMS, GROWTH_MARKS } from './growth';
import { HUNTERS } from './hunters';
import { EGG_MOTIFS, MARK_MOTIFS } from './marks';
import { PLACE_MOTIFS } from './places';
import type { Pen, Shape } from './shape';
import { TURF, TURF_MARKS } from './turf';

const WHOLE = { ...FORMS, ...GROWTH_FORMS, ...TURF };
const PLACED = { ...PLACE_MOTIFS, ...GROWTH_MARKS, ...TURF_MARKS, ...EATERS, ...HUNTERS };
const MOTIFS = { ...MARK_MOTIFS, ...EGG_MOTIFS, ...CREATURE_MOTIFS };

/** Whether there is a picture for a drawing. Every drawing of the catalogue has one: a test holds it to that. */
export const canDraw = ({ on, motif }: Drawing): boolean => `${on}:${motif}` in WHOLE || `${on}:${motif}` in PLACED || motif in MOTIFS;

/** The shapes of a drawing, undermost first, in a field of 160 by 120. */
export function compose(drawing: Drawing, t: Tokens): Shape[] {
  const { on, motif } = drawing;
  const pen: Pen = { t, tone: drawing.tone ? t[drawing.tone] : t.ink, n: drawing.n, spots: spotsOn(on), middle: MIDDLE[on] };
  const form = WHOLE[`${on}:${motif}`];
  if (form) return form(pen);
  const mark = PLACED[`${on}:${motif}`] ?? (on === 'soil' && motif === 'flies' ? CREATURE_MOTIFS['soil-flies'] : MOTIFS[motif]);
  return [...BASES[on](t), ...(mark?.(pen) ?? [])];
}
