import type { About } from '../circumstances';
import type { Rule } from '../types';

const WAIT: Readonly<Record<'thirsty' | 'tender-growth', { event: string; label: string }>> = {
  thirsty: { event: 'when they have been watered and stand up again', label: 'Water them first' },
  'tender-growth': { event: 'when the new leaves have hardened', label: 'Wait until the new leaves have hardened' },
};

/** What the label says harms this plant, or plants in this state. */
export const plantHarmed: Rule = (s, c) => {
  for (const h of c.sheet?.harms ?? []) {
    const base = { sentence: h.why, inputs: [{ name: 'Label', value: c.sheet?.name ?? '' }], source: h.prov };
    if (h.what === 'seedling' && s.planting.stage === 'seedling') {
      const change = { code: 'grown', label: 'Wait until they are past seedlings', planting: { stage: 'growing' as const } };
      return { ...base, code: 'harms-seedlings', weight: 'not-now', opens: { kind: 'event', event: 'when they are past seedlings', change } };
    }
    if (isState(h.what) && s.planting.about.includes(h.what)) {
      const { event, label } = WAIT[h.what];
      return { ...base, code: `harms-${h.what}`, weight: 'not-now', opens: { kind: 'event', event, change: { code: h.what, label, without: h.what } } };
    }
    if (!s.host.crops.includes(h.what)) continue;
    if (!h.kinds) return { ...base, code: 'harms-plant', weight: 'never' };
    if (s.planting.about.includes('none-of-those')) continue;
    const change = { code: 'none-of-those', label: `Mine are no ${h.kinds}`, withAbout: 'none-of-those' as const };
    return { ...base, code: 'harms-kinds', weight: 'not-now', opens: { kind: 'event', event: `where they are none of these: ${h.kinds}`, change } };
  }
  return null;
};

const isState = (what: string): what is keyof typeof WAIT & About => what in WAIT;
