import { sharedLine } from '../label';
import type { Running } from './course';

/**
 * What is mixed at once: the same product, at a rate that serves all it goes on. Work by hand is in none.
 * @returns by case the name of its mix
 */
export function mixesOf(running: readonly Running[]): ReadonlyMap<string, string> {
  const mixes: { readonly sheet: string; readonly of: Running[] }[] = [];
  const names = new Map<string, string>();
  for (const r of running) {
    const { sheet, line } = r;
    if (!sheet || !line) continue;
    const lineOf = (x: Running) => (x.line ? [{ line: x.line, name: x.facts.planting.name }] : []);
    let mix = mixes.find((m) => m.sheet === sheet.id && sharedLine([...m.of, r].flatMap(lineOf)).ok);
    if (mix) mix.of.push(r);
    else mixes.push((mix = { sheet: sheet.id, of: [r] }));
    names.set(r.facts.case.id, `${sheet.id} ${String(mixes.indexOf(mix))}`);
  }
  return names;
}
