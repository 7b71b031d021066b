import { v7 } from 'uuid';
import { type LabelSheet } from '@sleetbrook/core/label';
import { SHEETS } from '@sleetbrook/core/sheets';
import { harness, larkfold, NOW, ownSheet, look, caseOf, planting, treatment } from './harness';

let h: ReturnType<typeof harness>;
let api: ReturnType<ReturnType<typeof harness>['start']>;
beforeEach(() => {
  h = harness();
  api = h.start();
});
afterEach(() => h.stop());

const soap = SHEETS.find((s) => s.id === 'potassium-soap') as LabelSheet;
const malathion = SHEETS.find((s) => s.id === 'malathion-50-ec') as LabelSheet;
const own = (from = soap, change: object = {}) => ownSheet(from, change);
const list = async () => (await api.get('/api/v1/sheets').expect(200)).body as LabelSheet[];
const mine = async () => (await list()).filter((s) => !s.specimen);

describe('own label sheets', () => {
  test('are kept by version, changed, removed, brought back, and are there after a restart', async () => {
    const s = own();
    await api.put(`/api/v1/sheets/${s.id}`).send(s).expect(200);
    await api.put(`/api/v1/sheets/${s.id}`).send(s).expect(200);
    await api
      .put(`/api/v1/sheets/${s.id}`)
      .send({ ...s, version: 2, maxTempC: 25 })
      .expect(200);
    // made from a version that is not the last
    await api
      .put(`/api/v1/sheets/${s.id}`)
      .send({ ...s, version: 2, maxTempC: 20 })
      .expect(409);
    api = h.restart();
    expect(await mine()).toMatchObject([{ id: s.id, version: 2, maxTempC: 25 }]);
    expect((await api.get(`/api/v1/sheets/${s.id}/versions`).expect(200)).body.map((v: LabelSheet) => v.version)).toEqual([2, 1]);
    await api.delete(`/api/v1/sheets/${s.id}`).expect(204);
    expect(await mine()).toEqual([]);
    await api.post(`/api/v1/sheets/${s.id}/restore`).expect(200);
    expect(await mine()).toHaveLength(1);
  });

  test.each<[string, object, string]>([
    ['a wait in words', { lines: [{ ...soap.lines[0], phiDays: 'seven' }] }, 'lines.0.phiDays'],
    ['rates upside down', { lines: [{ ...soap.lines[0], rate: { form: 'per-litre', unit: 'ml', min: 30, max: 20 } }] }, 'lines.0.rate.min'],
    ['an unknown crop', { lines: [{ ...soap.lines[0], crops: ['bananarama'] }] }, 'lines.0.crops.0'],
    ['nowhere to use it', { outdoors: false, indoors: false }, 'outdoors'],
    ['posing as a specimen', { specimen: true }, 'specimen'],
  ])('%s is refused at its field and changes nothing', async (_what, change, field) => {
    const s = own(soap, change);
    const res = await api.put(`/api/v1/sheets/${s.id}`).send(s).expect(422);
    expect(res.body.errors.map((e: { field: string }) => e.field)).toContain(field);
    expect(await mine()).toEqual([]);
  });

  test('a specimen can not be written over', async () => {
    await api.put('/api/v1/sheets/potassium-soap').send(soap).expect(422);
    await api.delete('/api/v1/sheets/potassium-soap').expect(404);
  });
});

describe('files of sheets', () => {
  test('go out of one garden and into another', async () => {
    const [a, b] = [own(), own(malathion)];
    for (const s of [a, b]) await api.put(`/api/v1/sheets/${s.id}`).send(s).expect(200);
    const file = (await api.get('/api/v1/sheets/file').expect(200)).text;
    await api.delete(`/api/v1/sheets/${a.id}`).expect(204);
    const other = harness();
    const there = other.start();
    const imported = await there.post('/api/v1/sheets/file').send({ text: file }).expect(200);
    expect(imported.body).toEqual({ added: 2, changed: 0, same: 0 });
    expect((await there.post('/api/v1/sheets/file').send({ text: file }).expect(200)).body).toEqual({ added: 0, changed: 0, same: 2 });
    const changed = file.replace('"maxTempC": 32', '"maxTempC": 26');
    expect((await there.post('/api/v1/sheets/file').send({ text: changed }).expect(200)).body).toEqual({ added: 0, changed: 1, same: 1 });
    other.stop();
  });

  test('one fault in the second sheet, and not even the first is taken', async () => {
    const text = JSON.stringify(
      { format: 'sleetbrook-label-sheets', version: 1, sheets: [own(), own(malathion, { outdoors: false, indoors: false })] },
      null,
      1,
    );
    const res = await api.post('/api/v1/sheets/file').send({ text }).expect(422);
    const line = text.split('\n').reduce((last, l, i) => (l.includes('"outdoors"') ? i + 1 : last), 0);
    expect(res.body.errors[0]).toMatchObject({ field: 'sheets.1.outdoors', line });
    expect(res.body.errors[0].message).toContain(`Line ${line}`);
    expect(await mine()).toEqual([]);
  });

  test('3 MB are refused with the size, 6 MB by the door', async () => {
    const res = await api
      .post('/api/v1/sheets/file')
      .send({ text: 'x'.repeat(3_000_000) })
      .expect(422);
    expect(res.body.errors[0]).toMatchObject({ field: 'file', message: expect.stringContaining('3.0 MB') });
    await api
      .post('/api/v1/sheets/file')
      .send({ text: 'x'.repeat(6_000_000) })
      .expect(413);
  });

  test('a rate table goes out and comes in as CSV', async () => {
    const csv = (await api.get('/api/v1/sheets/malathion-50-ec/rates').expect(200)).text;
    const lines = (await api.post('/api/v1/sheets/rates').send({ text: csv }).expect(200)).body;
    expect(lines).toHaveLength(malathion.lines.length);
    const res = await api
      .post('/api/v1/sheets/rates')
      .send({ text: csv.replace(/,7,30/, ',seven,30') })
      .expect(422);
    expect(res.body.errors[0]).toMatchObject({ field: 'picking_wait_days', line: 2 });
  });
});

