import { findControl, findHost, findTrouble } from '../src/catalogue';
import { judge, type PastTreatment, type PlantingFacts, type Situation } from '../src/decide';
import { findSheet } from '../src/label/sheets';
import { instant, type Instant } from '../src/measure';
import { conditionsAt, type HourlyWeather } from '../src/weather';

export const place = { latitude: 55.2, longitude: -1.9, zone: 'Europe/London' };
export const at = (iso: string) => instant(Date.parse(iso));

/** Ten dry, mild, light-winded days from the hour of `now`. */
export const fineWeather = (now: number, days = 10, change: Partial<HourlyWeather> = {}): HourlyWeather[] =>
  Array.from({ length: days * 24 }, (_, i) => ({
    at: new Date(Math.floor(now / 3_600_000) * 3_600_000 + i * 3_600_000).toISOString(),
    temperatureC: 15,
    humidityPct: 60,
    windMs: 2,
    rainMm: 0,
    cloud: 0.3,
    ...change,
  }));

export interface Setup {
  now?: string;
  host?: string;
  trouble?: string;
  planting?: Partial<PlantingFacts>;
  policy?: Situation['policy'];
  records?: PastTreatment[];
  seenSigns?: string[];
  around?: Situation['around'];
  homeMade?: Situation['homeMade'];
  plans?: Situation['plans'];
  stageSeen?: string;
  sheets?: Situation['sheets'];
  weather?: Partial<HourlyWeather>;
  /** Where plants flower on while they fruit: nobody looked whether a flower is open. */
  mayFlower?: boolean;
  keptOut?: Situation['keptOut'];
  country?: string | null;
  place?: typeof place;
  /** Hours of weather that are known from now on; all ten days when left out. */
  knownHours?: number;
  reported?: boolean;
  preventing?: boolean;
  allowedHere?: Situation['allowedHere'];
}

/** Of fine weather the same ten days are asked for thousands of times. */
const MOST_SKIES = 50;
const skies = new Map<string, Situation['conditions']>();
function skyOf(setup: Setup, now: Instant, where: typeof place): Situation['conditions'] {
  const site = setup.planting?.site ?? 'outdoors';
  const key = JSON.stringify([site, now, where, setup.weather, setup.knownHours]);
  const known = skies.get(key);
  if (known) return known;
  if (skies.size >= MOST_SKIES) skies.clear();
  const made = conditionsAt(site, fineWeather(now, 10, setup.weather).slice(0, setup.knownHours), where, now);
  skies.set(key, made);
  return made;
}

export function situation(setup: Setup = {}): Situation {
  const now = at(setup.now ?? '2026-05-24T18:10:00Z');
  const host = findHost(setup.host ?? 'broad-bean');
  const trouble = findTrouble(setup.trouble ?? 'black-bean-aphid');
  if (!host || !trouble) throw new Error('no such host or trouble');
  const where = setup.place ?? place;
  return {
    now,
    place: where,
    host,
    trouble,
    policy: setup.policy ?? 'any-labelled',
    records: setup.records ?? [],
    seenSigns: setup.seenSigns ?? [],
    around: setup.around ?? [],
    homeMade: setup.homeMade ?? 'not-known',
    plans: setup.plans ?? [],
    stageSeen: setup.stageSeen ?? null,
    sheets: setup.sheets ?? [],
    country: setup.country ?? null,
    ...(setup.keptOut ? { keptOut: setup.keptOut } : {}),
    ...(setup.reported ? { reported: true } : {}),
    ...(setup.allowedHere ? { allowedHere: setup.allowedHere } : {}),
    ...(setup.preventing ? { preventing: true } : {}),
    planting: {
      stage: 'fruiting',
      site: 'outdoors',
      edible: host.edible,
      dense: false,
      tolerance: 'usual',
      pickFrom: null,
      pickUntil: null,
      areaM2: 20,
      heightM: null,
      ...setup.planting,
      about: [...(setup.planting?.about ?? []), ...(setup.mayFlower ? [] : (['no-flower-open'] as const))],
    },
    conditions: skyOf(setup, now, where),
  };
}

export function verdictOn(controlId: string, setup: Setup = {}) {
  const control = findControl(controlId);
  if (!control) throw new Error(controlId);
  return judge(control, situation(setup));
}

export const past = (sheetId: string, iso: string, lineId: string | null = null): PastTreatment => ({
  at: at(iso),
  controlId: findSheet(sheetId)?.control ?? sheetId,
  sheet: findSheet(sheetId) ?? null,
  lineId,
  amount: null,
  areaM2: 20,
});
