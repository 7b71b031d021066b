import type { LabelSheet } from './schema';

/** Whether a label carries rooms that are lived in: it says so, or it has a line for house plants. A crop word that a house plant shares does not say it. */
export const forRooms = (s: Pick<LabelSheet, 'rooms' | 'indoors' | 'lines' | 'formulation'>): boolean =>
  s.indoors && s.formulation !== 'VP' && (s.rooms ?? s.lines.some((l) => l.crops.includes('house-plants')));
