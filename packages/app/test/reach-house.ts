import { UNSET_GARDEN, type Case, type CaseDetail, type Planting, type TreatmentPage } from '@sleetbrook/core/api';
import { answererOf, Refusal, SNAPSHOT_KIND, type Ask, type KeptPlanting, type Snapshot } from '@sleetbrook/core/house';

export const NOW = '2026-05-24T18:10:00.000Z';
export const id = (n: number) => `0197a000-0000-7000-8000-${String(n).padStart(12, '0')}`;

export const BEANS: Planting = {
  id: id(1),
  revision: 1,
  name: 'Broad beans',
  hostId: 'broad-bean',
  place: 'Terrace',
  site: 'outdoors',
  stage: 'flowering',
  edible: true,
  dense: true,
  tolerance: 'usual',
  heightM: null,
  trunkCm: null,
  about: [],
  noFlowerOn: null,
  stageOn: null,
  areaM2: 20,
  pickFrom: null,
  pickUntil: null,
};

const EMPTY: Snapshot = {
  kind: SNAPSHOT_KIND,
  mark: 'a.0',
  clock: { now: NOW, fixed: true },
  demo: false,
  version: '0.1.0',
  garden: { ...UNSET_GARDEN, revision: 1, setUp: true },
  plantings: [{ ...BEANS, deleted: false }],
  looks: [],
  cases: [],
  treatments: [],
  walks: [],
  shed: [],
  batches: [],
  sprayers: [],
  sheets: [],
  removedSheets: [],
  confirmations: [],
  photos: [],
  milestones: [],
  hushes: [],
  skies: [],
  readings: [],
  hours: [],
  madeUp: [],
  warnings: { asOf: NOW, seesUntil: null, warnings: [], blind: [] },
};

/** How the way to the house is. */
export type Way = 'open' | 'down' | 'request-lost' | 'answer-lost' | 'busy' | 'too-many' | 'shut';

/** A house that really answers, behind a way that fails as it is told. */
export function houseOnTheWire() {
  const answer = answererOf(EMPTY, () => new Date(NOW));
  const seen: { readonly method: string; readonly path: string; readonly status: number }[] = [];
  const asked: string[] = [];
  const looks = new Set<string>();
  let changes = 0;
  let way: () => Way = () => 'open';

  const tell = <T>(path: string): T => structuredClone(answer({ method: 'GET', path })?.body) as T;
  const snapshot = (): Snapshot => {
    const cases = [...tell<Case[]>('/cases?status=open'), ...tell<Case[]>('/cases?status=cleared')];
    const details = cases.map((c) => tell<CaseDetail>(`/cases/${c.id}`));
    return {
      ...EMPTY,
      mark: `a.${changes}`,
      garden: tell('/garden'),
      plantings: tell<Planting[]>('/plantings').map((p): KeptPlanting => ({ ...p, deleted: false })),
      cases,
      looks: [...looks].map((l) => tell(`/looks/${l}`)),
      photos: details.flatMap((d) => d.photos),
      treatments: tell<TreatmentPage>('/treatments').treatments,
      shed: tell('/shed-items'),
      sprayers: tell('/sprayers'),
      sheets: [],
      confirmations: tell('/confirmations'),
      milestones: tell('/milestones'),
      hushes: tell('/hushes'),
      readings: tell('/readings'),
    };
  };
  const respond = (status: number, body: unknown) => {
    const text = body === null ? '' : JSON.stringify(body);
    return { ok: status < 400, status, json: async () => JSON.parse(text) as unknown } as Response;
  };
  const handle = (ask: Ask): Response => {
    if (ask.path === '/pulse') return respond(200, { mark: `a.${changes}` });
    if (ask.path.startsWith('/snapshot')) return ask.path.endsWith(`=a.${changes}`) ? respond(204, null) : respond(200, snapshot());
    try {
      const told = answer(ask);
      if (ask.method !== 'GET') changes++;
      if (ask.path.startsWith('/looks/')) looks.add(ask.path.slice('/looks/'.length));
      return told ? respond(told.body === null ? 204 : 200, told.body) : respond(404, { type: 'about:blank', title: 'Not found', status: 404 });
    } catch (e) {
      if (!(e instanceof Refusal)) throw e;
      return respond(e.status, { type: 'about:blank', title: e.title, status: e.status, detail: e.detail, errors: e.errors });
    }
  };

  globalThis.fetch = (async (url: string, init: RequestInit = {}) => {
    const path = String(url).replace('/api/v1', '');
    const method = (init.method ?? 'GET') as Ask['method'];
    const is = way();
    asked.push(path);
    if (is === 'down' || is === 'request-lost') throw new TypeError('Failed to fetch');
    if (is === 'too-many') return respond(429, { type: 'about:blank', title: 'Too many requests', status: 429 });
    if (is === 'shut') return respond(401, { type: 'about:blank', title: 'Not let in', status: 401, detail: 'This device is not let in.' });
    if (is === 'busy') return respond(503, { type: 'about:blank', title: 'Busy', status: 503 });
    const body =
      typeof init.body === 'string'
        ? (JSON.parse(init.body) as unknown)
        : init.body instanceof Blob
          ? { width: 4, height: 3, bytes: init.body.size }
          : undefined;
    const response = handle({ method, path, body });
    if (method !== 'GET') seen.push({ method, path, status: response.status });
    if (is === 'answer-lost') throw new TypeError('Failed to fetch');
    return response;
  }) as typeof fetch;

  return {
    seen,
    /** Every address that was asked. */
    asked,
    tell,
    /** Somebody else, at home. */
    other: (ask: Ask) => {
      answer(ask);
      changes++;
    },
    be: (next: Way | (() => Way)) => {
      way = typeof next === 'function' ? next : () => next;
    },
  };
}
