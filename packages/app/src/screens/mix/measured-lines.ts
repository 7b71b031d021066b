import { sayError, trim } from '@sleetbrook/core/measure';
import type { Load, MixPlan } from '@sleetbrook/core/mix';
import { sayScoop } from '../../ui/spoons';

/** What to measure for a load, in words, with the rounding. */
export function measuredLines(load: Load, plan: MixPlan): string[] {
  const m = load.measured;
  if (m.by === 'scale') return [`${trim(m.reading, 2)} g on ${m.scale.name}`, sayError(m.error)];
  const lines = [...m.out.scoops.map(sayScoop), `rounding ${sayError(m.out.error)}`];
  if (m.density) lines.push(`a level spoon of this powder weighs ${trim(m.density.gPerMl, 2)} g a ml, ± ${trim(m.density.spread * 100, 0)} %`);
  lines.push(`makes ${trim(load.rateMade, 2)} ${plan.unit} ${plan.line.rate.form === 'per-litre' ? 'per litre' : 'per m²'}`);
  return lines;
}
