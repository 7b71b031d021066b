import { v7 } from 'uuid';
import { LYE_GATES } from '@sleetbrook/core/bench';
import { harness, larkfold, NOW } from './harness';

let h: ReturnType<typeof harness>;
let api: ReturnType<ReturnType<typeof harness>['start']>;
beforeEach(() => {
  h = harness();
  api = h.start();
});
afterEach(() => h.stop());

const put = (path: string, body: object) => api.put(`/api/v1${path}`).send(body);
const get = (path: string) => api.get(`/api/v1${path}`);
const fieldsOf = (body: { errors: { field: string }[] }) => body.errors.map((e) => e.field);

const item = (change: object = {}) => ({
  id: v7(),
  revision: 0,
  kind: 'product',
  name: 'Potassium soap',
  sheetId: 'potassium-soap',
  unit: 'ml',
  amount: 400,
  packSize: 500,
  price: 8.5,
  strength: null,
  hazards: ['fish'],
  on: '2026-05-01',
  goodUntil: null,
  useBy: null,
  plantingId: null,
  where: 'Locked cupboard',
  note: '',
  ...change,
});

const batch = (change: object = {}) => ({
  id: v7(),
  revision: 0,
  name: 'Soap of May',
  startedAt: '2026-05-20T08:00:00.000Z',
  oils: [{ oilId: 'rapeseed', g: 1000 }],
  lyeG: 192,
  purity: 90,
  waterG: 153.6,
  yieldMl: 7680,
  confirmed: [...LYE_GATES],
  tempC: 21,
  blendedAt: '2026-05-20T08:40:00.000Z',
  thinnedAt: null,
  stirs: [],
  readyAt: null,
  note: '',
  ...change,
});

describe('what stands in the shed', () => {
  test('is kept over a restart, changed by revision, removed and put back', async () => {
    const i = item();
    expect((await put(`/shed-items/${i.id}`, i).expect(200)).body).toMatchObject({ amount: 400, revision: 1 });
    await put(`/shed-items/${i.id}`, i).expect(200); // the very same again: an offline queue resends
    await put(`/shed-items/${i.id}`, { ...i, revision: 1, amount: 120 }).expect(200);
    await put(`/shed-items/${i.id}`, { ...i, revision: 1, amount: 90 }).expect(409);
    api = h.restart();
    const kept = (await get(`/shed-items/${i.id}`).expect(200)).body;
    expect(kept).toMatchObject({ amount: 120, revision: 2 });
    await api.delete(`/api/v1/shed-items/${i.id}`).expect(204);
    await get(`/shed-items/${i.id}`).expect(404);
    await put(`/shed-items/${i.id}`, { ...kept, revision: 0 }).expect(200);
    expect((await get('/shed-items')).body.map((x: { id: string }) => x.id)).toContain(i.id);
  });

  test.each([
    ['less than nothing', { amount: -1 }, 'amount'],
    ['letters for an amount', { amount: 'half' }, 'amount'],
    ['a stock without its strength', { kind: 'stock' }, 'strength'],
    ['a left-over mix without an end', { kind: 'mix' }, 'useBy'],
    ['a day that is none', { on: '2026-02-31' }, 'on'],
    ['a hazard nobody knows', { hazards: ['curse'] }, 'hazards.0'],
  ])('%s is refused at its field and changes nothing', async (_what, change, field) => {
    const before = (await get('/shed-items')).body;
    const i = item(change);
    expect(fieldsOf((await put(`/shed-items/${i.id}`, i).expect(422)).body)).toContain(field);
    expect((await get('/shed-items')).body).toEqual(before);
  });

  test('has a code that opens it, and a label to print', async () => {
    const id = larkfold(623);
    const code = (await get(`/shed-items/${id}/code`).expect(200)).body;
    expect(code.url).toMatch(new RegExp(`/shed/item/${id}$`));
    expect(code.rows).toHaveLength(code.size);
    // the three corner marks of such a code begin with seven dark squares
    expect(code.rows[0].startsWith('1111111')).toBe(true);
    expect(code.rows[0].endsWith('1111111')).toBe(true);
    const label = await get(`/shed-items/${id}/label.pdf`).expect(200).expect('Content-Type', /pdf/);
    expect((label.body as Buffer).subarray(0, 5).toString()).toBe('%PDF-');
    await get(`/shed-items/${v7()}/label.pdf`).expect(404);
  });

  test('left-over mix is reminded of until it is used up', async () => {
    const i = item({ kind: 'mix', name: 'Soap, mixed for beans', useBy: '2026-05-25T06:00:00.000Z', plantingId: larkfold(1) });
    const kept = (await put(`/shed-items/${i.id}`, i).expect(200)).body;
    const mine = async () => (await get('/today')).body.reminders.find((r: { id: string }) => r.id === i.id);
    expect(await mine()).toMatchObject({ kind: 'mix', at: '2026-05-25T06:00:00.000Z' });
    api = h.restart('2026-05-25T09:00:00.000Z');
    await put('/clock', { now: '2026-05-25T09:00:00.000Z' });
    expect((await mine()).text).toMatch(/do not spray/);
    await put(`/shed-items/${i.id}`, { ...kept, amount: 0 }).expect(200);
    expect(await mine()).toBeUndefined();
  });
});

