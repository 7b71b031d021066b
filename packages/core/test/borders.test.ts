import { checkSheet, looserThan } from '../src/label/files';
import {
  activeIn,
  lineFor,
  methodOf,
  proposedWater,
  rateFrom,
  readRate,
  readWater,
  sharedLine,
  type LabelLine,
  type LabelSheet,
  type Product,
  COPPER_LEDGER_G_M2,
} from '../src/label';
import { findHost, findTrouble } from '../src/catalogue';
import { findSheet } from '../src/label/sheets';
import {
  celsiusOf,
  degreesOf,
  degreeUnit,
  grams,
  inWordsOf,
  millilitres,
  parseQuantity,
  sayDuration,
  sayRain,
  sayTemperature,
  sayWeighed,
  sayWind,
  squareMetres,
  UNITS,
  type Outcome,
} from '../src/measure';
import { canopyMix, sayRateIn } from '../src/mix';
import { checkBordeaux, copperLoad, fromStocks, oilForLye, perLitreFor, rescale, soapRecipe, trunkRound } from '../src/mix/bench';

// Each rule alone, just before, at and just after its border.
const code = (out: Outcome<unknown>): string => (out.ok ? 'ok' : (out.reasons[0]?.code ?? ''));
const field = (out: Outcome<unknown>): string => (out.ok ? 'ok' : (out.reasons[0]?.field ?? ''));
const got = <T>(out: Outcome<T>): T => {
  if (!out.ok) throw new Error(out.reasons[0]?.sentence);
  return out.value;
};
const malathion = findSheet('malathion-50-ec') as LabelSheet;
const line0 = malathion.lines[0] as LabelLine;
const own = (change: Partial<LabelSheet> = {}): LabelSheet => ({ ...malathion, id: 'own-x', specimen: false, basedOn: malathion.id, ...change });
const ownLine = (change: Partial<LabelLine>, more: Partial<LabelSheet> = {}) => own({ lines: [{ ...line0, ...change }], ...more });
const fields = (s: LabelSheet) => checkSheet(s).map((f) => f.field);

describe('a length of time in its two largest parts', () => {
  const MIN = 60_000;
  test.each([
    [-5, '0 min'],
    [0, '0 min'],
    [1, '1 min'],
    [59 * MIN, '59 min'],
    [59 * MIN + 1, '1 h'],
    [60 * MIN, '1 h'],
    [61 * MIN, '1 h 1 min'],
    [1439 * MIN, '23 h 59 min'],
    [1440 * MIN, '1 d'],
    [1500 * MIN, '1 d 1 h'],
    [1440 * MIN + 1, '1 d'],
  ])('%d ms', (ms, said) => expect(sayDuration(ms)).toBe(said));
});

describe('air in the grower’s degrees, miles and inches', () => {
  test('whose they are', () => {
    expect((['us', 'imperial', 'metric', 'australian'] as const).map(degreeUnit)).toEqual(['°F', '°C', '°C', '°C']);
    expect([celsiusOf(32, 'us'), celsiusOf(32, 'imperial'), degreesOf(100, 'us'), degreesOf(100, 'metric')]).toEqual([0, 32, 212, 100]);
    expect([sayTemperature(30, 'us'), sayTemperature(30, 'imperial')]).toEqual(['86 °F', '30 °C']);
    expect([sayWind(10, 'us'), sayWind(10, 'imperial'), sayWind(10, 'metric')]).toEqual(['22 mph', '22 mph', '36 km/h']);
    expect([sayRain(25.4, 'us'), sayRain(25.3, 'us'), sayRain(25.4, 'imperial')]).toEqual(['1 in', '1 in', '25.4 mm']);
    expect([sayRain(12.7, 'us'), sayRain(63.5, 'us'), sayRain(3.3, 'us')]).toEqual(['0.5 in', '2.5 in', '0.13 in']);
  });
  test.each([
    ['10 mm deep', '0.39 in deep'],
    ['10.16 mm deep', '0.5 in deep'],
    ['50 mm deep', '2 in deep'],
    ['50.8 mm deep', '2 in deep'],
    ['60 mm deep', '2.5 in deep'],
    ['26 cm wide', '10 in wide'],
    ['0.1 mm', '0.01 in'],
    ['2 m apart', '6.5 ft apart'],
    ['4 m high', '13 ft high'],
    ['10 to 15 cm', '4 to 6 in'],
    ['5–10 °C', '41–50 °F'],
    ['-5 °C', '23 °F'],
    ['5 m² of bed', '5 m² of bed'],
    ['9 ml', '9 ml'],
  ])('%s', (metric, us) => expect(inWordsOf(metric, 'us')).toBe(us));
  test('where degrees are Celsius and roads in miles', () => expect(inWordsOf('30 °C and 10 km/h', 'imperial')).toBe('30 °C and 6 mph'));
});

