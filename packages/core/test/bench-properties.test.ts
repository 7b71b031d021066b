import fc from 'fast-check';
import { all, create, type Unit as MathUnit } from 'mathjs';
import Qty from 'js-quantities';
import type { LabelSheet } from '../src/label';
import { findSheet } from '../src/label/sheets';
import {
  measureOut,
  millilitres,
  MOST_SCOOPS,
  parseQuantity,
  readSize,
  sayIn,
  squareMetres,
  STARTER_KITS,
  UNITS,
  writeQuantity,
  type Measure,
  type Outcome,
  type UnitId,
  type UnitSystem,
} from '../src/measure';
import { correctLostCount, correctOverfill, correctShort, planMix, waysToMeasure, type MixPlan } from '../src/mix';
import { bordeauxFor, buyList, checkSoap, oilForLye, prepare, PREPARATIONS, rescale, SOAP_OILS, soapRecipe, type Product, type Values } from '../src/mix/bench';
import { runs } from './runs';

const SYSTEMS: readonly UnitSystem[] = ['metric', 'us', 'imperial', 'australian'];
const IDS = Object.keys(UNITS) as UnitId[];
const math = create(all ?? {});
const got = <T>(o: Outcome<T>): T => {
  if (!o.ok) throw new Error(o.reasons.map((r) => r.sentence).join(' '));
  return o.value;
};

describe('writing and reading', () => {
  test('what is written in any unit is read back as the same amount, whoever reads it', () => {
    fc.assert(
      fc.property(fc.constantFrom(...IDS), fc.constantFrom(...SYSTEMS), fc.double({ min: 1e-4, max: 900, noNaN: true }), (id, system, n) => {
        const amount = n * UNITS[id].si;
        fc.pre(amount < { volume: 2e6, mass: 1e6, length: 1e3, area: 1e6 }[UNITS[id].dimension]);
        const back = got(parseQuantity(writeQuantity(amount, id), system, [UNITS[id].dimension]));
        expect(Math.abs(back.si - amount)).toBeLessThanOrEqual(amount * 1e-12);
      }),
      { numRuns: runs(3000) },
    );
  });

  test('what is said to a grower is read back within its rounding', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('volume', 'mass', 'length', 'area' as const),
        fc.constantFrom(...SYSTEMS),
        fc.double({ min: 0.01, max: 5000, noNaN: true }),
        (dimension, system, n) => {
          fc.pre(dimension !== 'length' || n < 900);
          const back = got(parseQuantity(sayIn(n, dimension, system), system, [dimension]));
          expect(Math.abs(back.si - n)).toBeLessThanOrEqual(n * 0.006);
        },
      ),
      { numRuns: runs(2000) },
    );
  });

  test('a bare size is in the grower’s usual unit, and the bound is said in it', () => {
    expect(got(readSize('10', 'area', 'us', { min: 0.01, max: 100, what: 'The area' }))).toBeCloseTo(0.9290304, 9);
    expect(got(readSize('10 m2', 'area', 'us', { min: 0.01, max: 100, what: 'The area' }))).toBe(10);
    expect(got(readSize('15in', 'trunk', 'metric', { min: 0.01, max: 20, what: 'The trunk' }))).toBeCloseTo(0.381, 9);
    const far = readSize('1e9', 'mix', 'us', { min: 10, max: 400_000, what: 'The mix' });
    expect(far.ok).toBe(false);
    const big = readSize('1000000', 'mix', 'us', { min: 10, max: 400_000, what: 'The mix' });
    expect(big.ok ? '' : big.reasons[0]?.sentence).toBe('The mix can be at most 106 US gal.');
  });

  test.each([
    ['1,500', 'ambiguous'],
    ['ten', 'not-a-number'],
    ['-1', 'too-small'],
    ['0', 'too-small'],
    ['', 'empty'],
    ['5 kg', 'wrong-dimension'],
  ])('a size of “%s” is refused: %s', (text, code) => {
    const r = readSize(text, 'mix', 'metric', { min: 10, max: 400_000, what: 'The mix' }, 'water');
    expect(r.ok ? {} : { code: r.reasons[0]?.code, field: r.reasons[0]?.field }).toEqual({ code, field: 'water' });
  });
});

