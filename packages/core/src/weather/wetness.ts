import type { Certainty } from './certainty';
import type { HourlyWeather } from './hourly';

const HOUR = 3_600_000;
/** As damp as this the air leaves dew on leaves (Sentelhas et al. 2008, Agricultural and Forest Meteorology 148: 392-400). */
const DEW_PCT = 90;
/** Less in an hour leaves no water standing (from memory). */
const WETS_MM = 0.1;
/** Leaves drip so long after rain (from memory). */
const DRIPS_HOURS = 2;

/** Whether leaves are wet in each of some hours: with rain, for two hours after it, and in dew. @param hours ascending, gaps allowed */
export function wetIn(hours: readonly HourlyWeather[]): readonly boolean[] {
  let rained = -Infinity;
  return hours.map((h) => {
    const at = Date.parse(h.at);
    if (h.rainMm >= WETS_MM) rained = at;
    return h.humidityPct >= DEW_PCT || at - rained <= DRIPS_HOURS * HOUR;
  });
}

/** Leaves wet from one hour on, with dry gaps that count as none. */
export interface WetSpell {
  /** Start of the first wet hour and end of the last, ms. */
  readonly from: number;
  readonly to: number;
  readonly wet: readonly HourlyWeather[];
  readonly rainMm: number;
}

/**
 * Spells of wet leaves, oldest first. Hours that nobody told of end a spell: what is not known is not wet.
 * @param hours ascending, gaps allowed @param joins dry hours between two wet ones that make one spell of them
 * @param counts whether a wet hour counts at all
 */
export function wetSpells(
  hours: readonly HourlyWeather[],
  { joins, counts = () => true }: { joins: number; counts?: (h: HourlyWeather) => boolean },
): WetSpell[] {
  const wet = wetIn(hours);
  const out: WetSpell[] = [];
  let run: HourlyWeather[] = [];
  let last = Number.NaN;
  const end = () => {
    const [first] = run;
    if (first) out.push({ from: Date.parse(first.at), to: last + HOUR, wet: run, rainMm: run.reduce((mm, h) => mm + h.rainMm, 0) });
    run = [];
  };
  hours.forEach((h, i) => {
    const at = Date.parse(h.at);
    const before = hours[i - 1];
    if (before && at - Date.parse(before.at) > HOUR) end();
    if (!wet[i] || !counts(h)) return;
    if (run.length > 0 && at - last > (joins + 1) * HOUR) end();
    run.push(h);
    last = at;
  });
  end();
  return out;
}

export const meanC = (hours: readonly { readonly temperatureC: number }[]): number =>
  hours.length === 0 ? Number.NaN : hours.reduce((sum, h) => sum + h.temperatureC, 0) / hours.length;

const RANK: Readonly<Record<Certainty, number>> = { known: 0, reckoned: 1, forecast: 2, guess: 3 };

/** As sure as the least sure of them. */
export const surenessOf = (hours: readonly HourlyWeather[]): Certainty =>
  hours.reduce<Certainty>((worst, h) => (RANK[h.certainty ?? 'known'] > RANK[worst] ? (h.certainty ?? 'known') : worst), 'known');
