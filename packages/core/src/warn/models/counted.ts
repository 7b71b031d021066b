import { addDays } from '../../schedule';
import { daysUntil, reached, type Sum } from '../sum';
import type { Outlook, Sighting } from '../types';
import { startOf as start, today } from './said';

/** Counted to a sum: reached, or about to be. */
export function bySum(
  o: Outlook,
  s: Sum,
  target: number,
  words: { readonly saw: (sum: number) => string; readonly act: string; readonly ahead: string },
): Sighting[] {
  const hit = reached(s, target);
  const gaps = s.missing > 0 ? ` ${s.missing} ${s.missing === 1 ? 'day is' : 'days are'} not known: it is at least that.` : '';
  const now = s.after.findLast((d) => d.day <= today(o))?.sum ?? 0;
  if (hit && hit.day <= today(o)) {
    const sure = s.missing > 0 ? 'guess' : hit.sure;
    return [{ is: 'due', at: start(o, hit.day), sure, saw: `${words.saw(now)}${gaps}`, act: words.act, by: null }];
  }
  const last = s.after.at(-1);
  const more = hit ? 0 : daysUntil(s, target);
  const day = hit?.day ?? (last && more !== null && more <= SOON_DAYS ? addDays(last.day, more) : null);
  if (day === null) return [];
  return [
    { is: 'due', at: start(o, day), sure: hit && s.missing === 0 ? hit.sure : 'guess', saw: `${words.saw(now)}${gaps}`, act: words.ahead, by: start(o, day) },
  ];
}
/** Further ahead the warmth of last week says nothing. */
const SOON_DAYS = 10;
