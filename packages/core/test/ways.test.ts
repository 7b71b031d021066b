import fc from 'fast-check';
import { findSheet } from '../src/label/sheets';
import type { LabelSheet } from '../src/label';
import { millilitres, sayIn, squareMetres, STARTER_KITS, UNITS, type Measure, type UnitSystem } from '../src/measure';
import { correctOverfill, planMix, stepsFor, waysToMeasure, type MixPlan, type MixRequest } from '../src/mix';
import { activeIn, buyList, prepare, PREPARATIONS, type Pack, type Product, type Values } from '../src/mix/bench';

const got = <T>(out: { ok: true; value: T } | { ok: false; reasons: readonly { sentence: string }[] }): T => {
  if (!out.ok) throw new Error(out.reasons[0]?.sentence);
  return out.value;
};

describe('ways to an amount that no measure makes', () => {
  const base = { wantedMl: 0.8, ceilingMl: 0.9, wantedG: null, units: 'metric' as UnitSystem, batch: null, liquid: true, thins: true, waterMl: 2000 };
  const by = (change: Partial<Parameters<typeof waysToMeasure>[0]>) =>
    waysToMeasure({ ...base, kit: STARTER_KITS[change.units ?? 'metric'], ...change }).map((w) => w.by);
  test('a liquid is drawn up or thinned ahead; what does not thin is not', () => {
    expect(by({})).toEqual(expect.arrayContaining(['syringe', 'stock']));
    expect(by({ thins: false })).not.toContain('stock');
    expect(by({ thins: false })).toContain('syringe');
  });
  test('a powder is weighed, never drawn up', () => {
    const dry = { liquid: false, thins: false, wantedG: 0.35 };
    expect(by(dry)).toContain('scale');
    expect(by(dry)).not.toContain('syringe');
    // and where a spoonful has no known weight, weighing is the only way
    expect(by({ ...dry, wantedMl: null, ceilingMl: null })).toEqual(['scale']);
    expect(by({ ...dry, wantedMl: null, ceilingMl: null, thins: true })).toEqual(['scale']);
    expect(by({ ...dry, ceilingMl: null, liquid: true, thins: true })).toEqual(['scale']);
  });
  test('a syringe is for what it holds', () => {
    expect(by({ wantedMl: 10, ceilingMl: 11, kit: [] })).toContain('syringe');
    expect(by({ wantedMl: 12, ceilingMl: 13, kit: [] })).not.toContain('syringe');
  });
  test.each(['us', 'imperial', 'metric', 'australian'] as const)('a stock is thinned to a mark on a jug of %s, and is never over', (units) => {
    let offered = 0;
    for (let wanted = 0.1; wanted < 1.2; wanted += 0.05) {
      const stock = waysToMeasure({ ...base, units, kit: STARTER_KITS[units], wantedMl: wanted, ceilingMl: wanted * 1.25 }).find((w) => w.by === 'stock');
      if (stock?.by !== 'stock') continue;
      offered += 1;
      const marks = units === 'us' ? stock.toMl / UNITS['floz-us'].si : units === 'imperial' ? stock.toMl / UNITS['floz-imp'].si : stock.toMl / 50;
      expect(marks).toBeCloseTo(Math.round(marks), 9);
      expect(stock.sentence).toContain(`fill to ${sayIn(stock.toMl, 'volume', units)};`);
      if (units === 'us') expect(stock.sentence).not.toMatch(/\d ml\b/);
      // at least four spoonfuls thin, never most of the load's water, never past the label
      expect(stock.toMl).toBeGreaterThanOrEqual(stock.stir.total * 4);
      expect(stock.takeMl).toBeLessThanOrEqual(1000);
      expect((stock.stir.total / stock.toMl) * stock.take.total).toBeLessThanOrEqual(wanted * 1.25 + 1e-9);
    }
    expect(offered).toBeGreaterThan(3);
  });
});

