import { ladder, recommend } from '../../packages/core/src/decide';
import { careSkipped, FAULTS, faultsOf, opposite, type Fault } from './faults';
import { cases, CLIMATES, gardenIn, type Climate } from './gardens';

/** What one share of the cases gave: how often each fault, what was said, how long the slowest ladder took. */
export interface Walked {
  readonly counts: Readonly<Record<Fault, number>>;
  readonly advices: number;
  readonly slowestMs: number;
  readonly lines: readonly string[];
}
type Case = ReturnType<typeof cases>[number];

/** The advice for one trouble on one plant in every month of a climate, and the next two after it. */
function walkCase({ trouble, host }: Case, climate: Climate, into: { counts: Record<Fault, number>; advices: number; slowestMs: number; lines: string[] }) {
  let said = '';
  for (let month = 1; month <= 12; month++) {
    const { s, share } = gardenIn(climate, month, trouble, host);
    const started = performance.now();
    const verdicts = ladder(s);
    into.slowestMs = Math.max(into.slowestMs, performance.now() - started);
    const before = { ...s, preventing: true };
    const guards = ladder(before);
    const guard = recommend(guards, before, null);
    const words: string[] = [];
    if (guard && careSkipped(guard, guards, before)) {
      into.counts.careSkipped++;
      words.push('CARE SKIPPED');
    }
    const more = Object.keys(trouble.signs).find((sign) => trouble.signs[sign] !== 'never');
    const ticked = { ...s, seenSigns: more ? [more] : [] };
    if (opposite(recommend(verdicts, s, share), recommend(ladder(ticked), ticked, share))) {
      into.counts.oppositeByOneSign++;
      words.push(`OPPOSITE(${more ?? ''})`);
    }
    const failed: string[] = [];
    for (let n = 0; n < 3; n++) {
      const advice = recommend(verdicts, s, share, failed);
      if (!advice) break;
      into.advices++;
      const faults = faultsOf(advice, verdicts, s, failed);
      for (const f of faults) into.counts[f]++;
      words.push(`${advice.steps.map((v) => v.control.id).join('+')}${advice.enough ? '' : '?'}${faults.length > 0 ? ` WRONG(${faults.join()})` : ''}`);
      if (advice.verdict.control.rung === 0 || advice.verdict.control.rung === 7) break;
      failed.push(...advice.steps.map((v) => v.control.id));
    }
    const line = words.join(' > ');
    if (line !== said) into.lines.push(`${trouble.id} on ${host.id}, ${climate.name}, from ${month}: ${line}`);
    said = line;
  }
}

/** Every `of`-th case from the `part`-th on; only of the troubles named, where some are. */
export function walk(part: number, of: number, only: readonly string[]): Walked {
  const into = { counts: Object.fromEntries(FAULTS.map((f) => [f, 0])) as Record<Fault, number>, advices: 0, slowestMs: 0, lines: [] as string[] };
  const mine = cases().filter((c) => only.length === 0 || only.includes(c.trouble.id));
  for (const [i, c] of mine.entries()) {
    if (i % of !== part) continue;
    for (const climate of CLIMATES) walkCase(c, climate, into);
  }
  return into;
}
