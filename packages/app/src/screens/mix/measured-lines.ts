import { sayError, sayParts, sayScoop, trim, type Said } from '@sleetbrook/core/measure';
import { sayMadeRate, type Load, type MixPlan } from '@sleetbrook/core/mix';
import { inGallons } from '../../ui/say-ml';

/** The amount to be set large: in the grower's system. */
export const bigAmount = (amount: number, { unit, units }: Pick<MixPlan, 'unit' | 'units'>): Said =>
  inGallons(units) ? sayParts(amount, unit === 'ml' ? 'volume' : 'mass', units) : { figure: trim(amount, 1), unit };

/**
 * The amount that is set large: what the measures make, or, of a powder by the spoon, what is meant, since its spoons
 * weigh one thing today and another tomorrow.
 */
export const shownOf = (load: Load): number => (load.measured.by === 'volume' && load.measured.density !== null ? load.product : load.made);

/** What to measure for a load, in words, with the rounding. */
export function measuredLines(load: Load, plan: MixPlan): string[] {
  const m = load.measured;
  if (m.by === 'scale') return [`${trim(m.reading, 2)} g on ${m.scale.name}`, sayError(m.error)];
  const lines = [...m.out.scoops.map(sayScoop), `rounding ${sayError(m.out.error)}`];
  if (m.density) lines.push(`a level spoon of this powder weighs ${trim(m.density.gPerMl, 2)} g a ml, ± ${trim(m.density.spread * 100, 0)} %`);
  lines.push(`makes ${sayMadeRate(load.rateMade, plan.line.rate, plan.units)}`);
  return lines;
}
