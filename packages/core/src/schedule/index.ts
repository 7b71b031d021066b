export { clocksFor, type AirThen, type Clocks } from './clocks';
export { addDays, dayEnd, dayOf, dayStart, waitUntil, type LocalDay } from './local-day';
