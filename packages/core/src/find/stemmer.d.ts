declare module 'stemmer' {
  /** A word of English without its endings, by Porter's algorithm. */
  export default function stemmer(word: string): string;
}
