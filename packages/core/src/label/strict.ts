import { MEM } from '../measure';
import { findActive, type Active } from './actives';
import type { LabelSheet } from './schema';

const BEES = ['none', 'wet', 'toxic'] as const;
const sterner = (a: LabelSheet['bees'], b: LabelSheet['bees']) => (BEES.indexOf(b) > BEES.indexOf(a) ? b : a);

/** The actives of a sheet that are known here. */
export const activesOf = (s: Pick<LabelSheet, 'actives'>): Active[] => s.actives.flatMap((x) => findActive(x.name) ?? []);

/** The actives of a sheet that nobody here knows, as they are printed. */
export const strangersOf = (s: Pick<LabelSheet, 'actives'>): string[] => s.actives.filter((x) => !findActive(x.name)).map((x) => x.name);

const known = new WeakMap<LabelSheet, LabelSheet>();

/**
 * The sheet with what its actives are, whatever was typed: the groups it counts as, the days apart from others, what
 * it does to bees and fish, and whether an organic list can carry it. With an active that nobody here knows it is taken for
 * the worst to bees, fish and pets. Never milder than the sheet itself.
 * @example strictSheet({ …own malathion, bees: 'none', groups: [] }).bees // 'toxic'
 */
export function strictSheet(s: LabelSheet): LabelSheet {
  const done = known.get(s);
  if (done) return done;
  const actives = activesOf(s);
  const gaps = new Map(s.gaps.map((g) => [g.group, g]));
  for (const [group, days] of actives.flatMap((x) => Object.entries(x.gaps) as [LabelSheet['gaps'][number]['group'], number][])) {
    if ((gaps.get(group)?.days ?? 0) < days) gaps.set(group, { group, days, prov: MEM });
  }
  // what nobody here knows is taken for the worst
  const strange = actives.length < s.actives.length;
  const typed: LabelSheet = {
    ...s,
    groups: [...new Set([...s.groups, ...actives.flatMap((x) => x.groups)])],
    gaps: [...gaps.values()],
    // a dust stays on the flower dry as it is: what kills while wet as a spray kills for days
    bees:
      strange || (s.formulation === 'D' && actives.some((x) => x.groups.includes('broad-insecticide')))
        ? 'toxic'
        : actives.reduce((b, x) => sterner(b, x.bees), s.bees),
    fish: s.fish || strange || actives.some((x) => x.fish),
    ...(s.keepOff || strange ? { keepOff: true } : {}),
    organicListed: s.organicListed && !actives.some((x) => x.synthetic),
  };
  const strict = differs(typed, s) ? typed : s;
  known.set(s, strict);
  known.set(strict, strict);
  return strict;
}

const differs = (a: LabelSheet, b: LabelSheet): boolean =>
  a.groups.length !== b.groups.length ||
  a.gaps.some((g) => !b.gaps.includes(g)) ||
  a.bees !== b.bees ||
  a.fish !== b.fish ||
  a.keepOff !== b.keepOff ||
  a.organicListed !== b.organicListed;

/**
 * The mode of action of its first active ingredient, and whose number that is: known ones by what they are, others as
 * the label says. Null where the label says none.
 */
export function moaOf(s: Pick<LabelSheet, 'actives'>): { readonly by: 'IRAC' | 'FRAC' | null; readonly code: string } | null {
  const first = s.actives[0];
  if (!first) return null;
  const sure = findActive(first.name);
  if (sure) return sure.moa;
  const said = /^(?:(IRAC|FRAC)\s*)?(?:group\s*)?([A-Z]{0,3}\d{0,2}[A-Z]?)$/i.exec(first.moa.trim());
  return said?.[2] ? { by: said[1] ? (said[1].toUpperCase() as 'IRAC' | 'FRAC') : null, code: said[2].toUpperCase() } : null;
}