describe('units beside general-purpose libraries', () => {
  const IN_QTY: Partial<Record<UnitId, string>> = {
    ml: 'ml',
    l: 'l',
    'tbsp-us': 'tbs',
    'tsp-us': 'tsp',
    'floz-us': 'floz',
    'cup-us': 'cup',
    'pt-us': 'pt',
    'qt-us': 'qt',
    'gal-us': 'gal',
    g: 'g',
    kg: 'kg',
    oz: 'oz',
    lb: 'lb',
    m: 'm',
    cm: 'cm',
    mm: 'mm',
    in: 'in',
    ft: 'ft',
    yd: 'yd',
    m2: 'm2',
    ft2: 'ft2',
    acre: 'acre',
    ha: 'hectare',
  };
  test('over random values js-quantities and mathjs agree with every unit they know', () => {
    const base = { volume: 'ml', mass: 'g', length: 'm', area: 'm2' } as const;
    const inMath: Partial<Record<UnitId, string>> = {
      'cup-us': 'cup',
      'pt-us': 'pint',
      'qt-us': 'quart',
      'gal-us': 'gallon',
      in: 'inch',
      ft: 'foot',
      yd: 'yard',
      lb: 'lb',
      oz: 'oz',
    };
    fc.assert(
      fc.property(fc.constantFrom(...(Object.keys(IN_QTY) as UnitId[])), fc.double({ min: 1e-3, max: 1e4, noNaN: true }), (id, n) => {
        const ours = n * UNITS[id].si;
        const to = base[UNITS[id].dimension];
        expect(Qty(n, IN_QTY[id] ?? '').to(to).scalar / ours).toBeCloseTo(1, 5);
        const name = inMath[id];
        // mathjs rounds its US volumes to four or five figures
        if (name) expect((math.unit(n, name) as MathUnit).toNumber(to) / ours).toBeCloseTo(1, 3);
      }),
      { numRuns: runs(1000) },
    );
  });
});

describe('spoons', () => {
  /** Every count of every spoon, and every mark of one jug: the true least error. */
  function least(wanted: number, kit: readonly Measure[]): number {
    const spoons = kit.filter((m): m is Extract<Measure, { kind: 'spoon' }> => m.kind === 'spoon');
    const jug = kit.find((m): m is Extract<Measure, { kind: 'jug' }> => m.kind === 'jug');
    const fills = [0, ...(jug ? Array.from({ length: Math.floor(jug.capacityMl / jug.stepMl + 1e-9) }, (_, i) => (i + 1) * jug.stepMl) : [])];
    let best = Infinity;
    const walk = (i: number, sum: number, left: number) => {
      const spoon = spoons[i];
      if (!spoon) {
        for (const f of fills) if (sum + f > 0 && (f === 0 || left > 0)) best = Math.min(best, Math.abs(sum + f - wanted));
        return;
      }
      for (let n = 0; n <= left; n++) walk(i + 1, sum + n * spoon.capacityMl, left - n);
    };
    walk(0, 0, MOST_SCOOPS);
    return best / wanted;
  }
  test('the error is the true minimum, also with a syringe', () => {
    const kits = [
      STARTER_KITS.metric,
      STARTER_KITS.us,
      STARTER_KITS.australian,
      [...STARTER_KITS.imperial, { kind: 'jug', id: 's', name: 'syringe', capacityMl: 10, stepMl: 0.5 } as Measure],
    ];
    fc.assert(
      fc.property(fc.constantFrom(...kits), fc.double({ min: 1, max: 150, noNaN: true }), (kit, wanted) => {
        const out = measureOut(millilitres(wanted), kit);
        fc.pre(out.ok);
        if (out.ok) expect(Math.abs(out.value.error)).toBeCloseTo(least(wanted, kit), 9);
      }),
      { numRuns: runs(150) },
    );
  });
  test('what the spoons can not do has a way, within 5 % and under the ceiling', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.2, max: 4, noNaN: true }), fc.double({ min: 500, max: 5000, noNaN: true }), (wanted, water) => {
        const rate = (wanted / water) * 1000;
        const kit = STARTER_KITS.metric;
        const r = {
          wantedMl: wanted,
          ceilingMl: wanted * 1.2,
          wantedG: null,
          kit,
          units: 'metric',
          batch: { fit: { unit: 'ml', rate, most: rate * 1.2, least: rate, density: undefined, kit }, waterMl: water, capacityMl: 10_000 },
          waterMl: water,
          liquid: true,
          thins: true,
        } as const;
        const usual = measureOut(millilitres(wanted), r.kit, millilitres(r.ceilingMl));
        const ways = waysToMeasure(r);
        if (usual.ok && Math.abs(usual.value.error) <= 0.05) expect(ways).toEqual([]);
        else {
          expect(ways.length).toBeGreaterThan(0);
          for (const w of ways) {
            expect(Math.abs(w.error)).toBeLessThanOrEqual(0.05);
            if (w.by === 'stock') expect((w.stir.total / w.toMl) * w.take.total).toBeLessThanOrEqual(r.ceilingMl + 1e-6);
            if (w.by === 'larger-batch') {
              expect(w.waterMl).toBeLessThanOrEqual(r.batch.capacityMl);
              const larger = measureOut(millilitres((rate * w.waterMl) / 1000), kit, millilitres((rate * 1.2 * w.waterMl) / 1000));
              expect(larger.ok && Math.abs(larger.value.error) <= 0.05).toBe(true);
            }
          }
        }
      }),
      { numRuns: runs(300) },
    );
  });
});

