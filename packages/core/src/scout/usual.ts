import type { Site } from '../catalogue/sites';
import { climateOf, likeMonths, type Where } from './climate';
import { HOSTS, type Friend, type Host, type Trouble } from '../catalogue';

/** The last weeks' weather, in the coarse words the entries use. */
export type WeatherWord = 'wet' | 'dry' | 'warm' | 'cool';

/** Where and when one looks. */
export interface Surroundings {
  readonly host: Host;
  /** 1 … 12 as counted in the northern hemisphere: shift by six in the south. */
  readonly month: number;
  readonly recent: readonly WeatherWord[];
  /** Where that is; a cool climate when not known. */
  readonly where?: Where;
  /** Mean temperature of the days that are known, °C; null or left out where none are. */
  readonly meanC?: number | null;
  readonly site?: Site;
}

const OUT_OF_SEASON = 0.2;
const FAVOURED = 1.4;
const DISFAVOURED = 0.7;
/** How much less is known of a plant when only its family, or its group, is. From memory. */
const KIN = 0.7;
const GROUP_KIN = 0.4;
const UNKNOWN = 0.3;

/**
 * How usual a suspect is on this host, in this month, in this climate, after this weather; not normalised.
 * 0 means it does not live here.
 */
export function usualness(suspect: Trouble | Friend, around: Surroundings): number {
  const onHost = hostWeight(suspect, around.host);
  if (onHost === 0 || !('months' in suspect)) return onHost;
  const inSeason = inSeasonAt(suspect.months, around) ? 1 : OUT_OF_SEASON;
  const favoured = suspect.favours.reduce(
    (f, word) => f * (around.recent.includes(word) ? FAVOURED : around.recent.includes(OPPOSITE[word]) ? DISFAVOURED : 1),
    1,
  );
  return onHost * inSeason * favoured;
}

/**
 * Whether this is its time of year. Entries count months for a cool climate: elsewhere a month stands for those that are
 * like it, in the tropics and in a room for all of them, under cover for the ones beside it, too; and where it is known
 * to be warmer than the climate says, for as warm ones.
 */
export function inSeasonAt(months: readonly number[], { month, where, meanC, site }: Pick<Surroundings, 'month' | 'where' | 'meanC' | 'site'>): boolean {
  if (site === 'indoors') return true;
  const like = likeMonths(where ? climateOf(where) : 'temperate', month, meanC ?? null);
  if (like === null || like.some((m) => months.includes(m))) return true;
  if (site !== 'tunnel' && site !== 'glasshouse') return false;
  return months.includes((month % 12) + 1) || months.includes(((month + 10) % 12) + 1);
}

/** How usual it is on a host: the most particular thing the entry says counts. */
export function hostWeight(suspect: Trouble | Friend, host: Host): number {
  const { hosts } = suspect;
  const direct = hosts[host.id] ?? hosts[`family:${host.family}`];
  if (direct !== undefined) return direct;
  const plain = hosts[`group:${host.group}`] ?? hosts['any'] ?? 0;
  if (!host.stands) return plain;
  return Math.max(plain, kinWeight(suspect, host));
}

/** For a stand-in: the most usual of what the entry says about the plants it stands for, taken down. */
function kinWeight({ hosts }: Trouble | Friend, host: Host): number {
  const over = (among: readonly Host[], times: number) => Math.max(0, ...among.map((h) => times * (hosts[h.id] ?? hosts[`family:${h.family}`] ?? 0)));
  if (host.stands === 'any') return over(HOSTS, UNKNOWN);
  const kin = HOSTS.filter((h) => h.family === host.family);
  return kin.length > 1
    ? over(kin, KIN)
    : over(
        HOSTS.filter((h) => h.group === host.group),
        GROUP_KIN,
      );
}

const OPPOSITE: Record<WeatherWord, WeatherWord> = { wet: 'dry', dry: 'wet', warm: 'cool', cool: 'warm' };
