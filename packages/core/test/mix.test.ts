import fc from 'fast-check';
import { findHost } from '../src/catalogue';
import { findSheet, SHEETS } from '../src/label/sheets';
import { millilitres, squareMetres, STARTER_KITS, type Measure } from '../src/measure';
import { correctOvershoot, planMix, protectionList, stepsFor, type MixPlan, type MixRequest } from '../src/mix';
import { runs } from './runs';

const beans = findHost('broad-bean');
const soap = findSheet('potassium-soap');
const sulfur = findSheet('wettable-sulfur');
if (!beans || !soap || !sulfur) throw new Error('catalogue');
const soapLine = soap.lines[0];
const sulfurLine = sulfur.lines[0];
if (!soapLine || !sulfurLine) throw new Error('lines');
const SYRINGES: readonly Measure[] = [{ kind: 'jug', id: 'j', name: 'cylinder', capacityMl: 2000, stepMl: 0.1 }];
const five = { name: 'Pump sprayer', capacity: millilitres(5000) };
const request = (change: Partial<MixRequest> = {}): MixRequest => ({
  sheet: soap,
  line: soapLine,
  rate: 15,
  area: squareMetres(20),
  water: null,
  sprayer: five,
  kit: STARTER_KITS.metric,
  ...change,
});
const plan = (change: Partial<MixRequest> = {}): MixPlan => {
  const p = planMix(request(change));
  if (!p.ok) throw new Error(p.reasons[0]?.sentence);
  return p.value;
};

describe('amounts', () => {
  test('20 m² of beans, a 5 l sprayer, soap at 15 ml per litre', () => {
    const p = plan();
    expect(p.water).toBe(8000);
    expect(p.product).toBe(120);
    expect(p.loads.map((l) => [l.water, l.product, l.full])).toEqual([
      [5000, 75, true],
      [3000, 45, false],
    ]);
    expect(p.loads.map((l) => l.measured)).toMatchObject([
      { by: 'volume', out: { error: 0, scoops: [{ count: 5, eachMl: 15 }] } },
      { out: { scoops: [{ count: 3, eachMl: 15 }] } },
    ]);
    expect(p.working.map((w) => w.result)).toEqual(['8 l', '120 ml']);
  });

  test('a splash over a full tank is shared, so that both loads can be measured', () => {
    const p = plan({ area: squareMetres(12.6) });
    expect(p.loads.map((l) => [l.water, l.full])).toEqual([
      [2520, false],
      [2520, false],
    ]);
    expect(p.loads.reduce((sum, l) => sum + l.product, 0)).toBeCloseTo(p.product, 9);
  });

  test('above the label is refused with the label’s line', () => {
    expect(planMix(request({ rate: 21 }))).toMatchObject({
      ok: false,
      reasons: [{ code: 'above-label', field: 'rate', sentence: expect.stringContaining('10 to 20 ml per litre') }],
    });
  });

  test.each([
    ['below the label', { rate: 5 }, 'below-label', 'rate'],
    ['no area', { area: squareMetres(0) }, 'bad-area', 'area'],
    ['a negative area', { area: squareMetres(-3) }, 'bad-area', 'area'],
    ['no number', { rate: Number.NaN }, 'bad-rate', 'rate'],
    ['a sprayer of nothing', { sprayer: { name: 'x', capacity: millilitres(0) } }, 'bad-sprayer', 'sprayer'],
    ['no sprayer', { sprayer: null }, 'no-sprayer', 'sprayer'],
    ['a field', { area: squareMetres(9000) }, 'too-much', 'water'],
    ['no spoons', { kit: [] }, 'no-measures', 'kit'],
  ] as const)('%s', (_what, change, code, field) => {
    expect(planMix(request(change as Partial<MixRequest>))).toMatchObject({ ok: false, reasons: [{ code, field }] });
  });

  test('a label by concentration does not limit a small bed: more mix is made, and a use for the rest is asked for', () => {
    const p = plan({ area: squareMetres(2), water: millilitres(5000) });
    expect(p.loads[0]?.rateMade).toBeCloseTo(15, 9);
    expect(p.warnings.join(' ')).toMatch(/Your plants take about 800 ml of it. Have a use for the rest/);
  });

  // common practice: 1 tablespoon of wettable sulfur per litre is about 7.5 g at 0.5 g a ml
  test('a powder by spoons goes by its density, by scale to the gram', () => {
    const powder = { sheet: sulfur, line: sulfurLine, rate: 7.5, area: squareMetres(10), water: millilitres(1000), sprayer: five };
    const bySpoon = plan(powder).loads[0];
    expect(bySpoon?.measured).toMatchObject({ by: 'volume', density: { gPerMl: 0.5 } });
    // at the label's maximum even a heavy spoonful must stay below it
    if (bySpoon?.measured.by === 'volume') expect(bySpoon.measured.out.total * 0.5 * 1.15).toBeLessThanOrEqual(7.5 + 1e-9);
    const scale: Measure = { kind: 'scale', id: 's', name: 'kitchen scale', resolutionG: 0.5, capacityG: 2000 };
    expect(plan({ ...powder, kit: [scale] }).loads[0]?.measured).toMatchObject({ by: 'scale', reading: 7.5, error: 0 });
  });

  test('a powder without a known density is to be weighed, not guessed', () => {
    const { levelDensity: _none, ...unknown } = sulfur;
    expect(planMix(request({ sheet: unknown, line: sulfurLine, rate: 5, area: squareMetres(10) }))).toMatchObject({
      ok: false,
      // and how to do it all the same
      reasons: [{ code: 'no-density' }, { code: 'way', sentence: expect.stringMatching(/^Weigh 5 g on a scale/) }],
    });
  });

  test('bait goes by area, without water or a sprayer', () => {
    const bait = findSheet('iron-phosphate');
    const line = bait?.lines[0];
    if (!bait || !line) throw new Error('bait');
    const p = plan({ sheet: bait, line, rate: 4, area: squareMetres(5), sprayer: null });
    expect([p.product, p.water, p.loads.length]).toEqual([20, 0, 1]);
  });
});

