import { CP, pub, inWordsOf, sayRain, trim } from '../../measure';
import { addDays, dayOf, type LocalDay } from '../../schedule';
import {
  blightPeriod,
  blossomBlight,
  extremesOf,
  FIRE_BLIGHT_BASE_C,
  GRAPE_MILDEW_HIGH,
  grapeDayOf,
  grapeMildewIndex,
  meanC,
  POTATO_DAYS_FIRST,
  potatoDays,
  sulfurDays,
  threeTens,
  TOMATO_BLIGHT_AGAIN,
  TOMATO_BLIGHT_FIRST,
  tomatoBlightOf,
} from '../../weather';
import { sumOver } from '../sum';
import type { Outlook, Sighting, WarningModel, WeatherDay } from '../types';
import { bySum } from './counted';
import { daySaid, degreesSaid, startOf as start, today } from './said';

/** What came before is no matter of today any more. */
const BACK_DAYS = 4;

const rainOf = (d: WeatherDay): number => d.hours.reduce((mm, h) => mm + h.rainMm, 0);
const lately = (o: Outlook): readonly WeatherDay[] => o.days.filter((d) => d.day >= addDays(today(o), -BACK_DAYS));
const least = (a: Sighting['sure'], b: Sighting['sure']): Sighting['sure'] => (a === 'known' ? b : b === 'known' ? a : a === 'reckoned' ? b : a);

/** The first that is ahead and the last that is over, of days on which something happens. */
function pick(o: Outlook, days: readonly { readonly day: LocalDay; readonly sure: Sighting['sure']; readonly saw: string }[], over: string): Sighting[] {
  const ahead = days.find((d) => d.day > today(o));
  const before = days.findLast((d) => d.day <= today(o));
  const coming = ahead && {
    is: 'coming' as const,
    at: start(o, ahead.day),
    sure: ahead.sure,
    saw: ahead.saw,
    act: `What guards must be on and dry before ${daySaid(o, start(o, ahead.day))}.`,
    by: start(o, ahead.day),
  };
  const came = before && { is: 'came' as const, at: start(o, before.day), sure: before.sure, saw: before.saw, act: over, by: null };
  return [...(coming ? [coming] : []), ...(came ? [came] : [])];
}

const lateBlight: WarningModel = {
  id: 'late-blight-hutton',
  name: 'Two damp days for late blight',
  troubles: ['late-blight'],
  hosts: ['potato', 'tomato', 'tomatillo'],
  stages: ['seedling', 'growing', 'flowering', 'fruiting'],
  needs: 'Warmth and damp by the hour: two days running that never fall below 10 °C, each with 6 hours at 90 % or more.',
  prov: pub('Hutton criteria, James Hutton Institute 2017; 11 hours: Smith 1956, Plant Pathology 5: 83-87'),
  find: (o) => {
    const days = lately(o);
    const seen = days.flatMap((d, i) => {
      const before = days[i - 1];
      const is = before && before.day === addDays(d.day, -1) ? blightPeriod(before.hours, d.hours) : null;
      if (!before || is === null) return [];
      const hours = is === 'smith' ? 11 : 6;
      return [
        {
          day: d.day,
          sure: least(before.sure, d.sure),
          saw: `Two days running never below ${degreesSaid(o, 10)} with ${hours} hours and more of damp air, to ${daySaid(o, start(o, d.day))}.`,
        },
      ];
    });
    return { seen: pick(o, seen, 'It spreads fast from here. Look at the lower leaves each day for a week, and take out what is found.') };
  },
};

