import type { ControlCard, TroubleCard } from './card';
import { CONTROL_CARDS, TROUBLE_ROWS } from './made/cards';

export { CONTROL_CARDS };

/** Its own id is the first word that labels use for a trouble: the rows leave it out. */
export const TROUBLE_CARDS: readonly TroubleCard[] = TROUBLE_ROWS.map((c) => ({ ...c, labelAs: [c.id, ...c.labelAs] }));

const byId = new Map(TROUBLE_CARDS.map((c) => [c.id, c]));
export const findTroubleCard = (id: string): TroubleCard | undefined => byId.get(id);

const controlById = new Map(CONTROL_CARDS.map((c) => [c.id, c]));
export const findControlCard = (id: string): ControlCard | undefined => controlById.get(id);
