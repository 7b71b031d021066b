/**
 * What the first screens need of the catalogue: hosts, and one card a trouble and a control.
 * Entries in full, with signs, life histories and instructions, are ten times this: `@sleetbrook/core/catalogue`.
 */
export { CONTROL_CARDS, findControlCard, findTroubleCard, TROUBLE_CARDS } from './cards';
export type { ControlCard, TroubleCard } from './card';
export { howFor } from './courses';
export { howSentences } from './how';
export { findHost, HOSTS } from './hosts';
export { PART_NAMES } from './parts';
export { RUNG_NAMES } from './rungs';
export { SITE_WORDS, type Site } from './sites';
export type { Control, Form, Host, HourNeeds, PartId } from './schema';
