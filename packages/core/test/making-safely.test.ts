import fc from 'fast-check';
import { airWordsOf, inWordsOf, millilitres, sayRain, sayTemperature, sayWeighed, sayWind } from '../src/measure';
import { findControlCard } from '../src/catalogue/light';
import { FIRST_AID, madeSheet, type LabelSheet } from '../src/label';
import { findSheet } from '../src/label/sheets';
import {
  bordeauxFor,
  bordeauxSteps,
  checkSoap,
  findPreparation,
  heightOf,
  prepare,
  PREPARATIONS,
  readFormula,
  READY_TESTS,
  slaking,
  soapRecipe,
  soapSteps,
  vesselRefusal,
  VESSELS,
  type Values,
} from '../src/mix/bench';

const got = <T>(out: { ok: true; value: T } | { ok: false; reasons: readonly { sentence: string }[] }): T => {
  if (!out.ok) throw new Error(out.reasons[0]?.sentence);
  return out.value;
};
const text = (steps: readonly { title: string; text: readonly string[]; caution: string | null; gate: readonly string[] }[]) =>
  steps.map((s) => [s.title, ...s.text, s.caution ?? '', ...s.gate].join(' ')).join('\n');

describe('slaking burnt lime', () => {
  test('at least four litres a kilogram, never more than the mix has, in a vessel with room', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 5000 }), fc.integer({ min: 1000, max: 400_000 }), (limeG, mixMl) => {
        const out = slaking(limeG, mixMl, mixMl / 3);
        if (!out.ok) {
          expect(out.reasons[0]?.code).toBe('no-water');
          expect(limeG * 4).toBeGreaterThan((mixMl * 2) / 3);
          return;
        }
        expect(out.value.water).toBeGreaterThanOrEqual(limeG * 4 - 1e-9);
        expect(out.value.water).toBeLessThanOrEqual((mixMl * 2) / 3 + 1e-9);
        expect(out.value.vesselAtLeast).toBeGreaterThanOrEqual(out.value.water * 3);
        expect(out.value.vesselAtLeast).toBeGreaterThanOrEqual(5000);
      }),
    );
  });

  test('more than five kilograms is refused, with the way out', () => {
    expect(slaking(5000, 400_000).ok).toBe(true);
    expect(slaking(5001, 400_000)).toMatchObject({
      ok: false,
      reasons: [{ code: 'too-much-lime', field: 'lime', sentence: expect.stringContaining('hydrated lime') }],
    });
    expect(bordeauxFor({ copper: 20, lime: 20, water: 100 }, millilitres(400_000), 'pentahydrate', 'burnt').ok).toBe(false);
    expect(bordeauxFor({ copper: 20, lime: 20, water: 100 }, millilitres(400_000), 'pentahydrate', 'hydrated').ok).toBe(true);
  });

  // every volume that the cards name comes out of the one mix: none adds up to more than it
  test.each([1000, 5000, 18_927, 100_000])('the waters of a mix of %d ml fit into it', (ml) => {
    const a = got(bordeauxFor(got(readFormula('10-10-100')), millilitres(ml), 'pentahydrate', 'burnt'));
    const slaked = a.slake?.water ?? Number.NaN;
    const tank = Math.min(ml / 3, ml - ml / 3 - slaked);
    expect(slaked + ml / 3 + tank).toBeLessThanOrEqual(ml + 1e-6);
    expect(slaked).toBeGreaterThanOrEqual((a.lime / 1000) * 4000);
    const words = text(bordeauxSteps(a, 'pentahydrate', 'burnt', null));
    expect(words).toMatch(/steel vessel that holds/);
    expect(words).toMatch(/never water onto lime/);
    expect(words).not.toMatch(/into a litre of cold water/);
  });

  test('hydrated lime is not slaked, and a US grower reads gallons and quarts', () => {
    const a = got(bordeauxFor(got(readFormula('10-10-100')), millilitres(7570.823568), 'pentahydrate', 'hydrated'));
    expect(a.slake).toBeNull();
    const words = text(bordeauxSteps(a, 'pentahydrate', 'hydrated', null, 'us'));
    expect(words).toMatch(/Fill to 2 US gal/);
    expect(words).not.toMatch(/\d l\b|\d ml\b/);
  });
});

