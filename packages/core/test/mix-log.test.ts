import fc from 'fast-check';
import { findHost, findTroubleCard } from '../src/catalogue/light';
import { sharedLine, type LabelLine, type LabelSheet } from '../src/label';
import { findSheet } from '../src/label/sheets';
import { instant, millilitres, squareMetres, STARTER_KITS } from '../src/measure';
import { isPast, lifeEnd, loadLog, planMix, tally, treats, type MixPlan } from '../src/mix';
import { sharesOf, truthOf, type Deed } from '../src/record';

const soap = findSheet('potassium-soap') as LabelSheet;
const line = soap.lines[0] as LabelLine;
const planned = planMix({
  sheet: soap,
  line,
  rate: 15,
  area: squareMetres(20),
  water: null,
  sprayer: { name: 'Pump', capacity: millilitres(5000) },
  kit: STARTER_KITS.metric,
});
if (!planned.ok) throw new Error(planned.reasons[0]?.sentence);
const plan: MixPlan = planned.value;
const HOUR = 3_600_000;
const T0 = Date.UTC(2026, 4, 24, 18);

describe('what went on, load by load', () => {
  test('without a word it went as measured', () => {
    const t = tally(plan, {});
    expect(t.product).toBeCloseTo(
      plan.loads.reduce((s, l) => s + l.made, 0),
      9,
    );
    expect(t.water).toBeCloseTo(plan.water, 9);
    expect([t.waste, t.madeAt, t.outAt]).toEqual([0, null, null]);
  });

  test('a spoilt load is waste and not on the plants; product and water are never lost from the sum', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({ waste: fc.boolean(), product: fc.double({ min: 0, max: 500, noNaN: true }), water: fc.double({ min: 1, max: 9000, noNaN: true }) }),
          { minLength: 2, maxLength: 2 },
        ),
        (loads) => {
          const log = Object.fromEntries(loads.map((l, i) => [i + 1, l]));
          const t = tally(plan, log);
          const all = plan.loads.map((l) => loadLog(l, log));
          expect(t.water + t.waste).toBeCloseTo(
            all.reduce((s, l) => s + l.water, 0),
            6,
          );
          expect(t.product).toBeLessThanOrEqual(all.reduce((s, l) => s + l.product, 0) + 1e-9);
          if (loads.every((l) => l.waste)) expect(t.product).toBe(0);
        },
      ),
    );
  });

  test('each load ages by itself, to the minute', () => {
    const [first] = plan.loads;
    if (!first) throw new Error('load');
    const life = soap.mixLifeHours * HOUR;
    const mixed = loadLog(first, { 1: { madeAt: T0 } });
    expect(lifeEnd(mixed, soap)).toBe(T0 + life);
    expect(isPast(mixed, soap, T0 + life)).toBe(false);
    expect(isPast(mixed, soap, T0 + life + 60_000)).toBe(true);
    expect(isPast({ ...mixed, outAt: T0 + HOUR }, soap, T0 + 99 * life)).toBe(false);
    expect(isPast(loadLog(first, {}), soap, T0 + 99 * life)).toBe(false);
  });

  test('the record’s time is when the last good load was out', () => {
    const t = tally(plan, { 1: { madeAt: T0, outAt: T0 + HOUR }, 2: { madeAt: T0 + 2 * HOUR, outAt: T0 + 3 * HOUR } });
    expect([t.madeAt, t.outAt]).toEqual([T0, T0 + 3 * HOUR]);
    expect(tally(plan, { 1: { madeAt: T0, outAt: T0 + HOUR }, 2: { madeAt: T0 + 2 * HOUR, waste: true } }).outAt).toBe(T0 + HOUR);
  });
});

const bean = findHost('broad-bean');
const aphid = findTroubleCard('black-bean-aphid');
const deed = (more: Partial<Deed>): Deed => ({
  sheet: soap,
  host: bean as NonNullable<typeof bean>,
  trouble: aphid ?? null,
  amount: 75,
  waterMl: 5000,
  size: 5,
  madeAt: instant(T0),
  finishedAt: instant(T0 + HOUR),
  air: null,
  zone: 'Europe/London',
  planting: { site: 'outdoors', stage: 'growing', edible: true },
  confirmed: true,
  before: [],
  ...more,
});
const load = (product: number, waterMl: number, madeAt: number, outAt: number, waste = false) => ({
  product,
  waterMl,
  madeAt: instant(madeAt),
  outAt: instant(outAt),
  waste,
});

