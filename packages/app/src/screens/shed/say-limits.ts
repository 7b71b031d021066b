import type { LabelLine } from '@sleetbrook/core/label';
import { sayRain, type UnitSystem } from '@sleetbrook/core/measure';
import { sayRangeIn, sayRateIn } from '@sleetbrook/core/mix';

/** What a line of a label allows and asks, in a row, in the reader's units: the picking wait, the days between, the water. */
export function sayLimits(l: LabelLine, units: UnitSystem): string {
  return [
    l.phiDays === null ? 'Not on food' : `Picking wait ${l.phiDays} d`,
    `${l.intervalDays} d between`,
    l.maxPerSeason === null ? 'no yearly limit' : `at most ${l.maxPerSeason} a year`,
    ...(l.waterMlPerM2 ? [`water ${sayWater(l, l.waterMlPerM2, units)}`] : []),
    ...(l.waterInMm === undefined ? [] : [`watered in with ${sayRain(l.waterInMm, units)}`]),
    ...(l.inBloom ? [l.inBloom === 'never' ? 'not on open flowers' : 'only in bloom'] : []),
    ...(l.stages ? [`only ${l.stages.join(', ')}`] : []),
  ].join(' · ');
}

/** Water goes by what the rate goes by; beside a rate by the litre, by the ground. */
function sayWater(l: LabelLine, least: number, units: UnitSystem): string {
  const form = l.rate.form === 'per-litre' ? 'per-m2' : l.rate.form;
  const most = l.waterMostMlPerM2;
  return most === undefined ? sayRateIn(least, 'ml', form, units) : sayRangeIn({ form, unit: 'ml', min: least, max: most }, units);
}
