import { trim } from '../../measure';
import { meanAhead } from '../where';
import type { Rule } from '../types';

/** Soil follows the air of some days; within this it may be warm enough (from memory). */
const NEAR_C = 1;

/** What works in the soil goes by the soil's warmth, not the air's: taken from the days ahead, until somebody measures. */
export const soilCold: Rule = (s, c) => {
  const least = s.trouble.controls.find((u) => u.control === c.control.id)?.soilC ?? c.control.soilC;
  if (least === undefined || s.planting.site === 'indoors') return null;
  const mean = meanAhead(s.conditions);
  const inputs = [
    { name: 'Soil, at least', value: `${least} °C` },
    { name: 'Air of the days ahead', value: mean === null ? 'not known' : `${trim(mean, 0)} °C` },
  ];
  if (s.planting.about.includes('soil-warm')) return null;
  if (mean !== null && mean >= least - NEAR_C) {
    return {
      code: 'soil-warmth',
      weight: 'note',
      sentence: `The soil wants ${least} °C or more: a thermometer in it, 5 cm deep, says.`,
      inputs,
      source: { mark: 'CP' },
    };
  }
  return {
    code: 'soil-cold',
    weight: 'not-now',
    sentence: `The soil wants ${least} °C or more${mean === null ? '' : `, and the air of the days ahead is ${trim(mean, 0)} °C`}: put a thermometer 5 cm in.`,
    inputs,
    source: { mark: 'CP' },
    opens: {
      kind: 'event',
      event: `when the soil is at ${least} °C`,
      change: { code: 'soil-warm', label: `I measured: the soil has ${least} °C`, withAbout: 'soil-warm' },
    },
  };
};
