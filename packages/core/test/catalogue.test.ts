import { checkCatalogue, CONTROLS, findHost, FRIENDS, SIGNS, TROUBLES } from '../src/catalogue';
import { findSheet, labelSheetSchema, lineFor, SHEETS } from '../src/label';

const host = (id: string) => {
  const h = findHost(id);
  if (!h) throw new Error(id);
  return h;
};

describe('the catalogue', () => {
  test('every entry fits its schema and every reference leads somewhere', () => expect(checkCatalogue(SHEETS.map((s) => s.id))).toEqual([]));

  test('a missing sheet is said in words', () => expect(checkCatalogue([])).toContain('control soap-spray: sheet potassium-soap is not known'));

  test('holds what the first path needs, on every rung', () => {
    expect(TROUBLES.length).toBeGreaterThanOrEqual(8);
    expect(FRIENDS.filter((f) => f.kind === 'helper').length).toBeGreaterThanOrEqual(3);
    expect(FRIENDS.filter((f) => f.kind === 'look-alike').length).toBeGreaterThanOrEqual(3);
    expect(new Set(CONTROLS.map((c) => c.rung))).toEqual(new Set([0, 1, 2, 3, 4, 5, 6, 7]));
    expect(SHEETS.length).toBeGreaterThanOrEqual(6);
  });

  test('every trouble can be left alone or handed to a licensed person', () => {
    for (const t of TROUBLES) expect(t.controls.map((c) => c.control)).toEqual(expect.arrayContaining(['leave-it', 'licensed-person']));
  });

  test('signs are asked as questions', () => expect(SIGNS.filter((s) => !s.question.endsWith('?'))).toEqual([]));
});

describe('label sheets', () => {
  test.each(SHEETS.map((s) => [s.id, s] as const))('%s fits its schema and is marked a specimen', (_id, s) => {
    expect(labelSheetSchema.safeParse(s).error?.issues).toBeUndefined();
    expect(s.specimen).toBe(true);
  });

  test('a rate range upside down is refused with its field', () => {
    const soap = SHEETS[0];
    if (!soap) throw new Error('no sheet');
    const upside = { ...soap, lines: soap.lines.map((l) => ({ ...l, rate: { ...l.rate, min: 30, max: 10 } })) };
    expect(labelSheetSchema.safeParse(upside).error?.issues[0]).toMatchObject({ path: ['lines', 0, 'rate', 'min'] });
  });

  test('a crop or pest that the label does not carry is refused', () => {
    const malathion = findSheet('malathion-50-ec');
    const drench = findSheet('imidacloprid-drench');
    if (!malathion || !drench) throw new Error('no sheet');
    expect(lineFor(malathion, host('broad-bean'), 'black-bean-aphid').ok).toBe(true);
    expect(lineFor(malathion, host('leek'), 'rust')).toMatchObject({ ok: false, reasons: [{ code: 'crop-not-on-label' }] });
    expect(lineFor(malathion, host('broad-bean'), 'slugs')).toMatchObject({ ok: false, reasons: [{ code: 'pest-not-on-label' }] });
    // common practice: systemic drenches are for ornamentals only
    expect(lineFor(drench, host('broad-bean'), 'black-bean-aphid')).toMatchObject({ ok: false, reasons: [{ code: 'crop-forbidden' }] });
  });
});
