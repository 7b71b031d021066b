import { canShow, LOOK_COSTS, SIGNS, TROUBLES, type Sign, type Trouble } from '../catalogue';
import { usualness, type Surroundings } from './usual';

/** One thing to look at now on a planting. */
export interface Watch {
  readonly trouble: Trouble;
  /** The cheapest of its first signs that this host can show. */
  readonly sign: Sign;
  readonly why: 'found-before' | 'season';
}

/** A trouble found here lately is looked for before all others. */
const FOUND_BEFORE = 6;

const signById = new Map(SIGNS.map((s) => [s.id, s]));

/**
 * What to look at now on a planting: the most usual troubles of host, season and weather by their
 * first signs, those found lately on top. A sign is listed once.
 * @param found ids of troubles found here in the last months
 * @param most at most so many lines
 */
export function watchList(around: Surroundings, found: readonly string[], most = 5): Watch[] {
  const ranked = TROUBLES.filter((t) => t.kind !== 'disorder' || found.includes(t.id))
    .map((trouble) => ({ trouble, weight: usualness(trouble, around) * (found.includes(trouble.id) ? FOUND_BEFORE : 1) }))
    .filter((r) => r.weight > 0)
    .sort((a, b) => b.weight - a.weight);
  const out: Watch[] = [];
  const taken = new Set<string>();
  for (const { trouble } of ranked) {
    if (out.length >= most) break;
    const sign = firstSign(trouble, around, taken);
    if (!sign) continue;
    taken.add(sign.id);
    out.push({ trouble, sign, why: found.includes(trouble.id) ? 'found-before' : 'season' });
  }
  return out;
}

function firstSign(trouble: Trouble, { host }: Surroundings, taken: ReadonlySet<string>): Sign | undefined {
  return trouble.first
    .flatMap((id) => signById.get(id) ?? [])
    .filter((s) => !taken.has(s.id) && canShow(s, host))
    .sort((a, b) => LOOK_COSTS[a.look].cost - LOOK_COSTS[b.look].cost)[0];
}