describe('lye', () => {
  test.each(VESSELS.map((v) => v.id))('%s: only stainless steel, whole enamel and plastic marked for it hold hot lye', (id) => {
    expect(vesselRefusal(id) === null).toBe(['steel', 'enamel', 'lye-plastic'].includes(id));
    if (vesselRefusal(id) !== null) expect(vesselRefusal(id)).toMatch(/Stainless steel, or plastic marked for hot lye/);
  });

  test('lye is said to the gram of the scale, rounded down, never as kilograms', () => {
    const r = got(soapRecipe({ oils: [{ oilId: 'rapeseed', g: 6330 }], lye: 'potassium', purity: 90, surplus: 5, scaleStepG: 1 }));
    expect(r.lye).toBeGreaterThan(1000);
    expect(Number.isInteger(r.lye)).toBe(true);
    expect(text(soapSteps(r))).toContain(`${r.lye} g of flakes`);
    expect(r.working[0]?.result).toBe(`${r.lye} g`);
    expect([sayWeighed(1215, 1), sayWeighed(12.5, 0.1), sayWeighed(3, 0.01), sayWeighed(120, 5)]).toEqual(['1215 g', '12.5 g', '3.00 g', '120 g']);
  });

  test('it cools below 60 °C before it goes anywhere, into a vessel that was checked; a strip says that none is left', () => {
    const r = got(soapRecipe({ oils: [{ oilId: 'rapeseed', g: 1000 }], lye: 'potassium', purity: 90, surplus: 5, scaleStepG: 1 }));
    const ids = soapSteps(r, 'us').map((s) => s.id);
    expect(ids.indexOf('clear')).toBeLessThan(ids.indexOf('cool'));
    expect(ids.indexOf('cool')).toBeLessThan(ids.indexOf('into-oil'));
    const steps = soapSteps(r, 'us');
    expect(steps.find((s) => s.id === 'cool')).toMatchObject({ title: 'Let it cool below 140 °F', gate: ['Below 140 °F by the thermometer'] });
    expect(steps.find((s) => s.id === 'oil')?.gate.join(' ')).toMatch(/no zinc, tin, copper, aluminium or wood/);
    expect(READY_TESTS.join(' ')).toMatch(/10\.5 or less: no lye is left/);
  });

  // 135 mg NaOH to the gram of olive oil (published range 134 to 137), so 184 g on 1 kg is far too much
  test('sodium lye is reckoned as what it is, and is never for plants', () => {
    const much = got(checkSoap([{ oilId: 'olive', g: 1000 }], 184, 100, 'sodium'));
    expect(much.verdict).toBe('lye-left');
    expect(much.surplusLow).toBeLessThan(-30);
    const fair = got(checkSoap([{ oilId: 'olive', g: 1000 }], 125, 100, 'sodium'));
    expect(fair).toMatchObject({ verdict: 'sodium', sentence: expect.stringContaining('not for plants') });
    expect(got(checkSoap([{ oilId: 'olive', g: 1000 }], 175, 100, 'potassium')).verdict).toBe('good');
  });
});

describe('the air in the grower’s words', () => {
  test.each([
    [() => sayTemperature(30, 'us'), '86 °F'],
    [() => sayTemperature(-2, 'us'), '28 °F'],
    [() => sayTemperature(30, 'imperial'), '30 °C'],
    [() => sayWind(4, 'us'), '9 mph'],
    [() => sayWind(4, 'metric'), '14 km/h'],
    [() => sayRain(25.4, 'us'), '1 in'],
    [() => sayRain(6, 'us'), '0.24 in'],
    [() => sayRain(6, 'metric'), '6 mm'],
    [() => inWordsOf('Too hot: 31 °C, limit 30 °C', 'us'), 'Too hot: 88 °F, limit 86 °F'],
    [() => inWordsOf('Too windy: 18 km/h drifts', 'imperial'), 'Too windy: 11 mph drifts'],
    [() => inWordsOf('Renew after 25 mm of rain', 'us'), 'Renew after 1 in of rain'],
    [() => inWordsOf('A disc 10 to 15 cm wide', 'us'), 'A disc 4 to 6 in wide'],
    [() => inWordsOf('from the flare to 1.2 or 1.5 m', 'us'), 'from the flare to 4 or 5 ft'],
    [() => inWordsOf('Warm soil, 10 °C or warmer', 'imperial'), 'Warm soil, 10 °C or warmer'],
    [() => inWordsOf('On 20 m² in 5 ml of 3 min', 'us'), 'On 20 m² in 5 ml of 3 min'],
  ] as const)('%#', (say, words) => expect(say()).toBe(words));

  test('what a label prints or a grower typed keeps its lengths: only degrees and winds are turned', () => {
    expect(airWordsOf('20 ml per 10 m of row, not above 30 °C', 'us')).toBe('20 ml per 10 m of row, not above 86 °F');
    expect(airWordsOf('Pot of 20 cm, 12 km/h', 'imperial')).toBe('Pot of 20 cm, 7 mph');
  });

  test('metric words are left alone, whatever they are', () => {
    fc.assert(fc.property(fc.string(), (s) => inWordsOf(s, 'metric') === s && inWordsOf(s, 'australian') === s));
  });
});