const soap = findSheet('potassium-soap');
const line = soap?.lines[0];
if (!soap || !line) throw new Error('catalogue');
const plan = (rate: number, area: number): MixPlan =>
  got(
    planMix({
      sheet: soap,
      line,
      rate,
      area: squareMetres(area),
      water: null,
      sprayer: { name: 'Pump', capacity: millilitres(5000) },
      kit: [{ kind: 'jug', id: 'j', name: 'cylinder', capacityMl: 1000, stepMl: 0.1 }],
    }),
  );

describe('mixes', () => {
  test('scaling the area scales the amount', () => {
    fc.assert(
      fc.property(fc.double({ min: 1, max: 50, noNaN: true }), fc.double({ min: 1, max: 5, noNaN: true }), (area, k) => {
        expect(plan(15, area * k).product).toBeCloseTo(plan(15, area).product * k, 6);
      }),
      { numRuns: 100 },
    );
  });

  test('no slip and no remedy ends above the label', () => {
    fc.assert(
      fc.property(
        fc.double({ min: line.rate.min, max: line.rate.max, noNaN: true }),
        fc.double({ min: 1, max: 60, noNaN: true }),
        fc.double({ min: 0, max: 2, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (rate, area, a, b) => {
          const p = plan(rate, area);
          const load = p.loads[0];
          if (!load) return;
          const capacity = millilitres(5000);
          const short = correctShort(load, load.product * a, p);
          if (short.ok) {
            // said to three figures, and never more than is missing, within the millionth that counts as equal
            const whole = load.product * a + short.value.addProduct;
            expect(whole).toBeLessThanOrEqual(load.product * (1 + 1e-6));
            expect(whole).toBeGreaterThan(load.product - (load.product - load.product * a) * 0.011);
          }
          const over = correctOverfill(load, millilitres(load.water * (1 + a)), capacity, p);
          if (over.ok) {
            expect(over.value.rate).toBeLessThanOrEqual(line.rate.max + 1e-6);
            expect(over.value.rate).toBeGreaterThanOrEqual(line.rate.min - 1e-6);
            expect(((load.product + over.value.addProduct) / over.value.total) * 1000).toBeCloseTo(over.value.rate, 6);
          }
          const most = load.product * (0.5 + a);
          const lost = correctLostCount(load, most * b, most, capacity, p);
          if (lost.ok) {
            expect((most / lost.value.total) * 1000).toBeLessThanOrEqual(line.rate.max + 1e-6);
            expect(((most * b) / lost.value.total) * 1000).toBeGreaterThanOrEqual(line.rate.min - 1e-6);
            expect(lost.value.total).toBeLessThanOrEqual(capacity + 1e-6);
          }
        },
      ),
      { numRuns: runs(500) },
    );
  });

  test('slips are answered in words: less, more water, and a count that is too wide', () => {
    const p = plan(15, 10);
    const load = p.loads[0];
    if (!load) throw new Error('no load');
    expect(got(correctShort(load, 40, p)).sentence).toMatch(/^Add 20 ml more/);
    expect(correctShort(load, 70, p).ok).toBe(false);
    expect(got(correctOverfill(load, millilitres(4500), millilitres(5000), p)).sentence).toMatch(/still within the label/);
    const wide = correctLostCount(load, 10, 120, millilitres(5000), p);
    expect(wide.ok ? '' : wide.reasons[0]?.code).toBe('start-again');
  });

  test('another strength carries as much of the active, and there and back is the same', () => {
    const product = fc
      .record({ percent: fc.double({ min: 0.5, max: 100, noNaN: true }) })
      .map(({ percent }): Product => ({ state: 'dry', strength: { by: 'weight', percent }, gPerMl: null }));
    fc.assert(
      fc.property(product, product, fc.double({ min: 0.01, max: 1000, noNaN: true }), (a, b, n) => {
        expect(got(rescale(got(rescale(n, a, b)).amount, b, a)).amount).toBeCloseTo(n, 6);
      }),
    );
  });

  test('packs cover the need, and no cheaper choice does', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 3000 }),
        fc.array(fc.record({ size: fc.integer({ min: 50, max: 2000 }), price: fc.integer({ min: 1, max: 60 }) }), { minLength: 1, maxLength: 3 }),
        (need, packs) => {
          const out = buyList({ unit: 'ml', needs: [{ what: 'beans', amount: need }], have: 0, packs });
          fc.pre(out.ok);
          if (!out.ok) return;
          const size = out.value.take.reduce((s, t) => s + t.count * t.pack.size, 0);
          expect(size).toBeGreaterThanOrEqual(need);
          // whatever single kind of pack is bought instead costs as much or more
          for (const p of packs) expect(Math.ceil(need / p.size) * p.price).toBeGreaterThanOrEqual((out.value.cost ?? 0) - 1e-9);
        },
      ),
      { numRuns: runs(200) },
    );
    expect(got(buyList({ unit: 'g', needs: [{ what: 'pear', amount: 30 }], have: 100, packs: [] })).take).toEqual([]);
  });
});

