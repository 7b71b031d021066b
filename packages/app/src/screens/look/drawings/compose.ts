import type { Drawing } from '@sleetbrook/core/catalogue';
import type { Tokens } from '../../../ui/tokens';
import { BASES, MIDDLE, spotsOn } from './bases';
import { CREATURE_MOTIFS } from './creatures';
import { FORMS } from './forms';
import { EGG_MOTIFS, MARK_MOTIFS } from './marks';
import { PLACE_MOTIFS } from './places';
import type { Pen, Shape } from './shape';

const MOTIFS = { ...MARK_MOTIFS, ...EGG_MOTIFS, ...CREATURE_MOTIFS };

/** Whether there is a picture for a drawing. Every drawing of the catalogue has one: a test holds it to that. */
export const canDraw = ({ on, motif }: Drawing): boolean => `${on}:${motif}` in FORMS || `${on}:${motif}` in PLACE_MOTIFS || motif in MOTIFS;

/** The shapes of a drawing, undermost first, in a field of 160 by 120. */
export function compose(drawing: Drawing, t: Tokens): Shape[] {
  const { on, motif } = drawing;
  const pen: Pen = { t, tone: drawing.tone ? t[drawing.tone] : t.ink, n: drawing.n, spots: spotsOn(on), middle: MIDDLE[on] };
  const form = FORMS[`${on}:${motif}`];
  if (form) return form(pen);
  const mark = PLACE_MOTIFS[`${on}:${motif}`] ?? (on === 'soil' && motif === 'flies' ? CREATURE_MOTIFS['soil-flies'] : MOTIFS[motif]);
  return [...BASES[on](t), ...(mark?.(pen) ?? [])];
}
