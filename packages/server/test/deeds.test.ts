import { freshLap } from '@sleetbrook/core/api';
import { v7 } from 'uuid';
import { harness, planting, treatment } from './harness';

const API = '/api/v1';
const ORCHARD = { latitude: 39.1, longitude: -84.5, zone: 'America/New_York' };

/** An orchard of its own: no demonstration, US units. */
async function orchard(now: string) {
  const h = harness({ demo: false, now });
  let app = h.start();
  const get = async (path: string) => (await app.get(`${API}${path}`)).body;
  const put = (path: string, body: object) => app.put(`${API}${path}`).send(body);
  await put('/garden', { ...(await get('/garden')), ...ORCHARD, units: 'us', setUp: true, homeMade: 'not-allowed' }).expect(200);
  const tree = planting({ name: 'Nectarine', hostId: 'peach', stage: 'dormant', areaM2: 9 });
  await put(`/plantings/${tree.id}`, tree).expect(200);
  const load = (lines: readonly string[]) => app.put(`${API}/weather/file`).set('Content-Type', 'text/csv').send(lines.join('\n')).expect(200);
  const drop = () => app.delete(`${API}/weather/file`).expect(204);
  return { h, tree, get, put, load, drop, to: (at: string) => (app = h.restart(at)) };
}

