import { COPPER_LEDGER_G_M2, COPPER_LEDGER_YEARS, COPPER_MOST_YEAR_G_M2, COPPER_YEAR_G_M2, copperLaw, copperShare, lineOf, productPerM2 } from '../label';
import { instant, sayDay, trim, type Instant, type Provenance, type WorkingInput } from '../measure';
import type { PastTreatment } from './types';

const SOURCE = { mark: 'PUB' as const, source: 'Regulation (EU) 2018/1981: 28 kg/ha copper over 7 years' };
const MEM = { mark: 'MEM' as const };
const YEAR_MS = 365 * 86_400_000;
const SAME = 1e-9;

/** Metallic copper, g on a square metre, that one treatment put on; its line's most when the amount was not kept. */
export function copperOf(r: PastTreatment): number {
  if (!r.sheet) return 0;
  const share = copperShare(r.sheet);
  if (share === 0) return 0;
  if (r.amount !== null) return (r.amount * share) / r.areaM2;
  const line = lineOf(r);
  return line ? (productPerM2(line, line.rate.max) ?? 0) * share : 0;
}

/** What stands against more copper on this ground, or what is to be said of it. */
export interface CopperWord {
  /** It would be more than the ground may have. */
  readonly over: boolean;
  readonly sentence: string;
  readonly inputs: readonly WorkingInput[];
  readonly source: Provenance;
  /** When enough of what went on is so long ago that there is room; null when it never is, or when it is only a word. */
  readonly opensAt: Instant | null;
}

const within = (records: readonly PastTreatment[], at: Instant, years: number) =>
  records.filter((r) => r.at <= at && at - r.at < years * YEAR_MS).map((r) => ({ at: r.at, grams: copperOf(r) }));
const sum = (list: readonly { readonly grams: number }[]) => list.reduce((g, r) => g + r.grams, 0);

/** Metallic copper that earlier treatments left on the ground, g a m². */
export interface CopperBefore {
  /** Within twelve months. */
  readonly year: number;
  /** Within the seven years of the ledger. */
  readonly ledger: number;
}

/** What the ground has had by a moment, over all copper products. */
export const copperBefore = (records: readonly PastTreatment[], at: Instant): CopperBefore => ({
  year: sum(within(records, at, 1)),
  ledger: sum(within(records, at, COPPER_LEDGER_YEARS)),
});

/** How much more a ledger lets the ground have now, g a m²; below 0 where it has had too much. */
export const copperRoom = (before: CopperBefore): number => Math.min(COPPER_MOST_YEAR_G_M2 - before.year, COPPER_LEDGER_G_M2 - before.ledger);

/** When `next` g more fit under a limit; null when they never do. */
function opensAt(list: readonly { readonly at: Instant; readonly grams: number }[], limit: number, next: number, years: number): Instant | null {
  let left = sum(list);
  for (const r of list) {
    left -= r.grams;
    if (left + next <= limit + SAME) return instant(r.at + years * YEAR_MS);
  }
  return null;
}

/**
 * Copper stays in the soil: a ledger of the ground over seven years, the most within twelve months, and a word when a
 * year takes more than its share. Over all copper products on this planting.
 * Where no law counts it but the label's, it is only told.
 * @param next metallic copper that is to go on, g a m² @param what that is, "One more at the lowest rate"
 * @param country whose law holds; the strictest while none is named
 * @returns null where there is nothing to say
 */
export function copperWord(next: number, what: string, records: readonly PastTreatment[], at: Instant, country?: string | null): CopperWord | null {
  if (!(next > 0)) return null;
  const seven = within(records, at, COPPER_LEDGER_YEARS);
  const year = within(records, at, 1);
  const inputs = [
    { name: 'Copper in twelve months', value: `${trim(sum(year), 3)} g a m²` },
    { name: 'Copper in seven years', value: `${trim(sum(seven), 3)} g a m²` },
    { name: what, value: `${trim(next, 3)} g a m²` },
  ];
  const limits = [
    { list: year, limit: COPPER_MOST_YEAR_G_M2, years: 1, words: 'in twelve months', source: MEM },
    { list: seven, limit: COPPER_LEDGER_G_M2, years: COPPER_LEDGER_YEARS, words: 'in seven years', source: SOURCE },
  ];
  if (copperLaw(country) === 'label') {
    if (sum(year) + next <= COPPER_YEAR_G_M2 + SAME) return null;
    const sentence = `With this, ${trim(sum(year) + next, 2)} g of copper a m² in twelve months and ${trim(sum(seven) + next, 2)} g in seven years. It stays in the soil: never more than the label has, and none where it can be spared.`;
    return { over: false, sentence, inputs, source: MEM, opensAt: null };
  }
  const hit = limits.find((l) => sum(l.list) + next > l.limit + SAME);
  if (hit) {
    const sentence = `${trim(sum(hit.list), 2)} g of copper a m² ${hit.words}, and this adds ${trim(next, 2)} g: ${hit.limit} g is the most.`;
    return { over: true, sentence, inputs, source: hit.source, opensAt: opensAt(hit.list, hit.limit, next, hit.years) };
  }
  if (sum(year) + next <= COPPER_YEAR_G_M2 + SAME) return null;
  const sentence = `With this, ${trim(sum(year) + next, 2)} g of copper a m² in twelve months: more than a year's share of ${COPPER_YEAR_G_M2} g. It stays in the soil: go without next year.`;
  return { over: false, sentence, inputs, source: SOURCE, opensAt: null };
}

/** What is planned or was done, against the ledger of the ground it goes on. */
export interface CopperDeed {
  readonly sheet: Parameters<typeof copperShare>[0];
  /** In the rate's unit. */
  readonly product: number;
  readonly groundM2: number;
}

/**
 * The same for an amount that is measured out: what the lowest rate would bear, twice the water does not.
 * @returns null where it is within; over, with the way out
 */
export function copperOfPlan(
  d: CopperDeed,
  records: readonly PastTreatment[],
  at: Instant,
  { zone, country }: { readonly zone: string; readonly country?: string | null },
): CopperWord | null {
  const share = copperShare(d.sheet);
  if (share === 0 || !(d.groundM2 > 0)) return null;
  const word = copperWord((d.product * share) / d.groundM2, 'This mix', records, at, country);
  if (!word?.over) return word;
  const room = copperRoom(copperBefore(records, at));
  const less = room > 0 ? ` Make ${Math.floor((room / ((d.product * share) / d.groundM2)) * 100)} in 100 of it at most` : ' Take another means';
  const later = word.opensAt === null ? '.' : `, or wait until ${sayDay(word.opensAt, zone)}.`;
  return { ...word, sentence: `${word.sentence}${less}${later}` };
}
