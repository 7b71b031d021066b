import { EMPTY_RECORD, useRecording } from '../src/state/recording';

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
