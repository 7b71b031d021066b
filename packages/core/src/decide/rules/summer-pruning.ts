import type { Host } from '../../catalogue';
import { addDays, dayOf, dayStart } from '../../schedule/local-day';
import { usesOn } from '../../catalogue/used-on';
import type { Rule } from '../types';

const CUTS: readonly string[] = ['prune-out'];
/** Months in which cuts in stone fruit heal before silver leaf and canker get in, north and south. Common practice. */
const NORTH = { from: 6, to: 8 };
const SOUTH = { from: 12, to: 2 };

/** Flowering cherries are no fruit on a label, and are cut as those are. */
const isStoneFruit = ({ crops, id }: Host) => crops.includes('stone-fruit') || id === 'flowering-cherry';

/** Stone fruit, flowering cherries too, are cut in summer only: winter cuts let canker and silver leaf in. */
export const summerPruning: Rule = (s, c, at) => {
  if (!CUTS.includes(c.control.id) || !isStoneFruit(s.host)) return null;
  // blighted blossom is cut as it browns, before it kills the branch
  if (usesOn(s.trouble).find((u) => u.control === c.control.id)?.atOnce) return null;
  const season = s.place.latitude < 0 ? SOUTH : NORTH;
  const inSeason = (month: number) => (season.from <= season.to ? month >= season.from && month <= season.to : month >= season.from || month <= season.to);
  const today = dayOf(at, s.place.zone);
  if (inSeason(Number(today.slice(5, 7)))) return null;
  // the first day of the next summer
  let day = `${addDays(today, 28).slice(0, 8)}01`;
  while (day <= today || Number(day.slice(5, 7)) !== season.from) day = `${addDays(day, 32).slice(0, 8)}01`;
  return {
    code: 'summer-pruning',
    weight: 'not-now',
    sentence: `${s.host.name} are cut in summer only: cuts at other times let canker and silver leaf in.`,
    inputs: [{ name: 'Month', value: today.slice(5, 7) }],
    source: { mark: 'CP' },
    opens: { kind: 'at', at: dayStart(day, s.place.zone) },
  };
};
