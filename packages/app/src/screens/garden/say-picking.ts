import type { Planting } from '@sleetbrook/core/api';
import { DateTime } from 'luxon';

/** @example 'picking from 13 Jun' */
export function sayPicking(p: Pick<Planting, 'edible' | 'pickFrom'>): string {
  if (!p.edible) return 'not eaten';
  return p.pickFrom ? `picking from ${sayDate(p.pickFrom)}` : 'no picking date set';
}

/** A local day as `13 Jun`. */
export const sayDate = (day: string) => DateTime.fromISO(day, { locale: 'en-GB' }).toFormat('d MMM');