const tomatoBlights: WarningModel = {
  id: 'tomato-blights-tomcast',
  name: 'Wet and warm days for the leaf blights of tomatoes',
  troubles: ['early-blight', 'septoria', 'anthracnose'],
  hosts: ['tomato'],
  stages: ['growing', 'flowering', 'fruiting'],
  needs: 'The day of planting out; rain, warmth and damp by the hour.',
  prov: pub('TOMCAST: Pitblado 1992, after Madden, Pennypacker & MacNab 1978; the sums of 35 and 15 from memory'),
  find: (o) => {
    const out = o.seenOn('emerged');
    if (out === null) return { blind: 'It counts from the day on which they came up or were planted out.', asks: 'emerged' };
    const guarded = o.guardedLast === null ? null : dayOf(o.guardedLast, o.place.zone);
    const from = guarded !== null && guarded > out ? guarded : out;
    const target = from === out ? TOMATO_BLIGHT_FIRST : TOMATO_BLIGHT_AGAIN;
    const s = sumOver(o.days, from, today(o), (d) => tomatoBlightOf(d.hours));
    return {
      seen: bySum(o, s, target, {
        saw: (sum) => `Wet and warm days add up to ${sum} of ${target} since ${from === out ? 'they were out' : 'they were last guarded'}.`,
        act: 'Time to guard: take off the lowest leaves first, then see what the ladder offers.',
        ahead: 'Get ready to guard; the lowest leaves come off now.',
      }),
    };
  },
};

const potatoEarlyBlight: WarningModel = {
  id: 'potato-days',
  name: 'Potato days for early blight',
  troubles: ['early-blight'],
  hosts: ['potato'],
  stages: ['growing', 'flowering', 'fruiting'],
  needs: 'The day on which the potatoes came up; the least and the most of each day.',
  prov: pub('Sands, Hackett & Nix 1979; Pscheidt & Stevenson 1986, Plant Disease 70: 915-920'),
  find: (o) => {
    const up = o.seenOn('emerged');
    if (up === null) return { blind: 'It counts from the day on which they came up.', asks: 'emerged' };
    const s = sumOver(o.days, up, today(o), (d) => {
      const t = extremesOf(d.hours);
      return t ? potatoDays(t.least, t.most) : 0;
    });
    // once guarded it is a matter of rounds
    if (o.guardedLast !== null && dayOf(o.guardedLast, o.place.zone) >= up) return { seen: [] };
    return {
      seen: bySum(o, s, POTATO_DAYS_FIRST, {
        saw: (sum) => `${trim(sum, 0)} potato days of ${POTATO_DAYS_FIRST} since they came up.`,
        act: 'From now on early blight can spread: look at the lowest leaves for rings, and guard where it came before.',
        ahead: 'Early blight can spread from then on. Look at the lowest leaves.',
      }),
    };
  },
};

const grapePowdery: WarningModel = {
  id: 'grape-mildew-index',
  name: 'Warm days for powdery mildew of grapes',
  troubles: ['powdery-mildew'],
  hosts: ['grape'],
  stages: ['growing', 'flowering', 'fruiting'],
  needs: 'Warmth by the hour.',
  prov: pub('Gubler & Thomas, UC Davis powdery mildew risk index; the days between rounds from memory'),
  find: (o) => {
    const days = o.days.filter((d) => d.whole);
    const index = grapeMildewIndex(days.map((d) => grapeDayOf(d.hours)));
    const at = days.findLastIndex((d) => d.day <= today(o));
    const now = index[at] ?? null;
    const ahead = index.findIndex((n, i) => i > at && n !== null && n >= GRAPE_MILDEW_HIGH);
    const risen = now !== null && now >= GRAPE_MILDEW_HIGH;
    const hit = risen ? days[at] : days[ahead];
    const n = risen ? now : index[ahead];
    if (!hit || n == null) return { seen: [] };
    const [from, to] = sulfurDays(n);
    return {
      seen: [
        {
          is: risen ? 'due' : 'coming',
          at: start(o, hit.day),
          sure: hit.sure,
          saw: `Days with six hours at ${degreesSaid(o, 21)} to ${degreesSaid(o, 30)} have brought its index to ${n} of 100.`,
          act: `It grows fast now: what guards is due again after ${from} to ${to} days, as far as its label allows.`,
          by: risen ? null : start(o, hit.day),
        },
      ],
    };
  },
};

