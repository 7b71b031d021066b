import { findControl, findTrouble, usesOn } from '../catalogue';
import { lastingOf } from '../label';
import { findSheet } from '../label/sheets';
import { instant, type Instant } from '../measure';

const HOUR = 3_600_000;

/** What still stops an infection that has begun. */
export interface ReachBack {
  /** Controls by their names, the longest reach first. */
  readonly names: readonly string[];
  readonly until: Instant;
}

/**
 * What is used against a trouble and reaches back over what has come: by the hours that are known of its actives. Whether
 * it may be used here its label and the ladder say.
 * @param at when it came @returns null where nothing reaches so far
 */
export function reachBack(troubleId: string, at: number, now: Instant): ReachBack | null {
  const trouble = findTrouble(troubleId);
  const found = (trouble ? usesOn(trouble) : [])
    .flatMap((u) => {
      const control = findControl(u.control);
      const sheet = control?.sheet === undefined ? undefined : findSheet(control.sheet);
      const hours = sheet ? lastingOf(sheet).kickbackH : 0;
      return control && at + hours * HOUR > now ? [{ name: control.name, hours }] : [];
    })
    .sort((a, b) => b.hours - a.hours || a.name.localeCompare(b.name));
  const [longest] = found;
  return longest ? { names: found.map((f) => f.name), until: instant(at + longest.hours * HOUR) } : null;
}
