import { FRIENDS, SIGNS, TROUBLES, type Friend, type Trouble, type Typicality } from '../../packages/core/src/catalogue';

export type Entry = Trouble | Friend;
export const ALL: readonly Entry[] = [...TROUBLES, ...FRIENDS];

/**
 * How often a plant shows a sign: the world of the simulation. These are not the key's own numbers,
 * and the noise of answers below comes on top.
 */
const SHOWS: Readonly<Record<Typicality, number>> = { always: 0.97, often: 0.75, sometimes: 0.35, rarely: 0.06, never: 0 };
const SHOWS_UNLISTED = 0.0005;
const SHOWS_ELSE = 0.03;

const SEEN_FROM_AFAR = 0.15;

/** As the tables say, or shaken: the book and life differ. */
export type World = 'drawn' | 'shaken';
const LINKS_MISSING = 0.1;
const LINKS_ADDED = 0.1;
/** One plant in three has a yellow leaf or a hole that has nothing to do with it. */
const STRAY = 1 / 3;
const STRAY_EACH = 0.6;
const STRAYS = ['old-leaves-yellow', 'ragged-holes'];

const SHOWN_BY = new Map(SIGNS.map((s) => [s.id, ALL.filter((e) => (e.signs[s.id] ?? 'never') !== 'never')]));

export const COVERS = new Map(SIGNS.map((s) => [s.id, s.covers]));
const PLAIN_OF = new Map(SIGNS.map((s) => [s.id, SIGNS.filter((g) => g.covers.includes(s.id)).map((g) => g.id)]));
/** Nobody tells one thing twice: of a plain sign and the same seen more closely, the one that was met first. */
export const toldOnce = (ids: readonly string[]) =>
  ids.filter((id, i) => !ids.slice(0, i).some((x) => COVERS.get(x)?.includes(id) || COVERS.get(id)?.includes(x)));

const isBroad = (id: string) => (COVERS.get(id)?.length ?? 0) > 0;
/** Who is mistaken takes it for one that looks like it; where nothing does, for anything. */
export function mistakenFor(id: string, seen: readonly { readonly id: string }[], pick: <T>(list: readonly T[]) => T): string {
  const like = new Set((PLAIN_OF.get(id) ?? []).flatMap((plain) => COVERS.get(plain) ?? []));
  const others = seen.filter((s) => like.has(s.id) && s.id !== id);
  return pick(others.length > 0 ? others : seen).id;
}

/** Without the plain signs that something closer stands for. */
export const closest = (ids: readonly string[]) => {
  const close = ids.filter((id) => !isBroad(id));
  return toldOnce(close.length > 0 ? close : ids);
};
/** A grower tells what was seen as closely as it was seen; one in seven only from afar: "a beetle", "spots". */
export function fromAfar(id: string, random: () => number): string {
  const plain = PLAIN_OF.get(id) ?? [];
  return plain.length > 0 && random() < SEEN_FROM_AFAR ? (plain[Math.floor(random() * plain.length)] ?? id) : id;
}

export function showing(truth: Entry | null, seen: readonly { readonly id: string }[], random: () => number, world: World, leftOut: boolean): Set<string> {
  for (let tries = 0; ; tries++) {
    const drawn = seen.filter((s) => random() < showsIf(truth, s.id)).map((s) => s.id);
    if (world === 'shaken') shake(drawn, seen, truth, leftOut, random);
    // a plain sign is there where one of those it stands for is
    const shown = new Set(drawn.filter((id) => !COVERS.get(id)?.some((c) => truth?.signs[c])).flatMap((id) => [id, ...(PLAIN_OF.get(id) ?? [])]));
    if (shown.size > 0 || tries > 500) return shown;
  }
}

/** Links that the tables do not know of, in this world or in the book: some missing, some more, stray damage, nothing special of what is not in the book. */
function shake(drawn: string[], seen: readonly { readonly id: string }[], truth: Entry | null, leftOut: boolean, random: () => number): void {
  const can = new Set(seen.map((s) => s.id));
  for (const id of [...drawn]) if (random() < LINKS_MISSING || (leftOut && truth && SHOWN_BY.get(id)?.length === 1)) drawn.splice(drawn.indexOf(id), 1);
  if (random() < LINKS_ADDED) drawn.push((seen[Math.floor(random() * seen.length)] as { readonly id: string }).id);
  if (random() < STRAY) for (const id of STRAYS) if (can.has(id) && random() < STRAY_EACH) drawn.push(id);
}

function showsIf(truth: Entry | null, signId: string): number {
  if (!truth) return SHOWS_ELSE;
  const typicality = truth.signs[signId];
  return typicality ? SHOWS[typicality] : SHOWS_UNLISTED;
}
