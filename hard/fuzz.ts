import { randomUUID } from 'node:crypto';
import { randomFrom, type Server } from './server';

interface Document {
  readonly paths: Readonly<Record<string, Readonly<Record<string, { readonly responses: Readonly<Record<string, unknown>> }>>>>;
}

const METHODS = ['get', 'put', 'post', 'delete', 'patch'] as const;
const ODD = [
  null,
  '',
  ' ',
  0,
  -1,
  1e308,
  -1e300,
  2 ** 53 - 1,
  0.1,
  'x'.repeat(9000),
  '\u0000',
  '=1+1',
  '../../etc/passwd',
  '9999-12-31T23:59:59.999Z',
  '2026-02-30',
  'NaN',
  [],
  {},
  [[[]]],
  true,
  '0197a000-0000-7000-8000-000000000001',
  '__proto__',
] as const;
const QUERIES = [
  '',
  '?before=x~y',
  '?before=~',
  '?planting=%00',
  '?hours=1e9',
  '?hours=-1',
  '?from=never',
  '?look=x',
  '?country=&q=',
  '?latitude=NaN&longitude=1e400',
  '?except=' + 'z'.repeat(500),
  '?status[]=a&status[]=b',
  '?have=%F0%9F',
];

/**
 * Every route of the API's own description, with bodies that were whole and then spoiled, odd ids, queries and kinds.
 * @returns how many were sent, answers of 500 and above, and answers that the description does not know
 */
export async function fuzz(server: Server, times: number): Promise<{ fuzzed: number; status5xx: number; undeclared: readonly string[] }> {
  const { next, one, upTo } = randomFrom(16);
  const doc = await server.read<Document>('/openapi.json');
  const routes = Object.entries(doc.paths).flatMap(([path, operations]) =>
    METHODS.flatMap((m) => (operations[m] ? [{ method: m, path, declared: operations[m].responses }] : [])),
  );
  const whole = new Map<string, readonly unknown[]>();
  for (const list of ['/plantings', '/cases', '/shed-items', '/sprayers', '/batches', '/walks', '/confirmations', '/sheets'])
    whole.set(list, await server.read<unknown[]>(list));
  whole.set('/treatments', (await server.read<{ treatments: unknown[] }>('/treatments')).treatments);
  whole.set('/garden', [await server.read('/garden')]);
  const cases = await server.read<{ id: string }[]>('/cases');
  whole.set(
    '/looks',
    (await Promise.all(cases.map((c) => server.read<{ looks: unknown[] }>(`/cases/${c.id}`)))).flatMap((d) => d.looks),
  );

  const spoil = (value: unknown, depth = 0): unknown => {
    if (next() < 0.25 || depth > 3) return one(ODD);
    if (Array.isArray(value))
      return next() < 0.3 ? Array.from({ length: upTo(300) }, () => value[0]) : value.map((v, i) => (i === 0 ? spoil(v, depth + 1) : (v as unknown)));
    if (typeof value !== 'object' || value === null) return one(ODD);
    const keys = Object.keys(value);
    const key = one(keys.length > 0 ? keys : ['id']);
    const changed = { ...value, [key]: spoil((value as Record<string, unknown>)[key], depth + 1) };
    return next() < 0.2 ? { ...changed, [`extra${upTo(9)}`]: one(ODD) } : changed;
  };
  let status5xx = 0;
  let fuzzed = 0;
  const undeclared = new Set<string>();
  const shoot = async () => {
    const route = one(routes);
    const [, collection = ''] = route.path.split('/');
    const list = whole.get(`/${collection}`) ?? [];
    const model = one(list.length > 0 ? list : [{ id: randomUUID() }]) as { id?: string };
    const id = next() < 0.6 ? (model.id ?? randomUUID()) : next() < 0.5 ? randomUUID() : encodeURIComponent(String(one(ODD)).slice(0, 300) || 'x');
    const path = route.path.replace(/\{[^}]+\}/g, id) + (next() < 0.5 ? one(QUERIES) : '');
    const body =
      route.method === 'get' || route.method === 'delete'
        ? undefined
        : next() < 0.1
          ? one(['{', 'null', '[]', '"x"', '{"a":'.repeat(400), ''])
          : next() < 0.15
            ? model
            : spoil(model);
    const type = next() < 0.9 ? 'application/json' : one(['text/csv', 'image/jpeg', 'application/xml', 'application/json; charset=utf-7']);
    const response = await server.ask(route.method.toUpperCase(), path, body, type);
    await response.arrayBuffer();
    fuzzed++;
    if (response.status >= 500) {
      status5xx++;
      process.stderr.write(`${response.status} ${route.method} ${path} ${JSON.stringify(body)?.slice(0, 300)}\n`);
    }
    if (!(String(response.status) in route.declared) && response.status !== 304) undeclared.add(`${route.method} ${route.path} ${response.status}`);
  };
  await Promise.all(
    Array.from({ length: 8 }, async () => {
      while (fuzzed < times) await shoot();
    }),
  );
  return { fuzzed, status5xx, undeclared: [...undeclared].sort() };
}