describe('a treatment from an own sheet', () => {
  const confirm = (sheet: ReturnType<typeof own>) =>
    api.put(`/api/v1/confirmations/${sheet.id}`).send({ sheetId: sheet.id, version: sheet.version, confirmedAt: NOW }).expect(200);
  const setUp = async (sheet: ReturnType<typeof own>) => {
    await api.put(`/api/v1/sheets/${sheet.id}`).send(sheet).expect(200);
    const p = planting();
    await api.put(`/api/v1/plantings/${p.id}`).send(p).expect(200);
    const l = look(p.id);
    await api.put(`/api/v1/looks/${l.id}`).send(l).expect(200);
    const c = caseOf(p.id, l.id);
    await api.put(`/api/v1/cases/${c.id}`).send(c).expect(200);
    return treatment(p.id, c.id, { sheetId: sheet.id, areaM2: 4, amount: 20, waterMl: 1600 });
  };

  test('is kept with that version of it, also after the sheet was changed', async () => {
    const sheet = own();
    const t = await setUp(sheet);
    await confirm(sheet);
    const kept = (await api.put(`/api/v1/treatments/${t.id}`).send(t).expect(200)).body;
    expect(kept.sheet).toMatchObject({ id: sheet.id, version: 1 });
    await api
      .put(`/api/v1/sheets/${sheet.id}`)
      .send({ ...sheet, version: 2, name: 'Other soap' })
      .expect(200);
    expect((await api.get(`/api/v1/treatments/${t.id}`).expect(200)).body.sheet).toEqual(kept.sheet);
  });

  test('above that sheet’s rate is told in the record, though the specimen would allow it', async () => {
    const weak = own(soap, { lines: soap.lines.map((l) => ({ ...l, rate: { ...l.rate, min: 2, max: 5 } })) });
    const t = await setUp(weak);
    await confirm(weak);
    const res = await api.put(`/api/v1/treatments/${t.id}`).send(t).expect(200);
    expect(res.body.broke.join(' ')).toMatch(/Above the label/);
    expect(res.body.pickUnknown).toBe(true);
  });

  test('a conventional one that was not compared is told in the record; once it is, not', async () => {
    const sheet = own(malathion);
    const t = { ...(await setUp(sheet)), controlId: 'organophosphate-spray', amount: 0.8, waterMl: 400 };
    const unread = { ...t, id: v7() };
    expect((await api.put(`/api/v1/treatments/${unread.id}`).send(unread).expect(200)).body.broke.join(' ')).toMatch(/not compared/);
    await api.put(`/api/v1/confirmations/${sheet.id}`).send({ sheetId: sheet.id, version: 1, confirmedAt: t.finishedAt }).expect(200);
    expect((await api.put(`/api/v1/treatments/${t.id}`).send(t).expect(200)).body.broke.join(' ')).not.toMatch(/not compared/);
  });

  test('one from a file is compared with the label first, whatever class it gives itself', async () => {
    const sheet = own(malathion, { class: 'low-toxicity' });
    const text = JSON.stringify({ format: 'sleetbrook-label-sheets', version: 1, sheets: [sheet] });
    await api.post('/api/v1/sheets/file').send({ text }).expect(200);
    const t = { ...(await setUp(sheet)), controlId: 'organophosphate-spray', amount: 0.8, waterMl: 400 };
    const unread = { ...t, id: v7() };
    expect((await api.put(`/api/v1/treatments/${unread.id}`).send(unread).expect(200)).body.broke.join(' ')).toMatch(/not compared/);
    await confirm(sheet);
    expect((await api.put(`/api/v1/treatments/${t.id}`).send(t).expect(200)).body.broke.join(' ')).not.toMatch(/not compared/);
  });

  test('a sheet of another control, or none at all, is refused', async () => {
    const t = await setUp(own());
    expect(
      (
        await api
          .put(`/api/v1/treatments/${t.id}`)
          .send({ ...t, controlId: 'neem-spray' })
          .expect(422)
      ).body.errors[0].field,
    ).toBe('sheetId');
    expect(
      (
        await api
          .put(`/api/v1/treatments/${t.id}`)
          .send({ ...t, sheetId: 'own-none' })
          .expect(422)
      ).body.errors[0].field,
    ).toBe('sheetId');
  });
});

describe('a plan of several things', () => {
  test('what goes along is ticked off by its own record, and the case waits for the main one', async () => {
    const p = larkfold(1);
    const l = look(p);
    await api.put(`/api/v1/looks/${l.id}`).send(l).expect(200);
    const c = caseOf(p, l.id);
    c.laps = [{ ...(c.laps[0] as never as object), controlId: 'soap-spray', also: [{ controlId: 'draw-off-ants', doneAt: null }] }] as never;
    await api.put(`/api/v1/cases/${c.id}`).send(c).expect(200);
    const t = treatment(p, c.id, { controlId: 'draw-off-ants', amount: null, waterMl: null });
    await api.put(`/api/v1/treatments/${t.id}`).send(t).expect(200);
    const lap = (await api.get(`/api/v1/cases/${c.id}`).expect(200)).body.case?.laps?.[0] ?? (await api.get(`/api/v1/cases/${c.id}`)).body.laps[0];
    expect(lap.also).toEqual([{ controlId: 'draw-off-ants', doneAt: t.finishedAt }]);
    expect(lap.treatmentId).toBeNull();
  });
});
