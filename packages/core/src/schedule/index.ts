export { clocksFor, type AirThen, type Clocks } from './clocks';
export { dryUntil, rainedOff, sayRainedOff, type RainedOff } from './cover-left';
export { protectionLeft, sayProtection, wear, type Portion, type Protection, type ProtectionFacts } from './protection';
export { sayWashedOff, washedOffBy, type WashedOff } from './washed-off';
export { inTwelveMonths, outOfTwelveMonths, timesLeft } from './twelve-months';
export { STAGE_HOLDS_DAYS, stageAsked } from './stage-asked';
export { AHEAD_DAYS, cameBefore, type CameBefore, type PastCase } from './came-before';
export { addDays, dayEnd, dayOf, dayStart, timeOn, waitUntil, type LocalDay } from './local-day';
