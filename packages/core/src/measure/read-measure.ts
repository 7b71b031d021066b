import { MEASURE_BOUNDS, type Measure } from './kit';
import { refused, type Outcome } from './outcome';
import { readAmount } from './quantity';
import type { UnitSystem } from './unit-words';
import { sayIn } from './write';

const ASK: Readonly<Record<Measure['kind'], { readonly holds: string; readonly step: string; readonly more: string }>> = {
  spoon: { holds: 'A spoon or cup holds', step: '', more: ' A larger vessel is a jug with marks: choose that kind above.' },
  jug: { holds: 'A jug or syringe holds', step: 'Its marks stand apart', more: '' },
  scale: { holds: 'A scale weighs up to', step: 'A scale shows steps of', more: '' },
};

/**
 * A size of the grower's own measure as it is typed: what it holds or weighs up to, or how far its marks are apart.
 * @param text with any unit; a bare number is in ml, on a scale in g
 * @returns ml, for a scale g; refused beyond what such a measure can be, in the grower's words and with the way out
 * @example readMeasure('spoon', 'holds', '1 qt', 'us') // 946.35
 */
export function readMeasure(kind: Measure['kind'], which: 'holds' | 'step', text: string, units: UnitSystem): Outcome<number> {
  const dimension = kind === 'scale' ? 'mass' : 'volume';
  const read = readAmount(text, kind === 'scale' ? 'g' : 'ml', units, [dimension], which);
  if (!read.ok) return read;
  const [min, max] = MEASURE_BOUNDS[kind][which];
  const { si } = read.value;
  const say = (bound: number) => sayIn(bound, dimension, bound < 30 ? 'metric' : units);
  if (si < min) return refused('bounds', `${ASK[kind][which]} at least ${say(min)}.`, which);
  if (si > max) return refused('bounds', `${ASK[kind][which]} at most ${say(max)}.${which === 'holds' ? ASK[kind].more : ''}`, which);
  return { ok: true, value: si };
}
