import { courseOf, ladder, recommend, type Advice, type Situation } from '../../packages/core/src/decide';
import { findHost, findTrouble } from '../../packages/core/src/catalogue';
import { gardenIn } from '../advice/gardens';
import { places, type Row } from './rows';

/** What of a row the product answers otherwise. */
export interface Mismatch {
  readonly row: Row;
  readonly what: 'first' | 'never' | 'report' | 'days' | 'judged' | 'before' | 'unknown';
  readonly said: string;
}

const LOW_M = 1;
const TREE_M = 2.5;
const TALL_M = 8;

/** The garden of a row, in mild dry weather of its month. */
export function situationOf(row: Row): Situation | null {
  const place = places.get(row.place);
  const host = findHost(row.host);
  const trouble = findTrouble(row.trouble);
  if (!place || !host || !trouble) return null;
  const { s } = gardenIn({ name: row.place, place, warm: place.warm, cold: place.cold }, row.month, trouble, host);
  const woody = host.parts.includes('trunk');
  return {
    ...s,
    country: row.country,
    region: place.region || null,
    share: row.share,
    seenSigns: row.seen,
    planting: {
      ...s.planting,
      site: row.stands === 'under glass' ? 'glasshouse' : s.planting.site,
      edible: row.as === 'edible' || s.planting.edible,
      heightM: row.stands === 'tall' ? TALL_M : woody ? TREE_M : LOW_M,
    },
  };
}

const stepsOf = (advice: Advice | null) => advice?.steps.map((v) => v.control.id) ?? [];
const within = (n: number, [least, most]: readonly [number, number]) => n >= least && n <= most;

/** Everything in which the advice differs from a row. */
export function mismatchesOf(row: Row): Mismatch[] {
  const s = situationOf(row);
  if (!s) return [{ row, what: 'unknown', said: 'no such place, plant or trouble' }];
  const wrong = (what: Mismatch['what'], said: string): Mismatch => ({ row, what, said });
  const advice = recommend(ladder(s), s, row.share);
  const steps = stepsOf(advice);
  const [main = 'nothing'] = steps;
  const found: Mismatch[] = [];
  const reported = main === 'report-it';
  if (row.report === 'yes' ? !reported : row.report === 'no' && reported && !row.first.includes('report-it')) found.push(wrong('report', steps.join(' + ')));
  else if (!row.first.includes(main) && !(row.report === 'either' && reported)) found.push(wrong('first', steps.join(' + ')));
  const barred = steps.filter((id) => row.never.includes(id));
  if (barred.length > 0) found.push(wrong('never', barred.join(' ')));
  const course = courseOf(main, row.trouble);
  if (course && row.first.includes(main)) {
    if (row.days && course.rounds.most > 1 && !course.at && (course.every.min > row.days[1] || course.every.max < row.days[0]))
      found.push(wrong('days', `${main} every ${course.every.min} to ${course.every.max}`));
    if (row.judged && !within(course.judgeDays, row.judged)) found.push(wrong('judged', `${main} after ${course.judgeDays}`));
  }
  if (row.before.length > 0) {
    const before = { ...s, preventing: true, seenSigns: [], share: null };
    const guard = stepsOf(recommend(ladder(before), before, null))[0] ?? 'nothing';
    if (!row.before.includes(guard)) found.push(wrong('before', guard));
  }
  return found;
}
