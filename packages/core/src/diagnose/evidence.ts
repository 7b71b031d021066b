import { findSign, type Sign, type Typicality } from '../catalogue';
import { seenIf, type Answer, type Weighed } from './weigh';

export interface Evidence {
  readonly signId: string;
  readonly seen: boolean;
  readonly direction: 'for' | 'against';
  /** Bits by which the answer moves this suspect against the rest; always ≥ 0. */
  readonly bits: number;
  readonly sentence: string;
}

const WORDS: Record<Typicality, string> = {
  always: 'nearly always there with',
  often: 'often there with',
  sometimes: 'sometimes there with',
  rarely: 'rare with',
  never: 'not found with',
};

/**
 * What each answer says about one suspect against all the others, strongest first.
 * Answers that hardly tell them apart (under 0.2 bits) are left out.
 */
export function explain(suspect: Weighed, all: readonly Weighed[], answers: readonly Answer[]): Evidence[] {
  const others = all.filter((w) => w.entry !== suspect.entry);
  const weight = others.reduce((s, w) => s + w.p, 0);
  const out: Evidence[] = [];
  for (const answer of answers) {
    const sign = findSign(answer.signId);
    if (!sign) continue;
    const mine = chance(suspect, answer);
    const theirs = weight > 0 ? others.reduce((s, w) => s + w.p * chance(w, answer), 0) / weight : mine;
    const bits = Math.log2(mine / theirs);
    if (Math.abs(bits) < 0.2) continue;
    out.push({
      signId: sign.id,
      seen: answer.seen,
      direction: bits > 0 ? 'for' : 'against',
      bits: Math.abs(bits),
      sentence: say(sign, answer.seen, suspect),
    });
  }
  return out.sort((a, b) => b.bits - a.bits);
}

function chance(w: Weighed, answer: Answer): number {
  const p = seenIf(w.entry, answer.signId);
  return answer.seen ? p : 1 - p;
}

function say(sign: Sign, seen: boolean, suspect: Weighed): string {
  const name = suspect.entry ? lower(suspect.entry.name) : 'something else';
  const typicality = suspect.entry?.signs[sign.id];
  const usual = !suspect.entry ? 'says little about' : typicality ? WORDS[typicality] : 'unusual with';
  return seen ? `${sign.name}: ${usual} ${name}.` : `No ${lower(sign.name)}: ${usual} ${name}.`;
}

const lower = (s: string) => s.charAt(0).toLowerCase() + s.slice(1);
