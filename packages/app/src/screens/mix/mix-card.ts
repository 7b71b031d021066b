import { sayRate } from '@sleetbrook/core/label';
import { sayBoth } from '@sleetbrook/core/measure';
import { cardFor, sayRateIn, type Card, type MixPlan, type Step } from '@sleetbrook/core/mix';
import { measuredLines, shownOf } from './measured-lines';

/** A mix on paper, with every figure and its working. */
export function mixCard(plan: MixPlan, steps: readonly Step[], plants: string): Card {
  const amount = (n: number) => sayBoth(n, plan.unit === 'ml' ? 'volume' : 'mass', plan.units);
  return cardFor({
    title: plan.sheet.name,
    sub: `For ${plants.toLowerCase()}. ${plan.sheet.specimen ? 'By a specimen sheet: check against your own label.' : 'By your own label sheet.'}`,
    figures: [
      { name: 'Product in all', value: amount(plan.loads.reduce((sum, l) => sum + shownOf(l), 0)) },
      ...(plan.water > 0 ? [{ name: 'Mix in all', value: sayBoth(plan.water, 'volume', plan.units) }] : []),
      { name: 'Rate', value: sayRateIn(plan.rate, plan.unit, plan.line.rate.form, plan.units) },
      { name: 'Label', value: sayRate(plan.line.rate) },
      ...plan.loads.map((l) => ({
        name: `Load ${l.number}`,
        value: `${amount(shownOf(l))}${plan.water > 0 ? ` in ${sayBoth(l.water, 'volume', plan.units)}` : ''}`,
      })),
    ],
    steps,
    measured: (s) => (s.measure ? [amount(shownOf(s.measure)), ...measuredLines(s.measure, plan)] : []),
    cautions: [
      `Wear: ${(steps.find((s) => s.id === 'protect')?.gate ?? []).join(', ').toLowerCase()}.`,
      ...plan.sheet.cautions.map((c) => c.text),
      plan.sheet.disposal,
    ],
    working: plan.working,
  });
}
