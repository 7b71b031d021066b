import type { LabelSheet } from '../../label';
import { MEM } from '../../measure';
import type { About } from '../circumstances';
import type { Rule } from '../types';

const WAIT: Readonly<Record<'thirsty' | 'tender-growth', { event: string; label: string }>> = {
  thirsty: { event: 'when they have been watered and stand up again', label: 'Water them first' },
  'tender-growth': { event: 'when the new leaves have hardened', label: 'Wait until the new leaves have hardened' },
};

type Harm = NonNullable<LabelSheet['harms']>[number];

/** Fruit that is known to suffer from sulfur in leaf, whatever a label says of it. From memory. */
const SULFUR_SHY: readonly Harm[] = [
  { what: 'apricot', why: 'Apricots drop their leaves after sulfur: never on an apricot in leaf.', prov: MEM },
  { what: 'currant', why: 'Some currants drop their leaves after sulfur.', kinds: 'currants that are shy of sulfur', prov: MEM },
  { what: 'gooseberry', why: 'Some gooseberries drop their leaves after sulfur.', kinds: 'gooseberries that are shy of sulfur', prov: MEM },
];
const shyOf = (sheet: LabelSheet | null, stage: string): readonly Harm[] => (sheet?.groups.includes('sulfur') && stage !== 'dormant' ? SULFUR_SHY : []);

/** What the label says harms this plant, or plants in this state. */
export const plantHarmed: Rule = (s, c) => {
  for (const h of [...(c.sheet?.harms ?? []), ...shyOf(c.sheet, s.planting.stage)]) {
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
