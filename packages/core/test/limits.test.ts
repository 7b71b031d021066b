import fc from 'fast-check';
import { levelDensityOf, rateFrom, teaspoonMl, weighedG, type LabelSheet, type RateForm } from '../src/label';
import { looserThan } from '../src/label/files';
import { findSheet } from '../src/label/sheets';
import {
  MEASURE_BOUNDS,
  measureSchema,
  metricBeside,
  millilitres,
  parseQuantity,
  readMeasure,
  sayBoth,
  sayIn,
  sayRange,
  sayScoop,
  squareMetres,
  STARTER_KITS,
  type UnitSystem,
} from '../src/measure';
import { checkRecipe, planMix, sayMadeRate, sayRangeIn, type MixRequest } from '../src/mix';
import { checkBordeaux, checkSoap, oilForLye, PURITY, sayFormula, STOCK_G_PER_L, SURPLUS, type BordeauxPart } from '../src/mix/bench';

const soap = findSheet('potassium-soap') as LabelSheet;
const malathion = findSheet('malathion-50-ec') as LabelSheet;
const got = <T>(out: { ok: true; value: T } | { ok: false; reasons: readonly { sentence: string }[] }): T => {
  if (!out.ok) throw new Error(out.reasons[0]?.sentence);
  return out.value;
};

describe('a size of nothing is asked for where it belongs', () => {
  const ask: readonly [RateForm, Partial<MixRequest>, string][] = [
    ['per-plant', { count: 0 }, 'bad-count'],
    ['per-m-row', { count: 0 }, 'bad-row'],
    ['per-litre-soil', { count: 0 }, 'bad-soil'],
    ['per-cm-trunk', { trunkCm: 0 }, 'bad-trunk'],
    ['per-m-height', { heightM: 0 }, 'bad-height'],
  ];
  test.each(ask)('%s', (form, size, code) => {
    const line = { ...(soap.lines[0] as LabelSheet['lines'][0]), rate: { form, unit: 'ml' as const, min: 1, max: 2 } };
    const request: MixRequest = { sheet: soap, line, rate: 2, area: squareMetres(4), water: null, sprayer: null, kit: STARTER_KITS.metric, ...size };
    expect(planMix(request)).toMatchObject({ ok: false, reasons: [{ code, field: expect.any(String), sentence: expect.stringMatching(/say|measure/) }] });
  });
});

describe('the ends of what is allowed are allowed', () => {
  const olive = [{ oilId: 'olive', g: 1000 }];
  test.each([SURPLUS.min, SURPLUS.max])('%d %% of oil over', (surplus) => expect(oilForLye(200, olive, 90, surplus).ok).toBe(true));
  test.each([SURPLUS.min - 0.01, SURPLUS.max + 0.01, Number.NaN])('not %d %%', (surplus) =>
    expect(oilForLye(200, olive, 90, surplus)).toMatchObject({ ok: false, reasons: [{ field: 'surplus' }] }),
  );
  test.each([PURITY.min, PURITY.max])('lye of %d %%', (purity) => expect(checkSoap(olive, 150, purity, 'potassium').ok).toBe(true));
  test.each([PURITY.min - 0.1, PURITY.max + 0.1, Number.NaN])('not of %d %%', (purity) => {
    expect(checkSoap(olive, 150, purity, 'potassium')).toMatchObject({ ok: false, reasons: [{ field: 'purity' }] });
    expect(oilForLye(200, olive, purity, 5)).toMatchObject({ ok: false, reasons: [{ field: 'purity' }] });
  });

  test('the oil that is said to put a soap right does, and a spoon less would not', () => {
    fc.assert(
      fc.property(fc.integer({ min: 200, max: 3000 }), fc.integer({ min: 60, max: 900 }), fc.constantFrom(80, 90, 100), (g, lye, purity) => {
        const before = got(checkSoap([{ oilId: 'olive', g }], lye, purity, 'potassium'));
        fc.pre(before.verdict === 'lye-left' || before.verdict === 'close');
        const more = Number(/(\d+) g more/.exec(before.sentence)?.[1]);
        const after = (extra: number) => got(checkSoap([{ oilId: 'olive', g: g + extra }], lye, purity, 'potassium')).surplusLow;
        expect(after(more)).toBeGreaterThanOrEqual(SURPLUS.usual - 1e-6);
        expect(after(more - 2)).toBeLessThan(SURPLUS.usual);
      }),
    );
  });
});

