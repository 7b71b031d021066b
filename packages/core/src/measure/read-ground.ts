import { done, type Outcome } from './outcome';
import { parseNumber } from './parse-number';
import { parseQuantity } from './quantity';
import type { UnitSystem } from './unit-words';
import { UNITS } from './units';
import { usualUnit } from './write';

const SIDES = /^(?:(\d+)\s*(?:beds?|rows?)\s*(?:of)?\s+)?(.*\S)\s*(?:x|×|\*|\bby\b)\s*(\S.*)$/i;
const ROUND = /^(?:round|circle|circular)\s*(?:bed)?\s*(?:of|,|:)?\s*(.+?)\s*(?:across|wide)?$/i;

/**
 * Ground as it is measured with a tape: length by width, so many beds or rows of that, or a round bed by what it is
 * across. A bare number is in the length of the grower's usual area, m or ft; one unit at the end holds for both sides.
 * @returns m²; null where it is said some other way
 * @example readGround('12 x 4 ft', 'us') // 4.46 m²
 * @example readGround('3 rows of 5 m x 60 cm', 'metric') // 9 m²
 */
export function readGround(text: string, system: UnitSystem, field = ''): Outcome<number> | null {
  const s = text.trim();
  const round = ROUND.exec(s);
  if (round) {
    const across = side(round[1] ?? '', system, '', field);
    return across.ok ? done((Math.PI / 4) * across.value ** 2) : across;
  }
  const sides = SIDES.exec(s);
  if (!sides) return null;
  const [, times, first = '', second = ''] = sides;
  const unit = /[a-z'"′″ ]*$/i.exec(second)?.[0]?.trim() ?? '';
  const a = side(first, system, unit, field);
  if (!a.ok) return a;
  const b = side(second, system, '', field);
  return b.ok ? done(a.value * b.value * Number(times ?? 1)) : b;
}

/** One side, m. A bare number takes the other side's unit, else the grower's own. */
function side(text: string, system: UnitSystem, unit: string, field: string): Outcome<number> {
  const bare = parseNumber(text, field, system);
  if (!bare.ok) return lengthOf(text, system, field);
  if (unit !== '') return lengthOf(`${text.trim()} ${unit}`, system, field);
  return done(bare.value * UNITS[usualUnit('row', system)].si);
}

function lengthOf(text: string, system: UnitSystem, field: string): Outcome<number> {
  const read = parseQuantity(text, system, ['length'], field);
  return read.ok ? done(read.value.si) : read;
}
