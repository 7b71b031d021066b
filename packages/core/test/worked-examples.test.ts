import { metres, millilitres, parseQuantity, squareMetres, UNITS, type Dimension, type Outcome, type UnitSystem } from '../src/measure';
import { readRate } from '../src/label';
import { canopyMix } from '../src/mix';
import {
  activeIn,
  asCrystals,
  bordeauxFor,
  calibrate,
  checkBordeaux,
  checkSoap,
  copperLoad,
  findOil,
  fromStocks,
  heightOf,
  nameFormula,
  oneOf128,
  perLitreFor,
  PLOT_128,
  readFormula,
  readyDays,
  rescale,
  sayFormula,
  soapRecipe,
  STOCK_G_PER_L,
  stockOf,
  trunkBand,
  trunkRound,
  type Product,
} from '../src/mix/bench';

/** The value of an outcome that must be there. */
const got = <T>(o: Outcome<T>): T => {
  if (!o.ok) throw new Error(o.reasons.map((r) => r.sentence).join(' '));
  return o.value;
};
const q = (text: string, wanted: Dimension, system: UnitSystem = 'us') => got(parseQuantity(text, system, [wanted]));
const si = (text: string, system: UnitSystem = 'us') => got(parseQuantity(text, system, ['volume', 'mass', 'length', 'area'])).si;
const GAL = millilitres(UNITS['gal-us'].si);

describe('measures', () => {
  // source: NIST Handbook 44, Appendix C
  test.each([
    ['1 gal', 3785.411784],
    ['1 qt', 946.352946],
    ['1 pt', 473.176473],
    ['1 cup', 236.5882365],
    ['1 fl oz', 29.5735295625],
    ['1 tbsp', 14.78676478125],
    ['1 tsp', 4.92892159375],
    ['1 lb', 453.59237],
    ['1 oz', 28.349523125],
    ['1 in', 0.0254],
    ['1 yd', 0.9144],
    ['1 acre', 4046.8564224],
    ['1000 sq ft', 92.90304],
  ])('a US grower’s %s is %d', (text, value) => expect(si(text)).toBeCloseTo(value, 9));

  // source: Weights and Measures Act 1985 (UK), Schedule 1
  test.each([
    ['1 gal', 4546.09],
    ['1 qt', 1136.5225],
    ['1 pt', 568.26125],
    ['1 fl oz', 28.4130625],
  ])('an imperial %s is %d ml', (text, value) => expect(si(text, 'imperial')).toBeCloseTo(value, 9));

  // source: common practice, the Australian tablespoon
  test('an Australian tablespoon is four teaspoons', () => expect(si('1 tbsp', 'australian')).toBeCloseTo(si('4 tsp', 'australian'), 9));
});