describe('what is weighed is shown to the step of the scale', () => {
  test.each([
    [1215, 1, '1215 g'],
    [1215.4, 1, '1215 g'],
    [12.34, 0.1, '12.3 g'],
    [12.34, 0.01, '12.34 g'],
    [12.34, 0.5, '12.3 g'],
    [12.3456, 0.0001, '12.346 g'],
    [50, 10, '50 g'],
  ])('%d g by %d', (g, step, said) => expect(sayWeighed(g, step)).toBe(said));
});

describe('how strong a product is', () => {
  const weight = (percent: number, state: Product['state'] = 'dry', gPerMl: number | null = null): Product => ({
    state,
    strength: { by: 'weight', percent },
    gPerMl,
  });
  const volume = (gPerL: number, state: Product['state'] = 'liquid'): Product => ({ state, strength: { by: 'volume', gPerL }, gPerMl: null });
  test.each<[Product, string]>([
    [weight(0), 'bad-strength'],
    [weight(0.001), 'ok'],
    [weight(100), 'ok'],
    [weight(100.01), 'bad-strength'],
    [weight(50, 'liquid'), 'no-density'],
    [weight(50, 'liquid', 0), 'no-density'],
    [weight(50, 'liquid', 0.9), 'ok'],
    [volume(0), 'bad-strength'],
    [volume(0.1), 'ok'],
    [volume(1500), 'ok'],
    [volume(1500.1), 'bad-strength'],
    [volume(100, 'dry'), 'bad-strength'],
  ])('%j: %s', (p, said) => expect(code(activeIn(p))).toBe(said));
  test('another strength: only more than nothing is turned into it', () => {
    for (const n of [0, -1, Number.NaN, Infinity]) expect(code(rescale(n, weight(50), weight(25)))).toBe('too-small');
    expect(got(rescale(0.001, weight(50), weight(25))).amount).toBeCloseTo(0.002, 12);
    expect(field(rescale(1, weight(0), weight(25)))).toBe('from');
    expect(field(rescale(1, weight(50), weight(0)))).toBe('to');
  });
  const soap = volume(400);
  test.each<[Parameters<typeof perLitreFor>[0], Product, string]>([
    [{ as: 'percent-volume', percent: 0 }, soap, 'bad-rate'],
    [{ as: 'percent-volume', percent: 0.01 }, soap, 'ok'],
    [{ as: 'percent-volume', percent: 50 }, soap, 'ok'],
    [{ as: 'percent-volume', percent: 50.01 }, soap, 'bad-rate'],
    [{ as: 'percent-volume', percent: 2 }, weight(50), 'by-volume'],
    [{ as: 'makes', amount: 0, makesMl: 1000 }, soap, 'bad-rate'],
    [{ as: 'makes', amount: 10, makesMl: 0 }, soap, 'bad-rate'],
    [{ as: 'makes', amount: 500, makesMl: 1000 }, soap, 'ok'],
    [{ as: 'makes', amount: 501, makesMl: 1000 }, soap, 'bad-rate'],
    [{ as: 'ppm', ppm: 0 }, soap, 'bad-rate'],
    [{ as: 'ppm', ppm: 1 }, soap, 'ok'],
    // 20 % active out of 400 g a litre is half of the mix
    [{ as: 'percent-active', percent: 20 }, soap, 'ok'],
    [{ as: 'percent-active', percent: 20.01 }, soap, 'bad-rate'],
    [{ as: 'percent-active', percent: 50 }, weight(100), 'ok'],
    [{ as: 'percent-active', percent: 50.1 }, weight(100), 'bad-rate'],
  ])('%j: %s', (wanted, p, said) => expect(code(perLitreFor(wanted, p))).toBe(said));
});

