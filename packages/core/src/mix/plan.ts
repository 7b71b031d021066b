import { FORM_WORDS, methodOf, proposedWater, quoteLine, sayPer, sayRate, sayRateExact, strictSheet, type LabelLine, type RateForm } from '../label';
import {
  atLeast,
  strongEnough,
  atMost,
  done,
  millilitres,
  refused,
  sayIn,
  sayProvenance,
  sayVolume,
  trim,
  type Millilitres,
  type Outcome,
  type Refusal,
  type UnitSystem,
  type Working,
} from '../measure';
import { sayProduct } from './amounts';
import { fitWater, type Fill } from './fit';
import { measureProduct } from './measure-product';
import { sayRateIn } from './rates/say-rate';
import type { Load, MixPlan, MixRequest } from './types';
import type { Way } from './way';
import { waysToMeasure, WORTH_SAYING } from './ways';

/** More mix than this is not a home gardener's job. */
const MOST_WATER_ML = 400_000;
/** A drench goes out of a watering can when no sprayer is named: what a usual one holds. */
const CAN_ML = 10_000;

/** What to say where the size that a rate goes by is not known. */
const SIZE_MISSING: Readonly<Record<RateForm, readonly [code: string, sentence: string, field: string]>> = {
  'per-litre': ['bad-area', 'The area must be more than 0.', 'area'],
  'per-m2': ['bad-area', 'The area must be more than 0.', 'area'],
  'per-plant': ['bad-count', 'This label goes by the plant: say how many.', 'area'],
  'per-m-row': ['bad-row', 'This label goes by the row: say how long it is.', 'area'],
  'per-litre-soil': ['bad-soil', 'This label goes by the potting mix: say how much there is.', 'area'],
  'per-cm-trunk': ['bad-trunk', 'This label goes by the trunk: measure round it.', 'trunkCm'],
  'per-m-height': ['bad-height', 'This label goes by the height: say how tall the plant is.', 'heightM'],
};

/**
 * Exact amounts of product and water for the plants, split into sprayer loads, each in what the grower
 * can measure. Never above the label: the rate asked for, and what the spoons really make, stay at or
 * below the label maximum. Where the label goes by concentration and no amount of mix was asked for, the mix is
 * a little more or less, so that the product comes out in the grower's own measures.
 * @returns refused `above-label` or `below-label` with the label's line; `no-sprayer`, `too-much`, a size that is
 *   missing, or what measuring refuses, with the ways out of it
 * @example planMix({ rate: 15, area: 20 m², sprayer: 5 l, … }) // 8 l: 75 ml in 5 l, then 45 ml in 3 l
 */
