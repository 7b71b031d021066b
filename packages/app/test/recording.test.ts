import type { Dimension, UnitSystem } from '@sleetbrook/core/measure';
import { parseQuantity } from '@sleetbrook/core/measure';
import fc from 'fast-check';
import { asTyped, meantBy } from '../src/state/as-typed';
import { doneInstead, EMPTY_RECORD, useRecording } from '../src/state/recording';
import { runs } from '../../core/test/runs';

describe('records under way', () => {
  beforeEach(() => useRecording.setState({ records: {} }));

  test('a new one never takes the place of one that is not kept yet', () => {
    const r = useRecording.getState();
    const soap = r.begin({ what: 'control:soap-spray', amount: '30 ml' });
    r.change(soap, { ids: { roses: 'one' }, time: '2026-06-12 10:00' });
    const copper = r.begin({ what: 'control:bordeaux-spray' });
    expect(copper).not.toBe(soap);
    expect(useRecording.getState().records).toMatchObject({
      [soap]: { what: 'control:soap-spray', amount: '30 ml', ids: { roses: 'one' } },
      [copper]: { what: 'control:bordeaux-spray', ids: {} },
    });
    r.drop(copper);
    expect(Object.keys(useRecording.getState().records)).toEqual([soap]);
  });

  test('one that is first changed under its address begins there', () => {
    useRecording.getState().change('draft', { on: ['roses'] });
    expect(useRecording.getState().records['draft']).toEqual({ ...EMPTY_RECORD, on: ['roses'] });
  });
});

describe('a figure in a field', () => {
  const read = (text: string, units: UnitSystem) => {
    const q = parseQuantity(text, units, ['volume', 'mass', 'area']);
    return q.ok ? q.value.si : Number.NaN;
  };
  test.each<[number, Dimension, UnitSystem, string]>([
    [2.46446079, 'volume', 'us', '½ tsp'],
    [504.72157, 'volume', 'us', '17⅛ fl oz'],
    [504.72157, 'volume', 'metric', '505 ml'],
    [3.7161216, 'area', 'us', '40 sq ft'],
    [9.3333333, 'mass', 'metric', '9.33 g'],
  ])('%d of %s (%s) stands as %s', (si, dimension, units, words) => expect(asTyped(si, dimension, units).text).toBe(words));

  test('is short, near, and exact as long as nobody touches it', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.05, max: 40_000, noNaN: true }),
        fc.constantFrom<Dimension>('volume', 'mass', 'area'),
        fc.constantFrom<UnitSystem>('metric', 'us', 'imperial', 'australian'),
        (si, dimension, units) => {
          const typed = asTyped(si, dimension, units);
          expect(typed.text).not.toMatch(/\d[.,]?\d{5}|\.\d{5}/);
          const again = read(typed.text, units);
          expect(Math.abs(again - si) / si).toBeLessThanOrEqual(0.011);
          expect(meantBy(typed.text, typed, again)).toBe(si);
          // what is typed anew is meant as typed, unless it is what stood there
          if (typed.text !== '1 l') expect(meantBy('1 l', typed, 1000)).toBe(1000);
          expect(meantBy(typed.text, null, again)).toBe(again);
        },
      ),
      { numRuns: runs(400) },
    );
  });
});

test('another thing done takes the words along, never the exact figure of the first', () => {
  const exact = { amount: asTyped(2.46446, 'volume', 'us'), area: asTyped(4, 'area', 'us') };
  const draft = { ...EMPTY_RECORD, what: 'control:soap-spray', made: 'soap', amount: '½ tsp', exact };
  expect(doneInstead(draft, 'control:sulfur-spray')).toEqual({ what: 'control:sulfur-spray', made: '', percent: '', exact: { area: exact.area } });
});
