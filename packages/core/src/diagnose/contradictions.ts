import { inSentence } from '../measure';
import { findSign, SIGNS, type Sign } from '../catalogue';
import type { Answer } from './answer';

/** Two answers that can not both be. */
export interface Contradiction {
  readonly signs: readonly [Sign, Sign];
  /** In words, for the grower. */
  readonly text: string;
}

/**
 * Answers that can not both be: there is none of a thing, and there it is seen more closely; or two that shut each other out.
 * @example contradictions([{ signId: 'wilting', seen: false }, { signId: 'wilt-dry-soil', seen: true }]).length // 1
 */
export function contradictions(answers: readonly Answer[]): Contradiction[] {
  const last = new Map(answers.map((a) => [a.signId, a.seen]));
  const isSeen = (id: string) => last.get(id) === true;
  return SIGNS.flatMap((sign): Contradiction[] => {
    if (last.get(sign.id) === false)
      return sign.covers.filter(isSeen).flatMap((id) => {
        const closer = findSign(id);
        return closer ? [{ signs: [sign, closer], text: `Not “${inSentence(sign.name)}”, and yet “${inSentence(closer.name)}”: both can not be.` }] : [];
      });
    if (!isSeen(sign.id)) return [];
    return sign.against
      .filter((id) => isSeen(id) && id > sign.id)
      .flatMap((id) => {
        const other = findSign(id);
        return other ? [{ signs: [sign, other], text: `“${sign.name}” and “${inSentence(other.name)}” shut each other out.` }] : [];
      });
  });
}
