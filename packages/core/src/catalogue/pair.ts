import type { Site } from './sites';
import type { Effect, Host, Sign, Use } from './schema';

/** What decides how much a control does on one planting. */
export interface PairSetting {
  readonly host: Pick<Host, 'id' | 'family' | 'group' | 'parts'>;
  readonly site: Site;
  readonly stage: string;
  /** Of the tallest plant; null when not known. */
  readonly heightM: number | null;
  /** Curled leaves shelter what is meant. */
  readonly curled: boolean;
  /** As many as the entry's threshold, or not counted. */
  readonly many: boolean;
}

/** As high as an arm with a hand sprayer wets from the ground (from memory). */
const TALL_M = 3;

/** Grass that is mown: a site of its own on labels and in law. */
export const isTurf = ({ id }: Pick<Host, 'id'>): boolean => id === 'lawn';

/** What is so of a planting, the most particular first. */
function situationsOf({ host, site, stage, heightM, curled }: PairSetting): string[] {
  const woody = host.parts.includes('trunk');
  return [
    host.id,
    `family:${host.family}`,
    `group:${host.group}`,
    ...(curled ? ['curled'] : []),
    ...((heightM ?? 0) > TALL_M ? ['tall'] : []),
    ...(isTurf(host) ? ['turf'] : []),
    ...(site === 'indoors' ? ['indoors'] : site === 'outdoors' ? ['outdoors'] : ['under-glass']),
    ...(woody ? [stage === 'dormant' ? 'bare' : 'in-leaf'] : []),
  ];
}

/**
 * The share that a control is expected to stop on one planting: as the pair says of the most particular thing that is
 * so there, else in general.
 * @returns `by` is what it was told by; null where the pair says nothing of just that planting
 * @example effectIn(rainCoverOnLateBlight, { host: potato, … }) // { share: 0, by: 'potato' }
 */
export function effectIn(use: Pick<Use, 'effect' | 'shares' | 'where'>, setting: PairSetting): { readonly share: number; readonly by: string | null } {
  const by = situationsOf(setting).find((key) => use.where?.[key] !== undefined) ?? null;
  const found: Effect = (by !== null && use.where?.[by]) || use.shares || { few: use.effect, many: use.effect };
  return { share: setting.many ? found.many : found.few, by };
}

/**
 * Whether a pair is anything for a plant: no tops are cut off tomatoes, and no bare tree is wiped.
 * @example isOn({ on: ['potato'] }, tomato) // false
 */
export const isOn = ({ on, notOn }: Pick<Use, 'on' | 'notOn'>, host: PairSetting['host']): boolean =>
  (on === undefined || isNamed(on, host)) && !(notOn && isNamed(notOn, host));

const isNamed = (keys: readonly string[], host: PairSetting['host']) =>
  keys.some((k) => k === host.id || k === `family:${host.family}` || k === `group:${host.group}`);

/** Whether a sign can be asked of a plant at all: it has the part, and no other has what is asked for. */
export const canShow = (sign: Pick<Sign, 'parts' | 'onlyOn'>, host: PairSetting['host']): boolean =>
  sign.parts.some((p) => host.parts.includes(p)) && (sign.onlyOn === null || isNamed(sign.onlyOn, host));

/** From which share on the trade does it before all else on a plant; null where it has no such place. */
export const firstOn = ({ first }: Pick<Use, 'first'>, host: PairSetting['host']): { readonly from: number } | null =>
  first && (first.on === undefined || isNamed(first.on, host)) ? { from: first.from } : null;