describe('packs to buy', () => {
  const packs = (...p: (readonly [size: number, price: number | null])[]): Pack[] => p.map(([size, price]) => ({ size, price }));
  const buy = (amount: number, have: number, ps: Pack[]) => buyList({ unit: 'ml', needs: [{ what: 'beans', amount }], have, packs: ps });
  const said = (amount: number, have: number, ps: Pack[]) =>
    got(buy(amount, have, ps))
      .take.map((t) => `${t.count} x ${t.pack.size}`)
      .join(' + ');
  test('exactly as much as is needed is enough', () => {
    expect(said(500, 0, packs([250, 6]))).toBe('2 x 250');
    expect(said(500, 500, packs([250, 6]))).toBe('');
    expect(got(buy(500, 500, [])).sentences[0]).toMatch(/Nothing to buy/);
  });
  test('of the same price the smaller rest, of the same rest the fewer packs', () => {
    expect(said(400, 0, packs([500, 10], [1000, 10]))).toBe('1 x 500');
    expect(said(1000, 0, packs([500, null], [1000, null]))).toBe('1 x 1000');
    expect(said(600, 0, packs([1000, null], [250, null]))).toBe('3 x 250');
    expect(said(600, 0, packs([1000, 5], [250, 9]))).toBe('1 x 1000');
  });
  test.each([
    ['less than nothing at home', buy(10, -1, packs([5, 1])), 'bad-stock'],
    ['no number at home', buy(10, Number.NaN, packs([5, 1])), 'bad-stock'],
    ['endless at home', buy(10, Infinity, packs([5, 1])), 'bad-stock'],
    ['nothing needed', buy(0, 0, packs([5, 1])), 'nothing-needed'],
    ['no packs', buy(10, 0, []), 'bad-pack'],
    ['an empty pack', buy(10, 0, packs([0, 1])), 'bad-pack'],
    ['a price below nothing', buy(10, 0, packs([5, -1])), 'bad-pack'],
    ['more than sixty packs', buy(10_000, 0, packs([5, 1])), 'too-much'],
  ])('%s is refused', (_what, out, code) => expect(out).toMatchObject({ ok: false, reasons: [{ code }] }));
  test('never too little, and no pack could be left at the shop', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 3000 }), fc.array(fc.integer({ min: 50, max: 1500 }), { minLength: 1, maxLength: 4 }), (need, sizes) => {
        const out = got(buy(need, 0, packs(...sizes.map((s) => [s, null] as const))));
        const total = out.take.reduce((sum, t) => sum + t.count * t.pack.size, 0);
        expect(total).toBeGreaterThanOrEqual(need);
        expect(out.leftOver).toBeCloseTo(total - need, 9);
        for (const t of out.take) expect(total - t.pack.size).toBeLessThan(need);
      }),
    );
  });
  test('a US grower reads quarts and ounces', () => {
    const out = got(buyList({ unit: 'ml', needs: [{ what: 'x', amount: 900 }], have: 0, packs: packs([946.352946, 29.5]), units: 'us' }));
    expect(out.sentences.join(' ')).toMatch(/Take 1 × 1 qt \(946 ml\), 29\.5 in all\. 3⅛ tbsp \(46\.4 ml\) will be left over/);
  });
});

describe('what a liquid weighs is asked for, not assumed', () => {
  const liquid = (gPerMl: number | null): Product => ({ state: 'liquid', strength: { by: 'weight', percent: 50 }, gPerMl });
  test.each([null, 0, -1, Number.NaN])('%p', (d) =>
    expect(activeIn(liquid(d))).toMatchObject({ ok: false, reasons: [{ code: 'no-density', field: 'density' }] }),
  );
  test('half of 1.2 g a ml is 0.6', () => expect(got(activeIn(liquid(1.2)))).toBeCloseTo(0.6, 12));
});

