import { atMost, done, refused, type Outcome } from '../measure';
import { sayRate } from './rate';
import type { LabelLine } from './schema';

/**
 * The line that one mix for several plantings goes by: each planting's own line, and the strictest of each figure.
 * @param lines at least one, each with the name of the planting it is for
 * @returns refused `other-form` where they go by different things, `apart` where no rate serves them all
 * @example sharedLine([{ line: roses, name: 'Roses' }, { line: apples, name: 'Apple' }]) // the overlap of their rates
 */
export function sharedLine(lines: readonly { readonly line: LabelLine; readonly name: string }[]): Outcome<LabelLine> {
  const first = lines[0];
  if (!first) return refused('no-planting', 'Choose what it goes on.', 'also');
  let shared = first.line;
  for (const { line, name } of lines.slice(1)) {
    if (line.id === first.line.id) continue;
    if (line.rate.form !== shared.rate.form || line.rate.unit !== shared.rate.unit) {
      return refused('other-form', `For ${name} the label goes by something else (${sayRate(line.rate)}): mix for it by itself.`, 'also');
    }
    const min = Math.max(shared.rate.min, line.rate.min);
    const max = Math.min(shared.rate.max, line.rate.max);
    if (!atMost(min, max))
      return refused('apart', `For ${name} the label has ${sayRate(line.rate)}: no one mix serves them all. Mix for it by itself.`, 'also');
    const same = min === shared.rate.min && max === shared.rate.max;
    const { printed: _printed, ...figures } = shared.rate;
    shared = { ...shared, rate: same ? shared.rate : { ...figures, min: Math.min(min, max), max } };
  }
  return done(shared);
}
