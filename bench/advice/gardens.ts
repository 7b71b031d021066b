import { findHost, HOSTS, TROUBLES, type Host, type Trouble } from '../../packages/core/src/catalogue';
import type { PlantingFacts, Situation } from '../../packages/core/src/decide';
import { seasonalMonth } from '../../packages/core/src/diagnose';
import { instant } from '../../packages/core/src/measure';
import { hostWeight } from '../../packages/core/src/scout';
import { conditionsOver, sunTimes, type HourlyWeather, type Place } from '../../packages/core/src/weather';

/** Three climates, one of them in the south, each with a mild day of every month. */
export interface Climate {
  readonly name: string;
  readonly place: Place & { readonly zone: string };
  /** °C of the warmest and of the coldest month. */
  readonly warm: number;
  readonly cold: number;
}

export const CLIMATES: readonly Climate[] = [
  { name: 'cool north', place: { latitude: 55.2, longitude: -1.9, zone: 'Europe/London' }, warm: 17, cold: 6 },
  { name: 'warm north', place: { latitude: 30.3, longitude: -97.7, zone: 'America/Chicago' }, warm: 27, cold: 13 },
  { name: 'mild south', place: { latitude: -37.8, longitude: 145, zone: 'Australia/Melbourne' }, warm: 21, cold: 10 },
];

const MAIN_HOSTS = 3;

/** The plants that a trouble is most usual on. */
export const mainHosts = (t: Trouble): readonly Host[] =>
  HOSTS.filter((h) => !h.stands && hostWeight(t, h) > 0)
    .sort((a, b) => hostWeight(t, b) - hostWeight(t, a) || a.id.localeCompare(b.id))
    .slice(0, MAIN_HOSTS);

function stageOf(host: Host, month: number): PlantingFacts['stage'] {
  const woody = host.parts.includes('trunk');
  if (woody && (month >= 11 || month <= 3)) return 'dormant';
  if (month === 5 && host.parts.includes('flower')) return 'flowering';
  return month >= 6 && month <= 10 && host.parts.includes('fruit') ? 'fruiting' : 'growing';
}

function weatherOf({ warm, cold }: Climate, month: number, from: number): HourlyWeather[] {
  const mean = (warm + cold) / 2 + ((warm - cold) / 2) * Math.cos(((month - 7) / 6) * Math.PI);
  return Array.from({ length: 6 * 24 }, (_, i) => ({
    at: new Date(from + i * 3_600_000).toISOString(),
    temperatureC: mean,
    humidityPct: 60,
    windMs: 2,
    rainMm: 0,
    cloud: 0.6,
  }));
}

/** The sky of a climate's month, worked out once. */
const skies = new Map<string, Situation['conditions']>();
function skyOf(climate: Climate, season: number, now: Situation['now']): Situation['conditions'] {
  const key = `${climate.name} ${season}`;
  const known = skies.get(key) ?? conditionsOver(weatherOf(climate, season, Math.floor(now / 3_600_000) * 3_600_000), climate.place, now);
  skies.set(key, known);
  return known;
}

/** A garden of a climate on the evening of the middle of a month, with a trouble counted at twice what is bearable, 3 in 10 at least. */
export function gardenIn(climate: Climate, month: number, trouble: Trouble, host: Host): { readonly s: Situation; readonly share: number } {
  const noon = instant(Date.UTC(2026, month - 1, 15, 12) - climate.place.longitude * 240_000);
  const sun = sunTimes(noon, climate.place);
  const now = instant((sun?.set ?? noon) - 3_600_000);
  const season = seasonalMonth(month, climate.place.latitude);
  const house = host.group === 'house';
  return {
    share: Math.max(0.3, Math.min(0.9, trouble.threshold.share * 2)),
    s: {
      now,
      place: climate.place,
      country: 'XX',
      host,
      trouble,
      policy: 'any-labelled',
      around: [],
      homeMade: 'allowed',
      plans: [],
      records: [],
      seenSigns: [],
      stageSeen: null,
      sheets: [],
      planting: {
        stage: stageOf(host, season),
        site: house ? 'indoors' : 'outdoors',
        edible: host.edible,
        dense: false,
        tolerance: 'usual',
        pickFrom: null,
        pickUntil: null,
        areaM2: 10,
        heightM: null,
        about: [],
      },
      conditions: skyOf(climate, season, now),
    },
  };
}

/** Every trouble that is alive or not, with its main hosts. */
export const cases = (): readonly { readonly trouble: Trouble; readonly host: Host }[] =>
  TROUBLES.flatMap((trouble) => mainHosts(trouble).map((host) => ({ trouble, host: findHost(host.id) ?? host })));
