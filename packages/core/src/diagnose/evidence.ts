import { inSentence } from '../measure';
import { findSign, type Sign, type Typicality } from '../catalogue';
import { heeded, type Answer } from './answer';
import { chanceOf } from './likelihood';
import type { Weighed } from './weigh';

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

/** Under this an answer hardly tells suspects apart. */
const SMALLEST_BITS = 0.2;

/** Those ruled out still count a little: with one suspect left alone there is somebody to compare with. */
const weight = (w: Weighed) => Math.max(w.p, 1e-6);
const SMALLEST_CHANCE = 1e-4;

/** Explains suspects of one ranking: what each answer says about one against all the others. */
export function explainer(all: readonly Weighed[], given: readonly Answer[]): (suspect: Weighed) => Evidence[] {
  const answers = heeded(given).map((answer) => ({ answer, everybody: all.reduce((s, w) => s + weight(w) * chanceOf(w.entry, answer), 0) }));
  const total = all.reduce((s, w) => s + weight(w), 0);
  return (suspect) =>
    answers
      .flatMap(({ answer, everybody }): Evidence[] => {
        const sign = findSign(answer.signId);
        if (!sign) return [];
        const mine = chanceOf(suspect.entry, answer);
        const theirs = Math.max((everybody - weight(suspect) * mine) / (total - weight(suspect)), SMALLEST_CHANCE);
        const bits = Math.log2(mine / theirs);
        if (Math.abs(bits) < SMALLEST_BITS) return [];
        return [
          { signId: sign.id, seen: answer.seen, direction: bits > 0 ? 'for' : 'against', bits: Math.abs(bits), sentence: say(sign, answer.seen, suspect) },
        ];
      })
      .sort((a, b) => b.bits - a.bits);
}

function say(sign: Sign, seen: boolean, suspect: Weighed): string {
  const name = suspect.entry ? inSentence(suspect.entry.name) : 'something else';
  const typicality = suspect.entry?.signs[sign.id];
  const usual = !suspect.entry ? 'says little about' : typicality ? WORDS[typicality] : 'unusual with';
  return seen ? `${sign.name}: ${usual} ${name}.` : `No ${inSentence(sign.name)}: ${usual} ${name}.`;
}