describe('an own sheet beside a specimen of several lines', () => {
  const line = malathion.lines[0] as LabelSheet['lines'][0];
  // one line for two crops, seven days apart; another, stricter, for a third
  const specimen: LabelSheet = {
    ...malathion,
    lines: [
      { ...line, crops: ['tomato', 'pepper'], intervalDays: 7, maxPerSeason: 4, rate: { ...line.rate, max: 2 } },
      { ...line, crops: ['cabbage'], intervalDays: 14, maxPerSeason: 2, rate: { ...line.rate, max: 1 } },
    ],
  };
  const own = (change: Partial<typeof line>): LabelSheet => ({ ...specimen, id: 'own-x', specimen: false, lines: [{ ...line, ...change }] });
  const like = { intervalDays: 7, maxPerSeason: 4, rate: { ...line.rate, max: 2 } };
  test('is judged by the line of its own crop, of which one is enough', () => {
    expect(looserThan(own({ ...like, crops: ['tomato'] }), specimen)).toEqual([]);
    expect(looserThan(own({ ...like, crops: ['cabbage'] }), specimen).join(' ')).toMatch(
      /up to 2 .*has 1 .*7 days between, the specimen has 14.*4 times a year/,
    );
  });
  test('with a crop that no line carries, the strictest counts', () => {
    expect(looserThan(own({ ...like, crops: ['maize'] }), specimen)).toHaveLength(3);
    expect(looserThan(own({ ...like, crops: ['maize'], intervalDays: 14, maxPerSeason: 2, rate: { ...line.rate, max: 1 } }), specimen)).toEqual([]);
  });
});

describe('amounts beside each other', () => {
  test('who measures in litres never sees an ounce; who measures in gallons sees both', () => {
    for (const system of ['metric', 'australian'] as const) {
      expect(metricBeside(7570.82, 'volume', system)).toBeNull();
      expect(sayBoth(7570.82, 'volume', system)).toBe('7.57 l');
    }
    expect(sayBoth(7570.82, 'volume', 'us')).toBe('2 US gal (7.57 l)');
    expect(sayBoth(9.5, 'mass', 'us')).toBe('9.5 g');
  });

  // source: NIST Handbook 44, Appendix C: 3.785411784 l a gallon, 28.349523125 g an ounce
  test.each([
    [3, 5, 'mass', 'metric', '3 to 5 g'],
    [800, 1200, 'volume', 'metric', '800 ml to 1.2 l'],
    [3 * 3.785411784, 5 * 3.785411784, 'mass', 'us', '11.4 to 18.9 g'],
    [28.349523125, 56.69904625, 'mass', 'us', '1 to 2 oz'],
    [4.92892159375, 29.5735295625, 'volume', 'us', '1 to 6 tsp'],
    [22.180147171875, 29.5735295625, 'volume', 'us', '1½ to 2 tbsp'],
    [453.59237, 907.18474, 'mass', 'imperial', '1 to 2 lb'],
  ] as const)('%d to %d %s in %s is %s', (min, max, dimension, system, words) => expect(sayRange(min, max, dimension, system)).toBe(words));

  test('a range is said in the words its ends are said in, and never shows an end as nothing', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.3, max: 5000, noNaN: true }),
        fc.double({ min: 1.01, max: 6, noNaN: true }),
        fc.constantFrom('volume' as const, 'mass' as const),
        fc.constantFrom('us' as const, 'imperial' as const, 'metric' as const),
        (min, times, dimension, system) => {
          const words = sayRange(min, min * times, dimension, system);
          const unit = sayIn(min, dimension, system).replace(/^.* (?=[a-z]+( [a-z]+)?$)/i, '');
          // one amount of whole pints is said in pints, a range stays in quarts
          expect(words).toMatch(unit === 'pt' ? /pt|qt/ : unit);
          expect(words).not.toMatch(/(^| )0( |$)|\d\.\d{4}|NaN/);
        },
      ),
    );
  });

  test('a printed rate is said in a reader’s own measures, open ends as they are', () => {
    const rate = (text: string) => got(rateFrom(text, 'us', null));
    expect(sayRangeIn(rate('3 to 5 g per litre'), 'us')).toBe('11.4 to 18.9 g per US gal');
    expect(sayRangeIn(rate('up to 5 g per litre'), 'imperial')).toMatch(/^up to .* per imp gal$/);
    expect(sayRangeIn(rate('2 tsp per US gal'), 'metric')).toBe('2.6 ml per litre');
  });
});