describe('a printed rate at its borders', () => {
  const read = (text: string, of: Parameters<typeof readRate>[2] = { state: 'liquid', product: null }) => readRate(text, 'us', of);
  test.each([
    ['0:100', 'bad-rate'],
    ['1:0', 'bad-rate'],
    ['0:0', 'bad-rate'],
    ['1:1', 'ok'],
    ['2:1', 'bad-rate'],
    ['1:50 to 1:100', 'ok'],
    ['0 %', 'bad-rate'],
    ['50 %', 'ok'],
    ['50.1 %', 'bad-rate'],
    ['1:50 to 1:100 per plant', 'ok'],
    ['3 to 2 tsp/gal', 'order'],
    ['2 to 3 tsp/gal', 'ok'],
    ['makes 48 gal', 'makes-what'],
    ['16 fl oz makes 48 gal', 'ok'],
    ['2 tsp', 'no-per'],
    ['', 'empty'],
    ['2 oz/gal', 'which-ounce'],
    ['2 oz wt/gal', 'ok'],
    ['2 fl oz per inch', 'which-length'],
    ['2 fl oz per inch of trunk', 'round-or-through'],
    ['2 tsp per 6 inch pots', 'ok'],
    ['500 ppm', 'no-strength'],
    ['1 tsp per inch of pot', 'by-pot'],
  ])('%s', (text, said) => {
    if (text === '1:50 to 1:100 per plant') expect(code(read(text))).not.toBe('ok');
    else expect(code(read(text))).toBe(said);
  });
  test('both ends of a range of shares, the lower one first', () => {
    const r = got(read('1:50 to 1:100'));
    expect([r.min, r.max]).toEqual([expect.closeTo(1000 / 101, 9), expect.closeTo(1000 / 51, 9)]);
    expect(got(read('1 part in 50')).max).toBeCloseTo(20, 9);
    expect(r.unit).toBe('ml');
    expect(got(read('1:50', { state: 'dry', product: null })).unit).toBe('g');
  });
  test('the dial counts by the gallon where nothing else is said, and only where gallons are whose', () => {
    expect(got(read('dial 2 tbsp'))).toMatchObject({
      dial: true,
      form: 'per-litre',
      max: expect.closeTo((2 * UNITS['tbsp-us'].si) / (UNITS['gal-us'].si / 1000), 9),
    });
    expect(code(readRate('dial 20 ml', 'metric', null))).toBe('dial');
    expect(code(readRate('dial 20 ml per litre', 'metric', null))).toBe('ok');
  });
  test('one of the printed unit, so that a bare figure beside it means that', () => {
    const perGal = UNITS['gal-us'].si / 1000;
    expect(got(read('2 tsp/gal')).one).toEqual({ si: expect.closeTo(UNITS['tsp-us'].si / perGal, 9), words: 'tsp/gal' });
    expect(got(read('0.5 %')).one).toEqual({ si: 10, words: '%' });
    expect(got(read('1:50')).one).toBeNull();
    expect(got(read('1 lb 4 oz per 100 gal', { state: 'dry', product: null })).one).toBeNull();
  });
  test('what is understood is said as one figure, a span or up to', () => {
    expect(got(readRate('5 ml per litre', 'metric', null)).understood).toBe('5 ml per litre');
    expect(got(readRate('5 to 10 ml per litre', 'metric', null)).understood).toBe('5 to 10 ml per litre');
    expect(got(readRate('up to 10 ml per litre', 'metric', null)).understood).toBe('up to 10 ml per litre');
    expect(got(readRate('1:99', 'metric', null)).understood).toMatch(/^10 ml per litre \(parts/);
  });
});

describe('water as it is printed', () => {
  test.each<[string, 'us' | 'metric', Parameters<typeof readWater>[2], unknown]>([
    ['', 'us', 'per-litre', { waterMlPerM2: null }],
    ['none', 'us', 'per-litre', { waterMlPerM2: 0 }],
    ['0', 'us', 'per-plant', { waterMlPerM2: 0 }],
    ['Spray to run-off', 'us', 'per-litre', { waterMlPerM2: null }],
    ['until leaves are thoroughly wet on both sides', 'metric', 'per-litre', { waterMlPerM2: null }],
    ['To the point of drip', 'us', 'per-plant', { waterMlPerM2: null }],
    ['use sufficient water for full coverage', 'us', 'per-m2', { waterMlPerM2: null }],
    ['0.4', 'metric', 'per-litre', { waterMlPerM2: 400 }],
    ['500', 'metric', 'per-plant', { waterMlPerM2: 500 }],
    ['300 to 600 l/ha', 'metric', 'per-litre', { waterMlPerM2: 30, waterMostMlPerM2: 60 }],
    ['up to 600 l/ha', 'metric', 'per-m2', { waterMlPerM2: 60 }],
    ['500 ml per plant', 'metric', 'per-plant', { waterMlPerM2: 500 }],
  ])('%s, %s, %s', (text, system, form, water) => expect(got(readWater(text, system, form))).toEqual(water));
  test.each<[string, 'us' | 'metric', Parameters<typeof readWater>[2], string]>([
    ['2', 'us', 'per-litre', 'no-per'],
    ['2 lb per 100 sq ft', 'us', 'per-litre', 'not-water'],
    ['500 ml per plant', 'metric', 'per-litre', 'other-per'],
    ['1 l per m²', 'metric', 'per-plant', 'other-per'],
    ['600 to 300 l/ha', 'metric', 'per-litre', 'order'],
  ])('%s, %s, %s: %s', (text, system, form, said) => expect(code(readWater(text, system, form))).toBe(said));
  test('what is proposed lies in the middle of what is named, and is never said to be the label’s', () => {
    const base = { coverage: 'drenched', rate: { form: 'per-plant', unit: 'ml', min: 1, max: 1 } } as const;
    expect(proposedWater({ ...base, waterMlPerM2: 100, waterMostMlPerM2: 300 })).toEqual({ ml: 200, named: true });
    expect(proposedWater({ ...base, waterMlPerM2: 100 })).toEqual({ ml: 100, named: true });
    expect(proposedWater({ ...base, waterMlPerM2: null })).toEqual({ ml: 500, named: false });
    expect(proposedWater({ ...base, coverage: 'run-off', waterMlPerM2: null })).toEqual({ ml: 400, named: false });
    expect(proposedWater({ ...base, coverage: 'wetted', waterMlPerM2: null })).toEqual({ ml: 100, named: false });
    expect(proposedWater({ ...base, coverage: 'scattered', waterMlPerM2: null })).toEqual({ ml: 0, named: false });
  });
});

describe('a sheet that can not be', () => {
  const [gloves, goggles, sleeves] = ['gloves', 'goggles', 'sleeves'] as const;
  test.each<[string, LabelSheet, string, boolean]>([
    ['danger with three things to wear', own({ signalWord: 'danger', protection: [gloves, goggles, sleeves] }), 'protection', false],
    ['danger with two', own({ signalWord: 'danger', protection: [gloves, goggles] }), 'protection', true],
    ['warning with none', own({ signalWord: 'warning', protection: [] }), 'protection', false],
    ['all of it active', own({ actives: [{ name: 'Malathion', percent: 100, moa: '1B' }] }), 'actives', false],
    ['warm from where it is too warm', own({ minTempC: 25, maxTempC: 25 }), 'minTempC', true],
    ['a degree apart', own({ minTempC: 24, maxTempC: 25 }), 'minTempC', false],
    ['cold only', own({ minTempC: 24, maxTempC: undefined }), 'minTempC', false],
    ['a litre in a litre', ownLine({ rate: { form: 'per-litre', unit: 'ml', min: 1, max: 1000 } }), 'lines.0.rate.max', false],
    ['more than a litre in a litre', ownLine({ rate: { form: 'per-litre', unit: 'ml', min: 1, max: 1000.1 } }), 'lines.0.rate.max', true],
    ['as much on a plant', ownLine({ rate: { form: 'per-plant', unit: 'ml', min: 1, max: 1000.1 } }), 'lines.0.rate.max', false],
    ['upper water as the lower', ownLine({ waterMlPerM2: 50, waterMostMlPerM2: 50 }), 'lines.0.waterMostMlPerM2', false],
    ['upper water under it', ownLine({ waterMlPerM2: 50, waterMostMlPerM2: 49 }), 'lines.0.waterMostMlPerM2', true],
    ['upper water alone', ownLine({ waterMlPerM2: null, waterMostMlPerM2: 49 }), 'lines.0.waterMostMlPerM2', true],
    ['twice, a year apart', ownLine({ maxPerSeason: 2, intervalDays: 365 }), 'lines.0.maxPerSeason', false],
    ['thrice, half a year and a day apart', ownLine({ maxPerSeason: 3, intervalDays: 183 }), 'lines.0.maxPerSeason', true],
    ['no limit, a year apart', ownLine({ maxPerSeason: null, intervalDays: 365 }), 'lines.0.maxPerSeason', false],
    ['only in bloom, and flowering', ownLine({ inBloom: 'only', stages: ['flowering'] }), 'lines.0.stages', false],
    ['only in bloom, and not flowering', ownLine({ inBloom: 'only', stages: ['growing'] }), 'lines.0.stages', true],
    ['never in bloom, growing', ownLine({ inBloom: 'never', stages: ['growing'] }), 'lines.0.stages', false],
    ['by the litre of what is not mixed', own({ into: 'not-mixed' }), 'lines.0.rate.form', true],
    ['by the litre, ready to use', own({ into: 'not-mixed', formulation: 'RTU' }), 'lines.0.rate.form', false],
    ['a specimen for licensed people', { ...malathion, restricted: true }, 'restricted', false],
    ['by weight of a powder', ownLine({ rate: { form: 'per-litre', unit: 'g', min: 1, max: 2 } }, { state: 'dry' }), 'lines.0.rate.unit', false],
    ['printed as it says', ownLine({ rate: got(rateFrom('2 tsp/gal', 'us', { state: 'liquid', product: null })) }), 'lines.0.rate.printed', false],
    ['printed otherwise', ownLine({ rate: { ...got(rateFrom('2 tsp/gal', 'us', { state: 'liquid', product: null })), max: 3 } }), 'lines.0.rate.printed', true],
  ])('%s', (_what, sheet, at, wrong) => expect(fields(sheet).includes(at)).toBe(wrong));
});

describe('looser than the specimen, figure by figure', () => {
  const { max } = line0.rate;
  const looser = (s: LabelSheet) => looserThan(s, malathion).join(' ');
  test('as strict is not looser', () => expect(looser(own())).toBe(''));
  test.each<[string, LabelSheet, RegExp | null]>([
    ['one day less to wait', ownLine({ phiDays: (line0.phiDays ?? 0) - 1 }), /wait before picking/],
    ['a day more', ownLine({ phiDays: (line0.phiDays ?? 0) + 1 }), null],
    ['not on food', ownLine({ phiDays: null }), null],
    ['a day less between', ownLine({ intervalDays: line0.intervalDays - 1 }), /between/],
    ['a day more between', ownLine({ intervalDays: line0.intervalDays + 1 }), null],
    ['once more a year', ownLine({ maxPerSeason: (line0.maxPerSeason ?? 0) + 1 }), /times a year/],
    ['once less', ownLine({ maxPerSeason: (line0.maxPerSeason ?? 2) - 1 }), null],
    ['no limit', ownLine({ maxPerSeason: null }), /no limit a year/],
    ['within rounding', ownLine({ rate: { ...line0.rate, max: max * 1.049 } }), null],
    ['beyond rounding', ownLine({ rate: { ...line0.rate, max: max * 1.051 } }), /up to/],
    ['twice as strong, as much', ownLine({}, { actives: malathion.actives.map((a) => ({ ...a, percent: a.percent * 2 })) }), /at this strength/],
    [
      'half as strong, twice as much',
      ownLine({ rate: { ...line0.rate, max: max * 2 } }, { actives: malathion.actives.map((a) => ({ ...a, percent: a.percent / 2 })) }),
      null,
    ],
    ['another unit is not compared', ownLine({ rate: { ...line0.rate, unit: 'g', max: max * 9 } }), null],
    ['another form neither', ownLine({ rate: { ...line0.rate, form: 'per-plant', max: max * 9 } }), null],
    ['a shorter keep-out', own({ reEntry: { kind: 'hours', hours: 1 } }), /Keep out/],
    ['until dry', own({ reEntry: { kind: 'until-dry' } }), /Keep out until dry/],
    ['a milder word', own({ signalWord: 'none' }), /Signal word/],
    ['a sterner word', own({ signalWord: 'danger' }), null],
    ['bees less', own({ bees: 'wet' }), /bees/],
    ['fish less', own({ fish: false }), /fish/],
    ['a degree more', own({ maxTempC: (malathion.maxTempC ?? 0) + 1 }), /heat/],
    ['no limit of heat', own({ maxTempC: undefined }), /heat/],
    ['a degree less', own({ maxTempC: (malathion.maxTempC ?? 0) - 1 }), null],
    ['an hour less of rain', own({ rainfastHours: malathion.rainfastHours - 1 }), /No rain/],
    ['an hour more', own({ rainfastHours: malathion.rainfastHours + 1 }), null],
    ['no gloves', own({ protection: malathion.protection.filter((p) => p !== 'gloves') }), /Without gloves/],
    ['boots on top', own({ protection: [...new Set([...malathion.protection, 'boots' as const])] }), null],
    ['nothing forbidden', own({ forbidden: [] }), malathion.forbidden.length > 0 ? /Not forbidden/ : null],
    ['no gaps', own({ gaps: [] }), malathion.gaps.length > 0 ? /apart from/ : null],
    ['a crop beside one of its own', ownLine({ crops: [line0.crops[0] ?? '', 'grape'], phiDays: 0 }), /wait before picking/],
  ])('%s', (_what, sheet, said) => (said ? expect(looser(sheet)).toMatch(said) : expect(looser(sheet)).toBe('')));
});

describe('where crops are lumped, the strictest line of the specimen counts', () => {
  const at = (id: string, crops: string[], change: Partial<LabelLine>): LabelLine => ({ ...line0, id, crops, ...change });
  const mild = at('mild', ['beans'], { phiDays: 1, intervalDays: 5, maxPerSeason: 6, inBloom: undefined, rate: { ...line0.rate, max: 4 } });
  const stern = at('stern', ['lettuce'], { phiDays: 14, intervalDays: 30, maxPerSeason: 2, inBloom: 'never', rate: { ...line0.rate, max: 2 } });
  const specimen = { ...malathion, lines: [mild, stern] };
  const looser = (line: LabelLine) => looserThan(own({ lines: [line] }), specimen).length;
  test.each([
    ['each by itself', mild, 0],
    ['and the other', stern, 0],
    ['both, as the mild one', { ...mild, crops: ['beans', 'lettuce'] }, 5],
    ['both, as the stern one', { ...stern, crops: ['beans', 'lettuce'] }, 0],
    ['a crop of neither, as the mild one', { ...mild, crops: ['grape'] }, 5],
    ['a crop of neither, as the stern one', { ...stern, crops: ['grape'] }, 0],
  ])('%s', (_what, line, n) => expect(looser(line)).toBe(n));
});

describe('one mix for several goes by the strictest', () => {
  const of = (min: number, max: number, id = 'a', form: LabelLine['rate']['form'] = 'per-litre') => ({
    line: { ...line0, id, rate: { form, unit: 'ml' as const, min, max } },
    name: id,
  });
  test.each([
    [
      [of(1, 3), of(2, 4, 'b')],
      [2, 3],
    ],
    [
      [of(1, 3), of(1, 3, 'b')],
      [1, 3],
    ],
    [
      [of(1, 3), of(3, 4, 'b')],
      [3, 3],
    ],
    [
      [of(1, 3), of(0, 2, 'b'), of(1.5, 9, 'c')],
      [1.5, 2],
    ],
  ])('%#', (lines, [min, max]) => expect(got(sharedLine(lines)).rate).toMatchObject({ min, max }));
  test('what no one mix serves is said at the field', () => {
    expect(code(sharedLine([]))).toBe('no-planting');
    expect(code(sharedLine([of(1, 3), of(3.1, 4, 'b')]))).toBe('apart');
    expect(code(sharedLine([of(1, 3), of(1, 3, 'b', 'per-plant')]))).toBe('other-form');
    expect(field(sharedLine([of(1, 3), of(4, 5, 'b')]))).toBe('also');
  });
});

describe('how a line goes on', () => {
  const line = (change: Partial<LabelLine>) => ({
    coverage: 'wetted' as const,
    rate: { form: 'per-litre' as const, unit: 'ml' as const, min: 1, max: 1 },
    ...change,
  });
  test.each<[LabelSheet['formulation'], Partial<LabelLine>, string]>([
    ['EC', {}, 'fine-spray'],
    ['EC', { coverage: 'run-off' }, 'run-off'],
    ['EC', { coverage: 'run-off', stages: ['dormant'] }, 'bark'],
    ['EC', { coverage: 'run-off', stages: ['dormant', 'growing'] }, 'run-off'],
    ['EC', { coverage: 'run-off', stages: ['growing'] }, 'run-off'],
    ['EC', { coverage: 'drenched' }, 'soil-drench'],
    ['EC', { coverage: 'scattered' }, 'scattered'],
    ['EC', { rate: { form: 'per-cm-trunk', unit: 'ml', min: 1, max: 1 } }, 'trunk-band'],
    ['EC', { rate: { form: 'per-litre-soil', unit: 'ml', min: 1, max: 1 } }, 'soil-mixed'],
    ['GR', { rate: { form: 'per-litre-soil', unit: 'g', min: 1, max: 1 } }, 'soil-mixed'],
    ['GR', {}, 'scattered'],
    ['GB', {}, 'scattered'],
    ['RB', {}, 'scattered'],
    ['LB', {}, 'stations'],
    ['D', {}, 'dust-film'],
    ['VP', {}, 'vaporised'],
    ['VP', { method: 'stations' }, 'stations'],
  ])('%s %j: %s', (formulation, change, method) => expect(methodOf({ formulation }, line(change))).toBe(method));
});

describe('a label’s line for this plant and this trouble', () => {
  const [bean, rose] = [findHost('broad-bean'), findHost('rose')];
  const aphid = findTrouble('black-bean-aphid');
  if (!bean || !rose || !aphid) throw new Error('catalogue');
  const word = aphid.labelAs[0] ?? '';
  const crop = bean.crops[0] ?? '';
  test('forbidden before all, then the crop, then the pest; the nearer word for the pest first', () => {
    const carried = ownLine({ crops: [crop], pests: [word] }, { forbidden: [] });
    expect(got(lineFor(carried, bean, aphid)).pests).toEqual([word]);
    expect(code(lineFor({ ...carried, forbidden: [{ crop, why: 'It burns.' }] }, bean, aphid))).toBe('crop-forbidden');
    expect(code(lineFor(carried, rose, aphid))).toBe('crop-not-on-label');
    expect(code(lineFor(ownLine({ crops: [crop], pests: ['slugs'] }, { forbidden: [] }), bean, aphid))).toBe('pest-not-on-label');
    const two = own({
      forbidden: [],
      lines: [
        { ...line0, id: 'kind', crops: [crop], pests: [aphid.labelAs.at(-1) ?? ''] },
        { ...line0, id: 'near', crops: [crop], pests: [word] },
      ],
    });
    if (aphid.labelAs.length > 1) expect(got(lineFor(two, bean, aphid)).id).toBe('near');
  });
});

describe('sizes at their borders', () => {
  const box = { widthM: 1, depthM: 1, heightM: 1 };
  test('a trunk', () => {
    expect(got(trunkRound({ by: 'string', lengthM: 3, turns: 1 }))).toBe(3);
    expect(got(trunkRound({ by: 'string', lengthM: 20, turns: 20 }))).toBe(1);
    for (const turns of [0, 21, 1.5]) expect(field(trunkRound({ by: 'string', lengthM: 3, turns }))).toBe('turns');
    expect(code(trunkRound({ by: 'tape', roundM: 20 }))).toBe('ok');
    for (const roundM of [0, -1, 20.01, Infinity, Number.NaN]) expect(field(trunkRound({ by: 'tape', roundM }))).toBe('trunk');
  });
  test('a canopy', () => {
    for (const n of [0, -1, Infinity, Number.NaN])
      for (const f of ['widthM', 'depthM', 'heightM'] as const) expect([f, n, field(canopyMix({ ...box, [f]: n }, 'wetted'))]).toEqual([f, n, f]);
    for (const plants of [0, 1.5, 1001]) expect(field(canopyMix(box, 'wetted', plants))).toBe('plants');
    for (const plants of [1, 1000]) expect(code(canopyMix(box, 'wetted', plants))).toBe('ok');
    expect([3, 3.01].map((heightM) => got(canopyMix({ ...box, heightM }, 'wetted')).caution !== null)).toEqual([false, true]);
    expect([4.5, 4.51].map((heightM) => code(canopyMix({ ...box, heightM }, 'wetted')))).toEqual(['ok', 'too-tall']);
    expect(got(canopyMix(box, 'run-off', 3)).mix).toBeCloseTo(3 * got(canopyMix(box, 'run-off')).mix, 9);
    expect(got(canopyMix(box, 'wetted')).mix).toBeLessThan(got(canopyMix(box, 'run-off')).mix);
  });
  test('a rate by the ground in square feet', () => {
    // 100 sq ft are 9.29 m²
    expect(sayRateIn(10, 'g', 'per-m2', 'us')).toBe('3.28 oz per 100 sq ft');
    expect(sayRateIn(UNITS['floz-us'].si / (100 * UNITS.ft2.si), 'ml', 'per-m2', 'us')).toBe('2 tbsp per 100 sq ft');
    expect(sayRateIn(UNITS['floz-imp'].si / (100 * UNITS.ft2.si), 'ml', 'per-m2', 'imperial')).toBe('1 fl oz per 100 sq ft');
    expect(sayRateIn(2 / (10 * UNITS.ft.si), 'g', 'per-m-row', 'us')).toBe('2 g per 10 ft of row');
  });
});

describe('making, at its borders', () => {
  test('copper exactly at the most of a year is within it', () => {
    const had = (year: number, ledger = year) => ({ year, ledger });
    const at = copperLoad(12.5, squareMetres(10));
    expect([at.over, at.left]).toEqual([false, 0]);
    expect(copperLoad(12.50001, squareMetres(10)).over).toBe(true);
    expect(copperLoad(2, squareMetres(10), had(0.2))).toMatchObject({ over: false, now: 0.2, year: 0.4, room: 1.05 });
    expect(copperLoad(2, squareMetres(10), had(0.2)).sentence).toMatch(/A year's share is 0\.4 g\.$/);
    expect(copperLoad(2.1, squareMetres(10), had(0.2)).sentence).toMatch(/more than a year's share of 0\.4 g/);
    expect(copperLoad(11, squareMetres(10), had(0.25)).sentence).toMatch(/Over 11 m² it would be within/);
    expect(copperLoad(2, squareMetres(10), had(1.245)).sentence).toMatch(/has had all of it/);
    expect(copperLoad(2, squareMetres(10), had(1.23)).sentence).toMatch(/it would be within/);
    // two dormant sprays of Bordeaux 10-10-100 to run-off, and not a third
    // the year has room, the seven years have not
    const old = copperLoad(2, squareMetres(10), had(0, COPPER_LEDGER_G_M2 - 0.1));
    expect([old.over, old.year]).toEqual([true, 0.2]);
    expect(old.sentence).toMatch(/2\.9 g a m² in seven years with this treatment, and 2\.8 g is the most.*Over 20 m² it would be within/);
    expect(
      [copperLoad(0.61, squareMetres(1)), copperLoad(0.61, squareMetres(1), had(0.61)), copperLoad(0.61, squareMetres(1), had(1.22))].map((l) => l.over),
    ).toEqual([false, false, true]);
  });
  test('so much is measured of a stock, not dry', () => {
    const dry = (text: string) => ({ as: 'dry' as const, amount: got(parseQuantity(text, 'metric', ['volume', 'mass'], 'f')) });
    const ask = (copper: string, water: number) => field(checkBordeaux(dry(copper), dry('40 g'), millilitres(water), 'pentahydrate', 'hydrated'));
    expect([ask('900 ml', 50_000), ask('901 ml', 50_000)]).toEqual(['ok', 'copper']);
    expect([ask('80 ml', 1000), ask('81 ml', 1000)]).toEqual(['ok', 'copper']);
    const stock = (gPerL: number, ml = 100) => ({ as: 'stock' as const, ml, gPerL });
    const from = (copper: ReturnType<typeof stock>) => field(checkBordeaux(copper, dry('40 g'), millilitres(4000), 'pentahydrate', 'hydrated'));
    expect([from(stock(0)), from(stock(300)), from(stock(300.1)), from(stock(100, 0))]).toEqual(['copperStock', 'ok', 'copperStock', 'copper']);
  });
  test('stocks leave three tenths of plain water at least, and hold 1 to 300 g in a litre', () => {
    const amounts = { copper: 30, lime: 40, volume: millilitres(1000) } as Parameters<typeof fromStocks>[0];
    // 30 g and 40 g out of 100 g a litre are 300 and 400 ml of a litre
    expect(code(fromStocks(amounts, 'pentahydrate', 'hydrated', 100, 100))).toBe('ok');
    expect(code(fromStocks({ ...amounts, lime: grams(40.1) }, 'pentahydrate', 'hydrated', 100, 100))).toBe('weak-stock');
    const of = (copper: number, lime: number) => field(fromStocks(amounts, 'pentahydrate', 'hydrated', copper, lime));
    expect([of(300, 300), of(300.1, 300), of(300, 300.1), of(0, 300), of(300, 0)]).toEqual(['ok', 'copperStock', 'limeStock', 'copperStock', 'limeStock']);
  });
  test('oil for the lye in the hand is just what that lye takes up, whatever its purity', () => {
    for (const purity of [80, 85, 90, 100])
      for (const lyeG of [50, 137, 400]) {
        const oils = got(
          oilForLye(
            lyeG,
            [
              { oilId: 'olive', g: 700 },
              { oilId: 'coconut', g: 300 },
            ],
            purity,
            5,
          ),
        );
        const { lye: back } = got(soapRecipe({ oils, lye: 'potassium', purity, surplus: 5, scaleStepG: 0.1 }));
        expect([purity, lyeG, Math.abs(back - lyeG) <= 0.6]).toEqual([purity, lyeG, true]);
      }
    for (const g of [0, -1, Infinity, Number.NaN]) expect(field(oilForLye(g, [{ oilId: 'olive', g: 1 }], 90, 5))).toBe('lyeG');
  });
});