describe('rates', () => {
  // source: common practice: 2 fl oz a gallon is 1 in 64
  test('2 fl oz a gallon is one part in 64', () => expect(got(readRate('2 fl oz/gal', 'us')).max).toBeCloseTo(1000 / 64, 9));
  // source: NIST Handbook 44, Appendix C: 16 tablespoons in a cup, 16 cups in a gallon
  test('1 tbsp a gallon is one part in 256', () => expect(got(readRate('1 tbsp per gallon', 'us')).max).toBeCloseTo(1000 / 256, 9));
  // source: NIST Handbook 44, Appendix C: 8 lb in 100 gal is 3628.739 g in 378.541 l
  test('8 lb per 100 gal', () => expect(got(readRate('8 lb per 100 gal', 'us')).max).toBeCloseTo(9.58611, 4));
  // source: common practice: 1 qt an acre is 0.734 fl oz for 1,000 sq ft
  test('1 qt an acre and 0.7346 fl oz for 1,000 sq ft are one rate', () =>
    expect(got(readRate('1 qt per acre', 'us')).max).toBeCloseTo(got(readRate('0.7346 fl oz per 1,000 sq ft', 'us')).max, 4));
  // source: common practice: diameter = circumference / π
  test('an inch of diameter is π inches round', () =>
    expect(got(readRate('1 fl oz per inch of diameter', 'us')).max * Math.PI).toBeCloseTo(got(readRate('1 fl oz per inch of circumference', 'us')).max, 9));
  test('a rate by the foot of height', () => expect(got(readRate('1 fl oz per foot of height', 'us')).max).toBeCloseTo(29.5735295625 / 0.3048, 9));
  test.each([
    ['15 ml', 'no-per'],
    ['2 fl oz per inch', 'which-length'],
    ['2 fl oz per gal', 'which-unit', 'metric'],
    ['ten ml per litre', 'not-a-number'],
    ['-1 tsp/gal', 'too-small'],
    ['', 'empty'],
  ] as [string, string, UnitSystem?][])('“%s” is asked about: %s', (text, code, system = 'us') => {
    const r = readRate(text, system);
    expect(r.ok ? '' : r.reasons[0]?.code).toBe(code);
  });

  const liquid: Product = { state: 'liquid', strength: { by: 'volume', gPerL: 480 }, gPerMl: null };
  const powder: Product = { state: 'dry', strength: { by: 'weight', percent: 50 }, gPerMl: null };
  // source: common practice: 2 % by volume is 20 ml in a litre, 2.56 fl oz in a US gallon
  test('2 % by volume', () => {
    const perLitre = got(perLitreFor({ as: 'percent-volume', percent: 2 }, liquid)).perLitre;
    expect(perLitre).toBe(20);
    expect((perLitre * GAL) / 1000 / UNITS['floz-us'].si).toBeCloseTo(2.56, 9);
  });
  // source: common practice: 1 ppm is 1 mg in a litre of water
  test('500 ppm of a 50 % powder is 1 g in a litre', () => expect(got(perLitreFor({ as: 'ppm', ppm: 500 }, powder)).perLitre).toBeCloseTo(1, 12));
  test('0.1 % of active from 480 g in a litre is 2.08 ml', () =>
    expect(got(perLitreFor({ as: 'percent-active', percent: 0.1 }, liquid)).perLitre).toBeCloseTo(2.0833, 4));
  test('a bottle of 100 ml that makes 20 l goes in at 5 ml', () =>
    expect(got(perLitreFor({ as: 'makes', amount: 100, makesMl: 20_000 }, liquid)).perLitre).toBe(5));
  // source: common practice: 50 W to 25 W takes twice as much
  test('of half the strength twice as much', () =>
    expect(got(rescale(15, powder, { ...powder, strength: { by: 'weight', percent: 25 } })).amount).toBeCloseTo(30, 12));
  // source: common practice: an EC of 5 lb active in a US gallon holds 599 g in a litre
  test('from 599 g in a litre to 480', () =>
    expect(got(rescale(10, { ...liquid, strength: { by: 'volume', gPerL: 599.13 } }, liquid)).amount).toBeCloseTo(12.482, 3));
  test('a liquid whose strength goes by weight needs its density, and it is asked for', () => {
    const byWeight: Product = { state: 'liquid', strength: { by: 'weight', percent: 57 }, gPerMl: null };
    const r = activeIn(byWeight);
    expect(r.ok ? '' : r.reasons[0]?.code).toBe('no-density');
    expect(got(activeIn({ ...byWeight, gPerMl: 1.05 }))).toBeCloseTo(0.5985, 9);
  });
});

describe('trees', () => {
  test('a drench by circumference and by diameter agrees', () => {
    const perInchRound = got(readRate('0.1 fl oz per inch circumference', 'us'));
    const perInchAcross = got(readRate(`${0.1 * Math.PI} fl oz per inch diameter`, 'us'));
    const round = got(trunkRound({ by: 'across', acrossM: 0.2 }));
    expect(round).toBeCloseTo(0.6283, 4);
    expect(perInchRound.max * round * 100).toBeCloseTo(perInchAcross.max * round * 100, 9);
  });
  test('a string wound three times', () => expect(got(trunkRound({ by: 'string', lengthM: 1.5, turns: 3 }))).toBeCloseTo(0.5, 12));
  // source: common practice: the side of a cylinder
  test('a band of 90 cm round, to 1.5 m, is 1.35 m²', () => expect(got(trunkBand(metres(0.9), 1.5)).area).toBeCloseTo(1.35, 12));
  test('a band of 5 ft is nobody’s limit; above 2.5 m it is licensed work', () => {
    expect(got(trunkBand(metres(0.9), 1.524)).area).toBeCloseTo(1.3716, 9);
    expect(trunkBand(metres(0.9), 2.5).ok).toBe(true);
    expect(trunkBand(metres(0.9), 2.51)).toMatchObject({ ok: false, reasons: [{ code: 'too-high' }] });
  });
  test.each([
    [1, 1],
    [1, 1.2],
    [-0.1, -0.2],
    [Number.NaN, 0],
  ])('a band to %d m from %d m is none', (to, from) => expect(trunkBand(metres(0.9), to, from)).toMatchObject({ ok: false, reasons: [{ code: 'bad-band' }] }));
  // source: common practice: similar triangles
  test('a stick of 1 m with 1.5 m of shadow, a tree with 6 m', () =>
    expect(got(heightOf({ by: 'shadow', stickM: 1, stickShadowM: 1.5, treeShadowM: 6 })).height).toBeCloseTo(4, 12));
  test('three of a person of 1.7 m', () => expect(got(heightOf({ by: 'person', personM: 1.7, personMarks: 2, treeMarks: 6 })).height).toBeCloseTo(5.1, 12));
  // source: trigonometry: tan 45° = 1
  test('at 45° a tree is as tall as it is far, and the eye', () => {
    const h = got(heightOf({ by: 'angle', paces: 10, paceM: 0.8, upDeg: 45, downDeg: null, eyeM: 1.6 }));
    expect(h.height).toBeCloseTo(9.6, 9);
    expect(h.low).toBeLessThan(h.height);
    expect(h.high).toBeGreaterThan(h.height);
  });
  test('up and down on a slope', () =>
    expect(got(heightOf({ by: 'angle', paces: 10, paceM: 1, upDeg: 30, downDeg: 10, eyeM: 1.6 })).height).toBeCloseTo(7.5368, 3));
  // source: tree-row volume, 0.7 US gal for 1,000 cubic feet (from memory)
  test('1,000 cubic feet of canopy take 0.7 gal to run-off', () => {
    const mix = got(canopyMix({ widthM: 3.048, depthM: 3.048, heightM: 3 }, 'run-off')).mix;
    expect((mix / GAL) * (3.048 / 3)).toBeCloseTo(0.7, 9);
  });
});