describe('what was done without a look', () => {
  const NOW = '2026-02-10T15:00:00.000Z';

  test('a case against what may come opens without a look, and only then', async () => {
    const { h, tree, put, get } = await orchard(NOW);
    const c = {
      id: v7(),
      revision: 0,
      plantingId: tree.id,
      troubleId: 'peach-leaf-curl',
      confidence: 1,
      lookId: null,
      purpose: 'prevent',
      stageSeen: null,
      openedAt: NOW,
      status: 'open',
      closedAt: null,
      laps: [freshLap()],
    };
    await put(`/cases/${c.id}`, { ...c, purpose: 'seen' }).expect(422);
    await put(`/cases/${c.id}`, c).expect(200);
    expect((await get(`/cases/${c.id}`)).case).toMatchObject({ lookId: null, purpose: 'prevent' });
    expect((await get('/today')).openCases).toHaveLength(1);
    h.stop();
  });

  test('Bordeaux of one’s own counts its copper, keeps its gaps, and says that no label covers it', async () => {
    const { h, tree, put, get } = await orchard(NOW);
    // 10-10-100 in 2 gal: 90.7 g of crystals and as much lime, 23.1 g of metallic copper
    const made = { name: 'Bordeaux mixture 10-10-100', percent: (23.086 / 181.44) * 100 };
    const t = treatment(tree.id, null, {
      controlId: 'bordeaux-spray',
      made,
      purpose: 'prevent',
      troubleId: 'peach-leaf-curl',
      amount: 181.44,
      waterMl: 7570.8,
      areaM2: 9,
      finishedAt: NOW,
    });
    const record = (await put(`/treatments/${t.id}`, t).expect(200)).body;
    expect(record.sheet).toMatchObject({ name: made.name, groups: ['copper'] });
    expect((record.amount * record.sheet.actives[0].percent) / 100).toBeCloseTo(23.086, 3);
    expect(record.broke.join(' ')).toMatch(/Made at home: no label covers it/);
    expect(record.broke.join(' ')).toMatch(/may not be used as pesticides/);
    expect(record.broke.join(' ')).not.toMatch(/Above the label|not compared/);
    // a lost answer: the same record again
    expect((await put(`/treatments/${t.id}`, t).expect(200)).body).toEqual(record);
    expect((await get('/treatments')).treatments).toHaveLength(1);
    expect((await get('/today')).keepOut).toHaveLength(1);
    h.stop();
  });

  test('one mix for two plantings is two records with one mix, each with clocks of its own', async () => {
    const { h, tree, put, get } = await orchard('2026-06-10T23:00:00.000Z');
    const roses = planting({ name: 'Roses', hostId: 'rose', stage: 'growing', edible: false, areaM2: 3 });
    await put(`/plantings/${roses.id}`, roses).expect(200);
    const mixId = v7();
    for (const [p, part] of [
      [tree, 0.75],
      [roses, 0.25],
    ] as const) {
      const t = treatment(p.id, null, {
        controlId: 'soap-spray',
        troubleId: 'leaf-curl-aphid',
        mixId,
        amount: 120 * part,
        waterMl: 8000 * part,
        areaM2: p.areaM2,
        finishedAt: '2026-06-10T22:55:00.000Z',
      });
      await put(`/treatments/${t.id}`, t).expect(200);
    }
    const { treatments } = await get('/treatments');
    expect(treatments.map((t: { mixId: string }) => t.mixId)).toEqual([mixId, mixId]);
    expect(new Set((await get('/today')).keepOut.map((c: { plantingName: string }) => c.plantingName))).toEqual(new Set(['Nectarine', 'Roses']));
    h.stop();
  });

  test('a label by the trunk is judged by the tape, and without one it is said that nobody knows', async () => {
    const { h, tree, put } = await orchard('2026-06-10T23:00:00.000Z');
    const birch = planting({ name: 'Birch', hostId: 'birch', edible: false, areaM2: 20 });
    await put(`/plantings/${birch.id}`, birch).expect(200);
    expect(tree.id).not.toBe(birch.id);
    // the specimen has 0.9 to 1.1 g a centimetre round: 50 g on 50 cm is within, and 20 m² has nothing to do with it
    const t = (change: object) =>
      treatment(birch.id, null, {
        controlId: 'trunk-spray',
        troubleId: 'bark-borer',
        amount: 50,
        waterMl: 600,
        areaM2: 20,
        finishedAt: '2026-06-10T22:55:00.000Z',
        ...change,
      });
    const broke = async (change: object): Promise<string> => {
      const r = t(change);
      return (await put(`/treatments/${r.id}`, r).expect(200)).body.broke.join(' ');
    };
    expect(await broke({ trunkCm: 50, heightM: 9 })).not.toMatch(/Above|Weaker|not known/);
    expect(await broke({ trunkCm: 25, heightM: 9 })).toMatch(/Above the label/);
    expect(await broke({ trunkCm: null, heightM: 9 })).toMatch(/whether it was within is not known/);
    h.stop();
  });

  test('more copper than the ground may have, and what is not allowed in the country, are written down as such', async () => {
    const { h, tree, put, get } = await orchard('2026-02-10T15:00:00.000Z');
    const copper = (day: string, change: object) =>
      treatment(tree.id, null, { controlId: 'copper-spray', troubleId: 'peach-leaf-curl', amount: 20, waterMl: 5000, areaM2: 10, finishedAt: day, ...change });
    const broke = async (t: { id: string }): Promise<string> => (await put(`/treatments/${t.id}`, t).expect(200)).body.broke.join(' ');
    // 50 % of 20 g on 10 m²: 1 g a m² each
    expect(await broke(copper('2026-01-10T12:00:00.000Z', {}))).not.toMatch(/of copper a m²/);
    expect(await broke(copper('2026-02-10T12:00:00.000Z', {}))).toMatch(/1 g of copper a m² in twelve months, and this adds 1 g: 1\.25 g is the most/);
    const garden = await get('/garden');
    await put('/garden', { ...garden, country: 'GB' }).expect(200);
    expect(await broke(copper('2026-02-10T12:30:00.000Z', { amount: 1 }))).toMatch(/Copper is no longer approved/);
    await put('/garden', { ...(await get('/garden')), country: 'IE' }).expect(200);
    expect(await broke(copper('2026-02-10T12:40:00.000Z', { amount: 1 }))).not.toMatch(/approved/);
    h.stop();
  });

  test('loads of the sprayer stand in the record; a spoilt one counts for nothing', async () => {
    const { h, tree, put } = await orchard('2026-06-10T23:00:00.000Z');
    const load = (number: number, product: number, waste: boolean) => ({
      number,
      product,
      waterMl: 4000,
      madeAt: '2026-06-10T21:00:00.000Z',
      outAt: waste ? null : '2026-06-10T22:00:00.000Z',
      waste,
    });
    const t = treatment(tree.id, null, {
      controlId: 'soap-spray',
      amount: 60,
      waterMl: 4000,
      finishedAt: '2026-06-10T22:55:00.000Z',
      loads: [load(1, 60, false), load(2, 400, true)],
      slips: [{ at: '2026-06-10T21:05:00.000Z', text: 'Load 2: too much went in: waste' }],
    });
    const record = (await put(`/treatments/${t.id}`, t).expect(200)).body;
    expect(record.loads).toHaveLength(2);
    expect(record.broke.join(' ')).not.toMatch(/One load was above/);
    await put(`/treatments/${v7()}`, { ...t, loads: [{ ...load(1, -1, false) }] }).expect(422);
    h.stop();
  });
});

