import { cardOf, CONTROLS, findHost, findTrouble, FRIENDS, HELPERS, HOSTS, LOOK_ALIKES, SIGNS, TROUBLE_CARDS, TROUBLES } from '../src/catalogue';
import { labelSheetSchema, lineFor } from '../src/label';
import { findSheet, SHEETS } from '../src/label/sheets';

const host = (id: string) => {
  const h = findHost(id);
  if (!h) throw new Error(id);
  return h;
};

const trouble = (id: string) => {
  const t = findTrouble(id);
  if (!t) throw new Error(id);
  return t;
};

describe('the catalogue', () => {
  test('covers the trade, on every rung', () => {
    expect(TROUBLES.length).toBeGreaterThanOrEqual(230);
    expect(HOSTS.filter((h) => !h.stands).length).toBeGreaterThanOrEqual(180);
    expect(HELPERS.length).toBeGreaterThanOrEqual(30);
    expect(LOOK_ALIKES.length).toBeGreaterThanOrEqual(44);
    expect(SIGNS.length).toBeGreaterThanOrEqual(330);
    expect(SIGNS.filter((s) => s.drawing).length).toBeGreaterThanOrEqual(200);
    expect(new Set(CONTROLS.map((c) => c.rung))).toEqual(new Set([0, 1, 2, 3, 4, 5, 6, 7]));
    expect(CONTROLS.length).toBeGreaterThanOrEqual(100);
    expect(SHEETS.length).toBeGreaterThanOrEqual(38);
  });

  test('every trouble can be left alone or handed to a licensed person', () => {
    for (const t of TROUBLES) expect(t.controls.map((c) => c.control)).toContain('leave-it');
  });

  test('the cards say what the entries say', () => expect(TROUBLE_CARDS).toEqual(TROUBLES.map(cardOf)));

  test('a published fact names its source', () => {
    const facts = [...TROUBLES, ...FRIENDS].flatMap((s) => s.facts);
    for (const f of facts) if (f.prov.mark === 'PUB') expect(f.prov.source).toBeTruthy();
  });

  test('no two suspects show just the same: the key could never tell them apart', () => {
    const seen = new Map<string, string>();
    for (const s of [...TROUBLES, ...FRIENDS]) {
      const shape = JSON.stringify(
        Object.entries(s.signs)
          .filter(([, t]) => t !== 'rarely' && t !== 'never')
          .sort(([a], [b]) => a.localeCompare(b)),
      );
      expect([s.id, seen.get(shape)]).toEqual([s.id, undefined]);
      seen.set(shape, s.id);
    }
  });

  test('what carries a virus is itself a trouble, and what follows another names one that can live beside it', () => {
    expect(findTrouble('greenfly')?.spread.carries).toContain('mosaic-virus');
    expect(findTrouble('sooty-mould')?.follows).toContain('soft-scale');
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
    expect(lineFor(malathion, host('broad-bean'), trouble('black-bean-aphid')).ok).toBe(true);
    expect(lineFor(malathion, host('leek'), trouble('rust'))).toMatchObject({ ok: false, reasons: [{ code: 'crop-not-on-label' }] });
    expect(lineFor(malathion, host('broad-bean'), trouble('slugs'))).toMatchObject({ ok: false, reasons: [{ code: 'pest-not-on-label' }] });
    // common practice: systemic drenches are for ornamentals only
    expect(lineFor(drench, host('broad-bean'), trouble('black-bean-aphid'))).toMatchObject({ ok: false, reasons: [{ code: 'crop-forbidden' }] });
  });
});