describe('calibration', () => {
  // source: extension sprayer-calibration guides
  test('the plot is 340.3 square feet', () => expect(PLOT_128 / UNITS.ft2.si).toBeCloseTo(340.3, 1));
  test.each([20, 40, 57.5])('%d fl oz caught are as many gallons an acre', (ounces) =>
    expect(got(oneOf128([60, 62], ounces * UNITS['floz-us'].si)).galPerAcre).toBeCloseTo(ounces, 9),
  );
  // source: common practice: a gallon covers about 1,000 sq ft of low planting
  test('a gallon on 1,000 sq ft is 43.56 gallons an acre', () =>
    expect(got(calibrate({ areaM2: 1000 * UNITS.ft2.si, ml: GAL, seconds: null })).galPerAcre).toBeCloseTo(43.56, 2));
  test('walks that differ by more than a fifth are walked again', () => expect(oneOf128([50, 65], 1000).ok).toBe(false));
});

describe('Bordeaux', () => {
  const usual = got(readFormula('10-10-100'));
  // source: UC ANR Publication 7481
  test('10-10-100 by the gallon: 45.36 g of each', () => {
    const a = got(bordeauxFor(usual, GAL, 'pentahydrate', 'hydrated'));
    expect(a.copper).toBeCloseTo(45.36, 2);
    expect(a.lime).toBeCloseTo(45.36, 2);
  });
  // source: UC ANR Publication 7481: 1 qt of each stock in 2 gal of water
  test('10-10-100 from stocks of 1 lb in a gallon: a quart of each in 2 gallons', () => {
    const s = got(fromStocks(got(bordeauxFor(usual, millilitres(GAL * 2.5), 'pentahydrate', 'hydrated')), 'pentahydrate', 'hydrated'));
    expect(s.copperStock / UNITS['qt-us'].si).toBeCloseTo(1, 9);
    expect(s.limeStock / UNITS['qt-us'].si).toBeCloseTo(1, 9);
    expect(s.water / GAL).toBeCloseTo(2, 9);
  });
  test('a stock of 1 lb in a US gallon holds 119.8 g in a litre', () => {
    expect(STOCK_G_PER_L).toBeCloseTo(119.83, 2);
    expect(stockOf('copper', GAL, 'pentahydrate', 'hydrated')).toBeCloseTo(453.592, 2);
  });
  // source: UC ANR Publication 7481: 3 1/3 tbsp of crystals and 10 tbsp of dry hydrated lime to a gallon
  test('the published spoons make 10-10-100', () => {
    const c = got(
      checkBordeaux({ as: 'dry', amount: q('3 1/3 tbsp', 'volume') }, { as: 'dry', amount: q('10 tbsp', 'volume') }, GAL, 'pentahydrate', 'hydrated'),
    );
    expect(sayFormula(c.formula)).toBe('10-10-100');
    expect(c.verdict).toBe('usual');
  });
  test('a formula of 8.3-8.3-100 is named', () =>
    expect(sayFormula(nameFormula(0.083 * 453.59237, 'pentahydrate', 0.083 * 453.59237, 'hydrated', GAL))).toBe('8.3-8.3-100'));
  test('4-4-50 is 8-8-100', () => expect(sayFormula(got(readFormula('4-4-50')))).toBe('8-8-100'));
  // source: standard atomic weights: CaO × 1.321 = Ca(OH)2
  test('burnt lime: 34.3 g stand for 45.36 g of hydrated', () =>
    expect(got(bordeauxFor(usual, GAL, 'pentahydrate', 'burnt')).lime * 1.3213).toBeCloseTo(45.36, 1));
  // source: standard atomic weights: copper in the crystals 25.45 %
  test('a gallon of 10-10-100 carries 11.54 g of copper', () =>
    expect(got(bordeauxFor(usual, GAL, 'pentahydrate', 'hydrated')).metal).toBeCloseTo(45.36 * 0.2545, 1));
  test('100 g of dried copper sulfate stand for 156 g of crystals', () => expect(asCrystals(100, 'anhydrous')).toBeCloseTo(156.44, 1));
  // source: Regulation (EU) 2018/1981, 28 kg/ha over seven years, 4 kg/ha a year on average
  test('11.54 g of copper on 20 m² is more than a year’s share of 0.4 g, on 30 m² it is not', () => {
    expect(copperLoad(11.54, squareMetres(20)).sentence).toMatch(/more than a year's share/);
    expect(copperLoad(11.54, squareMetres(30)).sentence).not.toMatch(/more than/);
    expect(copperLoad(11.54, squareMetres(30), { year: 0.1, ledger: 0.1 }).sentence).toMatch(/more than a year's share/);
    expect(copperLoad(11.54, squareMetres(9)).over).toBe(true);
  });
  test('too little lime is never sprayed', () => {
    const c = got(checkBordeaux({ as: 'dry', amount: q('100 g', 'mass') }, { as: 'dry', amount: q('20 g', 'mass') }, GAL, 'pentahydrate', 'hydrated'));
    expect(c.verdict).toBe('little-lime');
    expect(readFormula('10-2-100').ok).toBe(false);
  });
});

describe('potassium soap', () => {
  // source: Codex Alimentarius CXS 210-1999 (rapeseed) and CXS 33-1981 (olive), mg KOH a gram; the other ranges from memory of the same tables
  test.each([
    ['rapeseed', 182, 193],
    ['olive', 184, 196],
    ['sunflower', 188, 194],
    ['soya', 189, 195],
    ['coconut', 248, 265],
    ['palm', 190, 209],
    ['maize', 187, 195],
  ])('a kilogram of %s takes %d to %d g of pure lye', (id, low, high) => {
    const oil = findOil(id);
    const r = got(soapRecipe({ oils: [{ oilId: id, g: 1000 }], lye: 'potassium', purity: 100, surplus: 5, scaleStepG: 0.1 }));
    expect([oil?.low, oil?.high]).toEqual([low, high]);
    // no more than 95 % of the least that the oil takes up
    expect(r.lye).toBeLessThanOrEqual(low * 0.95 + 1e-9);
    expect(r.lye).toBeGreaterThan(low * 0.95 - 0.1);
  });
  // source: common practice: flakes of 90 %, water 0.8 of the lye, 40 l to a kilogram
  test('a kilogram of rapeseed oil with flakes of 90 %', () => {
    const r = got(soapRecipe({ oils: [{ oilId: 'rapeseed', g: 1000 }], lye: 'potassium', purity: 90, surplus: 5, scaleStepG: 1 }));
    expect(r.lye).toBe(192);
    expect(r.water).toBeCloseTo(153.6, 9);
    expect(r.yield).toBe(7680);
  });
  test('pure lye by a recipe for flakes of 90 % is found out', () => {
    expect(got(checkSoap([{ oilId: 'rapeseed', g: 1000 }], 192, 90, 'potassium')).verdict).toBe('good');
    expect(got(checkSoap([{ oilId: 'rapeseed', g: 1000 }], 215, 90, 'potassium')).verdict).toBe('lye-left');
  });
  // source: common practice: about 3 days at 30 °C, 7 to 8 at 21 °C
  test('days until it is ready', () => {
    expect(readyDays(30)).toBeCloseTo(3, 9);
    expect(readyDays(21)).toBeCloseTo(7.5, 9);
    expect(readyDays(25)).toBeLessThan(readyDays(22));
  });
});
