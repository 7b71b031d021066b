import { freshLap, type SeasonView, type Treatment, type TreatmentPage } from '@sleetbrook/core/api';
import { COPPER_LEDGER_G_M2 } from '@sleetbrook/core/label';
import type { Snapshot } from '@sleetbrook/core/house';
import { v7 } from 'uuid';
import { harness, planting, treatment } from './harness';

const API = '/api/v1';
const KENT = { latitude: 51.3, longitude: 0.5, zone: 'Europe/London', country: 'GB', units: 'metric', setUp: true };

test('copper of five years ago is known wherever it is asked for: list, season, record and what a device takes along', async () => {
  const h = harness({ demo: false, now: '2021-06-10T18:00:00.000Z' });
  let api = h.start();
  const put = (path: string, body: object) => api.put(`${API}${path}`).send(body);
  await put('/garden', { ...(await api.get(`${API}/garden`)).body, ...KENT }).expect(200);
  const bed = planting({ name: 'Tomatoes', hostId: 'tomato', stage: 'growing', areaM2: 10 });
  await put(`/plantings/${bed.id}`, bed).expect(200);
  // half of it is copper: all but a tenth of a gram of what the ground may have in seven years
  const grams = (COPPER_LEDGER_G_M2 - 0.1) * 10 * 2;
  const old = treatment(bed.id, null, { controlId: 'copper-spray', amount: grams, areaM2: 10, waterMl: 1000, finishedAt: '2021-06-10T17:00:00.000Z' });
  const soap = treatment(bed.id, null, { amount: 20, waterMl: 1000, areaM2: 10, finishedAt: '2021-06-09T17:00:00.000Z' });
  await put(`/treatments/${soap.id}`, soap).expect(200);
  await put(`/treatments/${old.id}`, old).expect(200);

  api = h.restart('2026-06-10T18:00:00.000Z');
  const look = { id: v7(), plantingId: bed.id, caseId: null, at: '2026-06-10T17:30:00.000Z', answers: [], count: { affected: 9, looked: 20 }, note: '' };
  await put(`/looks/${look.id}`, look).expect(200);
  const found = {
    ...{ id: v7(), revision: 0, plantingId: bed.id, troubleId: 'late-blight', confidence: 1, lookId: look.id, stageSeen: null },
    ...{ openedAt: '2026-06-10T17:40:00.000Z', status: 'open', closedAt: null },
    laps: [{ ...freshLap(), controlId: 'copper-spray', decidedAt: '2026-06-10T17:50:00.000Z' }],
  };
  const kept = await put(`/cases/${found.id}`, found);
  expect([kept.status, kept.body.errors]).toEqual([200, undefined]);

  const listed = (await api.get(`${API}/treatments?planting=${bed.id}`).expect(200)).body as TreatmentPage;
  const season = (await api.get(`${API}/season`).expect(200)).body as SeasonView;
  const snapshot = (await api.get(`${API}/snapshot`).expect(200)).body as Snapshot;
  expect(listed.treatments.map((t) => t.id)).toEqual([old.id]);
  expect(season.courses.map((c) => c.treatments.map((t) => t.id))).toEqual([[old.id]]);
  expect(snapshot.treatments.map((t) => t.id)).toContain(old.id);

  const now = treatment(bed.id, null, { controlId: 'copper-spray', amount: 10, areaM2: 10, waterMl: 1000, finishedAt: '2026-06-10T17:55:00.000Z' });
  const record = (await put(`/treatments/${now.id}`, now).expect(200)).body as Treatment;
  expect(record.broke.join(' ')).toMatch(/in seven years/);
  h.stop();
});
