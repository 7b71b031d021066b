import { COPPER_CEILING_G_M2, proposedWater } from '../../label';
import { trim } from '../../measure';
import { dayOf, dayStart } from '../../schedule/local-day';
import type { Candidate, PastTreatment, Rule } from '../types';

const SOURCE = { mark: 'PUB' as const, source: 'Regulation (EU) 2018/1981: 28 kg/ha copper over 7 years' };

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

/** Copper builds up in the soil: a ceiling for the year, over all copper products on this planting. */
export const copperLoad: Rule = (s, c, at) => {
  if (!c.sheet?.groups.includes('copper') || !c.line) return null;
  const year = dayOf(at, s.place.zone).slice(0, 4);
  const used = s.records.filter((r) => r.at <= at && dayOf(r.at, s.place.zone).startsWith(year)).reduce((g, r) => g + copperOf(r), 0);
  const next = (perTreatment(c.line) * (c.sheet.actives[0]?.percent ?? 0)) / 100;
  if (used + next <= COPPER_CEILING_G_M2 + 1e-9) return null;
  const alone = next > COPPER_CEILING_G_M2;
  return {
    code: 'copper-load',
    weight: alone ? 'never' : 'not-now',
    sentence: `${trim(used, 2)} g of copper a m² this year, and this adds ${trim(next, 2)} g: the ceiling is ${COPPER_CEILING_G_M2} g.`,
    inputs: [
      { name: 'Copper this year', value: `${trim(used, 3)} g a m²` },
      { name: 'One more at the lowest rate', value: `${trim(next, 3)} g a m²` },
    ],
    source: SOURCE,
    ...(alone ? {} : { opens: { kind: 'at' as const, at: dayStart(`${Number(year) + 1}-01-01`, s.place.zone) } }),
  };
};
