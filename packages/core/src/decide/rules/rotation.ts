import type { Control, Means } from '../../catalogue';
import { findControl } from '../../catalogue/controls';
import { moaOf, type LabelSheet } from '../../label';
import type { PastTreatment, Rule } from '../types';

const FUNGICIDE: readonly Means[] = ['protectant', 'kickback', 'eradicant'];
const INSECTICIDE: readonly Means[] = ['soap', 'oil', 'contact', 'stomach', 'systemic'];
/** Eaten: an insecticide first, whatever it does to mildew beside. */
const EATEN: Means = 'stomach';
/** What is grouped by FRAC and what by IRAC: a fungicide between two insecticides breaks no run. */
function kindOf({ means }: Pick<Control, 'means'>): 'insecticide' | 'fungicide' | null {
  if (!means.includes(EATEN) && means.some((m) => FUNGICIDE.includes(m))) return 'fungicide';
  return means.some((m) => INSECTICIDE.includes(m)) ? 'insecticide' : null;
}

/** Sites that cross: 1A and 1B, 3A and 3B count as one (IRAC mode of action classification). */
const CROSSING = /^([13])[AB]$/;
const groupOf = (sheet: LabelSheet | null | undefined): string | null => {
  const code = sheet ? (moaOf(sheet)?.code ?? null) : null;
  return code && (CROSSING.exec(code)?.[1] ?? code);
};
/** Many sites at once, or none that is known: nothing has grown used to them. */
const EXEMPT = /^(M\d|UN|NC|BM|none|contact|oil|8D)/;
/** Bacillus thuringiensis is left out for what never resisted it in gardens; diamondback moth did, the first of all (Tabashnik 1990). */
const BT = '11A';
/** A run ends with the season: half a year without it (from memory). */
const SEASON_DAYS = 183;
/** Where the label does not say. */
const MOST_RUNNING = 2;
const DAY = 86_400_000;

/** Not the same mode of action more than twice running on one kind of thing, or as often as the label says, within a season. */
export const rotation: Rule = (s, c, at) => {
  const moa = c.sheet ? moaOf(c.sheet)?.code : undefined;
  const kind = kindOf(c.control);
  // what the label says of it counts for any group
  const said = c.line?.mostRunning !== undefined;
  if (!moa || kind === null || (EXEMPT.test(moa) && !said) || (moa === BT && s.trouble.id !== 'diamondback-moth')) return null;
  const same = (r: PastTreatment) => {
    const control = findControl(r.controlId);
    return r.sheet !== null && control !== undefined && kindOf(control) === kind && r.at <= at && at - r.at < SEASON_DAYS * DAY;
  };
  const most = c.line?.mostRunning ?? MOST_RUNNING;
  const last = s.records.filter(same).slice(-most);
  if (last.length < most || !last.every((r) => groupOf(r.sheet) === groupOf(c.sheet))) return null;
  return {
    code: 'rotation',
    weight: 'not-now',
    sentence: `Group ${moa} ${most === 1 ? 'the last time' : most === 2 ? 'twice running' : `${most} times running`}: use another mode of action in between.`,
    inputs: [{ name: kind === 'fungicide' ? 'Mode of action (FRAC)' : 'Mode of action (IRAC)', value: moa }],
    source: said ? (c.line?.prov ?? { mark: 'MEM' }) : { mark: 'MEM' },
    opens: { kind: 'event', event: 'after a treatment with another mode of action', change: null },
  };
};