export function planMix(asked: MixRequest): Outcome<MixPlan> {
  // the cards speak of what is in it, whatever was typed of bees and fish
  const request = { ...asked, sheet: strictSheet(asked.sheet) };
  const { sheet, line, rate, area, sprayer, units = 'metric' } = request;
  const { unit, form } = line.rate;
  const dry = sheet.into === 'not-mixed';
  if (!(area > 0) || !Number.isFinite(area)) return refused('bad-area', 'The area must be more than 0.', 'area');
  if (!(rate > 0) || !Number.isFinite(rate)) return refused('bad-rate', 'The rate must be more than 0.', 'rate');
  if (!atMost(rate, line.rate.max)) {
    return refused('above-label', `${sayRateIn(rate, unit, form, units)} is above the label. ${quoteLine(sheet, line)}.`, 'rate');
  }
  if (!atLeast(rate, line.rate.min)) {
    return refused('below-label', `${sayRateIn(rate, unit, form, units)} is weaker than the label. ${quoteLine(sheet, line)}.`, 'rate');
  }
  const perLitre = form === 'per-litre';
  const size = sizeOf(request);
  if (!(size > 0) || !Number.isFinite(size)) return refused(...SIZE_MISSING[form]);
  const proposed = proposedWater(line);
  const waterNeeded = millilitres(dry ? 0 : proposed.ml * size);
  const wanted = request.water ?? waterNeeded;
  if (!Number.isFinite(wanted) || wanted < 0) return refused('bad-water', 'The water must be more than 0.', 'water');
  if (wanted > MOST_WATER_ML) return refused('too-much', `${said(wanted, units)} is work for a licensed applicator.`, 'water');
  if (wanted === 0 && !dry && (perLitre || line.coverage === 'drenched')) {
    return refused('bad-water', 'It is never put on neat: say how much water goes with it.', 'water');
  }
  // a drench goes out of a can, and what a hose-end dial thins never stands in a tank
  const untanked = line.rate.dial === true || ['soil-drench', 'soil-mixed'].includes(methodOf(sheet, line));
  if (wanted > 0 && !sprayer && !untanked) return refused('no-sprayer', 'Choose a sprayer. Add one in the Shed.', 'sprayer');
  if (sprayer && !(sprayer.capacity > 0)) return refused('bad-sprayer', 'The sprayer must hold more than 0 l.', 'sprayer');

  const capacity = line.rate.dial ? MOST_WATER_ML : (sprayer?.capacity ?? CAN_ML);
  const fills = fillsFor(request, wanted, capacity, size);
  const water = millilitres(fills.reduce((sum, f) => sum + f.water, 0));
  const loads: Load[] = [];
  for (const [i, fill] of fills.entries()) {
    const ceiling = perLitre ? (line.rate.max * fill.water) / 1000 : (line.rate.max / rate) * fill.product;
    const measured = measureProduct(fill.product, ceiling, sheet.levelDensity, unit, request.kit);
    const ways = () => waysFor(request, fill, ceiling, capacity);
    if (!measured.ok) return { ok: false, reasons: [...measured.reasons, ...ways().map(asReason)] };
    const { made, measured: how } = measured.value;
    const off = how.by === 'scale' ? how.error : how.out.error;
    loads.push({
      number: i + 1,
      water: millilitres(fill.water),
      product: fill.product,
      measured: how,
      made,
      rateMade: perLitre ? (made / fill.water) * 1000 : (made / fill.product) * rate,
      full: fill.water > 0 && atLeast(fill.water, capacity),
      ways: Math.abs(off) > WORTH_SAYING ? ways() : [],
    });
  }
  const product = fills.reduce((sum, f) => sum + f.product, 0);
  const plan: MixPlan = {
    sheet,
    line,
    unit,
    rate,
    area,
    size,
    water,
    waterNeeded,
    waterNamed: proposed.named,
    product,
    units,
    loads,
    warnings: [...waterWarnings(request, water, waterNeeded, proposed.named), ...warningsFor(loads, line, units)],
    working: workingFor(request, water, product, proposed),
  };
  return done(plan);
}

/** Water and product for each fill. A label by concentration lets the water follow the measures; another does not. */
function fillsFor(request: MixRequest, wanted: number, capacity: number, size: number): Fill[] {
  const { rate, line, sheet, kit } = request;
  if (line.rate.form !== 'per-litre') {
    const total = rate * size;
    return split(millilitres(wanted), wanted > 0 ? millilitres(capacity) : null).map((s) => ({ water: s.water, product: total * s.part }));
  }
  const fill = (water: number): Fill => ({ water, product: (rate * water) / 1000 });
  const asked = split(millilitres(wanted), millilitres(capacity));
  if (request.water !== null) return asked.map((s) => fill(s.water));
  const fit = { unit: line.rate.unit, rate, most: line.rate.max, least: line.rate.min, density: sheet.levelDensity, kit } as const;
  if (wanted <= capacity) return [fill(fitWater(fit, wanted, capacity) ?? wanted)];
  const full = fitWater(fit, capacity, capacity) ?? capacity;
  if (full === capacity && asked.length > 1) {
    return asked.map((s) => fill(s.full ? s.water : (fitWater(fit, s.water, capacity) ?? s.water)));
  }
  const tanks = Math.floor(wanted / full + 1e-6);
  const rest = wanted - tanks * full;
  const last = rest > full * SMALL_REST ? [fill(fitWater(fit, rest, full) ?? full)] : [];
  return [...Array.from({ length: tanks }, () => fill(full)), ...last];
}

