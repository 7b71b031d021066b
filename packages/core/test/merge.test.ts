import { chosen, mergeDocuments } from '@sleetbrook/core/merge';

describe('two changes of one document', () => {
  const base = { id: 'a', revision: 3, name: 'Peas', stage: 'growing', areaM2: 4, about: ['covered'], plans: [{ id: 1, on: 'mon' }] };

  test('of different fields are both kept, and the counter is the house’s', () => {
    const { document, clashes } = mergeDocuments(base, { ...base, name: 'Early peas' }, { ...base, revision: 4, stage: 'flowering' });
    expect(clashes).toEqual([]);
    expect(document).toEqual({ ...base, revision: 4, name: 'Early peas', stage: 'flowering' });
  });
  test('of one field in another way are told, and home stands until somebody chooses', () => {
    const merged = mergeDocuments(base, { ...base, stage: 'fruiting', name: 'Early peas' }, { ...base, revision: 4, stage: 'flowering' });
    expect(merged.clashes).toEqual([{ field: 'stage', here: 'fruiting', home: 'flowering' }]);
    expect(merged.document).toMatchObject({ stage: 'flowering', name: 'Early peas', revision: 4 });
    expect(chosen(merged, new Set(['stage']))).toMatchObject({ stage: 'fruiting', name: 'Early peas', revision: 4 });
    expect(chosen(merged, new Set())).toMatchObject({ stage: 'flowering' });
  });
  test('of one field in the same way are one', () => {
    expect(mergeDocuments(base, { ...base, stage: 'fruiting' }, { ...base, revision: 9, stage: 'fruiting' })).toEqual({
      document: { ...base, revision: 9, stage: 'fruiting' },
      clashes: [],
    });
  });
  test('without what was before, every difference is told', () => {
    expect(mergeDocuments(null, { ...base, name: 'Early peas' }, { ...base, stage: 'flowering' }).clashes.map((c) => c.field)).toEqual(['name', 'stage']);
  });
  test('things chosen: what either put in is in, what either took out is out', () => {
    const about = (list: readonly string[]) => ({ ...base, about: list });
    const merge = (b: readonly string[], here: readonly string[], home: readonly string[]) => mergeDocuments(about(b), about(here), about(home));
    expect(merge(['covered'], ['covered', 'seedlings'], ['covered', 'crowded'])).toMatchObject({
      document: { about: ['covered', 'crowded', 'seedlings'] },
      clashes: [],
    });
    expect(merge(['covered', 'old'], ['covered'], ['covered', 'old', 'crowded'])).toMatchObject({ document: { about: ['covered', 'crowded'] } });
    expect(merge(['covered', 'old'], ['covered', 'old', 'new'], ['old'])).toMatchObject({ document: { about: ['old', 'new'] } });
  });
  test('a field that one side has for the first time, or no longer', () => {
    const { name: _name, ...without } = base;
    expect(mergeDocuments(without, base, without)).toEqual({ document: base, clashes: [] });
    expect(mergeDocuments(base, without, base)).toEqual({ document: without, clashes: [] });
    expect(mergeDocuments(base, base, without).document).toEqual(without);
  });
});

