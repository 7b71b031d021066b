/**
 * What the first screens need of the catalogue: hosts, controls and one card a trouble.
 * Entries in full, with signs and life histories, are ten times this: `@sleetbrook/core/catalogue`.
 */
export { findTroubleCard, SIGN_NAMES, TROUBLE_CARDS } from './cards';
export type { TroubleCard } from './card';
export { CONTROLS } from './controls';
export { findControl } from './controls/find';
export { HOSTS } from './hosts';
export { findHost } from './hosts/find';
export { PART_NAMES } from './parts';
export { RUNG_NAMES } from './rungs';
export type { Control, Host, HourNeeds, PartId } from './schema';
