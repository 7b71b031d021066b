import type { TroubleEntry } from './entry/trouble';
import type { Sign, Suspect, Typicality } from './schema';
import { together } from './typical';

type Covering = readonly Pick<Sign, 'id' | 'covers'>[];
const coverers = new WeakMap<Covering, ReadonlyMap<string, readonly string[]>>();
/** For each sign, those that cover it: made once, since every entry asks. */
function coverersIn(covering: Covering): ReadonlyMap<string, readonly string[]> {
  const known = coverers.get(covering);
  if (known) return known;
  const made = new Map<string, string[]>();
  for (const { id, covers } of covering) for (const c of covers) made.set(c, [...(made.get(c) ?? []), id]);
  coverers.set(covering, made);
  return made;
}

/** How typical each sign is; a sign that covers others is there when one of those is, where nothing is said of it. */
export function signsOf(listed: TroubleEntry['signs'], covering: Covering): Suspect['signs'] {
  const signs: Record<string, Typicality> = {};
  for (const [how, ids] of Object.entries(listed)) for (const id of ids ?? []) signs[id] = how as Typicality;
  const by = coverersIn(covering);
  const covered = new Map<string, Typicality[]>();
  for (const [id, how] of Object.entries(signs))
    for (const plain of by.get(id) ?? []) if (!(plain in signs)) covered.set(plain, [...(covered.get(plain) ?? []), how]);
  for (const [plain, hows] of covered) {
    const how = together(hows);
    if (how) signs[plain] = how;
  }
  return signs;
}
