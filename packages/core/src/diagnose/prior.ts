import type { Friend, Host, Trouble } from '../catalogue';

/** The last weeks' weather, in the coarse words the entries use. */
export type WeatherWord = 'wet' | 'dry' | 'warm' | 'cool';

export interface KeyContext {
  readonly host: Host;
  /** 1 … 12 as counted in the northern hemisphere: shift by six in the south. */
  readonly month: number;
  readonly recent: readonly WeatherWord[];
}

/**
 * How usual a suspect is on this host, in this month, after this weather; not normalised.
 * 0 means it does not live here.
 */
export function priorOf(suspect: Trouble | Friend, context: KeyContext): number {
  const { host, month, recent } = context;
  const onHost = suspect.hosts[host.id] ?? suspect.hosts[`family:${host.family}`] ?? suspect.hosts['any'] ?? 0;
  if (onHost === 0 || !('months' in suspect)) return onHost;
  const inSeason = suspect.months.includes(month) ? 1 : 0.2;
  const favoured = suspect.favours.reduce((f, word) => f * (recent.includes(word) ? 1.4 : recent.includes(OPPOSITE[word]) ? 0.7 : 1), 1);
  return onHost * inSeason * favoured;
}

const OPPOSITE: Record<WeatherWord, WeatherWord> = { wet: 'dry', dry: 'wet', warm: 'cool', cool: 'warm' };
