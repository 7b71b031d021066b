import type { Control, HourNeeds } from '../catalogue';
import type { LabelSheet } from '../label';

/**
 * What an hour must be like for this control: its own needs, made stricter by the label where the
 * label asks for more. The strictest source wins.
 */
export function needsOf(control: Control, sheet: LabelSheet | null): HourNeeds {
  if (!sheet) return control.needs;
  const own = control.needs;
  // what is poured into the soil is in no air that bees fly in; what rises with the sap is a matter of weeks, not of hours
  const poured = sheet.lines.length > 0 && sheet.lines.every((l) => l.coverage === 'drenched');
  const bees = poured ? own.bees : sheet.bees === 'toxic' ? 'always' : sheet.bees === 'wet' ? (own.bees ?? 'in-flower') : own.bees;
  return {
    ...own,
    ...strictest('maxTempC', Math.min, own.maxTempC, sheet.maxTempC),
    ...strictest('minTempC', Math.max, own.minTempC, sheet.minTempC),
    rainFreeHours: Math.max(own.rainFreeHours ?? 0, sheet.rainfastHours),
    ...(bees ? { bees } : {}),
    // nobody measures and pours in the dark; what evaporates is set up by day and left to the night
    ...(sheet.formulation === 'VP' ? {} : { daylight: true }),
    ...ahead(sheet),
    ...(sheet.into === 'not-mixed' ? { dry: true } : {}),
    ...(own.maxWindMs !== undefined ? inTheAir(sheet) : {}),
  };
}

/** Sulfur and oil go on harming leaves in the heat that follows, oil in frost as well. From memory, as their labels have it. */
const ahead = ({ groups, formulation }: LabelSheet): HourNeeds => ({
  // vapour works in the night it is let off
  ...((groups.includes('sulfur') && formulation !== 'VP') || groups.includes('oil') ? { mildAhead: true } : {}),
  ...(groups.includes('oil') ? { noFrostAhead: true } : {}),
});

/** Air that bears a fine spray or a dust: delta T of 2 to 8 is good, over 10 is not; 3 km/h at least where it is still and clear (GRDC). */
const MOST_DELTA_T = 10;
const LEAST_WIND_MS = 3 / 3.6;
const inTheAir = (sheet: LabelSheet): HourNeeds => ({
  ...(sheet.into === 'not-mixed' ? {} : { maxDeltaT: MOST_DELTA_T }),
  // a fine drop of soap hangs and drifts as far as any
  minWindMs: LEAST_WIND_MS,
});

function strictest<K extends string>(key: K, of: (...n: number[]) => number, a: number | undefined, b: number | undefined) {
  const both = [a, b].filter((n): n is number => n !== undefined);
  return both.length ? ({ [key]: of(...both) } as Record<K, number>) : {};
}
