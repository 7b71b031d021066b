import { dayOf, dayStart, type LocalDay } from '../../schedule';
import { instant, sayDay, sayTemperature, sayWhen, trim } from '../../measure';
import type { Outlook } from '../types';

export const hoursSaid = (n: number): string => `${trim(n, 0)} h`;
export const degreesSaid = (o: Outlook, c: number): string => sayTemperature(c, o.units);
/** What is known by the day alone. */
export const daySaid = (o: Outlook, ms: number): string => sayDay(instant(ms), o.place.zone);
export const whenSaid = (o: Outlook, ms: number): string => sayWhen(instant(ms), o.now, o.place.zone);
export const today = (o: Outlook): LocalDay => dayOf(o.now, o.place.zone);
export const startOf = (o: Outlook, day: LocalDay): number => dayStart(day, o.place.zone);
