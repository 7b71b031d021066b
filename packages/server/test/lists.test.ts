import { LIST_A_PAGE, type Planting, type ShedItem } from '@sleetbrook/core/api';
import { plantingStore } from '../src/plantings/store';
import { harness, planting } from './harness';

const MORE = 7;
const many = Array.from(
  { length: LIST_A_PAGE + MORE },
  (_, i) => planting({ name: `Row ${String(i).padStart(4, '0')}`, revision: 1, noFlowerOn: null, stageOn: null }) as unknown as Planting,
);
const h = harness({ demo: false });
let api: ReturnType<typeof h.start>;
beforeAll(() => {
  api = h.start(undefined, (db) => {
    const store = plantingStore(db);
    if (store.list().length === 0) db.transaction(() => many.forEach(store.save))();
  });
});
afterAll(() => h.stop());

const read = async (url: string) => {
  const res = await api.get(url).expect(200);
  return { list: res.body as { id: string }[], next: /^<(.+)>; rel="next"$/.exec(res.headers['link'] ?? '')?.[1] ?? null };
};

test('more plantings than one answer holds are told in parts, each leading to the next, and nothing is cut', async () => {
  const first = await read('/api/v1/plantings');
  expect(first.list).toHaveLength(LIST_A_PAGE);
  // told again from memory, it leads on just so
  expect(await read('/api/v1/plantings')).toEqual(first);
  const second = await read(first.next ?? '');
  expect([second.list.length, second.next]).toEqual([MORE, null]);
  expect(new Set([...first.list, ...second.list].map((p) => p.id))).toEqual(new Set(many.map((p) => p.id)));
});

test('a part that is asked for by one that has gone since is refused in words', async () => {
  const { next } = await read('/api/v1/plantings');
  const last = new URL(next ?? '', 'http://x').searchParams.get('after') ?? '';
  await api.delete(`/api/v1/plantings/${last}`).expect(204);
  const res = await api.get(next ?? '').expect(409);
  expect(res.body).toMatchObject({ title: 'Changed meanwhile', detail: expect.stringContaining('from its beginning') as unknown });
});

test.each(['/shed-items', '/batches', '/sprayers', '/sheets', '/confirmations', '/plantings'])('%s knows where a part begins', async (path) => {
  const { list } = await read(`/api/v1${path}`);
  const keys = (list as unknown as (ShedItem & { sheetId?: string; version?: number })[]).map((x) => x.id ?? `${x.sheetId}/${x.version}`);
  if (keys[0]) expect((await read(`/api/v1${path}?after=${encodeURIComponent(keys[0])}`)).list[0]).toEqual(list[1]);
  await api.get(`/api/v1${path}?after=nothing-of-the-kind`).expect(409);
});