describe('what ten level spoons weigh', () => {
  test('25 g of ten 5 ml spoons is half a gram a ml, as sure as the levelling and the scale', () => {
    expect(got(levelDensityOf(25, 5))).toMatchObject({ gPerMl: 0.5, spread: 0.05 + 0.5 / 25 });
  });
  test.each([0, -3, 1, 2000, Number.NaN])('%d g is a slip', (g) =>
    expect(levelDensityOf(g, 5)).toMatchObject({ ok: false, reasons: [{ code: 'bad-weight', field: 'spoonsG' }] }),
  );
  test('what was typed comes back; a specimen’s figure is not the grower’s own', () => {
    for (const system of ['us', 'metric'] as const) expect(weighedG(got(levelDensityOf(31, teaspoonMl(system))), teaspoonMl(system))).toBeCloseTo(31, 9);
    expect(weighedG(findSheet('wettable-sulfur')?.levelDensity, 5)).toBeNull();
    expect(weighedG(undefined, 5)).toBeNull();
  });
  // a powder that the label gives by weight can then be measured by the spoon, and the heaviest it can be stays within the label
  test('a powder by weight goes by the spoon once it was weighed, and not before', () => {
    const sulfur = findSheet('wettable-sulfur') as LabelSheet;
    const line = sulfur.lines[0] as LabelSheet['lines'][0];
    const spoons = STARTER_KITS.us.filter((m) => m.kind === 'spoon');
    const { levelDensity: _, ...rest } = sulfur;
    const request = (sheet: LabelSheet): MixRequest => ({
      sheet,
      line,
      rate: line.rate.min,
      area: squareMetres(20),
      water: null,
      sprayer: { name: 'Can', capacity: 8000 as never },
      kit: spoons,
    });
    const before = planMix(request(rest));
    expect(before.ok ? [] : before.reasons.map((r) => r.sentence).join(' ')).toMatch(/ten level teaspoons.*Weigh 8 g/);
    fc.assert(
      fc.property(fc.integer({ min: 12, max: 60 }), (g) => {
        const density = got(levelDensityOf(g, teaspoonMl('us')));
        const plan = planMix(request({ ...rest, levelDensity: density }));
        if (!plan.ok) return expect(plan.reasons[0]?.code).not.toBe('no-density');
        for (const load of plan.value.loads) {
          expect(load.measured.by).toBe('volume');
          expect((load.made * (1 + density.spread)) / (load.water / 1000)).toBeLessThanOrEqual(line.rate.max + 1e-6);
        }
      }),
    );
  });
});