describe('a batch of soap', () => {
  test('goes through its days, reminds, and is in the shed when it is ready', async () => {
    const b = batch();
    const blended = (await put(`/batches/${b.id}`, b).expect(200)).body;
    const mine = async () => (await get('/today')).body.reminders.find((r: { id: string }) => r.id === b.id);
    expect(await mine()).toMatchObject({ kind: 'soap', at: '2026-05-22T08:40:00.000Z' });
    const thinned = (await put(`/batches/${b.id}`, { ...blended, thinnedAt: '2026-05-23T08:00:00.000Z' }).expect(200)).body;
    expect((await mine()).text).toMatch(/Stir/);
    const stirred = (await put(`/batches/${b.id}`, { ...thinned, stirs: ['2026-05-23T20:00:00.000Z'] }).expect(200)).body;
    expect(await mine()).toMatchObject({ at: '2026-05-24T06:00:00.000Z' });
    api = h.restart();
    await put(`/batches/${b.id}`, { ...stirred, readyAt: NOW }).expect(200);
    expect(await mine()).toBeUndefined();
    expect((await get(`/shed-items/${b.id}`).expect(200)).body).toMatchObject({ kind: 'soap', amount: 7680, on: '2026-05-24' });
    await api.delete(`/api/v1/batches/${b.id}`).expect(204);
    await get(`/batches/${b.id}`).expect(404);
    await get(`/shed-items/${b.id}`).expect(200);
  });

  test.each([
    ['lye in excess', { lyeG: 215 }, 'lyeG'],
    ['a confirmation left out', { confirmed: LYE_GATES.slice(1) }, 'confirmed'],
    ['an oil nobody knows', { oils: [{ oilId: 'engine', g: 500 }] }, 'oils.0'],
    ['thinned before it has rested', { thinnedAt: '2026-05-21T08:00:00.000Z' }, 'thinnedAt'],
    ['stirred before it is thinned', { stirs: ['2026-05-21T08:00:00.000Z'] }, 'stirs'],
    ['blended before it was begun', { blendedAt: '2026-05-19T08:00:00.000Z' }, 'blendedAt'],
    ['begun tomorrow', { startedAt: '2026-05-26T08:00:00.000Z', blendedAt: null }, 'startedAt'],
  ])('%s is refused', async (_what, change, field) => {
    const b = batch(change);
    expect(fieldsOf((await put(`/batches/${b.id}`, b).expect(422)).body)).toContain(field);
    await get(`/batches/${b.id}`).expect(404);
  });
});

describe('calibration', () => {
  test('walks are kept with the sprayer over a restart', async () => {
    const sprayer = (await get('/sprayers')).body[0];
    const walk = { id: v7(), at: NOW, style: 'wetted', areaM2: 20, ml: 1900, seconds: 130 };
    await put(`/sprayers/${sprayer.id}`, { ...sprayer, calibrations: [...sprayer.calibrations, walk] }).expect(200);
    api = h.restart();
    expect((await get('/sprayers')).body.find((s: { id: string }) => s.id === sprayer.id).calibrations.at(-1)).toEqual(walk);
  });
  test.each([
    [{ areaM2: 0 }, 'calibrations.0.areaM2'],
    [{ ml: -5 }, 'calibrations.0.ml'],
    [{ seconds: 0 }, 'calibrations.0.seconds'],
    [{ style: 'splashed' }, 'calibrations.0.style'],
  ])('%j is refused at its field', async (change, field) => {
    const sprayer = (await get('/sprayers')).body[0];
    const walk = { id: v7(), at: NOW, style: 'wetted', areaM2: 20, ml: 1900, seconds: 130, ...change };
    expect(fieldsOf((await put(`/sprayers/${sprayer.id}`, { ...sprayer, calibrations: [walk] }).expect(422)).body)).toContain(field);
  });
});

describe('a card to print', () => {
  const card = {
    title: 'Neem oil emulsion',
    sub: '2 l, “today”',
    figures: [{ name: 'Neem oil', value: '10 ml (⅓ fl oz)' }],
    steps: Array.from({ length: 40 }, (_, i) => ({
      title: `Step ${i}`,
      lines: ['Stir slowly, 1½ minutes, then look at it again in good light.'],
      gate: ['Gloves'],
      caution: 'Hot',
    })),
    cautions: ['Kills fish.'],
    working: [{ title: 'Oil', result: '10 ml', inputs: [{ name: 'Mix', value: '2 l' }], formula: '5 ml a litre', source: { mark: 'CP' } }],
  };
  test('is a PDF, over as many pages as it needs', async () => {
    const res = await api.post('/api/v1/cards/pdf').send(card).expect(200).expect('Content-Type', /pdf/);
    const text = (res.body as Buffer).toString('latin1');
    expect(text.startsWith('%PDF-')).toBe(true);
    expect(text.length).toBeGreaterThan(2000);
  });
  test('without a title it is refused at its field', async () => {
    expect(
      fieldsOf(
        (
          await api
            .post('/api/v1/cards/pdf')
            .send({ ...card, title: '' })
            .expect(422)
        ).body,
      ),
    ).toContain('title');
  });
});
