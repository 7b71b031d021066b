export { CountsBars } from './counts-bars';
export { DayCharts } from './day-charts';
export { SameWeeksPart } from './same-weeks';