describe('a Bordeaux recipe out of stocks', () => {
  const GALLON = 3785.411784;
  const QUART = GALLON / 4;
  const usual = { as: 'stock', ml: QUART, gPerL: STOCK_G_PER_L } as const;
  const dry = (text: string): BordeauxPart => ({ as: 'dry', amount: got(parseQuantity(text, 'us', ['mass', 'volume'], 'f')) });
  const check = (copper: BordeauxPart, lime: BordeauxPart, gallons: number) =>
    checkBordeaux(copper, lime, (gallons * GALLON) as never, 'pentahydrate', 'hydrated', 'us');
  // source: UC ANR Publication 7481: a quart of each stock of 1 lb a gallon in 2 gallons of water is 10-10-100
  test('a quart of each in two gallons of water is the usual one', () => {
    const out = got(check(usual, usual, 2.5));
    expect([sayFormula(out.formula), out.verdict]).toEqual(['10-10-100', 'usual']);
    expect(out.sentences[0]).toMatch(/1⅝ oz .*1⅝ oz .* in a US gallon|0\.1 lb|1\.6 oz/);
  });
  test('a stock made of burnt lime or of dried salt is counted as what it holds', () => {
    const out = got(checkBordeaux(usual, usual, (2.5 * GALLON) as never, 'anhydrous', 'burnt'));
    expect(sayFormula(out.formula)).toBe('10-10-100');
  });
  test('one may be dry and the other not', () => expect(sayFormula(got(check(dry('4 oz'), usual, 2.5)).formula)).toBe('10-10-100'));
  test('a quart of something dry is asked for, never reckoned with', () => {
    expect(check(dry('1 qt'), dry('1 qt'), 2.5)).toMatchObject({ ok: false, reasons: [{ code: 'stock-meant', field: 'copper' }] });
    expect(check(dry('4 oz'), dry('1 qt'), 2.5)).toMatchObject({ ok: false, reasons: [{ code: 'stock-meant', field: 'lime' }] });
    expect(check(dry('3 1/3 tbsp'), dry('10 tbsp'), 1)).toMatchObject({ ok: true, value: { verdict: 'usual' } });
    expect(got(check(dry('1/2 cup'), dry('1 cup'), 1)).sentences.join(' ')).toMatch(/too-strong|Do not spray it: more than twice.*From a stock/);
  });
  test.each<[string, BordeauxPart, string, string]>([
    ['more stock than mix', { ...usual, ml: 3 * GALLON }, 'bad-volume', 'water'],
    ['a stock of nothing', { ...usual, gPerL: 0 }, 'bad-stock', 'copperStock'],
    ['a stock that no water holds', { ...usual, gPerL: 301 }, 'bad-stock', 'copperStock'],
    ['none of it', { ...usual, ml: 0 }, 'bad-amount', 'copper'],
  ])('%s is refused where it was typed', (_what, copper, code, field) =>
    expect(check(copper, usual, 2.5)).toMatchObject({ ok: false, reasons: [{ code, field }] }),
  );
});

describe('a recipe is answered in the measures of who asks', () => {
  const line = soap.lines[0] as LabelSheet['lines'][0];
  const ask = (product: string, over: string, units: UnitSystem) =>
    got(
      checkRecipe({
        sheet: { ...soap, specimen: false },
        line,
        product: got(parseQuantity(product, units, ['volume'], 'f')),
        over: got(parseQuantity(over, units, ['volume'], 'f')),
        units,
      }),
    );
  test('in gallons and spoons, with the figure that binds beside them', () => {
    const { sentences, verdict } = ask('8 fl oz', '1 US gal', 'us');
    expect(verdict).toBe('above');
    expect(sentences.join(' ')).toMatch(/8 fl oz per US gal/);
    // 20 ml a litre is the most: 75.7 ml a gallon
    expect(sentences.join(' ')).toMatch(/For 1 US gal of mix take at most .* \(75\.7 ml\)/);
  });
  test('in litres, without an ounce', () => expect(ask('240 ml', '4 l', 'metric').sentences.join(' ')).not.toMatch(/oz|gal|tsp/));
});