const said = (ml: number, units: UnitSystem) => (units === 'us' || units === 'imperial' ? sayIn(ml, 'volume', units) : sayVolume(millilitres(ml)));
const asReason = (w: Way): Refusal => ({ code: 'way', sentence: w.sentence, field: 'kit' });

/** Nearer ways to an amount; a dry product goes by what its spoonful weighs. */
function waysFor({ sheet, line, kit, rate, units = 'metric' }: MixRequest, fill: Fill, ceiling: number, capacity: number): Way[] {
  const perMl =
    line.rate.unit === 'ml'
      ? { usual: 1, heavy: 1 }
      : sheet.levelDensity && { usual: sheet.levelDensity.gPerMl, heavy: sheet.levelDensity.gPerMl * (1 + sheet.levelDensity.spread) };
  return waysToMeasure({
    wantedMl: perMl ? fill.product / perMl.usual : null,
    ceilingMl: perMl ? ceiling / perMl.heavy : null,
    wantedG: line.rate.unit === 'g' ? fill.product : null,
    kit,
    units,
    batch:
      line.rate.form === 'per-litre' && fill.water > 0
        ? {
            fit: { unit: line.rate.unit, rate, most: line.rate.max, least: line.rate.min, density: sheet.levelDensity, kit },
            waterMl: fill.water,
            capacityMl: capacity,
          }
        : null,
    liquid: sheet.state === 'liquid',
    thins: sheet.state === 'liquid' && sheet.into === 'shake-in',
    waterMl: fill.water > 0 ? fill.water : null,
  });
}

/** What the label's rate is counted by, for this request. */
function sizeOf({ line, area, trunkCm, heightM, count }: MixRequest): number {
  switch (line.rate.form) {
    case 'per-litre':
    case 'per-m2':
      return area;
    case 'per-cm-trunk':
      return trunkCm ?? Number.NaN;
    case 'per-m-height':
      return heightM ?? Number.NaN;
    default:
      return count ?? Number.NaN;
  }
}

/** A rest smaller than this share of a tank can not be measured well as a load of its own. */
const SMALL_REST = 0.05;

/**
 * Full tanks, then a part tank; without water, one go. Where only a splash would be left over, the last
 * tank and the splash are shared between two part loads, so that both can be measured.
 */
function split(water: Millilitres, capacity: Millilitres | null): { water: Millilitres; part: number; full: boolean }[] {
  if (water === 0 || capacity === null) return [{ water, part: 1, full: false }];
  const tanks = Math.floor(water / capacity + 1e-6);
  const rest = water - tanks * capacity;
  const load = (ml: number) => ({ water: millilitres(ml), part: ml / water, full: ml === capacity });
  const full = (n: number) => Array.from({ length: n }, () => load(capacity));
  if (rest <= capacity * 1e-6) return full(tanks);
  if (tanks > 0 && rest < capacity * SMALL_REST) return [...full(tanks - 1), load((capacity + rest) / 2), load((capacity + rest) / 2)];
  return [...full(tanks), load(rest)];
}

/** A mix that is more than the plants take wants a use for the rest; water that no label names is said to be proposed. */
function waterWarnings({ line, units = 'metric' }: MixRequest, water: number, needed: number, named: boolean): string[] {
  const out: string[] = [];
  if (!named && water > 0 && line.coverage === 'drenched') {
    out.push(`Your label names no water: ${said(water, units)} is proposed, to carry it in. Change it if your soil needs another amount.`);
  }
  if (line.rate.form === 'per-litre' && needed > 0 && water > needed * MORE_THAN_NEEDED) {
    out.push(`Your plants take about ${said(needed, units)} of it. Have a use for the rest: other plants on the label, or it is left over and counts as such.`);
  }
  return out;
}

