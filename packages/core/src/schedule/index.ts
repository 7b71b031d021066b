export { clocksFor, type AirThen, type Clocks } from './clocks';
export { inTwelveMonths, outOfTwelveMonths } from './twelve-months';
export { addDays, dayEnd, dayOf, dayStart, waitUntil, type LocalDay } from './local-day';
