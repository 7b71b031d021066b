import { helperDays, strictSheet, type LabelSheet } from '../label';
import { keepOutMs } from '../decide/plans';
import { sameProduct } from '../decide/same-product';
import type { Apart } from '../programme';
import type { Running } from './course';

const DAY = 86_400_000;
/** Days that helpers set free are given to do their work (from memory, as in the rules). */
const HELPERS_DAYS = 14;
const KILLS_DAYS = 3;

/** Days that two materials are kept from each other because together they burn. */
export function burnDays(a: LabelSheet, b: LabelSheet): number {
  if (a.id === b.id) return 0;
  const [one, two] = [strictSheet(a), strictSheet(b)];
  const days = (x: LabelSheet, y: LabelSheet) => x.gaps.filter((g) => y.groups.some((own) => own === g.group)).map((g) => g.days);
  return Math.max(0, ...days(one, two), ...days(two, one));
}

/** How many days after a round of one the other may be, both on the same plants; 0: on the same evening. */
function onSamePlants(a: Running, b: Running): number {
  const days: number[] = [];
  if (a.sheet && b.sheet) {
    // two things are not sprayed on the same leaves on one evening
    days.push(1, burnDays(a.sheet, b.sheet));
    if (sameProduct(a.sheet, b.sheet)) days.push(a.line?.intervalDays ?? 0, b.line?.intervalDays ?? 0);
  }
  if (a.sheet) days.push(Math.ceil(keepOutMs(a.sheet) / DAY));
  if (a.control.releases && b.sheet && helperDays(b.sheet, a.control.releases) >= KILLS_DAYS) days.push(HELPERS_DAYS);
  if (b.control.releases && a.sheet) days.push(helperDays(a.sheet, b.control.releases));
  return Math.max(0, ...days);
}

/** The same closed place: what is in the air there is in all of it. */
const sameAir = (a: Running, b: Running): boolean => {
  const [p, q] = [a.facts.planting, b.facts.planting];
  return p.id !== q.id && p.site !== 'outdoors' && p.site === q.site && p.place !== '' && p.place === q.place;
};

/** What must lie between the rounds of different courses. @param mixOf what may be put on together */
export function apartOf(running: readonly Running[], mixOf: (r: Running) => string | null): Apart[] {
  const out: Apart[] = [];
  for (const a of running) {
    for (const b of running) {
      if (a === b) continue;
      const days =
        a.facts.planting.id === b.facts.planting.id
          ? onSamePlants(a, b)
          : sameAir(a, b) && a.sheet && mixOf(a) !== mixOf(b)
            ? Math.max(1, Math.ceil(keepOutMs(a.sheet) / DAY))
            : 0;
      if (days > 0) out.push({ first: a.facts.case.id, then: b.facts.case.id, days });
    }
  }
  return out;
}
