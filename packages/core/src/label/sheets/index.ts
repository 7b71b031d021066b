import { SHEETS } from './made';

/** The specimen sheets, under generic names: the grower's own label is the law. */
export { SHEETS };
export const findSheet = (id: string) => SHEETS.find((s) => s.id === id);
