/**
 * Repeatable points inside the leaf drawing (an eye-shaped blade from 14 to 146 wide, middle at y 56).
 * @param seed the same seed gives the same scatter
 */
export function scatter(seed: number, count: number, span: { from: number; to: number } = { from: 30, to: 130 }): { x: number; y: number; r: number }[] {
  let s = seed * 9301 + 49297;
  const next = () => {
    s = (s * 9301 + 49297) % 233280;
    return s / 233280;
  };
  return Array.from({ length: count }, () => {
    const x = span.from + next() * (span.to - span.from);
    const half = 34 * Math.sin(((x - 14) / 132) * Math.PI) - 7;
    return { x, y: 56 + (next() * 2 - 1) * Math.max(half, 3), r: 0.7 + next() * 0.6 };
  });
}
