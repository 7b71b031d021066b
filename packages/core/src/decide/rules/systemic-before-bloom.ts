import { flowersOpen, NONE_OPEN, petalsFallen } from '../flowers';
import type { Rule } from '../types';

/**
 * What goes up with the sap is in nectar and pollen months later: on plants that bees visit only after the last
 * petal, at whatever hour. Extension guidance for pollinators, common practice.
 */
export const systemicBeforeBloom: Rule = (s, c) => {
  // poured into the soil or put on the trunk; what is taken into a sprayed leaf stays there
  const rises = c.control.means.includes('systemic') && c.sheet?.bees === 'toxic' && (c.line?.coverage === 'drenched' || c.line?.rate.form === 'per-cm-trunk');
  const past = s.planting.stage === 'fruiting' && !flowersOpen(s);
  if (!rises || !s.host.beePlant || s.planting.site === 'indoors' || past) return null;
  const flowersOn = s.planting.stage === 'fruiting';
  return {
    code: 'before-bloom',
    weight: 'not-now',
    sentence: 'Bees visit these flowers, and it stays in nectar and pollen for months: only after the last petal has fallen.',
    inputs: [{ name: 'Stage', value: s.planting.stage }],
    source: { mark: 'CP' },
    opens: {
      kind: 'event',
      event: flowersOn ? 'when no flower is open' : 'when the last petal has fallen',
      change: flowersOn ? NONE_OPEN : petalsFallen(s),
    },
  };
};