const DEW_PCT = 90;

const fireBlight: WarningModel = {
  id: 'fire-blight-blossom',
  name: 'Warm wet days for fire blight of the flowers',
  troubles: ['fire-blight'],
  hosts: ['apple', 'pear', 'quince', 'loquat', 'hawthorn', 'cotoneaster'],
  stages: ['flowering'],
  needs: 'The day of the first open flower; rain, warmth and damp by the hour.',
  prov: pub('MARYBLYT: Steiner 1990, Acta Horticulturae 273: 139-148; Lightner & Steiner 1992'),
  find: (o) => {
    const first = o.seenOn('first-flower') ?? (o.planting.stage === 'flowering' ? o.planting.stageOn : null);
    if (first === null) return { blind: 'It counts from the first open flower.', asks: 'first-flower' };
    let degreeHours = 0;
    const seen: { day: LocalDay; sure: Sighting['sure']; saw: string }[] = [];
    o.days.forEach((d, i) => {
      if (d.day < first) return;
      degreeHours += d.hours.reduce((sum, h) => sum + Math.max(0, h.temperatureC - FIRE_BLIGHT_BASE_C), 0);
      const before = o.days[i - 1];
      const risk = blossomBlight({
        openFlowers: true,
        degreeHours,
        dew: d.hours.some((h) => h.humidityPct >= DEW_PCT),
        rainMm: rainOf(d),
        rainTheDayBeforeMm: before && before.day === addDays(d.day, -1) ? rainOf(before) : 0,
        meanC: meanC(d.hours),
      });
      if (risk !== 'infection' || d.day < addDays(today(o), -BACK_DAYS)) return;
      seen.push({
        day: d.day,
        sure: d.sure,
        saw: `Open flowers, ${trim(degreeHours, 0)} degree-hours of warmth since the first, a wetting and a warm day: all four on ${daySaid(o, start(o, d.day))}.`,
      });
    });
    return { seen: pick(o, seen, 'Flowers may be infected. Look for wilted ones from a week on, and cut well below them in dry weather.') };
  },
};

/** Shorter shoots are not open to it. */
const SHOOTS = '10 cm';

/** Two days about each: so the rain of one night counts once. */
const downyGrape: WarningModel = {
  id: 'grape-downy-tens',
  name: 'The three tens for downy mildew of grapes',
  troubles: ['downy-mildew'],
  hosts: ['grape'],
  stages: ['growing', 'flowering', 'fruiting'],
  needs: 'Shoots of 10 cm and more; rain and warmth by the day.',
  prov: CP,
  find: (o) => {
    const days = lately(o);
    const seen = days.flatMap((d, i) => {
      const before = days[i - 1];
      const two = before && before.day === addDays(d.day, -1) ? [before, d] : [d];
      const rainMm = two.reduce((mm, x) => mm + rainOf(x), 0);
      const c = meanC(two.flatMap((x) => x.hours));
      // on the day on which the rain comes to it
      if (rainOf(d) === 0 || !threeTens({ meanC: c, rainMm, shootsCm: Infinity })) return [];
      return [
        {
          day: d.day,
          sure: two.reduce<Sighting['sure']>((s, x) => least(s, x.sure), 'known'),
          saw: `${sayRain(rainMm, o.units)} of rain in two days at ${degreesSaid(o, 10)} and more, to ${daySaid(o, start(o, d.day))}. Once shoots are ${inWordsOf(SHOOTS, o.units)} long, that is enough.`,
        },
      ];
    });
    if (seen.length === 0 && days.some((d) => d.hours.some((h) => h.unread?.includes('rain'))))
      return { blind: 'Rain was not read: without a gauge nobody can tell.' };
    return { seen: pick(o, seen, 'Look under the leaves for pale oily spots in one to two weeks.') };
  },
};

export const BY_DAY_MODELS: readonly WarningModel[] = [lateBlight, tomatoBlights, potatoEarlyBlight, grapePowdery, fireBlight, downyGrape];
