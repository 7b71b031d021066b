import { findControlCard } from '../catalogue/light';
import { same } from '../measure';
import { sayRateExact } from './rate';
import { rateFrom, rateOf } from './rate-of';
import type { LabelLine, LabelSheet } from './schema';
import { isCropWord, isPestWord } from './words';

export interface SheetFault {
  /** Path into the sheet, with dots: `lines.0.rate.max`. */
  readonly field: string;
  readonly message: string;
}

const fault = (field: string, message: string): SheetFault => ({ field, message });

/**
 * What contradicts itself or is not known, in a sheet whose single figures are all possible. Empty when all is well.
 * @example checkSheet({ ...sheet, outdoors: false, indoors: false }) // [{ field: 'outdoors', … }]
 */
export function checkSheet(s: LabelSheet): SheetFault[] {
  const control = findControlCard(s.control);
  const out: SheetFault[] = [];
  if (!control) out.push(fault('control', `“${s.control}” is no control known here.`));
  else if (!control.sheet) out.push(fault('control', `${control.name} is done by hand: it has no label.`));
  if (!s.outdoors && !s.indoors) out.push(fault('outdoors', 'It must be for outdoors, for under cover, or for both.'));
  const total = s.actives.reduce((sum, a) => sum + a.percent, 0);
  if (total > 100) out.push(fault('actives', `The active ingredients come to ${total} %: more than all of it.`));
  if (s.maxTempC !== undefined && s.minTempC !== undefined && s.minTempC >= s.maxTempC) {
    out.push(fault('minTempC', `From ${s.minTempC} °C but not at ${s.maxTempC} °C: no day would do.`));
  }
  if (s.state === 'liquid' && s.levelDensity) out.push(fault('levelDensity', 'A liquid is measured by volume: it needs no density.'));
  if (s.signalWord === 'danger' && s.protection.length < 3) out.push(fault('protection', 'A label that says danger asks for more protection than this.'));
  if (s.restricted && !s.specimen) out.push(fault('restricted', 'A restricted product is for licensed applicators: it can not be mixed here.'));
  s.lines.forEach((line, i) => out.push(...lineFaults(s, line, `lines.${i}`)));
  const ids = s.lines.map((l) => l.id);
  ids.forEach((id, i) => {
    if (ids.indexOf(id) < i) out.push(fault(`lines.${i}.id`, `Two lines are called “${id}”.`));
  });
  s.forbidden.forEach((f, i) => {
    if (!isCropWord(f.crop)) out.push(fault(`forbidden.${i}.crop`, `“${f.crop}” is no crop known here.`));
  });
  return out;
}

function lineFaults(s: LabelSheet, l: LabelLine, at: string): SheetFault[] {
  const out: SheetFault[] = [];
  l.crops.forEach((c, i) => {
    if (!isCropWord(c)) out.push(fault(`${at}.crops.${i}`, `“${c}” is no crop known here.`));
    if (s.forbidden.some((f) => f.crop === c)) out.push(fault(`${at}.crops.${i}`, `“${c}” is forbidden further down on this sheet.`));
  });
  l.pests.forEach((p, i) => {
    if (!isPestWord(p)) out.push(fault(`${at}.pests.${i}`, `“${p}” is no pest known here.`));
  });
  if (s.state === 'liquid' && l.rate.unit === 'g') out.push(fault(`${at}.rate.unit`, 'A liquid is measured by volume: type fl oz, spoons or ml.'));
  out.push(...printedFaults(s, l, at));
  if (l.rate.form === 'per-litre' && l.rate.max > 1000)
    out.push(fault(`${at}.rate.max`, `${l.rate.max} ${l.rate.unit} in a litre: there is no room for water.`));
  if (l.waterMostMlPerM2 !== undefined && (l.waterMlPerM2 === null || l.waterMostMlPerM2 < l.waterMlPerM2))
    out.push(fault(`${at}.waterMostMlPerM2`, 'The upper water is under the lower one.'));
  if (l.rate.form === 'per-litre' && l.waterMlPerM2 === 0) out.push(fault(`${at}.waterMlPerM2`, 'A rate per litre needs the water to cover a square metre.'));
  if (s.into === 'not-mixed' && l.rate.form === 'per-litre' && s.formulation !== 'RTU')
    out.push(fault(`${at}.rate.form`, 'What is not mixed with water has no rate per litre.'));
  if (l.maxPerSeason !== null && (l.maxPerSeason - 1) * l.intervalDays > 365) {
    out.push(fault(`${at}.maxPerSeason`, `${l.maxPerSeason} times, ${l.intervalDays} days apart, does not fit into a year.`));
  }
  if (l.inBloom === 'only' && l.stages && !l.stages.includes('flowering')) out.push(fault(`${at}.stages`, 'Only in bloom, but not while flowering?'));
  return out;
}

/** What was printed must say the figures that stand beside it, or a slip in one of them would go unseen. */
function printedFaults(s: LabelSheet, l: LabelLine, at: string): SheetFault[] {
  if (!l.rate.printed) return [];
  const read = rateFrom(l.rate.printed.text, l.rate.printed.system, rateOf(s));
  if (!read.ok) return [fault(`${at}.rate.printed`, read.reasons[0]?.sentence ?? 'What was printed is not understood.')];
  const { form, unit, min, max } = read.value;
  return form === l.rate.form && unit === l.rate.unit && same(min, l.rate.min) && same(max, l.rate.max)
    ? []
    : [fault(`${at}.rate.printed`, `“${l.rate.printed.text}” is ${sayRateExact(read.value)}; the figures beside it say ${sayRateExact(l.rate)}.`)];
}
