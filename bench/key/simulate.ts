import { HOSTS, SIGNS, type Host } from '../../packages/core/src/catalogue';
import {
  closerLook,
  nextLook,
  rankSuspects,
  settle,
  type Answer,
  type CloserLook,
  type Finding,
  type KeyContext,
  type Suspect,
} from '../../packages/core/src/diagnose';
import { usualness, type WeatherWord } from '../../packages/core/src/scout';
import { ALL, closest, fromAfar, mistakenFor, showing, toldOnce, type Entry, type World } from './world';

/** A name with the confidence it was stated with. */
export interface Statement {
  readonly name: string;
  readonly confidence: number;
}

/**
 * Cases as life makes them: one trouble; the signs that many share told first; gardens of five continents without any
 * weather known; a plant that is not in the list; two troubles at once; and a trouble that the book does not know,
 * which looks like its neighbours (each entry left out in turn).
 */
export const CASE_KINDS = { one: 0.52, generic: 0.1, continents: 0.12, 'stand-in': 0.08, two: 0.1, 'left-out': 0.08 } as const;
export type CaseKind = keyof typeof CASE_KINDS;

/** One simulated grower's case and how the key fared. */
export interface Outcome {
  readonly kind: CaseKind;
  /** Ids; two for two at once. What the book does not know is "something-else". */
  readonly truths: readonly string[];
  /** Of what the book does not know: what it would be in a fuller book. */
  readonly leftOut: string | null;
  readonly top: readonly string[];
  readonly confidence: number;
  /** What was said after the first signs and after each answer, the last one included. */
  readonly along: readonly Statement[];
  readonly asked: number;
  readonly finding: Finding;
}

const WRONG = 0.1;
const MISSING = 0.1;
const SOMETHING_ELSE = 0.04;
const NOTICED = 3;
/** Of two troubles each is come upon by so many signs: who saw one of them only has no case of two. */
const NOTICED_OF_EACH = 2;
const MOST_ANSWERS = 8;
/** "It may be two at once. Ask on": who has two goes on a little. */
const MOST_OF_TWO = 12;
/** Only what is not rare on a plant comes along with something else. */
const USUAL_ENOUGH = 0.1;

const WEATHERS: readonly WeatherWord[][] = [[], ['wet', 'cool'], ['dry', 'warm'], ['wet', 'warm'], ['dry', 'cool']];
const GARDENS = [
  { latitude: 51.5, longitude: -0.1, country: 'GB' },
  { latitude: 41.9, longitude: 12.5, country: 'IT' },
  { latitude: 42, longitude: -93.6, country: 'US' },
  { latitude: 30.3, longitude: -97.7, country: 'US' },
  { latitude: -37.8, longitude: 145, country: 'AU' },
  { latitude: -1.3, longitude: 36.8, country: 'KE' },
  { latitude: 26.8, longitude: 80.9, country: 'IN' },
  { latitude: -23.5, longitude: -46.6, country: 'BR' },
] as const;

