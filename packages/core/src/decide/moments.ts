import type { Moment } from '../catalogue/schema';
import { addDays, type LocalDay } from '../schedule/local-day';
import { climateOf, type Where } from '../scout/climate';

/** Where a moment usually falls in a cool climate of the north: month and day (from memory). */
const USUAL: Readonly<Record<Moment, string>> = {
  'leaf-fall': '11-05',
  bare: '12-10',
  'bud-swell': '02-25',
  'white-bud': '04-08',
  bloom: '04-20',
  'petal-fall': '05-05',
  'fruit-set': '05-15',
  sowing: '04-15',
  'planting-out': '05-20',
};

/** Days that spring comes sooner (less than none) and leaves fall later in a climate (from memory). */
const SHIFT: Readonly<Record<ReturnType<typeof climateOf>, { readonly spring: number; readonly fall: number }>> = {
  tropical: { spring: -45, fall: 30 },
  subtropical: { spring: -35, fall: 25 },
  mediterranean: { spring: -30, fall: 20 },
  temperate: { spring: 0, fall: 0 },
  continental: { spring: 14, fall: -12 },
  cold: { spring: 28, fall: -25 },
};
const AUTUMN: readonly Moment[] = ['leaf-fall', 'bare'];
const HALF_A_YEAR = 182;
const SOONEST_DAYS = 14;

/**
 * The first day after another on which one of some moments usually comes; what is seen on the plant goes before it.
 * Days nearer than two weeks are still the same moment.
 * @param where whose climate dates it
 * @example nextMoment(['leaf-fall', 'bud-swell'], '2026-11-20', ohio) // { moment: 'bud-swell', on: '2027-03-11' }
 */
export function nextMoment(moments: readonly Moment[], after: LocalDay, where: Where): { readonly moment: Moment; readonly on: LocalDay } {
  const shift = SHIFT[climateOf(where)];
  const soonest = addDays(after, SOONEST_DAYS);
  const year = Number(after.slice(0, 4));
  const dates = moments.flatMap((moment) =>
    [year - 1, year, year + 1, year + 2].map((y) => {
      const days = (AUTUMN.includes(moment) ? shift.fall : shift.spring) + (where.latitude < 0 ? HALF_A_YEAR : 0);
      return { moment, on: addDays(`${y}-${USUAL[moment]}`, days) };
    }),
  );
  return dates.filter((d) => d.on > soonest).reduce((a, b) => (b.on < a.on ? b : a));
}

/** How a moment is said: "when buds swell". */
export const MOMENT_WORDS: Readonly<Record<Moment, string>> = {
  'leaf-fall': 'when the leaves fall',
  bare: 'when it is bare',
  'bud-swell': 'when buds swell',
  'white-bud': 'at white bud',
  bloom: 'in bloom',
  'petal-fall': 'when the petals fall',
  'fruit-set': 'when fruit sets',
  sowing: 'at sowing',
  'planting-out': 'at planting out',
};
