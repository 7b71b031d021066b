import type { Control, HourNeeds } from '../catalogue';
import type { LabelSheet } from '../label';

/**
 * What an hour must be like for this control: its own needs, made stricter by the label where the
 * label asks for more. The strictest source wins.
 */
export function needsOf(control: Control, sheet: LabelSheet | null): HourNeeds {
  if (!sheet) return control.needs;
  const own = control.needs;
  const bees = sheet.bees === 'toxic' ? 'always' : sheet.bees === 'wet' ? (own.bees ?? 'in-flower') : own.bees;
  return {
    ...own,
    ...strictest('maxTempC', Math.min, own.maxTempC, sheet.maxTempC),
    ...strictest('minTempC', Math.max, own.minTempC, sheet.minTempC),
    rainFreeHours: Math.max(own.rainFreeHours ?? 0, sheet.rainfastHours),
    ...(bees ? { bees } : {}),
  };
}

function strictest<K extends string>(key: K, of: (...n: number[]) => number, a: number | undefined, b: number | undefined) {
  const both = [a, b].filter((n): n is number => n !== undefined);
  return both.length ? ({ [key]: of(...both) } as Record<K, number>) : {};
}
