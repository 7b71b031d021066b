import { COPPER_LEDGER_G_M2, COPPER_LEDGER_YEARS, COPPER_MOST_YEAR_G_M2, COPPER_YEAR_G_M2, proposedWater } from '../../label';
import { instant, trim, type Instant } from '../../measure';
import type { Candidate, PastTreatment, Rule } from '../types';

const SOURCE = { mark: 'PUB' as const, source: 'Regulation (EU) 2018/1981: 28 kg/ha copper over 7 years' };
const MEM = { mark: 'MEM' as const };
const YEAR_MS = 365 * 86_400_000;
const SAME = 1e-9;

/** Metallic copper, g on a square metre, that one treatment put on; its line's most when the amount was not kept. */
export function copperOf(r: PastTreatment): number {
  if (!r.sheet?.groups.includes('copper')) return 0;
  const share = (r.sheet.actives[0]?.percent ?? 0) / 100;
  if (r.amount !== null) return (r.amount * share) / r.areaM2;
  const line = r.sheet.lines.find((l) => l.id === r.lineId) ?? r.sheet.lines[0];
  return line ? perTreatment({ ...line, rate: { ...line.rate, min: line.rate.max } }) * share : 0;
}

const perTreatment = (line: NonNullable<Candidate['line']>) =>
  line.rate.form === 'per-litre' ? (line.rate.min * proposedWater(line).ml) / 1000 : line.rate.min;

const within = (records: readonly PastTreatment[], at: Instant, years: number) =>
  records.filter((r) => r.at <= at && at - r.at < years * YEAR_MS).map((r) => ({ at: r.at, grams: copperOf(r) }));
const sum = (list: readonly { readonly grams: number }[]) => list.reduce((g, r) => g + r.grams, 0);

/** When enough of what went on is so long ago that `room` more fits under a limit; null when it never does. */
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
 */
export const copperLoad: Rule = (s, c, at) => {
  if (!c.sheet?.groups.includes('copper') || !c.line) return null;
  const next = (perTreatment(c.line) * (c.sheet.actives[0]?.percent ?? 0)) / 100;
  const seven = within(s.records, at, COPPER_LEDGER_YEARS);
  const year = within(s.records, at, 1);
  const inputs = [
    { name: 'Copper in twelve months', value: `${trim(sum(year), 3)} g a m²` },
    { name: 'Copper in seven years', value: `${trim(sum(seven), 3)} g a m²` },
    { name: 'One more at the lowest rate', value: `${trim(next, 3)} g a m²` },
  ];
  const limits = [
    { list: year, limit: COPPER_MOST_YEAR_G_M2, years: 1, words: 'in twelve months', source: MEM },
    { list: seven, limit: COPPER_LEDGER_G_M2, years: COPPER_LEDGER_YEARS, words: 'in seven years', source: SOURCE },
  ];
  const hit = limits.find((l) => sum(l.list) + next > l.limit + SAME);
  if (hit) {
    const opens = opensAt(hit.list, hit.limit, next, hit.years);
    return {
      code: 'copper-load',
      weight: opens === null ? 'never' : 'not-now',
      sentence: `${trim(sum(hit.list), 2)} g of copper a m² ${hit.words}, and this adds ${trim(next, 2)} g: ${hit.limit} g is the most.`,
      inputs,
      source: hit.source,
      ...(opens === null ? {} : { opens: { kind: 'at' as const, at: opens } }),
    };
  }
  return sum(year) + next > COPPER_YEAR_G_M2 + SAME
    ? {
        code: 'copper-year',
        weight: 'note',
        sentence: `With this, ${trim(sum(year) + next, 2)} g of copper a m² in twelve months: more than a year's share of ${COPPER_YEAR_G_M2} g. It stays in the soil: go without next year.`,
        inputs,
        source: SOURCE,
      }
    : null;
};