/** From here on more mix than the plants take is said. */
const MORE_THAN_NEEDED = 1.25;

function warningsFor(loads: readonly Load[], line: LabelLine, units: UnitSystem): string[] {
  const { min, unit, form } = line.rate;
  const out = new Set<string>();
  for (const load of loads) {
    const error = load.measured.by === 'scale' ? load.measured.error : load.measured.out.error;
    if (Math.abs(error) > WORTH_SAYING) {
      const nearer = load.measured.by === 'volume' && load.measured.density ? 'Weighing it would be nearer' : 'A smaller measure would be nearer';
      out.add(`Load ${load.number}: your measures come to ${trim(Math.abs(error) * 100, 0)} % ${error < 0 ? 'under' : 'over'}. ${nearer}.`);
    }
    if (!strongEnough(load.rateMade, min)) {
      out.add(
        `Load ${load.number} comes out at ${sayRateIn(load.rateMade, unit, form, units)}, weaker than the label’s ${line.rate.printed ? sayRate(line.rate) : trim(min)}.`,
      );
    }
  }
  return [...out];
}

function workingFor(r: MixRequest, water: Millilitres, total: number, proposed: { readonly ml: number; readonly named: boolean }): Working[] {
  const { line, sheet, rate, units = 'metric' } = r;
  const { unit, form } = line.rate;
  const sized = sizeInput(r);
  const out: Working[] = [];
  if (water > 0) {
    const per = form === 'per-litre' ? 'per-m2' : form;
    out.push({
      title: 'Water',
      result: said(water, units),
      inputs: [sized, { name: proposed.named ? 'Label’s water' : 'Proposed water', value: `${trim(proposed.ml, 1)} ml ${sayPer(per)}, ${line.coverage}` }],
      formula: r.water === null ? `${sized.name.toLowerCase()} × water, as your measures come out` : 'as you asked',
      source: { mark: 'MEM' },
    });
  }
  out.push({
    title: sheet.name,
    result: sayProduct(total, unit, units),
    inputs: [
      {
        name: 'Rate',
        value: `${trim(rate, rate < 1 ? 4 : 2)} ${unit} ${FORM_WORDS[form]}${units === 'us' || units === 'imperial' ? `, ${sayRateIn(rate, unit, form, units)}` : ''}`,
      },
      form === 'per-litre' ? { name: 'Water', value: said(water, units) } : sized,
      { name: 'Label', value: `${line.rate.printed ? `${line.rate.printed.text}, which is ` : ''}${sayRateExact(line.rate)} (${sayProvenance(line.prov)})` },
    ],
    formula: form === 'per-litre' ? 'rate × litres of water' : `rate × ${sized.name.toLowerCase()}`,
    source: line.prov,
  });
  return out;
}

/** The size that a rate goes by, named and in the grower's units. */
function sizeInput(r: MixRequest): { name: string; value: string } {
  const { units = 'metric' } = r;
  const size = sizeOf(r);
  switch (r.line.rate.form) {
    case 'per-cm-trunk':
      return { name: 'Round the trunk', value: sayIn(size / 100, 'length', units) };
    case 'per-m-height':
      return { name: 'Height', value: sayIn(size, 'length', units) };
    case 'per-m-row':
      return { name: 'Row', value: sayIn(size, 'length', units) };
    case 'per-plant':
      return { name: 'Plants', value: trim(size, 1) };
    case 'per-litre-soil':
      return { name: 'Potting mix', value: sayIn(size * 1000, 'volume', units) };
    default:
      return { name: 'Area', value: sayIn(r.area, 'area', units) };
  }
}