describe('what Today reminds of after a treatment', () => {
  test('the second evening of soap, and a look at what was new; neither once it is past or through', async () => {
    const { h, tree, put, get, to } = await orchard('2026-06-10T23:00:00.000Z');
    const aphid = 'leaf-curl-aphid';
    const c = {
      id: v7(),
      revision: 0,
      plantingId: tree.id,
      troubleId: aphid,
      confidence: 1,
      lookId: null,
      purpose: 'upkeep',
      stageSeen: null,
      openedAt: '2026-06-10T22:00:00.000Z',
      status: 'open',
      closedAt: null,
      laps: [{ ...freshLap(), controlId: 'soap-spray', decidedAt: '2026-06-10T22:00:00.000Z', mixedAt: '2026-06-10T22:00:00.000Z' }],
    };
    await put(`/cases/${c.id}`, c).expect(200);
    const t = treatment(tree.id, c.id, { controlId: 'soap-spray', amount: 60, waterMl: 4000, finishedAt: '2026-06-10T22:55:00.000Z' });
    await put(`/treatments/${t.id}`, t).expect(200);
    const kinds = async () => (await get('/today')).reminders.map((r: { kind: string }) => r.kind).sort();
    expect(await kinds()).toEqual(['patch', 'round']);
    const round = (await get('/today')).reminders.find((r: { kind: string }) => r.kind === 'round');
    // the evening after, by the garden's own day
    expect(round).toMatchObject({
      id: c.id,
      title: 'Nectarine',
      text: expect.stringMatching(/^Soap spray: round 2 of \d to \d$/),
      at: '2026-06-11T04:00:00.000Z',
    });
    to('2026-06-13T23:00:00.000Z');
    expect(await kinds()).toEqual(['round']);
    h.stop();
  });

  test('a dust that harms bees is rinsed off at sunrise, for a day', async () => {
    const { h, tree, put, get, to } = await orchard('2026-06-11T01:00:00.000Z');
    const t = treatment(tree.id, null, { controlId: 'pyrethrin-dust', amount: 20, waterMl: null, finishedAt: '2026-06-11T00:50:00.000Z' });
    await put(`/treatments/${t.id}`, t).expect(200);
    const rinse = (await get('/today')).reminders.find((r: { kind: string }) => r.kind === 'rinse');
    // sunrise in Cincinnati on 11 June is about 06:11 (NOAA solar calculator)
    expect(Math.abs(Date.parse(rinse.at) - Date.parse('2026-06-11T10:11:00Z'))).toBeLessThan(10 * 60_000);
    to('2026-06-12T02:00:00.000Z');
    expect((await get('/today')).reminders.filter((r: { kind: string }) => r.kind === 'rinse')).toEqual([]);
    h.stop();
  });

  test('an inch of rain takes off what guards; what was counted since has seen it', async () => {
    const DONE = '2026-06-10T22:00:00.000Z';
    const { h, tree, put, get, load, drop, to } = await orchard(DONE);
    const wet = (mm: (i: number) => number, n: number) => [
      'at,temperatureC,humidityPct,windMs,rainMm,cloud',
      ...Array.from({ length: n }, (_, i) => `${new Date(Date.parse(DONE) + i * 3_600_000).toISOString()},14,80,2,${mm(i)},0.9`),
    ];
    const t = treatment(tree.id, null, { controlId: 'captan-spray', troubleId: 'brown-rot', amount: 20, waterMl: 4000, finishedAt: DONE });
    await put(`/treatments/${t.id}`, t).expect(200);
    const rain = async () => (await get('/today')).reminders.filter((r: { kind: string }) => r.kind === 'rain');
    expect(await rain()).toEqual([]);
    to('2026-06-12T22:00:00.000Z');
    await load(wet((i) => (i >= 24 && i < 28 ? 8 : 0), 72));
    expect(await rain()).toEqual([
      {
        kind: 'rain',
        id: tree.id,
        caseId: null,
        title: 'Nectarine',
        text: expect.stringMatching(/^Captan spray: 1\.3 in of rain fell since: about 1 in takes it off\. Look; .* again from Wed 17 Jun\.$/),
        at: '2026-06-12T02:00:00.000Z',
      },
    ]);
    // the same hours of a file that was loaded before they came are a forecast
    to('2026-06-10T22:30:00.000Z');
    await drop();
    await load(wet((i) => (i >= 24 && i < 28 ? 8 : 0), 72));
    to('2026-06-12T22:00:00.000Z');
    expect((await rain())[0].text).toMatch(/was forecast since/);
    // done again: the new round is what counts
    const again = treatment(tree.id, null, {
      controlId: 'captan-spray',
      troubleId: 'brown-rot',
      amount: 20,
      waterMl: 4000,
      finishedAt: '2026-06-12T21:00:00.000Z',
    });
    await put(`/treatments/${again.id}`, again).expect(200);
    expect(await rain()).toEqual([]);
    h.stop();
  });

  test('what is watered from above is left dry until it has held, and is told so no longer than that', async () => {
    const DONE = '2026-06-10T22:00:00.000Z';
    const { h, tree, put, get, to } = await orchard(DONE);
    const dry = async () => (await get('/today')).reminders.filter((r: { kind: string }) => r.kind === 'dry');
    const captan = treatment(tree.id, null, { controlId: 'captan-spray', troubleId: 'brown-rot', amount: 20, waterMl: 4000, finishedAt: DONE });
    await put(`/treatments/${captan.id}`, captan).expect(200);
    // on the ground water takes nothing off
    expect(await dry()).toEqual([]);
    await put(`/plantings/${tree.id}`, { ...tree, revision: 1, about: ['watered-above-morning'] }).expect(200);
    // the specimen wants twelve hours
    expect(await dry()).toEqual([
      {
        kind: 'dry',
        id: tree.id,
        caseId: null,
        title: 'Nectarine',
        text: 'Captan spray has to hold first: until then no water from above, on the ground alone',
        at: '2026-06-11T10:00:00.000Z',
      },
    ]);
    to('2026-06-11T09:59:00.000Z');
    expect(await dry()).toHaveLength(1);
    to('2026-06-11T10:00:00.000Z');
    expect(await dry()).toEqual([]);
    h.stop();
  });

  test('the air of a record is a forecast until it was measured, and a forecast dries nothing', async () => {
    const h = harness({ demo: false, now: '2026-05-24T12:00:00.000Z' });
    let app = h.start();
    const csv = Array.from({ length: 24 }, (_, i) => `${new Date(Date.UTC(2026, 4, 24, 6 + i)).toISOString()},24,40,2,0,0.1`);
    const load = () =>
      app
        .put(`${API}/weather/file`)
        .set('Content-Type', 'text/csv')
        .send(['at,temperatureC,humidityPct,windMs,rainMm,cloud', ...csv].join('\n'))
        .expect(200);
    await load();
    const hours = async () => (await app.get(`${API}/weather?from=2026-05-24T11:00:00.000Z&hours=3`)).body.hours.map((x: { certainty: string }) => x.certainty);
    expect(await hours()).toEqual(['known', 'known', 'forecast']);
    app = h.restart('2026-05-24T18:10:00.000Z');
    const bed = planting();
    await app.put(`${API}/plantings/${bed.id}`).send(bed).expect(200);
    const soap = () => treatment(bed.id, null, { controlId: 'soap-spray', amount: 20, waterMl: 1000, finishedAt: '2026-05-24T18:05:00.000Z' });
    const done = async () => {
      const t = soap();
      return (await app.put(`${API}/treatments/${t.id}`).send(t).expect(200)).body;
    };
    // in the dry air that was measured it takes two hours; in the same air as a forecast, four
    expect(await done()).toMatchObject({ weather: { source: 'file', certainty: 'forecast' }, keepOutUntil: '2026-05-24T22:05:00.000Z' });
    await load();
    expect(await hours()).toEqual(['known', 'known', 'known']);
    expect(await done()).toMatchObject({ weather: { source: 'file', certainty: 'known' }, keepOutUntil: '2026-05-24T20:05:00.000Z' });
    h.stop();
  });
});