describe('what is made on the bench goes into the record', () => {
  test('each preparation is a known control; neem and the soap drench carry their amounts', () => {
    for (const p of PREPARATIONS) expect({ id: p.id, control: findControlCard(p.control)?.id }).toEqual({ id: p.id, control: p.control });
    const make = (id: string, mix: number) => got(prepare(findPreparation(id) as (typeof PREPARATIONS)[number], { mix }, 'metric'));
    // 5 ml of oil a litre; half a US fluid ounce of soap a US gallon is 3.906 ml a litre
    expect(make('neem-emulsion', 2000).used).toEqual({ amount: 10, waterMl: 2000 });
    expect(make('soap-drench', 2000).used).toEqual({ amount: expect.closeTo(7.8125, 3), waterMl: 2000 });
    expect(make('bar-suds', 10_000).used).toEqual({ amount: null, waterMl: 10_000 });
    expect(make('neem-leaf-tea', 16_000).used).toEqual({ amount: null, waterMl: 16_000 });
  });

  test('the sugar goes by the stems, and a cover stays on only what insects need not set', () => {
    const make = (id: string, v: Values) => got(prepare(findPreparation(id) as (typeof PREPARATIONS)[number], v, 'metric'));
    expect(make('sugar-dish', { stems: 3 }).amounts.map((a) => a.value)).toEqual([75, 300, 3]);
    const cover = (flower: string) => make('row-cover', { long: 4, wide: 1.2, high: 0.5, habit: 'upright', flower }).notes[0];
    expect(cover('not')).toBe('It may stay until picking.');
    expect(cover('needed')).toBe('Off at the first flowers.');
  });

  test('a height read by marks lies between its bounds, a tenth to either side', () => {
    const h = got(heightOf({ by: 'person', personM: 1.7, personMarks: 2, treeMarks: 10 }));
    expect([h.low, h.height, h.high]).toEqual([expect.closeTo(7.65, 9), expect.closeTo(8.5, 9), expect.closeTo(9.35, 9)]);
  });

  test('its sheet has its own name and strength, and all else from the specimen', () => {
    const bordeaux = findSheet('bordeaux') as LabelSheet;
    const made = madeSheet(bordeaux, { name: 'Bordeaux mixture 8-8-100', percent: 12.7 });
    expect(made).toMatchObject({ name: 'Bordeaux mixture 8-8-100', groups: ['copper'], reEntry: bordeaux.reEntry });
    expect(made.actives.map((a) => a.percent)).toEqual([12.7]);
    expect(madeSheet(bordeaux, { name: 'As it is', percent: null }).actives).toEqual(bordeaux.actives);
  });
});

describe('first aid', () => {
  const said = (route: RegExp) => FIRST_AID.find((r) => route.test(r.route))?.steps.join(' ') ?? '';
  // source: common practice of poison centres
  test('the gravest first; nothing by mouth to who is not awake; dry lye and dust off before water; lye in the eye half an hour', () => {
    expect(FIRST_AID[0]?.route).toMatch(/Unconscious/);
    expect(said(/Unconscious/)).toMatch(/emergency number.*On the side.*Nothing by mouth/s);
    expect(said(/skin/)).toMatch(/dry or wet.*brush it off first.*running water/s);
    expect(said(/eyes/)).toMatch(/at least 30 minutes/);
    expect(said(/Breathed/)).toMatch(/through a mask or a cloth/);
    expect(said(/small pupils/)).toMatch(/emergency number/);
    expect(said(/pet/)).toMatch(/vet/);
  });
  test('nobody is told to make somebody vomit, or to give milk', () => {
    const steps = FIRST_AID.flatMap((r) => r.steps);
    for (const step of steps.filter((x) => /vomit/i.test(x))) expect(step).toMatch(/Do not make them vomit|no vomiting/i);
    for (const step of steps.filter((x) => /milk/i.test(x))) expect(step).toMatch(/no milk/);
    const soap = got(soapRecipe({ oils: [{ oilId: 'olive', g: 1000 }], lye: 'potassium', purity: 90, surplus: 5, scaleStepG: 1 }));
    expect(
      soapSteps(soap, 'metric')
        .flatMap((s) => s.caution ?? [])
        .join(' '),
    ).toMatch(/rinse with running water for 30 minutes/);
  });
});
