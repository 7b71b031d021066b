/** One measured figure. `other` is the reference measured in the same run, or null. */
export interface Figure {
  readonly name: string;
  readonly ours: number;
  readonly other: number | null;
  readonly unit: string;
  readonly ratio: number | null;
  /** As said in the quality page; '' for none. */
  readonly target: string;
  readonly met: boolean | null;
}

/** The middle of many timings of one call, in milliseconds. */
export function medianMs(call: () => unknown, times = 60): number {
  for (let i = 0; i < 10; i++) call();
  const all = Array.from({ length: times }, () => {
    const from = performance.now();
    call();
    return performance.now() - from;
  }).sort((a, b) => a - b);
  return all[Math.floor(all.length / 2)] ?? Number.NaN;
}

export const under = (name: string, ours: number, limit: number, unit: string): Figure => ({
  name,
  ours,
  other: null,
  unit,
  ratio: null,
  target: `< ${limit} ${unit}`,
  met: ours < limit,
});

/** @param least how many times the reference is wanted */
export const faster = (name: string, ours: number, other: number, unit: string, least: number): Figure => ({
  name,
  ours,
  other,
  unit,
  ratio: ours / other,
  target: `>= ${least} x`,
  met: ours / other >= least,
});