describe('Bordeaux and soap', () => {
  test('Bordeaux scales with the volume, whatever salt and lime are in the hand', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 20, noNaN: true }),
        fc.double({ min: 0.3, max: 2, noNaN: true }),
        fc.double({ min: 500, max: 50_000, noNaN: true }),
        fc.constantFrom('pentahydrate', 'monohydrate', 'anhydrous' as const),
        fc.constantFrom('hydrated', 'burnt' as const),
        (lb, ratio, ml, salt, lime) => {
          const f = { copper: lb, lime: lb * ratio, water: 100 };
          const one = got(bordeauxFor(f, millilitres(ml), salt, lime));
          const two = got(bordeauxFor(f, millilitres(ml * 2), salt, lime));
          expect(two.copper).toBeCloseTo(one.copper * 2, 6);
          expect(two.lime).toBeCloseTo(one.lime * 2, 6);
          // the same copper, whatever salt brings it
          expect(one.metal).toBeCloseTo(got(bordeauxFor(f, millilitres(ml), 'pentahydrate', 'hydrated')).metal, 9);
        },
      ),
    );
  });

  const oils = fc.array(fc.record({ oilId: fc.constantFrom(...SOAP_OILS.map((o) => o.id)), g: fc.integer({ min: 50, max: 3000 }) }), {
    minLength: 1,
    maxLength: 4,
  });
  const purity = fc.double({ min: 80, max: 100, noNaN: true });
  const surplus = fc.double({ min: 3, max: 12, noNaN: true });

  test('lye is never in excess, for any blend, purity and scale, even if every oil takes up the least', () => {
    fc.assert(
      fc.property(oils, purity, surplus, fc.constantFrom(0.1, 0.5, 1), (list, pure, over, step) => {
        const r = soapRecipe({ oils: list, lye: 'potassium', purity: pure, surplus: over, scaleStepG: step });
        fc.pre(r.ok);
        if (!r.ok) return;
        expect(r.value.surplusLow).toBeGreaterThanOrEqual(over - 1e-9);
        expect(got(checkSoap(list, r.value.lye, pure, 'potassium')).verdict).not.toBe('lye-left');
        // the scale may be one step off and there is still no lye left
        expect(got(checkSoap(list, r.value.lye + step, pure, 'potassium')).surplusLow).toBeGreaterThan(0);
      }),
      { numRuns: runs(500) },
    );
  });

  test('oil for the lye in the tub leaves none of it over either', () => {
    fc.assert(
      fc.property(fc.integer({ min: 20, max: 1000 }), oils, purity, surplus, (lye, list, pure, over) => {
        const out = oilForLye(lye, list, pure, over);
        fc.pre(out.ok);
        if (out.ok) expect(got(checkSoap(out.value, lye, pure, 'potassium')).surplusLow).toBeGreaterThanOrEqual(over - 1e-6);
      }),
      { numRuns: runs(300) },
    );
  });

  test.each([
    [{ lye: 'sodium' as const }, 'lye'],
    [{ oils: [] }, 'oils'],
    [{ oils: [{ oilId: 'engine', g: 500 }] }, 'oils.0'],
    [{ oils: [{ oilId: 'olive', g: -1 }] }, 'oils.0'],
    [{ purity: 50 }, 'purity'],
    [{ surplus: 0 }, 'surplus'],
    [{ scaleStepG: 50 }, 'scale'],
  ])('soap with %j is refused at %s', (change, field) => {
    const r = soapRecipe({ oils: [{ oilId: 'olive', g: 500 }], lye: 'potassium', purity: 90, surplus: 5, scaleStepG: 1, ...change });
    expect(r.ok ? '' : r.reasons[0]?.field).toBe(field);
  });
});

