import { FRIENDS, HOSTS, SIGNS, TROUBLES, type Friend, type Host, type Trouble, type Typicality } from '../../packages/core/src/catalogue';
import { nextLook, rankSuspects, SURE_ENOUGH, type Answer, type Suspect } from '../../packages/core/src/diagnose';
import { usualness, type WeatherWord } from '../../packages/core/src/scout';

/** A name with the confidence it was stated with. */
export interface Statement {
  readonly name: string;
  readonly confidence: number;
}

/** One simulated grower's case and how the key fared. */
export interface Outcome {
  readonly truth: string;
  readonly top: readonly string[];
  readonly confidence: number;
  /** What was said after the first signs and after each answer, the last one included. */
  readonly along: readonly Statement[];
  readonly asked: number;
}

/**
 * How often a plant shows a sign: the world of the simulation. These are not the key's own numbers,
 * and the noise of answers below comes on top.
 */
const SHOWS: Readonly<Record<Typicality, number>> = { always: 0.97, often: 0.75, sometimes: 0.35, rarely: 0.06, never: 0 };
const SHOWS_UNLISTED = 0.0005;
const SHOWS_ELSE = 0.03;
const WRONG = 0.1;
const MISSING = 0.1;
const SOMETHING_ELSE = 0.04;
const NOTICED = 3;
const MOST_ANSWERS = 8;

const WEATHERS: readonly WeatherWord[][] = [[], ['wet', 'cool'], ['dry', 'warm'], ['wet', 'warm'], ['dry', 'cool']];

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

/**
 * One case: up to three signs come upon, one in ten of them mistaken, then at most eight questions,
 * one in ten answered wrongly and one in ten passed over.
 */
export function simulateCase(random: () => number): Outcome {
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)] as T;
  const host = pick(REAL_HOSTS);
  const context = { host, month: 1 + Math.floor(random() * 12), recent: pick(WEATHERS) };
  const truth = random() < SOMETHING_ELSE ? null : drawTruth(context, random);
  // nobody looks twice at a plant that shows nothing
  let shown = new Set<string>();
  while (shown.size === 0)
    shown = new Set(
      visible(host)
        .filter((s) => random() < showsIf(truth, s.id))
        .map((s) => s.id),
    );

  const answers: Answer[] = [];
  const skipped: string[] = [];
  const noticed = [...shown].sort(() => random() - 0.5).slice(0, NOTICED);
  // who is mistaken in everything has no case of this trouble: at least one thing is seen rightly
  let told: string[];
  do told = noticed.map((id) => (random() < WRONG ? pick(visible(host)).id : id));
  while (!told.some((id) => shown.has(id)));
  for (const signId of told) answers.push({ signId, seen: true });
  let suspects = rankSuspects(context, answers);
  const along = [statement(suspects)];
  for (let asked = 0; asked < MOST_ANSWERS && !sure(suspects); asked++) {
    const look = nextLook(context, answers, skipped);
    if (!look) break;
    if (random() < MISSING) {
      skipped.push(look.sign.id);
      continue;
    }
    const there = shown.has(look.sign.id);
    answers.push({ signId: look.sign.id, seen: random() < WRONG ? !there : there, asked: true });
    suspects = rankSuspects(context, answers);
    along.push(statement(suspects));
  }
  return {
    truth: truth?.id ?? 'something-else',
    top: suspects.slice(0, 3).map((s) => s.id),
    confidence: suspects[0]?.probability ?? 0,
    along,
    asked: answers.length - noticed.length + skipped.length,
  };
}

const statement = ([leader]: readonly Suspect[]): Statement => ({ name: leader?.id ?? '', confidence: leader?.probability ?? 0 });
const sure = ([leader]: readonly Suspect[]) => leader !== undefined && leader.kind !== 'other' && leader.probability >= SURE_ENOUGH;
const visible = (host: Host) => SIGNS.filter((s) => s.parts.some((p) => host.parts.includes(p)));

function showsIf(truth: Trouble | Friend | null, signId: string): number {
  if (!truth) return SHOWS_ELSE;
  const typicality = truth.signs[signId];
  return typicality ? SHOWS[typicality] : SHOWS_UNLISTED;
}

/** What ails the plant: by how usual it is, each weight shaken so that the key's own priors are not quite right. */
function drawTruth(context: Parameters<typeof usualness>[1], random: () => number): Trouble | Friend {
  const all = [...TROUBLES, ...FRIENDS];
  const weights = all.map((t) => usualness(t, context) * Math.exp(1.2 * (random() - 0.5)));
  let left = random() * weights.reduce((s, w) => s + w, 0);
  for (const [i, w] of weights.entries()) {
    left -= w;
    if (left <= 0 && w > 0) return all[i] as Trouble | Friend;
  }
  return all[0] as Trouble | Friend;
}
