import { activesOf } from './strict';
import type { LabelSheet } from './schema';

/** What is to be told and done for one product, in the order in which it is read out on the phone. */
export interface AidFor {
  readonly name: string;
  /** "Malathion 50 %": what the person on the phone asks for. */
  readonly actives: string;
  readonly registration: string | null;
  /** Each with whose words they are. */
  readonly words: readonly {
    readonly what: 'First aid' | 'Warned of' | 'Tell the doctor';
    readonly text: string;
    readonly whose: 'your label' | 'our specimen';
  }[];
  /** Acts on nerves: small pupils, sweat, cramps, and hours later too. */
  readonly cholinesterase: boolean;
}

/**
 * The label's own words on poisoning, and ours from memory where it has none typed in.
 * @param specimen the sheet it was made from, where there is one
 */
export function aidFor(sheet: LabelSheet, specimen: LabelSheet | undefined): AidFor {
  // a specimen of something else speaks for something else
  const ids = activesOf(sheet).map((a) => a.id);
  const alike = specimen !== undefined && activesOf(specimen).some((a) => ids.includes(a.id));
  const pick = (what: AidFor['words'][number]['what'], key: 'firstAid' | 'hazards' | 'physician') => {
    const own = sheet[key];
    // words that came over from the specimen unread are still ours
    const copied = sheet.specimen || own === specimen?.[key];
    if (own && (alike || own !== specimen?.[key])) return [{ what, text: own, whose: copied ? ('our specimen' as const) : ('your label' as const) }];
    const ours = alike ? specimen?.[key] : undefined;
    return ours ? [{ what, text: ours, whose: 'our specimen' as const }] : [];
  };
  return {
    name: sheet.name,
    actives: sheet.actives.map((a) => `${a.name} ${a.percent} %`).join(', '),
    registration: sheet.registration ?? null,
    words: [...pick('First aid', 'firstAid'), ...pick('Tell the doctor', 'physician'), ...pick('Warned of', 'hazards')],
    cholinesterase: activesOf(sheet).some((a) => a.cholinesterase === true),
  };
}
