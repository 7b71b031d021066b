/**
 * Months from a span as people write it.
 * @param span `5-8`, over the year's end `11-3`, one month `6`, or `all`
 * @example monthsOf('11-2') // [11, 12, 1, 2]
 */
export function monthsOf(span: string): number[] {
  if (span === 'all') return [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12];
  const [from = 1, to = from] = span.split('-').map(Number);
  return Array.from({ length: ((to - from + 12) % 12) + 1 }, (_, i) => ((from - 1 + i) % 12) + 1);
}
