import fc from 'fast-check';
import { printedRates } from '../../../bench/path/rates';
import { walkRate } from '../../../bench/path/walk';
import {
  FORM_WORDS,
  methodOf,
  proposedWater,
  rateFrom,
  RATE_FORMS,
  readRate,
  sayRate,
  startRate,
  type LabelLine,
  type LabelSheet,
  type RateOf,
} from '../src/label';
import { findSheet } from '../src/label/sheets';
import {
  atLeast,
  atMost,
  instant,
  millilitres,
  parseNumber,
  parseQuantity,
  sayIn,
  squareMetres,
  STARTER_KITS,
  UNITS,
  type Outcome,
  type UnitSystem,
} from '../src/measure';
import { planMix, readPutIn, type MixPlan } from '../src/mix';
import { truthOf, type Deed } from '../src/record';
import { findHost, findTrouble } from '../src/catalogue';
import { drawn, runs } from './runs';

const got = <T>(o: Outcome<T>): T => {
  if (!o.ok) throw new Error(o.reasons[0]?.sentence);
  return o.value;
};
const GAL = UNITS['gal-us'].si / 1000;
const TSP = UNITS['tsp-us'].si;

describe('from the label to the record', () => {
  const rates = printedRates();
  test('over 2,000 printed rates: the default mix is accepted, the spoons stay within the label, the record of exactly that is accepted', () => {
    expect(rates.length).toBeGreaterThan(2000);
    const lost = drawn(rates, 500)
      .map(walkRate)
      .filter((w) => !w.recorded);
    expect(lost.map((w) => `${w.text}: ${w.why}`)).toEqual([]);
  });
});