describe('words on labels and in kitchens', () => {
  test('one is said as one', () => {
    const said = (text: string) => got(parseQuantity(text, 'us', ['volume', 'length', 'mass'], 'f')).understood;
    expect(said('1 cup')).toBe('1 US cup, which is 236.6 ml');
    expect(said('½ pint')).toBe('0.5 US pint, which is 236.6 ml');
    expect(said('1 ft')).toMatch(/^1 foot,/);
    expect(said('3 in')).toMatch(/^3 inches,/);
    expect(said('1 gal 2 pt')).toMatch(/^1 US gallon and 2 US pints,/);
  });
  test('a point before three figures is asked about, whoever types it', () => {
    for (const system of ['metric', 'us', 'imperial', 'australian'] as const)
      expect(parseQuantity('1.000 ml', system, ['volume'], 'f')).toMatchObject({ ok: false, reasons: [{ code: 'ambiguous' }] });
    expect(got(parseQuantity('0.500 l', 'us', ['volume'], 'f')).si).toBe(500);
    expect(got(parseQuantity('2.125 gal', 'us', ['volume'], 'f')).si).toBeCloseTo(8044, 0);
  });
  test('an ounce of a liquid is asked for as what it is', () =>
    expect(parseQuantity('8 oz', 'us', ['volume'], 'f')).toMatchObject({
      ok: false,
      reasons: [{ code: 'which-unit', sentence: expect.stringContaining('fl oz') }],
    }));

  // source: NIST Handbook 44, Appendix C, for the units
  test.each([
    ['not more than 2 tsp/gal', 'per-litre', 0, 2.604167],
    ['no more than 1 tbsp per gallon of water', 'per-litre', 0, 3.90625],
    ['do not exceed 2 fl oz per gal', 'per-litre', 0, 15.625],
    ['1 in 100', 'per-litre', 10, 10],
    ['1 cup per cubic yard', 'per-litre-soil', 0.309446, 0.309446],
    ['1 tbsp per cu ft', 'per-litre-soil', 0.52219, 0.52219],
    ['100 ml per m³', 'per-litre-soil', 0.1, 0.1],
  ] as const)('%s', (text, form, min, max) => {
    const rate = got(rateFrom(text, 'us', { state: 'liquid', product: null }));
    expect(rate.form).toBe(form);
    expect(rate.min).toBeCloseTo(min, 5);
    expect(rate.max).toBeCloseTo(max, 5);
  });
  test.each(['at least 1 tsp/gal', 'minimum 5 ml/l', 'not less than 2 tsp per gallon'])('%s says no most', (text) =>
    expect(rateFrom(text, 'us', null)).toMatchObject({ ok: false, reasons: [{ code: 'no-most', field: 'rate' }] }),
  );
});

describe('spoons as cooks say them', () => {
  const TSP = 4.92892159375;
  test.each([
    [3, '1 tbsp'],
    [4, '4 tsp'],
    [4.5, '1½ tbsp'],
    [5, '5 tsp'],
    [6, '1 fl oz'],
    [7.5, '1¼ fl oz'],
    [2.5, '2½ tsp'],
    [1, '1 tsp'],
    [0.25, '¼ tsp'],
  ])('%d teaspoons', (n, words) =>
    expect([words, words.replace('1 fl oz', '2 tbsp').replace('1¼ fl oz', '2½ tbsp')]).toContain(sayIn(n * TSP, 'volume', 'us')),
  );
});

