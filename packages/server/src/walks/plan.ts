import type { Case, Garden, Planting, WalkPlan, WatchItem } from '@sleetbrook/core/api';
import { findHost } from '@sleetbrook/core/catalogue';
import { recentWords, seasonalMonth } from '@sleetbrook/core/diagnose';
import { meanTemperature, thresholdFor, watchList } from '@sleetbrook/core/scout';
import type { HourlyWeather } from '@sleetbrook/core/weather';
import type { DatedTally } from './store';

interface Facts {
  readonly garden: Garden;
  readonly plantings: readonly Planting[];
  readonly cases: readonly Case[];
  readonly tallies: readonly DatedTally[];
  /** The last fortnight. */
  readonly weather: readonly HourlyWeather[];
  readonly now: Date;
}

/** What to look for now at each planting: from host, stage of the year, weather and what was found before. */
export function planWalk(facts: Facts): WalkPlan {
  const { garden } = facts;
  const recent = recentWords(facts.weather);
  const month = seasonalMonth(facts.now.getUTCMonth() + 1, garden.latitude);
  return facts.plantings.map((planting) => {
    const host = findHost(planting.hostId);
    const counted = facts.tallies.filter((t) => t.plantingId === planting.id);
    const found = [
      ...counted.filter((t) => t.affected > 0).map((t) => t.troubleId),
      ...facts.cases.filter((c) => c.plantingId === planting.id).map((c) => c.troubleId),
    ];
    const watch = host
      ? watchList(
          { host, month, recent, where: { ...garden, country: garden.country || null }, meanC: meanTemperature(facts.weather), site: planting.site },
          found,
        )
      : [];
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
