import { CARD_RULES, cardFaults } from '../../../bench/path/card-rules';
import { cardPages, type CardPage } from '../../../bench/path/cards';
import type { Site } from '../src/catalogue/sites';
import { findControlCard } from '../src/catalogue/light';
import { methodOf, methodsFor, METHODS, readWater, waterText, FORMULATION_CODES, type LabelSheet, type Method } from '../src/label';
import { findSheet, SHEETS } from '../src/label/sheets';
import { millilitres, squareMetres, STARTER_KITS } from '../src/measure';
import { planMix, protectionList, stepsFor } from '../src/mix';

const pages = cardPages();
const page = (control: string, formulation: string, method: Method, site: Site): CardPage => {
  const found = pages.find((p) => p.control === control && p.formulation === formulation && p.method === method && p.site === site);
  if (!found) throw new Error(`${control} ${formulation} ${method} ${site}`);
  return found;
};

describe('every control with every kind of product in every place', () => {
  test('the pages cover them all', () => {
    for (const formulation of FORMULATION_CODES) expect(pages.filter((p) => p.formulation === formulation).length).toBeGreaterThan(90);
    for (const method of METHODS) expect(pages.some((p) => p.method === method)).toBe(true);
    for (const rule of CARD_RULES) expect({ rule: rule.name, pages: pages.filter(rule.of).length > 0 }).toEqual({ rule: rule.name, pages: true });
  });

  test('a card has a caution or none, and words', () => {
    const bare = pages.flatMap((p) =>
      p.steps.filter((s) => (s.caution !== null && s.caution.length <= 10) || s.title.length <= 2).map((s) => `${p.control} ${s.id}`),
    );
    expect(bare).toEqual([]);
  });

  test('no card speaks of another job', () => {
    const faults = pages.flatMap((p) => cardFaults(p).map((f) => `${p.control} ${p.formulation} ${p.method} ${p.site}: ${f}`));
    expect(faults).toEqual([]);
  });

  test('no card says a thing twice, none is empty, ids are told apart', () => {
    // gathered first: a check for each of some eighty thousand cards would take longer than the cards
    const faults = pages.flatMap(({ steps, control, formulation }) => {
      const at = `${control} ${formulation}`;
      const twice = new Set(steps.map((s) => s.id)).size < steps.length ? [`${at}: one id twice`] : [];
      return twice.concat(
        steps.flatMap((s) => {
          const lines = [...s.text, ...(s.caution ? [s.caution] : [])];
          if (new Set(lines).size < lines.length) return [`${at} ${s.id}: says a thing twice`];
          return lines.length + s.gate.length === 0 ? [`${at} ${s.id}: empty`] : [];
        }),
      );
    });
    expect(faults).toEqual([]);
  });

  test('a page that speaks of another job is found out', () => {
    const wrong = (p: CardPage, text: string) => cardFaults({ ...p, text: `${p.text}\n${text}` });
    expect(wrong(page('trichoderma-drench', 'WP', 'soil-drench', 'outdoors'), 'Both sides of every leaf.')).toContain('no leaf in a drench');
    expect(wrong(page('carbaryl-dust', 'D', 'dust-film', 'outdoors'), 'A few pellets a hand apart.')).toContain('no pellet or heap in a dust');
    expect(wrong(page('bt-spray', 'SC', 'fine-spray', 'outdoors'), 'It dusts: mask on.')).toContain('nothing of powder with a liquid');
    expect(wrong(page('soap-spray', 'SL', 'run-off', 'indoors'), 'Stand upwind.')).toContain('no wind and no bees in a room');
    expect(cardFaults({ ...page('borate-bait', 'LB', 'stations', 'outdoors'), text: 'Scatter it' })).toContain('stations, closed, never loose');
  });

  test('what the label says to wear is worn, whatever the job', () => {
    const bare = pages
      .filter((x) => x.steps.length > 0)
      .flatMap((p) => {
        const sheet = findSheet(findControlCard(p.control)?.sheet ?? '') as LabelSheet;
        const gate = p.steps.find((s) => s.id === 'protect')?.gate ?? [];
        const respirator = gate.includes('Respirator');
        return protectionList(sheet)
          .filter((item) => !gate.includes(item) && !(respirator && item.startsWith('Particle mask')))
          .map((item) => `${p.control} ${p.formulation}: ${item}`);
      });
    expect(bare).toEqual([]);
  });

  test('what the label wants watered in says how much, and when it is enough', () => {
    const sheet = findSheet('wettable-sulfur') as LabelSheet;
    const watered = (waterInMm: number | undefined, units: 'us' | 'metric') => {
      const line = { ...(sheet.lines[0] as LabelSheet['lines'][number]), ...(waterInMm === undefined ? {} : { waterInMm }) };
      const plan = planMix({
        sheet,
        line,
        rate: line.rate.max,
        area: squareMetres(92.90304),
        water: null,
        sprayer: { name: 'Pump', capacity: millilitres(15_000) },
        kit: [...STARTER_KITS[units]],
        units,
      });
      if (!plan.ok) throw new Error(plan.reasons[0]?.sentence);
      return stepsFor(plan.value, { sprayer: 'Pump', site: 'outdoors', how: [] });
    };
    // source: an inch of water on 1,000 sq ft is 623 US gallons, as turf handbooks print; a quarter of an inch 156
    const us = watered(6.35, 'us');
    expect(us.find((s) => s.id === 'water-in')?.text[0]).toMatch(/^At once: 0\.25 in of water over 1,?000 sq ft\. That is 156 (?:US )?gal in all\.$/);
    // it comes after all of it is out, and before anything is rinsed
    const order = us.map((s) => s.id);
    expect(order.indexOf('water-in')).toBe(order.indexOf('clean') - 1);
    expect(order.at(-3)).toBe('water-in');
    expect(watered(10, 'metric').find((s) => s.id === 'water-in')?.text[0]).toBe('At once: 10 mm of water over 92.9 m². That is 929 l in all.');
    const card = us.find((s) => s.id === 'water-in');
    expect(card?.caution).toMatch(/keep-out time is over/);
    expect(watered(undefined, 'us').some((s) => s.id === 'water-in')).toBe(false);
  });

  test('the bottle of neem is warm before it is measured', () => {
    const ids = page('neem-spray', 'EC', 'run-off', 'outdoors').steps;
    expect(ids[0]?.text.join(' ')).toMatch(/warm water/);
    expect(ids.findIndex((s) => s.id === 'before')).toBeLessThan(ids.findIndex((s) => s.measure !== null));
  });
});