describe('a measure of one’s own', () => {
  const kinds = ['spoon', 'jug', 'scale'] as const;
  const kept = (kind: (typeof kinds)[number], holds: number, step: number) =>
    measureSchema.safeParse(
      kind === 'spoon'
        ? { kind, id: 'm', name: 'm', capacityMl: holds }
        : kind === 'jug'
          ? { kind, id: 'm', name: 'm', capacityMl: holds, stepMl: step }
          : { kind, id: 'm', name: 'm', capacityG: holds, resolutionG: step },
    ).success;
  test.each(kinds)('%s: what the form takes the house keeps, and no more', (kind) => {
    const unit = kind === 'scale' ? 'g' : 'ml';
    const { holds, step } = MEASURE_BOUNDS[kind];
    for (const [which, bounds] of [['holds', holds] as const, ...(kind === 'spoon' ? [] : [['step', step] as const])])
      for (const bound of bounds)
        for (const size of [bound * 0.99, bound, bound * 1.01]) {
          const typed = readMeasure(kind, which, `${size.toFixed(6)} ${unit}`, 'metric');
          expect([size, typed.ok]).toEqual([size, which === 'holds' ? kept(kind, size, step[0]) : kept(kind, holds[0], size)]);
        }
  });
  test('a quart cup is a cup; a bucket is told what it is', () => {
    expect(got(readMeasure('spoon', 'holds', '1 qt', 'us'))).toBeCloseTo(946.352946, 6);
    expect(readMeasure('spoon', 'holds', '5 gal', 'us')).toMatchObject({
      reasons: [{ code: 'bounds', sentence: expect.stringMatching(/at most 1 US gal 1 qt.*jug with marks/) }],
    });
    expect(readMeasure('jug', 'step', '2 l', 'metric')).toMatchObject({ reasons: [{ sentence: 'Its marks stand apart at most 1 l.' }] });
    expect(readMeasure('scale', 'holds', '0.5 g', 'us')).toMatchObject({ reasons: [{ sentence: 'A scale weighs up to at least 1 g.' }] });
    expect(readMeasure('scale', 'holds', 'a lot', 'us').ok).toBe(false);
  });
});

describe('what stands on the card is what stands on the measure', () => {
  const jug = (stepMl: number) => ({ kind: 'jug' as const, id: 'j', name: 'jug', capacityMl: 1000, stepMl });
  const ounces = (n: number, each: number) => millilitres(n * each);
  test.each([
    [jug(29.5735), ounces(14, 29.5735296), 'jug filled to 14 fl oz'],
    [jug(29.5735 / 4), ounces(3.25, 29.5735296), 'jug filled to 3¼ fl oz'],
    [jug(28.4131), ounces(5, 28.4130625), 'jug filled to 5 fl oz'],
    // marked in ml: 30 ml is near an ounce and is no ounce
    [jug(30), millilitres(420), 'jug filled to 420 ml'],
    [jug(50), millilitres(150), 'jug filled to 150 ml'],
  ])('%#', (measure, eachMl, said) => expect(sayScoop({ measure, count: 1, eachMl })).toBe(said));
  test('one spoon, several spoons', () => {
    const spoon = STARTER_KITS.metric[0] as (typeof STARTER_KITS.metric)[0];
    expect(sayScoop({ measure: spoon, count: 1, eachMl: millilitres(15) })).toBe('1 level tablespoon of 15 ml');
    expect(sayScoop({ measure: spoon, count: 5, eachMl: millilitres(15) })).toBe('5 level tablespoons of 15 ml');
  });
  const single = got(rateFrom('1 fl oz per inch round the trunk', 'us', { state: 'liquid', product: null }));
  test('a label’s one figure is said in its own words, a range in the grower’s', () => {
    expect(sayMadeRate(single.max * 0.997, single, 'us')).toBe('1 fl oz per inch round the trunk');
    expect(sayMadeRate(single.max * 0.99, single, 'us')).not.toBe('1 fl oz per inch round the trunk');
    expect(sayMadeRate(single.max, { ...single, min: single.max / 2 }, 'us')).toBe('2 tbsp per inch round the trunk');
  });
});

describe('the roundness of spoons is no weak mix, and never stretches the most', () => {
  const line = malathion.lines.find((l) => l.rate.form === 'per-litre') as LabelSheet['lines'][0];
  const { min, max } = line.rate;
  const verdict = (rate: number) => {
    const q = (text: string) => got(parseQuantity(text, 'metric', ['volume'], 'f'));
    return got(checkRecipe({ sheet: malathion, line, product: q(`${(rate * 10).toFixed(6)} ml`), over: q('10 l'), units: 'metric' })).verdict;
  };
  test.each([
    [min * 0.979, 'below'],
    [min * 0.981, 'within'],
    [min, 'within'],
    [max, 'within'],
    [max * 1.0001, 'above'],
  ])('%d ml a litre: %s', (rate, said) => expect(verdict(rate)).toBe(said));
});