/** Reproducible random numbers in 0..1 (mulberry32, public domain). */
export function randomFrom(seed: number): () => number {
  let a = seed >>> 0;
  return () => {
    a = (a + 0x6d2b79f5) >>> 0;
    let t = Math.imul(a ^ (a >>> 15), 1 | a);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

const REAL_HOSTS = HOSTS.filter((h) => !h.stands);

/** The plant without an entry that somebody would take for one that has: its family's, else its group's, else any. */
function standInOf(host: Host): Host | undefined {
  const by = (test: (h: Host) => boolean) => HOSTS.find((h) => h.stands && test(h));
  return (
    by((h) => h.stands === 'family' && h.family === host.family) ??
    by((h) => h.stands === 'group' && h.group === host.group && (h.form === host.form || !['conifer', 'grass'].includes(h.form))) ??
    by((h) => h.stands === 'any')
  );
}

/** How many suspects show a sign: what most of them share says little. */
const SHARED = new Map(SIGNS.map((s) => [s.id, ALL.filter((e) => ['always', 'often', 'sometimes'].includes(e.signs[s.id] ?? '')).length]));

/**
 * One case: a few signs come upon, one in ten of them mistaken, then at most eight questions, one in ten answered
 * wrongly and one in ten passed over.
 */
export function simulateCase(random: () => number, world: World = 'drawn'): Outcome {
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)] as T;
  let left = random();
  const kind = (Object.keys(CASE_KINDS) as CaseKind[]).find((k) => (left -= CASE_KINDS[k]) < 0) ?? 'one';
  const real = pick(REAL_HOSTS);
  const month = 1 + Math.floor(random() * 12);
  const there: KeyContext =
    kind === 'continents' ? { host: real, month, recent: [], where: pick(GARDENS) } : { host: real, month, recent: kind === 'one' ? pick(WEATHERS) : [] };
  const truths: (Entry | null)[] = kind === 'one' && random() < SOMETHING_ELSE ? [null] : [drawTruth(there, random, kind === 'two' ? isTrouble : undefined)];
  if (kind === 'two') {
    const [first] = truths;
    for (let tries = 0; truths.length < 2 && tries < 50; tries++) {
      const second = drawTruth(there, random, isTrouble);
      if (second !== first && usualness(second, there) >= USUAL_ENOUGH) truths.push(second);
    }
  }
  const context: KeyContext = {
    ...there,
    ...(kind === 'stand-in' ? { host: standInOf(real) ?? real } : {}),
    ...(kind === 'left-out' ? { refused: truths.flatMap((t) => t?.id ?? []) } : {}),
  };
  const seen = visible(context.host);
  // nobody looks twice at a plant that shows nothing
  const each = truths.map((truth) => showing(truth, seen, random, world, kind === 'left-out'));
  const shown = new Set(each.flatMap((s) => [...s]));

  const answers: Answer[] = [];
  const skipped: string[] = [];
  const shuffled = each.map((s) => closest([...s].sort(() => random() - 0.5)).map((id) => (world === 'shaken' ? fromAfar(id, random) : id)));
  const noticed =
    kind === 'two'
      ? shuffled.flatMap((s) => s.slice(0, NOTICED_OF_EACH))
      : kind === 'generic'
        ? toldOnce([...shown].sort((a, b) => (SHARED.get(b) ?? 0) - (SHARED.get(a) ?? 0))).slice(0, 1 + Math.floor(random() * 2))
        : (shuffled[0] ?? []).slice(0, NOTICED);
  // who is mistaken in everything has no case of this trouble: at least one thing is seen rightly
  let told: string[];
  do told = noticed.map((id) => (random() < WRONG ? (world === 'shaken' ? mistakenFor(id, seen, pick) : pick(seen).id) : id));
  while (!told.some((id) => shown.has(id)));
  for (const signId of new Set(told)) answers.push({ signId, seen: true });
  let suspects = rankSuspects(context, answers);
  let finding = settle(context, suspects, answers);
  const along = [statement(finding, suspects)];
  let asked = 0;
  for (; asked < (kind === 'two' ? MOST_OF_TWO : MOST_ANSWERS) && !done(finding); asked++) {
    const closer = closerLook(context, answers, skipped);
    const look = closer ? null : nextLook(context, answers, skipped);
    const about = closer?.plain ?? look?.sign;
    if (!about) break;
    if (random() < MISSING) {
      skipped.push(about.id);
      continue;
    }
    if (closer) answers.push(...chosen(closer, shown, random));
    else {
      const there = shown.has(about.id);
      answers.push({ signId: about.id, seen: random() < WRONG ? !there : there, asked: true });
    }
    suspects = rankSuspects(context, answers);
    finding = settle(context, suspects, answers);
    along.push(statement(finding, suspects));
  }
  return {
    kind,
    leftOut: kind === 'left-out' ? (truths[0]?.id ?? null) : null,
    truths: kind === 'left-out' ? ['something-else'] : truths.map((t) => t?.id ?? 'something-else'),
    top: suspects.slice(0, 3).map((s) => s.id),
    confidence: statement(finding, suspects).confidence,
    along,
    asked,
    finding,
  };
}

/** One of several kinds, or none of them; one in ten is mistaken. */
function chosen({ kinds }: CloserLook, shown: ReadonlySet<string>, random: () => number): Answer[] {
  const pick = <T>(list: readonly T[]): T | undefined => list[Math.floor(random() * list.length)];
  const right = random() >= WRONG;
  const one = pick(kinds.filter((k) => shown.has(k.id) === right));
  return one ? [{ signId: one.id, seen: true, asked: true, chosen: true }] : kinds.map((k) => ({ signId: k.id, seen: false, asked: true }));
}

const isTrouble = (e: Entry) => e.kind !== 'helper' && e.kind !== 'look-alike';
const done = (finding: Finding) => finding.state === 'settled' || finding.state === 'two';
const statement = (finding: Finding, [leader]: readonly Suspect[]): Statement => {
  const said = finding.state === 'two' ? finding.leader : leader;
  return { name: said?.id ?? '', confidence: said?.probability ?? 0 };
};
const visible = (host: Host) => SIGNS.filter((s) => s.parts.some((p) => host.parts.includes(p)));

/** What ails the plant: by how usual it is, each weight shaken so that the key's own priors are not quite right. */
function drawTruth(context: KeyContext, random: () => number, may: (e: Entry) => boolean = () => true): Entry {
  const weights = ALL.map((t) => (may(t) ? usualness(t, context) * Math.exp(1.2 * (random() - 0.5)) : 0));
  let left = random() * weights.reduce((s, w) => s + w, 0);
  for (const [i, w] of weights.entries()) {
    left -= w;
    if (left <= 0 && w > 0) return ALL[i] as Entry;
  }
  return ALL[0] as Entry;
}
