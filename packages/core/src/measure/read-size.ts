import { done, refused, type Outcome } from './outcome';
import { parseNumber } from './parse-number';
import { parseQuantity } from './quantity';
import { readGround } from './read-ground';
import type { UnitSystem } from './unit-words';
import { UNITS } from './units';
import { sayIn, usualUnit, type Kind } from './write';

/**
 * Reads a size where the unit goes without saying: a bare number is in the grower's usual unit for it, any
 * other unit is typed. Ground may be typed by its sides: `12 x 4 ft`, `round 2 m`.
 * @param bounds inclusive, in ml, m² or m
 * @returns ml for a mix, m² for an area, m for a height or a trunk; refused `too-small` or `too-large` with the
 *   bound in the grower's units, or as `parseQuantity` does
 * @example readSize('12', 'area', 'us', { min: 0.01, max: 10_000, what: 'The area' }) // 1.11 m²
 */
export function readSize(text: string, kind: Kind, system: UnitSystem, bounds: { min: number; max: number; what: string }, field = ''): Outcome<number> {
  const unit = UNITS[usualUnit(kind, system)];
  const bare = parseNumber(text, field, system);
  const ground = kind === 'area' && !bare.ok ? readGround(text, system, field) : null;
  if (ground && !ground.ok) return ground;
  let si: number;
  if (ground) si = ground.value;
  else if (bare.ok) si = bare.value * unit.si;
  else {
    // only what carries a unit can still be right
    if (bare.reasons[0]?.code !== 'not-a-number' || !/\d/.test(text)) return bare;
    const read = parseQuantity(text, system, [unit.dimension], field);
    if (!read.ok) return read;
    si = read.value.si;
  }
  const { min, max, what } = bounds;
  if (si < min) return refused('too-small', `${what} must be at least ${sayIn(min, unit.dimension, system)}.`, field);
  if (si > max) return refused('too-large', `${what} can be at most ${sayIn(max, unit.dimension, system)}.`, field);
  return done(si);
}