describe('whatever is asked', () => {
  const any = fc.record({
    // any line of any label: of plants and troubles drawn by chance hardly any pair is on one
    of: fc.constantFrom(...SHEETS.flatMap((sheet) => sheet.lines.map((line) => ({ sheet, line })))),
    share: fc.double({ min: -0.2, max: 1.3, noNaN: true }),
    area: fc.double({ min: 0.05, max: 200, noNaN: true }),
    capacity: fc.integer({ min: 500, max: 15_000 }),
    kit: fc.constantFrom(...Object.values(STARTER_KITS)),
  });
  test('no path ends above a label maximum, and the loads add up', () => {
    let mixed = 0;
    fc.assert(
      fc.property(any, (x) => {
        const { min, max } = x.of.line.rate;
        const p = planMix({
          ...x.of,
          rate: min + (max - min) * x.share,
          area: squareMetres(x.area),
          water: null,
          sprayer: { name: 's', capacity: millilitres(x.capacity) },
          kit: x.kit,
        });
        if (!p.ok) return expect(p.reasons[0]?.sentence).toBeTruthy();
        mixed++;
        for (const l of p.value.loads) {
          expect(l.rateMade).toBeLessThanOrEqual(max * (1 + 1e-9));
          expect(l.water).toBeLessThanOrEqual(x.capacity);
        }
        const sum = p.value.loads.reduce((s, l) => s + l.product, 0);
        expect(Math.abs(sum - p.value.product)).toBeLessThan(p.value.product * 0.01 + 1e-6);
      }),
      { numRuns: runs(600, 150) },
    );
    // a refusal is an answer, but not to most of what is asked
    expect(mixed).toBeGreaterThan(runs(600, 150) / 4);
  });

  test('twice the area is twice the amount', () => {
    fc.assert(
      fc.property(fc.double({ min: 1, max: 100, noNaN: true }), (area) => {
        // as much mix as was asked for; without a wish the mix follows the spoons
        const asked = (m2: number) => plan({ area: squareMetres(m2), water: millilitres(m2 * 400), kit: SYRINGES }).product;
        expect(asked(area * 2)).toBeCloseTo(asked(area) * 2, 6);
      }),
    );
  });
});

describe('step cards', () => {
  const about = { sprayer: 'Pump sprayer', site: 'outdoors', how: [] } as const;
  test('protection first, then the sprayer; water is in before soap, which foams', () => {
    const steps = stepsFor(plan(), about);
    expect(steps[0]).toMatchObject({ id: 'protect', gate: protectionList(soap) });
    expect(steps[1]?.gate).toHaveLength(1);
    const ids = steps.map((s) => s.id);
    expect(ids.indexOf('fill-1')).toBeLessThan(ids.indexOf('measure-1'));
    expect(ids.indexOf('out-1')).toBeLessThan(ids.indexOf('measure-2'));
    expect(ids.slice(-2)).toEqual(['clean', 'store']);
    expect(new Set(ids).size).toBe(ids.length);
  });

  test('a powder is made to a slurry between half and full', () => {
    const ids = stepsFor(plan({ sheet: sulfur, line: sulfurLine, rate: 5 }), about).map((s) => s.id);
    expect(ids.slice(2, 8)).toEqual(['water-1', 'measure-1', 'add-1', 'rinse-1', 'fill-1', 'shake-1']);
  });
});

describe('too much went in', () => {
  const p = plan({ area: squareMetres(10) });
  const load = p.loads[0];
  if (!load) throw new Error('load');
  test('water restores the rate while the tank takes it', () => {
    // 60 ml in 4 l is 15 ml a litre; 70 ml need 4.667 l
    expect(correctOvershoot(load, 70, millilitres(5000), p)).toMatchObject({ ok: true, value: { addWater: expect.closeTo(666.67, 1) } });
  });
  test('a full tank within the label may be sprayed, above it never', () => {
    expect(correctOvershoot(load, 90, millilitres(5000), p)).toMatchObject({
      ok: true,
      value: { total: 5000, sentence: expect.stringContaining('within the label') },
    });
    expect(correctOvershoot(load, 110, millilitres(5000), p)).toMatchObject({
      ok: false,
      reasons: [{ code: 'tank-full', sentence: expect.stringContaining('Do not spray') }],
    });
  });
  test.each([0, -4, Number.NaN, 59])('%d is not an overshoot', (n) => expect(correctOvershoot(load, n, millilitres(5000), p).ok).toBe(false));
});