describe('the laps of a case', () => {
  const lap = { controlId: 'soap', decidedAt: 'd', treatmentId: null, lookAgainOn: null, afterLookId: null };
  const base = { id: 'c', revision: 2, status: 'open', laps: [lap] };

  test('one records the treatment at home, the other clears the case away from it', () => {
    const home = { ...base, revision: 3, laps: [{ ...lap, treatmentId: 't', lookAgainOn: '2026-06-01' }] };
    expect(mergeDocuments(base, { ...base, status: 'cleared' }, home)).toEqual({ document: { ...home, status: 'cleared' }, clashes: [] });
  });
  test('one plans within the lap, the other records in it: both stand', () => {
    const here = { ...base, laps: [{ ...lap, plannedFor: 'p' }] };
    const home = { ...base, laps: [{ ...lap, treatmentId: 't' }] };
    expect(mergeDocuments(base, here, home).document).toEqual({ ...base, laps: [{ ...lap, plannedFor: 'p', treatmentId: 't' }] });
  });
  test('a new lap here over a lap that was closed at home: both', () => {
    const here = { ...base, laps: [lap, { ...lap, controlId: 'neem' }] };
    const home = { ...base, laps: [{ ...lap, afterLookId: 'l' }] };
    expect(mergeDocuments(base, here, home).document).toEqual({
      ...base,
      laps: [
        { ...lap, afterLookId: 'l' },
        { ...lap, controlId: 'neem' },
      ],
    });
    expect(mergeDocuments(base, home, here).document).toEqual({
      ...base,
      laps: [
        { ...lap, afterLookId: 'l' },
        { ...lap, controlId: 'neem' },
      ],
    });
  });
  test('what was done stays with what was decided: another control here, a treatment at home', () => {
    const here = { ...base, laps: [{ ...lap, controlId: 'neem' }] };
    const home = { ...base, laps: [{ ...lap, treatmentId: 't' }] };
    expect(mergeDocuments(base, here, home).clashes.map((c) => c.field)).toEqual(['laps']);
    expect(mergeDocuments(base, home, here).clashes.map((c) => c.field)).toEqual(['laps']);
    const label = { ...base, laps: [{ ...lap, sheetId: 'own-neem' }] };
    expect(mergeDocuments(base, label, home).clashes).toHaveLength(1);
  });
  test('two new laps, two controls in one lap, or a lap that is gone: somebody has to choose', () => {
    const two = { ...base, laps: [lap, { ...lap, controlId: 'neem' }] };
    const other = { ...base, laps: [lap, { ...lap, controlId: 'oil' }] };
    expect(mergeDocuments(base, two, other).clashes.map((c) => c.field)).toEqual(['laps']);
    const here = { ...base, laps: [{ ...lap, controlId: 'neem' }] };
    const home = { ...base, laps: [{ ...lap, controlId: 'oil' }] };
    expect(mergeDocuments(base, here, home).clashes).toEqual([{ field: 'laps', here: here.laps, home: home.laps }]);
    expect(mergeDocuments(two, { ...two, laps: [lap] }, { ...two, laps: [lap, { ...lap, controlId: 'x' }] }).clashes).toHaveLength(1);
    expect(mergeDocuments(two, { ...two, laps: [lap, { ...lap, controlId: 'x' }] }, { ...two, laps: [lap] }).clashes).toHaveLength(1);
  });
});

describe('merging, of 5,000 random changes', () => {
  let seed = 3;
  const random = () => (seed = (seed * 1103515245 + 12345) % 2147483648) / 2147483648;
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)] as T;
  const value = (): unknown => pick([1, 2, 'a', 'b', null, ['x'], ['x', 'y'], [{ k: 1 }], { deep: pick([1, 2]), also: pick([1, 2]) }]);
  const change = (doc: Record<string, unknown>) => Object.fromEntries(Object.entries(doc).map(([k, v]) => [k, random() < 0.35 ? value() : v]));

  test('nothing that one side alone changed is lost, and nothing that both agree on is asked', () => {
    for (let n = 0; n < 5000; n++) {
      const base: Record<string, unknown> = { a: value(), b: value(), c: value(), d: value() };
      const here = change(base);
      const home = change(base);
      const { document, clashes } = mergeDocuments(base, here, home);
      const asked = new Set(clashes.map((c) => c.field));
      for (const f of Object.keys(base)) {
        const same = (x: unknown, y: unknown) => JSON.stringify(x) === JSON.stringify(y);
        if (same(base[f], here[f])) expect([f, document[f], asked.has(f)]).toEqual([f, home[f], false]);
        else if (same(base[f], home[f]) || same(here[f], home[f])) expect([f, document[f], asked.has(f)]).toEqual([f, here[f], false]);
        else if (asked.has(f)) expect(document[f]).toEqual(home[f]);
      }
      // either side may be called home: what is asked is the same
      expect(mergeDocuments(base, home, here).clashes.map((c) => c.field)).toEqual(clashes.map((c) => c.field));
    }
  });
});