describe('the record of loads', () => {
  test('one load above the label is said, though the sum is within it', () => {
    const loads = [load(10, 2500, T0, T0 + HOUR), load((line.rate.max + 5) * 2.5, 2500, T0, T0 + HOUR)];
    const truth = truthOf(deed({ loads, amount: 75 }));
    expect(truth.broke.join(' ')).toMatch(/One load was above the label/);
    expect(truth.pickUnknown).toBe(true);
    expect(truthOf(deed({ loads: [loads[0] as (typeof loads)[0], { ...(loads[1] as (typeof loads)[0]), waste: true }] })).broke.join(' ')).not.toMatch(
      /One load/,
    );
  });

  test('the age that counts is the oldest load’s own, not the whole evening’s', () => {
    const life = soap.mixLifeHours * HOUR;
    const late = instant(T0 + 2 * life);
    const fresh = [load(37.5, 2500, T0, T0 + HOUR), load(37.5, 2500, T0 + 2 * life - HOUR, T0 + 2 * life)];
    expect(truthOf(deed({ loads: fresh, finishedAt: late })).broke.join(' ')).not.toMatch(/h old/);
    expect(truthOf(deed({ loads: [load(37.5, 2500, T0, T0 + 2 * life)], finishedAt: late })).broke.join(' ')).toMatch(/h old/);
    expect(truthOf(deed({ finishedAt: late })).broke.join(' ')).toMatch(/h old/);
  });
});

describe('one mix for several plantings', () => {
  const other = (rate: Partial<LabelLine['rate']>): LabelLine => ({ ...line, id: 'other', rate: { ...line.rate, ...rate } });
  test('the strictest of their rates holds; where none serves all, they are mixed apart', () => {
    const { min, max } = line.rate;
    expect(sharedLine([{ line, name: 'A' }])).toMatchObject({ ok: true, value: { rate: line.rate } });
    expect(
      sharedLine([
        { line, name: 'A' },
        { line: other({ min: min * 0.5, max: max * 0.9 }), name: 'B' },
      ]),
    ).toMatchObject({ ok: true, value: { rate: { min, max: max * 0.9 } } });
    expect(
      sharedLine([
        { line, name: 'A' },
        { line: other({ min: max * 2, max: max * 3 }), name: 'B' },
      ]),
    ).toMatchObject({ ok: false, reasons: [{ code: 'apart', field: 'also' }] });
    expect(
      sharedLine([
        { line, name: 'A' },
        { line: other({ form: 'per-m2' }), name: 'B' },
      ]),
    ).toMatchObject({ ok: false, reasons: [{ code: 'other-form' }] });
    expect(sharedLine([]).ok).toBe(false);
  });

  test('the shares go by size and add up to the whole', () => {
    fc.assert(
      fc.property(fc.array(fc.double({ min: 0.01, max: 1000, noNaN: true }), { minLength: 1, maxLength: 12 }), (sizes) => {
        const shares = sharesOf(sizes.map((size, i) => ({ plantingId: String(i), size })));
        expect(shares.reduce((s, x) => s + x.part, 0)).toBeCloseTo(1, 9);
        const total = sizes.reduce((s, x) => s + x, 0);
        shares.forEach((x, i) => expect(x.part).toBeCloseTo((sizes[i] ?? 0) / total, 9));
      }),
    );
    expect(
      sharesOf([
        { plantingId: 'a', size: 3 },
        { plantingId: 'b', size: 1 },
      ]).map((s) => s.part),
    ).toEqual([0.75, 0.25]);
  });
});

describe('what a pack or what is left treats', () => {
  const by = (form: LabelLine['rate']['form'], max: number, min = max): LabelLine => ({ ...line, waterMlPerM2: 400, rate: { form, unit: 'ml', min, max } });
  // 500 ml at 15 ml a litre are 33.3 l; at 400 ml of mix a square metre they go over 83.3 m²
  test('the inverse of a rate by the litre gives the mix and the ground', () => {
    const t = treats(by('per-litre', 20, 10), 500, 'metric');
    expect(t?.size).toBeCloseTo(33.333, 3);
    expect(t?.areaM2).toBeCloseTo(83.333, 3);
    expect(t?.words).toMatch(/^33\.3\d? l of mix, on about 83\.\d+ m²$/);
  });

  test.each([
    ['per-m2', 250, '10 m²'],
    ['per-plant', 250, '10 plants'],
    ['per-m-row', 250, '10 m of row'],
    ['per-cm-trunk', 250, '10 cm round the trunks, all together'],
    ['per-litre-soil', 250, '10 l of potting mix'],
    ['per-m-height', 250, '10 m of height, all together'],
  ] as const)('%s', (form, amount, words) => expect(treats(by(form, 25), amount, 'metric')?.words).toBe(words));

  test('mixed for just so much, it is used up: the inverse and the plan agree', () => {
    fc.assert(
      fc.property(fc.double({ min: 30, max: 2000, noNaN: true }), (amount) => {
        const t = treats(line, amount, 'metric');
        expect((t?.size ?? 0) * 15).toBeCloseTo(amount, 6);
      }),
    );
    expect(treats(line, 0, 'us')).toBeNull();
    expect(treats(line, Number.NaN, 'us')).toBeNull();
  });
});
