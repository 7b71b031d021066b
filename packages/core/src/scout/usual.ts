import type { Site } from '../catalogue/sites';
import { climateOf, likeMonths, type Where } from './climate';
import { FRIENDS, HOSTS, regionOf, SIGNS, statusIn, TROUBLES, type Friend, type Host, type PartId, type Trouble } from '../catalogue';

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
/** Where it is not known to live; never nothing, since ranges are from memory and pests travel. */
const OUT_OF_RANGE = 0.04;
const FAVOURED = 1.4;
const DISFAVOURED = 0.7;
/** How much less is known of a plant when only its family, or its group, is. From memory. */
const KIN = 0.7;
const GROUP_KIN = 0.4;
const UNKNOWN = 0.3;

/**
 * How usual a suspect is on this host, in this month, in this climate, after this weather; not normalised.
 * 0 means it does not live here, or shows on no part that this plant is looked at by: bees on what has no flowers. What lives by its prey is never more usual than that.
 */
export function usualness(suspect: Trouble | Friend, around: Surroundings): number {
  if (!showsOn(suspect, around.host)) return 0;
  const onHost = hostWeight(suspect, around.host) * (livesHere(suspect, around) ? 1 : OUT_OF_RANGE);
  if (onHost === 0) return 0;
  if (!('months' in suspect)) return suspect.hunts === 'prey' ? Math.min(onHost, mostPrey(suspect, around)) : onHost;
  const inSeason = inSeasonAt(suspect.months, around) ? 1 : OUT_OF_SEASON;
  const favoured = suspect.favours.reduce(
    (f, word) => f * (around.recent.includes(word) ? FAVOURED : around.recent.includes(OPPOSITE[word]) ? DISFAVOURED : 1),
    1,
  );
  return onHost * inSeason * favoured;
}

/** A plain sign shows where those show that it stands for. */
const PARTS_BY_SIGN = new Map(SIGNS.filter((s) => s.covers.length === 0).map((s) => [s.id, s.parts]));
/** The parts on which each entry shows anything. */
const SHOWN_BY: ReadonlyMap<string, ReadonlySet<PartId>> = new Map(
  [...TROUBLES, ...FRIENDS].map((e) => [e.id, new Set(Object.entries(e.signs).flatMap(([id, how]) => (how === 'never' ? [] : (PARTS_BY_SIGN.get(id) ?? []))))]),
);
const showsOn = (suspect: Trouble | Friend, host: Host) => host.parts.some((p) => SHOWN_BY.get(suspect.id)?.has(p));

/** Whether it is known from the region, and, in the open, from the climate. */
function livesHere(suspect: Trouble | Friend, { where, site }: Surroundings): boolean {
  if (!where) return true;
  if (statusIn(suspect.range, regionOf(where)) === 'absent') return false;
  const open = site === undefined || site === 'outdoors';
  return !open || !('climates' in suspect) || suspect.climates === null || suspect.climates.includes(climateOf(where));
}

/** The most usual of the troubles that name it among their enemies. */
const mostPrey = (helper: Friend, around: Surroundings): number => Math.max(0, ...preyOf(helper.id).map((t) => usualness(t, around)));

/** The troubles that name a helper among their enemies: what it eats. */
export const preyOf = (helperId: string): readonly Trouble[] => PREY.get(helperId) ?? [];
const PREY: ReadonlyMap<string, readonly Trouble[]> = new Map(
  [...new Set(TROUBLES.flatMap((t) => t.enemies))].map((id) => [id, TROUBLES.filter((t) => t.enemies.includes(id))]),
);

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

/** Entries and plants do not change while the application runs, and every suspect is weighed at every tap. */
const weightsByHost = new WeakMap<Host, Map<Trouble | Friend, number>>();

/** How usual it is on a host: the most particular thing the entry says counts. */
export function hostWeight(suspect: Trouble | Friend, host: Host): number {
  const weights = weightsByHost.get(host) ?? new Map<Trouble | Friend, number>();
  const known = weights.get(suspect);
  if (known !== undefined) return known;
  const weight = weighHost(suspect, host);
  weightsByHost.set(host, weights.set(suspect, weight));
  return weight;
}

function weighHost(suspect: Trouble | Friend, host: Host): number {
  const { hosts } = suspect;
  const direct = hosts[host.id] ?? hosts[`family:${host.family}`];
  if (direct !== undefined) return direct;
  const plain = hosts[`group:${host.group}`] ?? hosts['any'] ?? 0;
  if (!host.stands) return plain;
  return Math.max(plain, kinWeight(suspect, host));
}

const REAL = HOSTS.filter((h) => !h.stands);
/** Groups are wide: among shrubs, a conifer is like conifers, and among flowers a grass like grasses. */
const OF_A_KIND: readonly Host['form'][] = ['conifer', 'grass'];
const KIN_OF: Readonly<Record<NonNullable<Host['stands']>, { readonly times: number; readonly is: (h: Host, standIn: Host) => boolean }>> = {
  family: { times: KIN, is: (h, standIn) => h.family === standIn.family },
  group: { times: GROUP_KIN, is: (h, standIn) => h.group === standIn.group && (!OF_A_KIND.includes(standIn.form) || h.form === standIn.form) },
  any: { times: UNKNOWN, is: () => true },
};

/** For a stand-in: the most usual of what the entry says about the plants it stands for, taken down. */
function kinWeight({ hosts }: Trouble | Friend, standIn: Host): number {
  if (!standIn.stands) return 0;
  const { times, is } = KIN_OF[standIn.stands];
  return Math.max(0, ...REAL.filter((h) => is(h, standIn)).map((h) => times * (hosts[h.id] ?? hosts[`family:${h.family}`] ?? 0)));
}

const OPPOSITE: Record<WeatherWord, WeatherWord> = { wet: 'dry', dry: 'wet', warm: 'cool', cool: 'warm' };