describe('how the specimens go on', () => {
  test.each([
    ['borate-bait', 'stations'],
    ['sulfur-vapour', 'vaporised'],
    ['carbaryl-dust', 'dust-film'],
    ['pyrethrin-dust', 'dust-film'],
    ['diatomaceous-earth', 'dust-film'],
    ['iron-phosphate', 'scattered'],
    ['dinotefuran-trunk', 'trunk-band'],
    ['imidacloprid-drench', 'soil-drench'],
    ['trichoderma', 'soil-drench'],
    ['potassium-soap', 'run-off'],
    ['bt-kurstaki', 'fine-spray'],
    ['lime-sulfur', 'bark'],
  ] as const)('%s: %s', (id, method) => {
    const sheet = findSheet(id) as LabelSheet;
    expect(methodOf(sheet, sheet.lines[0] as LabelSheet['lines'][number])).toBe(method);
  });

  test('every line of every specimen can be done with what the product is', () => {
    for (const sheet of SHEETS) for (const line of sheet.lines) expect(methodsFor(sheet.formulation)).toContain(methodOf(sheet, line));
  });

  test('a hose-end jar takes all the product neat, needs no tank, and says the dial and the valve', () => {
    const base = findSheet('malathion-50-ec') as LabelSheet;
    const line = {
      ...(base.lines[0] as LabelSheet['lines'][number]),
      rate: { form: 'per-litre', unit: 'ml', min: 7.8125, max: 7.8125, dial: true, printed: { text: 'dial 2 tbsp', system: 'us' } } as const,
    };
    const sheet: LabelSheet = { ...base, lines: [line] };
    const plan = planMix({
      sheet,
      line,
      rate: 7.8125,
      area: squareMetres(200),
      water: millilitres(60_000),
      sprayer: null,
      kit: [...STARTER_KITS.us, { kind: 'jug', id: 'jug', name: 'jug', capacityMl: 1000, stepMl: 10 }],
      units: 'us',
    });
    if (!plan.ok) throw new Error(plan.reasons[0]?.sentence);
    expect(plan.value.loads).toHaveLength(1);
    const steps = stepsFor(plan.value, { sprayer: null, site: 'outdoors', how: [] });
    expect(steps.map((s) => s.id)).toEqual(['protect', 'check', 'measure-1', 'add-1', 'out-1', 'clean', 'store']);
    expect(steps[3]).toMatchObject({ text: [expect.stringContaining('dial 2 tbsp')], caution: expect.stringContaining('back-flow') });
    expect(steps[4]?.text.join(' ')).toContain('15⅞ US gal');
  });
});

describe('water as printed', () => {
  // 1 US gal = 3785.411784 ml, 1 sq ft = 0.09290304 m² (NIST SP 811)
  test.each([
    ['1 gal per 100 sq ft', 'us', 'per-litre', 3785.411784 / 9.290304],
    ['0.4 l per m²', 'metric', 'per-m2', 400],
    ['400', 'metric', 'per-plant', 400],
    ['0.4', 'metric', 'per-litre', 400],
    ['1 pt per plant', 'us', 'per-plant', 473.176473],
    ['none', 'us', 'per-m2', 0],
    ['', 'us', 'per-m2', null],
  ] as const)('%s (%s, %s)', (text, system, form, ml) => {
    const read = readWater(text, system, form);
    expect(read.ok && read.value.waterMlPerM2).toEqual(ml === null ? null : expect.closeTo(ml, 4));
  });

  test('a range keeps both ends, and what is written reads back', () => {
    const read = readWater('1 to 2 gal per 100 sq ft', 'us', 'per-litre');
    if (!read.ok) throw new Error(read.reasons[0]?.sentence);
    expect(read.value.waterMostMlPerM2).toBeCloseTo(2 * (read.value.waterMlPerM2 ?? 0), 6);
    const again = readWater(waterText(read.value, 'per-litre'), 'us', 'per-litre');
    expect(again).toMatchObject({ ok: true, value: { waterMlPerM2: expect.closeTo(read.value.waterMlPerM2 ?? 0, 2) } });
  });

  test.each([
    ['2', 'us', 'per-litre', 'no-per'],
    ['1 gal per plant', 'us', 'per-litre', 'other-per'],
    ['1 lb per 100 sq ft', 'us', 'per-litre', 'not-water'],
  ] as const)('%s (%s) is asked', (text, system, form, code) => {
    expect(readWater(text, system, form)).toMatchObject({ ok: false, reasons: [{ code }] });
  });
});
