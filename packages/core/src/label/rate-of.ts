import { done, type Outcome, type UnitSystem } from '../measure';
import type { Rate } from './rate';
import { readRate, type RateOf } from './read-rate';
import type { LabelSheet } from './schema';

/** What a sheet tells of its product for reading a rate: the first active ingredient's strength counts. */
export function rateOf(sheet: Pick<LabelSheet, 'state' | 'actives' | 'gPerMl'>): RateOf {
  const percent = sheet.actives[0]?.percent;
  if (percent === undefined || !(percent > 0)) return { state: sheet.state, product: null };
  return { state: sheet.state, product: { state: sheet.state, strength: { by: 'weight', percent }, gPerMl: sheet.gPerMl ?? null } };
}

/**
 * A label's rate from its printed words: the words and the exact figures, one object from here to the record.
 * @example rateFrom('1½ to 2 tbsp/gal', 'us', of) // { form: 'per-litre', min: 5.859…, max: 7.8125, printed: … }
 */
export function rateFrom(text: string, system: UnitSystem, of: RateOf | null, field = 'rate'): Outcome<Rate> {
  const read = readRate(text, system, of, field);
  if (!read.ok) return read;
  const { form, unit, min, max, dial } = read.value;
  return done({ form, unit, min, max, printed: { text: text.trim(), system }, ...(dial ? { dial } : {}) });
}
