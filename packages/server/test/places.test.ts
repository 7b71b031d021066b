import { emergencyOf, homeMadeIn, unitsOf } from '@sleetbrook/core/measure';
import { gardenSchema, type Country, type Town } from '@sleetbrook/core/api';
import { harness, planting, treatment } from './harness';

describe('where a garden is', () => {
  const h = harness({ demo: false });
  const api = h.start();
  afterAll(() => h.stop());
  const towns = async (country: string, q: string) =>
    (await api.get(`/api/v1/places/towns?country=${country}&q=${encodeURIComponent(q)}`).expect(200)).body as Town[];

  test('countries come by their names, and by what else they are called', async () => {
    const list = (await api.get('/api/v1/places/countries').expect(200)).body as Country[];
    expect(list.find((c) => c.code === 'GB')).toMatchObject({ name: 'United Kingdom', also: expect.arrayContaining(['Britain']) });
    expect(list.length).toBeGreaterThan(190);
    expect([...list].map((c) => c.name)).toEqual(list.map((c) => c.name).sort((a, b) => a.localeCompare(b)));
  });
  // coordinates and zones from memory, to a tenth of a degree
  test.each([
    ['GB', 'alnw', 'Alnwick', 55.4, -1.7, 'Europe/London'],
    ['US', 'des moines', 'Des Moines', 41.6, -93.6, 'America/Chicago'],
    ['ES', 'malaga', 'Málaga', 36.7, -4.4, 'Europe/Madrid'],
    ['NZ', 'Dune', 'Dunedin', -45.9, 170.5, 'Pacific/Auckland'],
    ['BF', 'ouaga', 'Ouagadougou', 12.4, -1.5, 'Africa/Ouagadougou'],
    ['IN', 'pune', 'Pune', 18.5, 73.9, 'Asia/Kolkata'],
    ['CA', 'regina', 'Regina', 50.5, -104.6, 'America/Regina'],
  ])('%s, “%s”: %s', async (country, q, name, latitude, longitude, zone) => {
    const [first] = await towns(country, q);
    expect(first).toMatchObject({ name, country, zone });
    expect(Math.abs((first?.latitude ?? 0) - latitude)).toBeLessThan(0.15);
    expect(Math.abs((first?.longitude ?? 0) - longitude)).toBeLessThan(0.15);
  });
  test('nothing typed brings the largest, nonsense brings none, and never more than fit', async () => {
    expect((await towns('NZ', ''))[0]?.name).toBe('Auckland');
    expect(await towns('NZ', 'xqxq')).toEqual([]);
    expect((await towns('US', 'a')).length).toBeLessThanOrEqual(12);
    expect(await towns('ZZ', 'a')).toEqual([]);
  });
  test('the zone of any place is one that clocks know', async () => {
    for (const [latitude, longitude] of [
      [55.2, -1.9],
      [-33.9, 18.4],
      [64.1, -21.9],
      [0, -160],
      [89, 0],
    ]) {
      const { zone } = (await api.get(`/api/v1/places/zone?latitude=${latitude}&longitude=${longitude}`).expect(200)).body as { zone: string };
      expect(() => new Intl.DateTimeFormat('en', { timeZone: zone })).not.toThrow();
    }
    await api.get('/api/v1/places/zone?latitude=99&longitude=0').expect(422);
    await api.get('/api/v1/places/towns?country=Britain').expect(422);
  });
  test('what follows from a country is proposed, and nothing where it is not known', () => {
    expect([unitsOf('US'), unitsOf('GB'), unitsOf('AU'), unitsOf('BF')]).toEqual(['us', 'imperial', 'australian', 'metric']);
    expect([emergencyOf('GB'), emergencyOf('AT'), emergencyOf('NZ'), emergencyOf('BF')]).toEqual(['999', '112', '111', null]);
    expect([homeMadeIn('GB'), homeMadeIn('FR')]).toEqual(['not-allowed', 'not-known']);
  });
  test('a garden keeps its country through a restart, and takes none that is not one', async () => {
    const before = gardenSchema.parse((await api.get('/api/v1/garden')).body);
    await api
      .put('/api/v1/garden')
      .send({ ...before, country: 'NZ', setUp: true })
      .expect(200);
    expect((await h.restart().get('/api/v1/garden')).body).toMatchObject({ country: 'NZ' });
    await h
      .restart()
      .put('/api/v1/garden')
      .send({ ...before, revision: 1, country: 'Zealand', setUp: true })
      .expect(422);
  });
});

test('a keep-out under glass says that it is all of it', async () => {
  const h = harness({ demo: false });
  const api = h.start();
  for (const [site, enclosed] of [
    ['tunnel', true],
    ['outdoors', false],
  ] as const) {
    const bed = planting({ site, place: 'House' });
    await api.put(`/api/v1/plantings/${bed.id}`).send(bed).expect(200);
    const t = treatment(bed.id, null);
    await api.put(`/api/v1/treatments/${t.id}`).send(t).expect(200);
    const { keepOut } = (await api.get('/api/v1/today').expect(200)).body as { keepOut: { plantingId: string; enclosed: boolean }[] };
    expect(keepOut.find((c) => c.plantingId === bed.id)).toMatchObject({ enclosed });
  }
  h.stop();
});
