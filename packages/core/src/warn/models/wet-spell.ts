import { CP, MEM, pub, sayRain } from '../../measure';
import {
  blackRotWetHours,
  blackSpotWetHours,
  LEAF_CURL_MM,
  leafCurlWetHours,
  meanC,
  scabSpells,
  scabSpotsAfter,
  SCAB_SPORES_GONE_DD,
  degreeDaysOfHours,
  surenessOf,
  wetSpells,
  type WetSpell,
} from '../../weather';
import { dayStart, dayOf } from '../../schedule';
import { sumOver } from '../sum';
import type { Found, Outlook, Sighting, WarningModel } from '../types';
import { degreesSaid, hoursSaid, whenSaid } from './said';

const HOUR = 3_600_000;
const DAY = 24 * HOUR;
/** So long an infection that is over can still be acted on, as labels that reach back have it. */
export const ACTABLE_MS = 4 * DAY;

interface Let {
  readonly from: number;
  readonly infectedAt: number;
  readonly wetHours: number;
  readonly needs: number;
  readonly meanC: number;
  readonly sure: Sighting['sure'];
}

/** The hour in which a spell has been wet for long enough at its mean so far; null where it never is. */
function lets(spell: WetSpell, needs: (c: number) => number | null): Let | null {
  for (let n = 1; n <= spell.wet.length; n++) {
    const so = spell.wet.slice(0, n);
    const least = needs(meanC(so));
    const last = so.at(-1);
    if (least === null || n < least || !last) continue;
    return { from: spell.from, infectedAt: Date.parse(last.at) + HOUR, wetHours: spell.wet.length, needs: least, meanC: meanC(so), sure: surenessOf(so) };
  }
  return null;
}

const RAIN_UNREAD = 'Rain was not read: without a gauge nobody can tell.';

/** The next that is coming and the last that came, in words. */
function told(o: Outlook, spells: readonly Let[], what: string, shows: (c: number) => string): Found {
  const coming = spells.find((s) => s.infectedAt > o.now);
  const came = spells.findLast((s) => s.infectedAt <= o.now && s.infectedAt > o.now - ACTABLE_MS);
  const wet = (s: Let) => `leaves wet for ${hoursSaid(s.wetHours)} at ${degreesSaid(o, s.meanC)}; ${hoursSaid(s.needs)} ${what}`;
  const seen: Sighting[] = [];
  if (coming)
    seen.push({
      is: 'coming',
      at: coming.infectedAt,
      sure: coming.sure,
      saw: `Wet from ${whenSaid(o, coming.from)}: ${wet(coming)}.`,
      act:
        coming.from > o.now
          ? `What guards must be on and dry before ${whenSaid(o, coming.from)}.`
          : 'Leaves are wet already: nothing is put on now. When they are dry, look at what reaches back.',
      by: coming.from > o.now ? coming.from : null,
    });
  if (came)
    seen.push({
      is: 'came',
      at: came.infectedAt,
      sure: came.sure,
      saw: `Wet from ${whenSaid(o, came.from)}: ${wet(came)}.`,
      act: `What only guards is too late for this one. ${shows(came.meanC)}`,
      by: null,
    });
  if (seen.length === 0 && o.hours.some((h) => h.unread?.includes('rain'))) return { blind: RAIN_UNREAD };
  return { seen };
}

const OUT_OF_DORMANCY = ['growing', 'flowering', 'fruiting'] as const;

const appleScab: WarningModel = {
  id: 'scab-mills',
  name: 'Wet hours for apple scab',
  troubles: ['apple-scab'],
  hosts: ['apple'],
  stages: OUT_OF_DORMANCY,
  needs: 'Rain, warmth and damp by the hour; the day of green tip says when the spores of spring are gone.',
  prov: pub('Mills 1944 as revised by MacHardy & Gadoury 1989; below 8 °C Stensvand, Gadoury & Seem 1997'),
  find: (o) => {
    const tip = o.seenOn('green-tip');
    // the spores of spring: what is wet after them spreads from spots, and is another matter
    const gone = tip ? sumOver(o.days, tip, dayOf(o.now, o.place.zone), (d) => degreeDaysOfHours(d.hours, { lower: 0 })) : null;
    const over = (at: number) => gone !== null && (gone.after.findLast((d) => dayStart(d.day, o.place.zone) <= at)?.sum ?? 0) > SCAB_SPORES_GONE_DD;
    const spells = scabSpells(o.hours, o.place).flatMap((s) =>
      s.infectedAt === null || s.needs === null || over(s.infectedAt) ? [] : [{ ...s, infectedAt: s.infectedAt, needs: s.needs }],
    );
    return told(o, spells, 'let scab in', (c) => `Spots would show after about ${scabSpotsAfter(c)} days: look then.`);
  },
};

const wetModel = (
  m: Omit<WarningModel, 'find' | 'stages'> & { readonly stages?: WarningModel['stages'] },
  hours: (c: number) => number | null,
  what: string,
  shows: string,
): WarningModel => ({
  stages: OUT_OF_DORMANCY,
  ...m,
  find: (o) =>
    told(
      o,
      wetSpells(o.hours, { joins: 0 }).flatMap((s) => lets(s, hours) ?? []),
      what,
      () => shows,
    ),
});

const WET_NEEDS = 'Rain, warmth and damp by the hour.';

const blackRot = wetModel(
  {
    id: 'black-rot-spotts',
    name: 'Wet hours for grape black rot',
    troubles: ['grape-black-rot'],
    hosts: ['grape'],
    needs: WET_NEEDS,
    prov: pub('Spotts 1977, Phytopathology 67: 1378-1381'),
  },
  blackRotWetHours,
  'let black rot in',
  'Look at the leaves in one to two weeks.',
);

const blackSpot = wetModel(
  {
    id: 'black-spot-hours',
    name: 'Wet hours for rose black spot',
    troubles: ['black-spot'],
    hosts: ['rose'],
    needs: WET_NEEDS,
    prov: CP,
  },
  blackSpotWetHours,
  'let black spot in',
  'Look at the lowest leaves in one to two weeks.',
);

/** Buds that swelled longer ago than this are leaves, which are past it (from memory). */
const BUDS_DAYS = 45;

const leafCurl: WarningModel = {
  id: 'leaf-curl-rossi',
  name: 'Wet hours for peach leaf curl',
  troubles: ['peach-leaf-curl'],
  hosts: ['peach', 'almond', 'apricot'],
  stages: ['dormant', 'growing', 'flowering'],
  needs: 'The day on which buds began to swell; rain, warmth and damp by the hour.',
  prov: MEM,
  find: (o) => {
    const swell = o.seenOn('bud-swell');
    if (swell === null) return { blind: 'It counts from the day on which buds begin to swell.', asks: 'bud-swell' };
    const from = dayStart(swell, o.place.zone);
    if (o.now - from > BUDS_DAYS * DAY) return { seen: [] };
    const hours = o.hours.filter((h) => Date.parse(h.at) >= from);
    const spells = wetSpells(hours, { joins: 0 })
      .filter((s) => s.rainMm >= LEAF_CURL_MM)
      .flatMap((s) => lets(s, leafCurlWetHours) ?? []);
    return told(o, spells, `and ${sayRain(LEAF_CURL_MM, o.units)} of rain let leaf curl in`, () => 'Leaves that come now may curl: nothing cures them.');
  },
};

export const WET_SPELL_MODELS: readonly WarningModel[] = [appleScab, blackRot, blackSpot, leafCurl];