describe('preparations say one amount of water in all their places', () => {
  test.each(PREPARATIONS.map((p) => p.id))('%s', (id) => {
    const p = PREPARATIONS.find((x) => x.id === id) as (typeof PREPARATIONS)[number];
    const usual: Values = Object.fromEntries(
      p.inputs.map((i) => [i.id, i.kind === 'choice' ? (i.options[0]?.value ?? '') : i.kind === 'day' ? '2026-04-20' : i.usual]),
    );
    const made = { value: got(prepare(p, usual, 'metric')) };
    const water = made.value.amounts.filter((a) => a.of === 'volume' && /^water/i.test(a.name));
    expect(water.length).toBeLessThanOrEqual(1);
    const into = made.value.used?.waterMl;
    if (into && water[0]) expect(water[0].value).toBeCloseTo(into, 6);
    for (const a of made.value.amounts) expect(a.value).toBeGreaterThan(0);
  });
});

describe('a mix said and cleaned for what it is', () => {
  const soap = findSheet('potassium-soap') as LabelSheet;
  const line = soap.lines[0] as LabelSheet['lines'][0];
  const plan = (change: Partial<MixRequest> = {}): MixPlan =>
    got(
      planMix({
        sheet: soap,
        line,
        rate: 15,
        area: squareMetres(20),
        water: null,
        sprayer: { name: 'Pump', capacity: millilitres(10_000) },
        kit: STARTER_KITS.metric,
        ...change,
      }),
    );
  test('its working gives the water by the ground where the rate goes by the mix, else by what the rate goes by', () => {
    const water = (p: MixPlan) => p.working.find((w) => w.title === 'Water')?.inputs.find((i) => /water/i.test(i.name))?.value ?? '';
    expect(water(plan())).toMatch(/^400 ml per m²/);
    const perPlant = { ...line, rate: { form: 'per-plant' as const, unit: 'ml' as const, min: 5, max: 10 }, waterMlPerM2: 500 };
    expect(water(plan({ line: perPlant, rate: 10, count: 4 }))).toMatch(/^500 ml per plant/);
  });
  test('half as much again in the tank may be strengthened; a drop more may not', () => {
    const p = plan({ rate: 10 });
    const load = p.loads[0] as MixPlan['loads'][0];
    const roomy = millilitres(20_000);
    expect(correctOverfill(load, millilitres(load.water * 1.5), roomy, p).ok).toBe(true);
    expect(correctOverfill(load, millilitres(load.water * 1.5 + 1), roomy, p)).toMatchObject({ ok: false, reasons: [{ code: 'too-weak' }] });
  });
  test('a dust is wiped up dry, also where it is scattered; what is only measured is not', () => {
    const last = (id: string, method?: LabelSheet['lines'][0]['method']) => {
      const sheet = findSheet(id) as LabelSheet;
      const l = { ...(sheet.lines[0] as LabelSheet['lines'][0]), ...(method ? { method } : {}) };
      const p = got(
        planMix({
          sheet,
          line: l,
          rate: l.rate.max,
          area: squareMetres(20),
          water: null,
          sprayer: null,
          kit: [...STARTER_KITS.metric, { kind: 'scale', id: 's', name: 'scale', capacityG: 5000, resolutionG: 0.1 } as Measure],
        }),
      );
      return stepsFor(p, { sprayer: null, site: 'outdoors', how: [] })
        .map((s) => [s.title, ...s.text].join(' '))
        .join('\n');
    };
    const [film, scattered, bait] = [last('diatomaceous-earth'), last('diatomaceous-earth', 'scattered'), last('iron-phosphate')];
    const cleaning = (text: string) => text.split('\n').find((l) => /wash|clean|wipe/i.test(l) && /hands/i.test(l));
    expect(cleaning(film)).toBeDefined();
    expect(cleaning(scattered)).toBe(cleaning(film));
    expect(cleaning(bait)).not.toBe(cleaning(film));
  });
});
