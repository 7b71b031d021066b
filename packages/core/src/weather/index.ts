export { deltaT, wetBulb } from './air';
export { conditionsAt } from './setting';
export { CHANCES, hoursOfSky, LEAVES, SKIES, skyHolds, WARMTHS, WINDS, type Chance, type SkyLook, type Wind } from './sky';
export { beesFly, conditionsOver, dryingHours, RAIN_THAT_COUNTS_MM, SLOT_MS, type Conditions } from './conditions';
export { hourlyWeatherSchema, type HourlyWeather } from './hourly';
export { needsOf } from './needs';
export { openHours, reasonsAt, type ClosedSpan, type OpenHours, type Span } from './open-hours';
export type { HourReason, Setting } from './rules';
export { irradiance, sunAltitude, sunTimes, type Place } from './sun';