describe('rates as they are printed', () => {
  const POWDER: RateOf = { state: 'dry', product: { state: 'dry', strength: { by: 'weight', percent: 50 }, gPerMl: null } };
  const LIQUID: RateOf = { state: 'liquid', product: { state: 'liquid', strength: { by: 'volume', gPerL: 480 }, gPerMl: null } };
  // source: NIST Handbook 44, Appendix C, for every unit; ratios and percents common practice
  test.each<[string, UnitSystem, RateOf | null, string, number, number]>([
    ['2 tsp per US gal', 'metric', null, 'per-litre', (2 * TSP) / GAL, (2 * TSP) / GAL],
    ['1½ to 2 tbsp/gal', 'us', null, 'per-litre', (4.5 * TSP) / GAL, (6 * TSP) / GAL],
    ['1-1/2 tsp per gallon of water', 'us', null, 'per-litre', (1.5 * TSP) / GAL, (1.5 * TSP) / GAL],
    ['10-20 ml per litre', 'metric', null, 'per-litre', 10, 20],
    ['10 ml to 20 ml / l', 'metric', null, 'per-litre', 10, 20],
    ['up to 5 ml per litre', 'metric', null, 'per-litre', 0, 5],
    ['1 lb 4 oz per 100 gal', 'us', null, 'per-litre', (1.25 * 453.59237) / (100 * GAL), (1.25 * 453.59237) / (100 * GAL)],
    ['250 g/hl', 'metric', null, 'per-litre', 2.5, 2.5],
    ['100 g per 100 l', 'metric', null, 'per-litre', 1, 1],
    ['1:200', 'us', null, 'per-litre', 1000 / 201, 1000 / 201],
    ['1 part to 50', 'us', null, 'per-litre', 1000 / 51, 1000 / 51],
    ['0.5 to 1 %', 'us', null, 'per-litre', 5, 10],
    ['16 fl oz makes 48 gal', 'us', null, 'per-litre', (16 * UNITS['floz-us'].si) / (48 * GAL), (16 * UNITS['floz-us'].si) / (48 * GAL)],
    ['dial 2 tbsp', 'us', null, 'per-litre', (6 * TSP) / GAL, (6 * TSP) / GAL],
    ['500 ppm', 'us', POWDER, 'per-litre', 1, 1],
    ['0.1 % active', 'us', LIQUID, 'per-litre', 1 / 0.48, 1 / 0.48],
    ['1 lb a.i./acre', 'us', POWDER, 'per-m2', (2 * 453.59237) / 4046.8564224, (2 * 453.59237) / 4046.8564224],
    ['2 pt/A', 'us', null, 'per-m2', (2 * 473.176473) / 4046.8564224, (2 * 473.176473) / 4046.8564224],
    ['3 fl oz per 1,000 sq ft', 'us', null, 'per-m2', (3 * UNITS['floz-us'].si) / 92.90304, (3 * UNITS['floz-us'].si) / 92.90304],
    ['20 ml per pot', 'metric', null, 'per-plant', 20, 20],
    ['1 tsp to each hole', 'us', null, 'per-plant', TSP, TSP],
    ['2 oz wt per 10 ft of row', 'us', null, 'per-m-row', (2 * 28.349523125) / 3.048, (2 * 28.349523125) / 3.048],
    ['3 g per litre of potting mix', 'metric', null, 'per-litre-soil', 3, 3],
    ['1 oz per inch of trunk diameter', 'us', POWDER, 'per-cm-trunk', 28.349523125 / (2.54 * Math.PI), 28.349523125 / (2.54 * Math.PI)],
    ['6 ml per inch of trunk thickness', 'us', null, 'per-cm-trunk', 6 / (2.54 * Math.PI), 6 / (2.54 * Math.PI)],
    ['3 fl oz per foot of height', 'us', null, 'per-m-height', (3 * UNITS['floz-us'].si) / 0.3048, (3 * UNITS['floz-us'].si) / 0.3048],
  ])('“%s”', (text, system, of, form, min, max) => {
    const r = got(readRate(text, system, of));
    expect(r.form).toBe(form);
    expect(r.min).toBeCloseTo(min, 9);
    expect(r.max).toBeCloseTo(max, 9);
  });

  test.each<[string, string, UnitSystem?]>([
    ['2 oz/gal', 'which-ounce'],
    ['1 oz per inch of trunk', 'which-ounce'],
    ['6 ml per inch of trunk', 'round-or-through'],
    ['6 ml per inch of trunk size', 'round-or-through'],
    ['5 ml per inch', 'which-length'],
    ['5 ml per inch diameter of pot', 'by-pot'],
    ['makes 48 gal', 'makes-what'],
    ['500 ppm', 'no-strength'],
    ['1 capful per gal', 'no-measure'],
    ['2 heaped tbsp per gal', 'level-meant'],
    ['dial 2 tbsp', 'dial', 'metric'],
    ['20 to 10 ml per litre', 'order'],
    ['200:1', 'bad-rate'],
    ['60 %', 'bad-rate'],
  ])('“%s” is asked: %s', (text, code, system = 'us') => {
    const r = readRate(text, system);
    expect(r.ok ? JSON.stringify(r.value) : r.reasons[0]?.code).toBe(code);
  });

  test('more of a weak product than there is room for is refused', () => {
    const weak: RateOf = { state: 'liquid', product: { state: 'liquid', strength: { by: 'volume', gPerL: 10 }, gPerMl: null } };
    expect(readRate('2 % active', 'us', weak).ok).toBe(false);
  });

  test('the exact words of every form are read back', () => {
    for (const form of RATE_FORMS) {
      expect(got(readRate(`10 to 20 ml ${FORM_WORDS[form]}`, 'metric'))).toMatchObject({ form, min: 10, max: 20 });
    }
  });

  test('a bare number beside the label is in the label’s own unit', () => {
    const r = got(readRate('1½ to 2 tbsp/gal', 'us'));
    expect(r.one?.words).toBe('tbsp/gal');
    expect((r.one?.si ?? 0) * 2).toBeCloseTo(r.max, 12);
  });

  test('what was printed is what is said, and a mix begins within it', () => {
    const rate = got(rateFrom('1½ to 2 tbsp/gal', 'us', null));
    expect(sayRate(rate)).toBe('1½ to 2 tbsp/gal');
    expect(startRate(rate)).toBeCloseTo((rate.min + rate.max) / 2, 12);
    expect(startRate(got(rateFrom('up to 5 ml per litre', 'us', null)))).toBe(5);
  });
});

describe('numbers and amounts as they are typed', () => {
  test.each<[string, UnitSystem | undefined, number | string]>([
    ['1,000', 'us', 1000],
    ['1,000', 'metric', 'ambiguous'],
    ['1.000', 'metric', 'ambiguous'],
    ['1.000', 'us', 'ambiguous'],
    ['2.125', 'metric', 2.125],
    ['0.500', 'metric', 0.5],
    ['1-1/2', undefined, 1.5],
  ])('“%s” (%s)', (text, system, expected) => {
    const r = parseNumber(text, '', system);
    expect(r.ok ? r.value : r.reasons[0]?.code).toBe(expected);
  });
  test.each<[string, UnitSystem, number]>([
    ['1,000 sq ft', 'us', 92.90304],
    ['12 sqft', 'us', 12 * 0.09290304],
    ['2 sq yd', 'us', 2 * 0.83612736],
    ['1 cup', 'metric', 250],
    ['1 cup', 'imperial', 284.130625],
  ])('“%s” (%s)', (text, system, si) => expect(got(parseQuantity(text, system, ['volume', 'area'])).si).toBeCloseTo(si, 9));
});

