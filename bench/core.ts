import { all, create } from 'mathjs';
import { findControl, findHost, findTrouble } from '../packages/core/src/catalogue';
import { ladder } from '../packages/core/src/decide';
import { nextLook, rankSuspects } from '../packages/core/src/diagnose';
import { convert, instant, measureOut, millilitres, parseQuantity, STARTER_KITS } from '../packages/core/src/measure';
import { conditionsOver, needsOf, openHours } from '../packages/core/src/weather';
import { standInWeather } from '../packages/server/src/weather-station/stand-in';
import { faster, medianMs, under, type Figure } from './figure';

const place = { latitude: 55.2, longitude: -1.9, zone: 'Europe/London' };
const now = instant(Date.parse('2026-05-24T18:10:00Z'));

/** Ranking, units, spoons, open hours and verdicts, without a server. */
export function coreFigures(): Figure[] {
  const host = findHost('broad-bean');
  const trouble = findTrouble('black-bean-aphid');
  const soap = findControl('soap-spray');
  if (!host || !trouble || !soap) throw new Error('catalogue');
  const context = { host, month: 5, recent: ['dry' as const] };
  const answers = ['dark-crowd', 'ants', 'sticky'].map((signId) => ({ signId, seen: true }));
  const hours = standInWeather(new Date(now), 240, place, 6);
  const conditions = conditionsOver(hours, place, now);
  const situation = {
    now,
    place,
    host,
    trouble,
    policy: 'any-labelled' as const,
    conditions,
    records: [],
    seenSigns: [],
    around: [],
    homeMade: 'not-known' as const,
    plans: [],
    stageSeen: null,
    sheets: [],
    planting: {
      stage: 'flowering' as const,
      site: 'outdoors' as const,
      edible: true,
      dense: true,
      tolerance: 'usual' as const,
      pickFrom: '2026-06-13',
      pickUntil: '2026-07-05',
      areaM2: 20,
      heightM: null,
      about: [],
    },
  };
  const math = create(all ?? {});
  const N = 2000;
  const perSecond = (call: (i: number) => unknown) =>
    (N /
      medianMs(() => {
        for (let i = 0; i < N; i++) call(i);
      }, 15)) *
    1000;
  const ours = perSecond((i) => convert<'volume'>(i + 1, 'gal-us', 'ml'));
  const other = perSecond((i) => math.unit(i + 1, 'gallon').toNumber('ml'));
  const typed = [
    ['2 gal', 'ml'],
    ['1.5 cup', 'ml'],
    ['12 qt', 'ml'],
    ['3 lb', 'g'],
  ] as const;
  const at = (i: number) => typed[i % typed.length] ?? typed[0];
  const oursTyped = perSecond((i) => parseQuantity(at(i)[0], 'us', ['volume', 'mass']));
  const otherTyped = perSecond((i) => math.unit(at(i)[0]).toNumber(at(i)[1]));
  // as people type it: fractions, two units, a unit of several words; mathjs reads none of these
  const hard = ['1 1/2 tsp', '3 lb 4 oz', '1½ US fl oz', '0,5 l'];
  const readHard = medianMs(() => hard.map((t) => parseQuantity(t, 'us', ['volume', 'mass'])));
  return [
    under(
      'rank all suspects',
      medianMs(() => rankSuspects(context, answers)),
      5,
      'ms',
    ),
    under(
      'next look',
      medianMs(() => nextLook(context, answers.slice(0, 1))),
      20,
      'ms',
    ),
    faster('unit conversions', ours, other, 'per s', 10),
    faster('amounts read and converted', oursTyped, otherTyped, 'per s', 10),
    under('four awkward amounts read', readHard, 1, 'ms'),
    under(
      'spoon search, 73.1 ml',
      medianMs(() => measureOut(millilitres(73.1), STARTER_KITS.metric)),
      1,
      'ms',
    ),
    under(
      'open hours, 10 days, one control',
      medianMs(() => openHours(conditions, needsOf(soap, null), { site: 'outdoors', inFlower: true })),
      10,
      'ms',
    ),
    under(
      'conditions by the quarter, 10 days',
      medianMs(() => conditionsOver(hours, place, now)),
      20,
      'ms',
    ),
    under(
      'verdicts, all controls of a case, fresh',
      // hours are kept for one run of weather: a copy has none kept yet
      medianMs(() => ladder({ ...situation, conditions: [...conditions] }), 60),
      10,
      'ms',
    ),
    under(
      'verdicts again, on a toggle',
      medianMs(() => ladder({ ...situation, planting: { ...situation.planting, stage: 'fruiting' } }), 60),
      10,
      'ms',
    ),
  ];
}
