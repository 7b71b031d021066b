import type { Case, Garden, Planting, WalkPlan, WatchItem } from '../api';
import { findHost } from '../catalogue';
import { recentWords, seasonalMonth } from '../diagnose';
import { meanTemperature, thresholdFor, watchList, type Surroundings, type Watch } from '../scout';
import type { HourlyWeather } from '../weather';
import type { DatedTally } from './keeping';

interface Facts {
  readonly garden: Garden;
  readonly plantings: readonly Planting[];
  readonly cases: readonly Case[];
  readonly tallies: readonly DatedTally[];
  /** The last fortnight. */
  readonly weather: readonly HourlyWeather[];
  readonly now: Date;
}

type Watched = readonly Watch[];

/** What there is to look for hangs on little, and is asked for again and again: it is worked out once for each of these. */
const kept = new Map<string, Watched>();
const MOST_KEPT = 2000;

function watched(around: Surroundings, found: readonly string[]): Watched {
  const { host, month, recent, where, meanC, site } = around;
  const key = JSON.stringify([host.id, month, recent, where?.latitude, where?.longitude, where?.country, where?.region, meanC, site, found]);
  const known = kept.get(key);
  if (known) return known;
  if (kept.size >= MOST_KEPT) kept.clear();
  const made = watchList(around, found);
  kept.set(key, made);
  return made;
}

function byPlanting<T extends { readonly plantingId: string }>(list: readonly T[]): (plantingId: string) => readonly T[] {
  const groups = new Map<string, T[]>();
  for (const x of list) {
    const group = groups.get(x.plantingId);
    if (group) group.push(x);
    else groups.set(x.plantingId, [x]);
  }
  return (id) => groups.get(id) ?? [];
}

/** A tenth of a degree more or less changes nothing that anybody looks for. */
const tenth = (c: number | null) => (c === null ? null : Math.round(c * 10) / 10);

/** What to look for now at each planting: from host, stage of the year, weather and what was found before. */
export function planWalk(facts: Facts): WalkPlan {
  const { garden } = facts;
  const recent = recentWords(facts.weather);
  const month = seasonalMonth(facts.now.getUTCMonth() + 1, garden.latitude);
  const meanC = tenth(meanTemperature(facts.weather));
  const where = { latitude: garden.latitude, longitude: garden.longitude, country: garden.country || null, region: garden.region || null };
  const tallies = byPlanting(facts.tallies);
  const cases = byPlanting(facts.cases);
  return facts.plantings.map((planting) => {
    const host = findHost(planting.hostId);
    const counted = tallies(planting.id);
    const found = [...new Set([...counted.filter((t) => t.affected > 0).map((t) => t.troubleId), ...cases(planting.id).map((c) => c.troubleId)])].sort();
    const watch = host ? watched({ host, month, recent, where, meanC, site: planting.site }, found) : [];
    return {
      plantingId: planting.id,
      watch: watch.map(({ trouble, sign, why }): WatchItem => {
        const before = counted.filter((t) => t.troubleId === trouble.id && t.looked > 0).at(-1);
        return {
          troubleId: trouble.id,
          name: trouble.name,
          unit: trouble.unit,
          signId: sign.id,
          signName: sign.name,
          question: sign.question,
          drawing: sign.drawing,
          part: sign.parts.find((p) => host?.parts.includes(p)) ?? 'whole',
          why,
          threshold: thresholdFor(trouble.threshold.share, planting.tolerance),
          before: before ? { affected: before.affected, looked: before.looked, at: before.at } : null,
        };
      }),
    };
  });
}