describe('amounts in the words of people who use gallons and pounds', () => {
  test.each<[number, 'volume' | 'mass' | 'length', UnitSystem, string]>([
    [33 * UNITS['floz-us'].si, 'volume', 'us', '1 qt 1 fl oz'],
    [3 * UNITS['pt-us'].si, 'volume', 'us', '3 pt'],
    [2.5 * TSP, 'volume', 'us', '2½ tsp'],
    [1.5 * UNITS['gal-us'].si, 'volume', 'us', '1½ US gal'],
    [35 * UNITS.oz.si, 'mass', 'us', '2 lb 3 oz'],
    [0.75, 'mass', 'us', '0.75 g'],
    [3.3528, 'length', 'us', '11 ft'],
    [5.5 * UNITS.ft.si, 'length', 'us', '5½ ft'],
    [3.3528, 'length', 'metric', '3.35 m'],
  ])('%d of %s (%s)', (si, dimension, system, words) => expect(sayIn(si, dimension, system)).toBe(words));
});

const captan = findSheet('captan-50-wp') as LabelSheet;
const ownWith = (text: string, change: Partial<LabelLine> = {}, system: UnitSystem = 'us'): { sheet: LabelSheet; line: LabelLine } => {
  const base = findSheet('malathion-50-ec') as LabelSheet;
  const line = { ...(base.lines[0] as LabelLine), rate: got(rateFrom(text, system, null)), ...change };
  return { sheet: { ...base, specimen: false, id: 'own-1', lines: [line] }, line };
};
const planOf = (text: string, change: Partial<LabelLine> = {}, more: object = {}): MixPlan => {
  const { sheet, line } = ownWith(text, change);
  return got(
    planMix({
      sheet,
      line,
      rate: startRate(line.rate),
      area: squareMetres(4),
      water: null,
      sprayer: { name: 's', capacity: millilitres(7570.823568) },
      kit: STARTER_KITS.us,
      units: 'us',
      ...more,
    }),
  );
};

describe('the mix follows the spoons', () => {
  test('whatever single rate and area: what is measured makes the label’s rate', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 16 }), fc.double({ min: 0.5, max: 60, noNaN: true }), (quarters, area) => {
        const p = planOf(`${quarters}/4 tsp per gal`, { waterMlPerM2: 100 }, { area: squareMetres(area) });
        for (const l of p.loads) {
          expect(atMost(l.rateMade, p.line.rate.max)).toBe(true);
          expect(l.rateMade).toBeGreaterThan(p.line.rate.min * 0.979);
          expect(l.water).toBeLessThanOrEqual(7570.823568 * (1 + 1e-9));
        }
      }),
      { numRuns: runs(200) },
    );
  });
  test('a drench whose label names no water gets a proposal, and is never poured neat', () => {
    const p = planOf('¼ fl oz per inch round the trunk', { waterMlPerM2: null, coverage: 'drenched' }, { trunkCm: 30, sprayer: null });
    expect(p.water).toBeCloseTo(200 * 30, 9);
    expect(p.warnings.join(' ')).toMatch(/names no water/);
    expect(proposedWater({ ...p.line, waterMlPerM2: 0 }).named).toBe(true);
    const { sheet, line } = ownWith('1 fl oz per inch round the trunk', { waterMlPerM2: 0, coverage: 'drenched' });
    const neat = planMix({ sheet, line, rate: line.rate.max, area: squareMetres(1), trunkCm: 30, water: null, sprayer: null, kit: STARTER_KITS.us });
    expect(neat.ok ? '' : neat.reasons[0]?.code).toBe('bad-water');
  });
  test('slips are typed in spoons; a powder by the spoon counts between its bounds', () => {
    const plan = planOf('2 tsp/gal');
    expect(got(readPutIn('6 tbsp', plan)).usual).toBeCloseTo(18 * TSP, 9);
    const powder = { sheet: captan, unit: 'g', units: 'us' } as const;
    const in2 = got(readPutIn('2 tbsp', powder));
    expect(in2.least).toBeLessThan(in2.usual);
    expect(in2.most).toBeGreaterThan(in2.usual);
    expect(got(readPutIn('0', plan)).most).toBe(0);
  });
  test('how it goes on follows from what it is', () => {
    const of = (id: string) => {
      const s = findSheet(id) as LabelSheet;
      return methodOf(s, s.lines[0] as LabelLine);
    };
    expect([of('carbaryl-dust'), of('imidacloprid-drench'), of('dinotefuran-trunk'), of('iron-phosphate'), of('potassium-soap')]).toEqual([
      'dust-film',
      'soil-drench',
      'trunk-band',
      'scattered',
      'run-off',
    ]);
  });
});