describe('preparations', () => {
  const usual = (id: string): Values => {
    const p = PREPARATIONS.find((x) => x.id === id);
    return Object.fromEntries(
      (p?.inputs ?? []).map((i) => [i.id, i.kind === 'choice' ? (i.options[0]?.value ?? '') : i.kind === 'day' ? '2026-04-20' : i.usual]),
    );
  };
  const work = (id: string, v: Values) => prepare(PREPARATIONS.find((x) => x.id === id) as (typeof PREPARATIONS)[number], v, 'metric');
  test.each(PREPARATIONS.map((p) => p.id))('%s makes a card with amounts, steps and cautions', (id) => {
    const made = got(work(id, usual(id)));
    for (const a of made.amounts) expect(a.value).toBeGreaterThan(0);
    expect(made.steps.length).toBeGreaterThan(1);
    expect(new Set(made.steps.map((s) => s.id)).size).toBe(made.steps.length);
    expect(made.cautions.length + made.notes.length).toBeGreaterThan(1);
    expect(made.working.length).toBeGreaterThan(0);
  });
  const amount = (id: string, change: Values, name: RegExp) => {
    const made = got(work(id, { ...usual(id), ...change }));
    return made.amounts.find((a) => name.test(a.name));
  };
  // source: common practice
  test('known figures', () => {
    expect(amount('neem-emulsion', { mix: 2000 }, /Neem/)?.value).toBe(10);
    expect(amount('neem-emulsion', { mix: 2000 }, /soap/)?.value).toBe(20);
    expect(amount('neem-leaf-tea', { mix: 16_000 }, /leaf/)?.value).toBe(2000);
    expect(amount('soap-drench', { mix: UNITS['gal-us'].si }, /soap/)?.value).toBeCloseTo(UNITS['floz-us'].si / 2, 9);
    // source: UC IPM Pest Notes 7404: 1,500 for one badly infested rose bush
    const ladybirds = amount('helper-release', { helper: 'ladybird', area: 1 }, /Ladybird/);
    expect([ladybirds?.value, ladybirds?.to]).toEqual([1000, 1500]);
    expect(amount('row-cover', { long: 4, wide: 1.2, high: 0.5, habit: 'sprawling' }, /width/)?.value).toBeCloseTo(2.8, 9);
  });
  test('what harms is refused at its field', () => {
    const refusal = (id: string, change: Values) => {
      const r = work(id, { ...usual(id), ...change });
      return !r.ok ? r.reasons[0]?.field : 'made';
    };
    expect(refusal('ash-dust', { ash: 'bamboo' })).toBe('ash');
    expect(refusal('ash-dust', { ash: 'mustard' })).toBe('ash');
    expect(refusal('sulfur-vaporiser', { joined: 'joined' })).toBe('joined');
    expect(refusal('helper-release', { before: 'broad' })).toBe('before');
    expect(refusal('companion-row', { sown: '2026-02-31' })).toBe('sown');
  });
  test.each(PREPARATIONS.map((p) => p.id))('%s: a US grower reads no metric figure where an amount stands', (id) => {
    const p = PREPARATIONS.find((x) => x.id === id) as (typeof PREPARATIONS)[number];
    const { steps, notes, cautions } = got(prepare(p, usual(id), 'us'));
    const read = [...steps.flatMap((s) => [s.title, ...s.text, s.caution ?? '']), ...notes, ...cautions].join(' ');
    // air in a greenhouse is counted in m³ by the makers of the devices
    expect(read.match(/\d ?(ml|l|kg|m|cm|mm|m²|°C)(?![\w³])/g)).toBeNull();
  });
  test('the vaporiser’s card and its sheet say the same', () => {
    const { steps, amounts, cautions } = got(work('sulfur-vaporiser', usual('sulfur-vaporiser')));
    const { reEntry, maxTempC, protection } = findSheet('sulfur-vapour') as LabelSheet;
    expect(reEntry).toEqual({ kind: 'hours', hours: amounts.find((a) => /airing/.test(a.name))?.value });
    expect(cautions.join(' ')).toContain(`Not over ${maxTempC} °C`);
    expect(protection).toContain('respirator');
    expect(steps[0]?.gate.join(' ')).toMatch(/Respirator/);
    expect(steps[0]?.gate.join(' ')).not.toMatch(/N95|Particle/);
  });
  test('the companion row is sown seven days after the crop', () => {
    const made = got(work('companion-row', usual('companion-row')));
    expect(made.notes[0]).toMatch(/Mon 27 April/);
  });
});
