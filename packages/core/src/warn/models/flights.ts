import type { MilestoneKind } from '../../api';
import { sayDegreeDays } from '../../measure';
import type { LocalDay } from '../../schedule';
import { degreeDays, extremesOf } from '../../weather';
import { yearBegan } from '../days';
import { sumOver } from '../sum';
import type { Outlook, WarningModel } from '../types';
import { bySum } from './counted';
import { FLIGHTS, type Flight } from './flight-table';
import { today } from './said';

/** What came of it is no matter of today when it is longer ago. */
const STAYS_DAYS = 21;

const START: Readonly<Record<MilestoneKind, string>> = {
  emerged: 'the day on which they came up',
  'bud-swell': 'the day on which buds swell',
  'green-tip': 'the day of green tip',
  'first-flower': 'the first open flower',
  'petal-fall': 'the day of petal fall',
  'first-moth': 'the first moths in the trap',
};

const modelOf = (f: Flight): WarningModel => ({
  id: f.id,
  name: f.name,
  troubles: [f.trouble],
  hosts: f.hosts,
  stages: f.stages,
  ...(f.regions ? { regions: f.regions } : {}),
  needs: `${f.from === 'year' ? 'The' : `${START[f.from][0]?.toUpperCase()}${START[f.from].slice(1)}; the`} least and the most of each day.`,
  prov: f.prov,
  find: (o: Outlook) => {
    const from: LocalDay | null = f.from === 'year' ? yearBegan(today(o), o.place.latitude) : o.seenOn(f.from);
    if (from === null) return { blind: `It counts from ${START[f.from as MilestoneKind]}.`, asks: f.from as MilestoneKind };
    const s = sumOver(o.days, from, today(o), (d) => {
      const t = extremesOf(d.hours);
      return t ? degreeDays(t.least, t.most, f.thresholds) : 0;
    });
    if (f.from === 'year' && s.missing > MOST_MISSING)
      return { blind: `It counts warmth from the beginning of the year, and ${s.missing} days of it are not known.` };
    const seen = bySum(o, s, f.target, {
      saw: (sum) => `${sayDegreeDays(sum, o.units)} of ${sayDegreeDays(f.target, o.units)}: then ${f.then}.`,
      act: f.act,
      ahead: `Then ${f.then}. ${f.act}`,
    });
    return { seen: seen.filter((x) => o.now - x.at < STAYS_DAYS * 86_400_000) };
  },
});
/** With more days unknown the sum says nothing. */
const MOST_MISSING = 10;

export const FLIGHT_MODELS: readonly WarningModel[] = FLIGHTS.map(modelOf);