describe('the truth in the record', () => {
  const host = findHost('broad-bean');
  const trouble = findTrouble('black-bean-aphid');
  if (!host || !trouble) throw new Error('catalogue');
  const { sheet, line } = ownWith('2 tsp per gal', { crops: ['vegetables'], pests: ['aphids'], phiDays: 7, intervalDays: 7, maxPerSeason: 2 });
  const DAY = 86_400_000;
  const at = instant(Date.UTC(2026, 4, 24, 18));
  const deed = (change: Partial<Deed> = {}): Deed => ({
    sheet: { ...sheet, forbidden: [] },
    host,
    trouble,
    amount: 2 * TSP,
    waterMl: UNITS['gal-us'].si,
    size: 10,
    madeAt: at,
    finishedAt: at,
    air: { temperatureC: 15, humidityPct: 60, windMs: 2 },
    zone: 'Europe/London',
    planting: { site: 'outdoors', stage: 'growing', edible: true },
    confirmed: true,
    before: [],
    ...change,
  });
  const earlier = (days: number) => ({ at: instant(at - days * DAY), controlId: 'c', sheet, lineId: line.id, amount: 1, areaM2: 10 });

  test('exactly as printed breaks nothing, and the wait runs', () => {
    const t = truthOf(deed());
    expect(t).toMatchObject({ broke: [], pickUnknown: false });
    expect(t.clocks.pickFrom).toBeGreaterThanOrEqual(at + 7 * DAY);
  });
  test.each<[string, Partial<Deed>, RegExp]>([
    ['twice the rate', { amount: 4 * TSP }, /Above the label: .*4 tsp per US gal, the label has 2 tsp per gal/],
    ['half the rate', { amount: TSP }, /Weaker than the label/],
    ['an old mix', { madeAt: instant(at - 30 * 3_600_000 - sheet.mixLifeHours * 3_600_000) }, /The mix was .* h old/],
    ['not compared', { confirmed: false }, /not compared/],
    ['too soon', { before: [earlier(3)] }, /7 days between/],
    ['too often', { before: [earlier(40), earlier(20)] }, /3\. time in twelve months/],
    ['another crop', { host: findHost('apple') ?? host }, /not on this label/],
    ['a windy day', { air: { temperatureC: 15, humidityPct: 60, windMs: 8 } }, /wind/],
    ['a bee-toxic one in flower', { planting: { site: 'outdoors', stage: 'flowering', edible: true } }, /flower/],
  ])('%s is taken, and said', (_what, change, sentence) => expect(truthOf(deed(change)).broke.join(' ')).toMatch(sentence));
  test.each<[string, Partial<Deed>]>([
    ['above the label', { amount: 2.1 * TSP }],
    ['off the label', { host: findHost('apple') ?? host }],
  ])('%s on food: no safe picking date, and the sterner keep-out', (_what, change) => {
    const t = truthOf(deed(change));
    expect(t.pickUnknown).toBe(true);
    expect(t.clocks.pickFrom).toBeNull();
    expect(t.clocks.keepOutUntil).toBeGreaterThanOrEqual(at + 12 * 3_600_000);
  });
  test('the border of the label: a millionth over is as printed, a thousandth is above', () => {
    expect(truthOf(deed({ amount: 2 * TSP * (1 + 5e-7) })).broke).toEqual([]);
    expect(truthOf(deed({ amount: 2 * TSP * 1.001 })).broke.join()).toMatch(/Above/);
    // the roundness of spoons is no weak mix
    expect(truthOf(deed({ amount: 2 * TSP * 0.985 })).broke).toEqual([]);
    expect(truthOf(deed({ amount: 2 * TSP * 0.979 })).broke.join()).toMatch(/Weaker/);
    expect(truthOf(deed({ before: [earlier(7)] })).broke).toEqual([]);
    expect(atLeast(1, 1 + 5e-7)).toBe(true);
  });
});
